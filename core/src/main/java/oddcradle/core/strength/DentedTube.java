package oddcradle.core.strength;

/**
 * What a dent leaves of a round tube: pressed along itself {@code exp(-0.08 h/t)} of its strength, bent {@code exp(-0.06 h/t)}, with h the depth of the dent and t
 * the wall. ISO 19902, 13.7.3 (from memory); meant for dents up to ten walls deep and three tenths of the diameter.
 *
 * @param asColumn a ratio, 0 to 1
 * @param bent a ratio, 0 to 1
 */
public record DentedTube(double asColumn, double bent) {
    /** Walls. */
    private static final double DEEPEST = 10;

    private static final double OF_DIAMETER = 0.3;

    public static final DentedTube SOUND = new DentedTube(1, 1);

    /** @param depth of the dent, 0: none; depth and wall in m */
    public static DentedTube of(double depth, double wall) {
        return depth <= 0 || wall <= 0
                ? SOUND
                : new DentedTube(Math.exp(-0.08 * depth / wall), Math.exp(-0.06 * depth / wall));
    }

    /** Whether the formulas are meant for it; sizes in m. */
    public static boolean isMeant(double depth, double wall, double diameter) {
        return depth <= DEEPEST * wall && depth <= OF_DIAMETER * diameter;
    }
}
