package oddcradle.core.strength;

import oddcradle.core.section.Tube;

/**
 * A round tube welded onto the wall of another, alone: what the other's wall bears before it folds in or tears out. EN 1993-1-8, tables
 * 7.2 and 7.5, of T, X and Y joints (from memory); its partial factor of 1. Meant for diameters from 0.2 of each other's, walls of a
 * tenth to a fiftieth of the diameter, and angles from 30 degrees.
 *
 * @param axial N
 * @param inPlane bending moment in the plane of both tubes, N m
 * @param outOfPlane N m
 */
public record TubeOnTube(double axial, double inPlane, double outOfPlane) {
    private static final double SHARPEST = Math.toRadians(30);
    private static final double THICKEST = 10;
    private static final double THINNEST = 50;
    private static final double NARROWEST = 0.2;

    /**
     * @param chord the tube that is welded onto
     * @param brace the one that ends on it
     * @param angle between them, rad
     * @param strength of the chord's metal, Pa
     * @param chordStress greatest in the chord there over its strength, 0 to 1
     */
    public static TubeOnTube of(Tube chord, Tube brace, double angle, double strength, double chordStress) {
        double t = chord.wall();
        double d = brace.od();
        double sine = Math.sin(Math.max(angle, SHARPEST));
        double beta = Math.min(1, d / chord.od());
        double gamma = chord.od() / (2 * t);
        double used = Math.min(1, Math.max(0, chordStress));
        double pressed = Math.min(1, 1 - 0.3 * used * (1 + used));
        double wall = strength * t * t;
        double axial = pressed * Math.pow(gamma, 0.2) * wall / sine * (2.8 + 14.2 * beta * beta);
        double inPlane = pressed * 4.85 * wall * d * Math.sqrt(gamma) * beta / sine;
        double outOfPlane = pressed * 2.7 * wall * d / (1 - 0.81 * beta) / sine;
        if (d <= chord.od() - 2 * t) {
            double shear = strength / Math.sqrt(3) * t;
            axial = Math.min(axial, shear * Math.PI * d * (1 + sine) / (2 * sine * sine));
            inPlane = Math.min(inPlane, shear * d * d * (1 + 3 * sine) / (4 * sine * sine));
            outOfPlane = Math.min(outOfPlane, shear * d * d * (3 + sine) / (4 * sine * sine));
        }
        return new TubeOnTube(axial, inPlane, outOfPlane);
    }

    /** Whether the formulas are meant for such tubes; angle between them, rad. */
    public static boolean isMeantFor(Tube chord, Tube brace, double angle) {
        double thinness = chord.od() / chord.wall();
        return angle >= SHARPEST - 1e-9
                && thinness >= THICKEST
                && thinness <= THINNEST
                && brace.od() / chord.od() >= NARROWEST
                && brace.od() <= chord.od() * 1.001;
    }

    /** Share of what the wall bears, all three together: {@code N/Nr + (Mi/Mir)² + Mo/Mor}; sizes, N and N m. */
    public double utilisation(double force, double momentInPlane, double momentOutOfPlane) {
        double within = momentInPlane / inPlane;
        return Math.abs(force) / axial + within * within + Math.abs(momentOutOfPlane) / outOfPlane;
    }
}
