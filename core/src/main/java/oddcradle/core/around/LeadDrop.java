package oddcradle.core.around;

import oddcradle.core.math.Guard;

/** Volts lost along a copper lead: {@code I rho L / A}, exact at one temperature. */
public final class LeadDrop {
    /** Copper at 20 °C, ohm m; handbook value from memory. */
    private static final double COPPER = 1.72e-8;

    private LeadDrop() {}

    /**
     * @param current A
     * @param length m
     * @param area of its copper, m2
     * @return V
     */
    public static double of(double current, double length, double area) {
        Guard.notNegative("current", current, "A");
        Guard.notNegative("length", length, "m");
        Guard.positive("area", area, "m2");
        return current * COPPER * length / area;
    }
}
