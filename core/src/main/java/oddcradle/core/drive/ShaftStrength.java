package oddcradle.core.drive;

import oddcradle.core.math.Guard;
import oddcradle.core.section.Round;
import oddcradle.core.section.Section;
import oddcradle.core.section.Tube;

/**
 * What bending, torsion and a key do to a shaft, and how long its bearings last.
 *
 * <p>Source: Shigley, Mechanical Engineering Design (bending, torsion, keys) and ISO 281 (bearings), from memory.
 */
public final class ShaftStrength {
    /** A keyway takes a quarter of the strength: ASME shafting code (1927), from memory. */
    private static final double KEYWAY = 0.75;

    private static final double MILLION = 1e6;

    private ShaftStrength() {}

    /**
     * Von Mises stress at the surface, Pa, with the keyway's quarter where there is one.
     *
     * @param moment bending, N m
     * @param torque N m
     */
    public static double stress(double od, double bore, double moment, double torque, boolean keyed) {
        Section section = bore == 0 ? new Round(od) : new Tube(od, (od - bore) / 2);
        double bending = section.bendingStress(moment, 0);
        double shear = section.torsionStress(torque);
        return Math.sqrt(bending * bending + 3 * shear * shear) / (keyed ? KEYWAY : 1);
    }

    /** Hours that nine bearings in ten reach: ISO 281, ball bearings, (C / P)^3 million turns; endless without load. */
    public static double lifeHours(double rating, double load, double speed) {
        Guard.positive("rating", rating, "N");
        if (load == 0 || speed == 0) {
            return Double.POSITIVE_INFINITY;
        }
        double turns = Math.pow(rating / load, 3) * MILLION;
        return turns / (speed / (2 * Math.PI)) / 3600;
    }

    /**
     * Length a key needs so that its side is not crushed, m: half its height bears the force at the shaft's surface. Common
     * practice; the hub's side is taken as deep as the shaft's.
     *
     * @param depth of the keyway in the shaft, m
     * @param pressure that the softer part may bear, Pa
     */
    public static double keyLength(double torque, double od, double depth, double pressure) {
        return 2 * torque / (od * depth * pressure);
    }
}
