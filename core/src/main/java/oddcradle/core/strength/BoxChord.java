package oddcradle.core.strength;

import java.util.Optional;
import oddcradle.core.math.Guard;

/**
 * Tubes, boxes and plates welded onto a face of a box tube, alone there. EN 1993-1-8, tables 7.11, 7.13 and 7.14, of T, X and Y joints
 * (from memory); its partial factor of 1. Meant for faces and sides up to 35 walls wide, sides of half to twice the face, and angles from
 * 30 degrees.
 *
 * @param face width of the face that carries, m
 * @param side depth behind it, m
 * @param wall m
 * @param strength of the metal, Pa
 * @param modulus of elasticity, Pa
 * @param works greatest stress along the tube there over its strength, 0 to 1
 */
public record BoxChord(double face, double side, double wall, double strength, double modulus, double works) {
    private static final double SHARPEST = Math.toRadians(30);
    private static final double THINNEST = 35;
    private static final double NARROWEST = 0.25;
    private static final double FLATTEST = 0.5;
    /** Up to that share of the face the face gives; wider braces press the sides. */
    private static final double FACE_GIVES = 0.85;

    /**
     * Arm of what a plate's edge pulls and presses when it is bent in its own plane, of its length: yield lines under a stiff rectangle tell half as much again as
     * solid models of plates bear.
     */
    private static final double OF_ITS_LENGTH = 0.4;

    private static final double SAME = 1.001;

    public BoxChord {
        Guard.size("face", face);
        Guard.size("side", side);
        Guard.size("wall", wall);
        Guard.positive("strength", strength, "Pa");
        Guard.positive("modulus", modulus, "Pa");
        Guard.within("works", works, 0, 1, "");
    }

    /**
     * What ends on it.
     *
     * @param foot of it; of a round tube its diameter both ways
     * @param wall m
     * @param strength of its metal, Pa
     */
    public record Brace(Footprint foot, double wall, double strength, boolean round) {}

    /**
     * @param angle between them, rad
     * @return empty where the formulas are not meant for the two
     */
    public Optional<ChordWall> brace(Brace brace, double angle) {
        double beta = brace.foot().across() / face;
        if (!isMeant() || angle < SHARPEST - 1e-9 || beta < NARROWEST || beta > SAME) {
            return Optional.empty();
        }
        double sine = Math.sin(angle);
        ChordWall narrow = face(Math.min(beta, FACE_GIVES), brace.foot().along(), sine, pressed(beta));
        ChordWall bears = narrow;
        if (beta > FACE_GIVES) {
            ChordWall wide = sides(brace.foot().along(), sine);
            double share = Math.min(1, (beta - FACE_GIVES) / (1 - FACE_GIVES));
            double axial = narrow.axial() + share * (wide.axial() - narrow.axial());
            bears = new ChordWall(axial, wide.inPlane(), wide.outOfPlane(), false);
            bears = bears.orLess(effective(brace), Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY);
            if (brace.foot().across() <= face - 2 * wall) {
                bears = bears.orLess(punching(brace, sine), Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY);
            }
        }
        return Optional.of(brace.round() ? bears.times(Math.PI / 4) : bears);
    }

    /** A flat plate on edge in the middle of the face, along the tube or across it. */
    public Optional<ChordWall> plate(Footprint foot) {
        double beta = foot.across() / face;
        if (!isMeant() || beta > SAME) {
            return Optional.empty();
        }
        if (foot.along() >= foot.across()) {
            ChordWall folds = face(Math.min(beta, FACE_GIVES), foot.along(), 1, Math.sqrt(1 - works * works));
            return Optional.of(folds.orLess(
                    Double.POSITIVE_INFINITY, OF_ITS_LENGTH * foot.along() * folds.axial(), Double.POSITIVE_INFINITY));
        }
        double punching = strength
                * wall
                / Math.sqrt(3)
                * (2 * foot.along() + 2 * Math.min(foot.across(), 10 * wall / face * foot.across()));
        double folds =
                pressed(beta) * strength * wall * wall * (2 + 2.8 * beta) / Math.sqrt(1 - 0.9 * Math.min(1, beta));
        double axial = beta > FACE_GIVES ? Math.min(folds, punching) : folds;
        return Optional.of(new ChordWall(axial, foot.along() * axial, foot.across() * axial / 2, false));
    }

    private boolean isMeant() {
        double flat = side / face;
        return face <= THINNEST * wall && side <= THINNEST * wall && flat >= FLATTEST && flat <= 1 / FLATTEST;
    }

    /**
     * Yield lines of the face.
     *
     * @param left of it where it is pressed along the tube, a ratio
     */
    private ChordWall face(double beta, double along, double sine, double left) {
        double eta = along / face;
        double across = beta * face;
        double folds = left * strength * wall * wall;
        return new ChordWall(
                folds / ((1 - beta) * sine) * (2 * eta / sine + 4 * Math.sqrt(1 - beta)),
                folds * along * (1 / (2 * eta) + 2 / Math.sqrt(1 - beta) + eta / (1 - beta)),
                folds
                        * (along * (1 + beta) / (2 * (1 - beta))
                                + Math.sqrt(2 * face * across * (1 + beta) / (1 - beta))),
                false);
    }

    /** As wide as the face: the sides are pressed, and as slender as they are they buckle. */
    private ChordWall sides(double along, double sine) {
        double slender = 3.46 * (side / wall - 2) * Math.sqrt(1 / sine) / (Math.PI * Math.sqrt(modulus / strength));
        double bears = strength * buckles(slender);
        double bending = strength * wall * (along + 5 * wall);
        return new ChordWall(
                pressed(1) * bears * wall / sine * (2 * along / sine + 10 * wall),
                bending * (along + 5 * wall) / 2,
                Math.min(
                        bending * (face - wall),
                        2 * strength * wall * (along * wall + Math.sqrt(face * side * wall * (face + side)))),
                false);
    }

    /** EN 1993-1-1, 6.3.1.2, curve a (from memory). */
    private static double buckles(double slender) {
        if (slender <= 0.2) {
            return 1;
        }
        double phi = 0.5 * (1 + 0.21 * (slender - 0.2) + slender * slender);
        return Math.min(1, 1 / (phi + Math.sqrt(phi * phi - slender * slender)));
    }

    /** A brace beside a soft face works at its corners only. */
    private double effective(Brace brace) {
        double across = brace.foot().across();
        double works =
                Math.min(across, 10 * wall / face * strength * wall / (brace.strength() * brace.wall()) * across);
        return brace.strength() * brace.wall() * (2 * brace.foot().along() - 4 * brace.wall() + 2 * works);
    }

    private double punching(Brace brace, double sine) {
        double across =
                Math.min(brace.foot().across(), 10 * wall / face * brace.foot().across());
        return strength * wall / (Math.sqrt(3) * sine) * (2 * brace.foot().along() / sine + 2 * across);
    }

    /** What is left of a face that is pressed along the tube. */
    private double pressed(double beta) {
        return Math.min(1, 1.3 - 0.4 * works / beta);
    }
}
