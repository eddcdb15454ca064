package oddcradle.core.mounting;

import oddcradle.core.math.Guard;

/**
 * Two like pads that lean toward each other, so that they hold what stands on them about a point above themselves. Statics of
 * springs, exact; Harris' Shock and Vibration Handbook, ch. 30 (from memory).
 *
 * @param vertical of the pair, N/m
 * @param lateral along the line between them, N/m
 * @param longitudinal across both, N/m
 * @param elasticCentreHeight above the pads, m: a lateral force there causes no roll
 * @param roll about the longitudinal axis through the elastic centre, N m/rad
 */
public record InclinedPair(
        double vertical, double lateral, double longitudinal, double elasticCentreHeight, double roll) {
    /**
     * @param compression of one pad along its axis, N/m
     * @param shear across, N/m
     * @param angle of the axes from the vertical, rad, 0 to a right angle
     * @param halfSpacing m
     */
    public static InclinedPair of(double compression, double shear, double angle, double halfSpacing) {
        Guard.positive("compression_stiffness", compression, "N/m");
        Guard.positive("shear_stiffness", shear, "N/m");
        // With room for a file that rounds pi.
        Guard.within("angle", angle, 0, Math.PI / 2 + 1e-6, "rad");
        Guard.positive("half_spacing", halfSpacing, "m");
        double sine = Math.sin(angle);
        double cosine = Math.cos(angle);
        double upright = compression * cosine * cosine + shear * sine * sine;
        double sideways = compression * sine * sine + shear * cosine * cosine;
        double coupled = (compression - shear) * sine * cosine;
        double height = halfSpacing * coupled / sideways;
        return new InclinedPair(
                2 * upright,
                2 * sideways,
                2 * shear,
                height,
                2 * halfSpacing * (upright * halfSpacing - coupled * height));
    }
}
