package oddcradle.core.strength;

import oddcradle.core.section.Tube;

/**
 * What the wall of a round tube gives under another that ends on it, beside what both give as beams. Fessler, Mockford and Webster,
 * Proceedings of the Institution of Civil Engineers, 1986, single braces (from memory): {@code 1.95 g^2.15 (1-b)^1.3 sin^2.19 / (E D)} along the
 * brace, {@code 134 g^1.73 exp(-4.52 b) sin^1.22 / (E D^3)} in the plane of both, {@code 85.5 g^2.2 exp(-3.85 b) sin^2.16 / (E D^3)} out of it, with b the
 * ratio of the diameters and g the chord's radius over its wall. Meant for g of 10 to 20 and b of 0.3 to 0.8; stouter chords give so little that
 * the formulas may run on, wider braces count as what they are up to 1.
 *
 * @param axial m/N
 * @param inPlane rad/(N m)
 * @param outOfPlane rad/(N m)
 */
public record JointFlexibility(double axial, double inPlane, double outOfPlane) {
    private static final double NARROWEST = 0.3;

    /**
     * @param angle between the two, above 0 to a right angle, rad
     * @param youngsModulus of the chord, Pa
     */
    public static JointFlexibility of(Tube chord, Tube brace, double angle, double youngsModulus) {
        double b = Math.max(NARROWEST, Math.min(1, brace.od() / chord.od()));
        double g = chord.od() / (2 * chord.wall());
        double sin = Math.sin(angle);
        double ed = youngsModulus * chord.od();
        double edd = ed * chord.od() * chord.od();
        return new JointFlexibility(
                1.95 * Math.pow(g, 2.15) * Math.pow(1 - b, 1.3) * Math.pow(sin, 2.19) / ed,
                134 * Math.pow(g, 1.73) * Math.exp(-4.52 * b) * Math.pow(sin, 1.22) / edd,
                85.5 * Math.pow(g, 2.2) * Math.exp(-3.85 * b) * Math.pow(sin, 2.16) / edd);
    }
}
