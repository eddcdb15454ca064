package oddcradle.core.strength;

import java.util.Optional;
import oddcradle.core.section.Tube;

/**
 * Tubes, boxes and plates welded onto the wall of a round tube, alone there. EN 1993-1-8, tables 7.2, 7.3 and 7.5, of T, X and Y joints
 * (from memory); its partial factor of 1. Meant for walls of a tenth to a fiftieth of the diameter and angles from 30 degrees; a thicker wall
 * counts as a tenth, which is less than it bears.
 */
public final class RoundChord {
    private static final double SHARPEST = Math.toRadians(30);
    private static final double THICKEST = 10;
    private static final double THINNEST = 50;
    private static final double NARROWEST = 0.2;
    private static final double LONGEST = 4;
    private static final double SAME = 1.001;

    private RoundChord() {}

    /**
     * A round tube that ends on it, from a fifth of its diameter to as wide.
     *
     * @param angle between them, rad
     * @param strength of the chord's metal, Pa
     * @param works greatest stress in the chord there over its strength, 0 to 1
     * @return empty where the formulas are not meant for the two
     */
    public static Optional<ChordWall> tube(Tube chord, Tube brace, double angle, double strength, double works) {
        double beta = brace.od() / chord.od();
        if (!isMeant(chord) || angle < SHARPEST - 1e-9 || beta < NARROWEST || beta > SAME) {
            return Optional.empty();
        }
        double t = wall(chord);
        double d = brace.od();
        double sine = Math.sin(angle);
        double ratio = Math.min(1, beta);
        double gamma = chord.od() / (2 * t);
        double wall = pressed(works) * strength * t * t / sine;
        ChordWall folds = new ChordWall(
                Math.pow(gamma, 0.2) * wall * (2.8 + 14.2 * ratio * ratio),
                4.85 * wall * d * Math.sqrt(gamma) * ratio,
                2.7 * wall * d / (1 - 0.81 * ratio),
                true);
        if (d > chord.od() - 2 * t) {
            return Optional.of(folds);
        }
        double shear = strength / Math.sqrt(3) * t / (4 * sine * sine);
        return Optional.of(folds.orLess(
                shear * 2 * Math.PI * d * (1 + sine), shear * d * d * (1 + 3 * sine), shear * d * d * (3 + sine)));
    }

    /** A box or a boxed tab that stands square on it, no wider than the chord; strength in Pa, works a ratio. */
    public static Optional<ChordWall> box(Tube chord, Footprint foot, double strength, double works) {
        return onFoot(chord, foot, strength, works, 4);
    }

    /** A flat plate on edge, along the tube or across it; strength in Pa, works a ratio. */
    public static Optional<ChordWall> plate(Tube chord, Footprint foot, double strength, double works) {
        double shear = 2 * wall(chord) * strength / Math.sqrt(3);
        double length = Math.max(foot.along(), foot.across());
        boolean lengthwise = foot.along() >= foot.across();
        // The other way it bends the wall over its own thickness only, and tears nothing out.
        return onFoot(chord, foot, strength, works, lengthwise ? 5 : 4)
                .map(folds -> folds.orLess(
                        shear * length,
                        lengthwise ? shear * length * length / 6 : Double.POSITIVE_INFINITY,
                        lengthwise ? Double.POSITIVE_INFINITY : shear * length * length / 6));
    }

    private static Optional<ChordWall> onFoot(Tube chord, Footprint foot, double strength, double works, double least) {
        double beta = foot.across() / chord.od();
        if (!isMeant(chord) || beta > SAME) {
            return Optional.empty();
        }
        double longer = 1 + 0.25 * Math.min(LONGEST, foot.along() / chord.od());
        double wall = pressed(works) * strength * wall(chord) * wall(chord);
        double axial = wall * Math.max(least, 4 + 20 * beta * beta) * longer;
        return Optional.of(new ChordWall(axial, foot.along() * axial, foot.across() * axial / 2, false));
    }

    private static boolean isMeant(Tube chord) {
        return chord.od() <= THINNEST * chord.wall();
    }

    private static double wall(Tube chord) {
        return Math.min(chord.wall(), chord.od() / THICKEST);
    }

    /** What is left of a wall that is pressed along itself. */
    private static double pressed(double works) {
        return Math.min(1, 1 - 0.3 * works * (1 + works));
    }
}
