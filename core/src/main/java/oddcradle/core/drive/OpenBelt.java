package oddcradle.core.drive;

import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Roots;

/**
 * An open belt on two pulleys of given pitch diameters.
 *
 * <p>Length {@code 2 C cos a + pi (D + d) / 2 + a (D - d)} with {@code sin a = (D - d) / 2C}, exact for a thin belt. Source:
 * Shigley, Mechanical Engineering Design, flexible elements (from memory).
 *
 * @param length along the pitch line, m
 * @param wrapSmall angle of belt on the smaller pulley, rad
 * @param wrapLarge rad
 */
public record OpenBelt(double length, double wrapSmall, double wrapLarge) {
    /**
     * Diameters and centre distance in m.
     *
     * @throws InvalidValue if the pulleys would touch
     */
    public static OpenBelt of(double oneDiameter, double otherDiameter, double centre) {
        Guard.positive("diameter", oneDiameter, "m");
        Guard.positive("diameter", otherDiameter, "m");
        double large = Math.max(oneDiameter, otherDiameter);
        double small = Math.min(oneDiameter, otherDiameter);
        if (!(centre > (large + small) / 2)) {
            throw new InvalidValue(
                    "centre",
                    "is " + centre + " m, must be more than the two pulley radii together, " + (large + small) / 2
                            + " m; the pulleys overlap");
        }
        double half = Math.asin((large - small) / (2 * centre));
        return new OpenBelt(
                2 * centre * Math.cos(half) + Math.PI * (large + small) / 2 + half * (large - small),
                Math.PI - 2 * half,
                Math.PI + 2 * half);
    }

    /**
     * Centre distance at which a belt of this length is just taut, m.
     *
     * @throws InvalidValue if the belt is too short to go round both
     */
    public static double centreFor(double length, double oneDiameter, double otherDiameter) {
        double least = (oneDiameter + otherDiameter) / 2 * (1 + 1e-9);
        if (length <= of(oneDiameter, otherDiameter, least).length()) {
            throw new InvalidValue(
                    "beltLength",
                    "is " + length + " m, too short to go round both pulleys; take one longer than "
                            + of(oneDiameter, otherDiameter, least).length() + " m");
        }
        // Half its length is farther than any centre, for it goes there and back.
        return Roots.between(
                least, length / 2, at -> of(oneDiameter, otherDiameter, at).length() - length);
    }

    /**
     * Diameter of the other pulley that a belt of this length leaves, m: of a variator's driven clutch.
     *
     * @throws InvalidValue if no diameter from 0 to just under touching takes up the belt
     */
    public static double otherDiameter(double length, double diameter, double centre) {
        double low = 1e-6;
        double high = 2 * centre - diameter - 1e-9;
        if (high <= low
                || of(diameter, low, centre).length() > length
                || of(diameter, high, centre).length() < length) {
            throw new InvalidValue(
                    "beltLength",
                    "is " + length + " m; no other pulley fits it at a centre distance of " + centre
                            + " m, set the shafts at another distance or take another belt");
        }
        return Roots.between(low, high, other -> of(diameter, other, centre).length() - length);
    }

    /**
     * Greatest ratio of the pulls of the two runs before the belt slips, {@code e^(mu wrap / sin(wedge / 2))}: Euler and
     * Eytelwein, the wedge pressing a V-belt harder.
     */
    public static double pullRatio(double friction, double wrap, double wedgeAngle) {
        double wedged = wedgeAngle == 0 ? friction : friction / Math.sin(wedgeAngle / 2);
        return Math.exp(wedged * wrap);
    }

    /**
     * Side force on the shafts of a belt that just carries a pull without slipping, N: both runs together, along the centres.
     *
     * @param pull difference of the runs, N
     */
    public double sideForce(double pull, double friction, double wedgeAngle) {
        double ratio = pullRatio(friction, wrapSmall, wedgeAngle);
        double slack = pull / (ratio - 1);
        return (2 * slack + pull) * Math.sin(wrapSmall / 2);
    }

    /**
     * How much further out a V-belt rides that is wider than it was, m: a wider belt stands higher in the groove by half the
     * difference over the tangent of half the wedge.
     */
    public static double rideHeight(double wider, double wedgeAngle) {
        return wider / 2 / Math.tan(wedgeAngle / 2);
    }
}
