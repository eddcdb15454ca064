package oddcradle.core.around;

import oddcradle.core.math.Guard;

/**
 * What a copper lead in a loom carries all day without its insulation going soft: 11 A for the first square millimetre, and as area to
 * the power of 0.66 beyond. Common practice for thin-walled wire of vehicles; wire books and local codes come first.
 */
public final class LeadFuse {
    private static final double FIRST = 11;
    private static final double SQUARE_MILLIMETRE = 1e-6;
    private static final double GROWTH = 0.66;

    private LeadFuse() {}

    /**
     * @param area of its copper, m2, more than 0
     * @return A; common practice
     */
    public static double largest(double area) {
        Guard.positive("area", area, "m2");
        return FIRST * Math.pow(area / SQUARE_MILLIMETRE, GROWTH);
    }
}
