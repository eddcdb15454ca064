package oddcradle.core.around;

import oddcradle.core.math.Guard;

/**
 * Heat that must leave with the coolant, and what a radiator takes.
 *
 * @param heat that leaves with the coolant, W
 * @param airRise how much warmer the air leaves if all of that goes into it, K
 * @param coolantOverAir how much hotter than the air before it the coolant must be, K
 */
public record Radiator(double heat, double airRise, double coolantOverAir) {
    /** kg/m3, at 25 °C. */
    private static final double AIR_DENSITY = 1.184;

    private static final double AIR_HEAT = 1006;

    /** What a core takes of the greatest heat that its air could carry; common practice for a core of one or two rows. */
    static final double EFFECTIVENESS = 0.5;

    /**
     * @param power at the crank, W
     * @param share heat into the coolant over power at the crank: about 1 for a spark engine, 0.8 for a diesel (Heywood, from memory)
     * @param face area of the core that the air meets, m2
     * @param airSpeed before the core, m/s
     */
    public static Radiator of(double power, double share, double face, double airSpeed) {
        Guard.positive("power", power, "W");
        Guard.within("share", share, 0.05, 3, "");
        Guard.within("face", face, 1e-4, 10, "m2");
        Guard.within("airSpeed", airSpeed, 0.1, 100, "m/s");
        double heat = power * share;
        double rise = heat / (AIR_DENSITY * AIR_HEAT * face * airSpeed);
        return new Radiator(heat, rise, rise / EFFECTIVENESS);
    }
}
