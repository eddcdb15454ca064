package oddcradle.core.drive;

import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;

/**
 * How a movable shaft lies to a fixed one, from dials turned with the shafts. x runs from the coupling plane into the movable machine, z up, y left
 * when looking along it; a reading is positive when the plunger is pushed in. Rim and face, and reverse dial: common practice of
 * machine fitters; a rim reads twice the offset.
 *
 * @param vertical height of the movable axis over the fixed one
 * @param horizontal how far it lies toward y
 */
public record ShaftDials(Axis vertical, Axis horizontal) {
    /**
     * @param offset at the coupling plane, m
     * @param slope change of it along x, a ratio
     */
    public record Axis(double offset, double slope) {
        static Axis through(double x, double height, double slope) {
            return new Axis(height - slope * x, slope);
        }

        /** What a foot has to be lifted, or moved toward y, m. @param x of the foot, m */
        public double mend(double x) {
            return -(offset + slope * x);
        }
    }

    /** Readings of one dial at top, toward y, bottom, and away from y, m. */
    public record Dial(double top, double left, double bottom, double right) {
        public Dial {
            Guard.finite("0", top);
            Guard.finite("90", left);
            Guard.finite("180", bottom);
            Guard.finite("270", right);
        }

        /** @param sag of the bracket: the reading at the bottom less that at the top on a straight bar, m */
        private double height(double sag) {
            return (top - bottom + sag) / 2;
        }

        private double aside() {
            return (left - right) / 2;
        }
    }

    /**
     * One dial on the rim and one on the face of a hub.
     *
     * @param faceDiameter of the circle that the face dial runs on, m
     * @param rimX where the rim dial runs, m
     * @param onMovable whether the bracket sits on the movable shaft and reads the fixed hub
     * @param back whether the face that is read looks away from the machine that carries the bracket
     * @param sag of the rim dial's bracket, m, still in the readings
     */
    public static ShaftDials rimAndFace(
            Dial rim, Dial face, double faceDiameter, double rimX, boolean onMovable, boolean back, double sag) {
        Guard.size("face_diameter", faceDiameter);
        double side = onMovable ? -1 : 1;
        double facing = back ? -1 : 1;
        return new ShaftDials(
                Axis.through(rimX, side * rim.height(sag), facing * (face.top() - face.bottom()) / faceDiameter),
                Axis.through(rimX, side * rim.aside(), facing * (face.left() - face.right()) / faceDiameter));
    }

    /**
     * A rim dial on each hub.
     *
     * @param onMovable read on the movable hub, bracket on the fixed shaft
     * @param onFixed read on the fixed hub, bracket on the movable shaft
     * @param xMovable where the first runs, m
     * @param xFixed where the second runs, m
     * @param sag of both brackets, m, still in the readings
     */
    public static ShaftDials reverse(Dial onMovable, Dial onFixed, double xMovable, double xFixed, double sag) {
        if (Math.abs(xMovable - xFixed) < 1e-9) {
            throw new InvalidValue(
                    "x_movable", "is " + xMovable + " m, the same as x_fixed; two dials need a length between them");
        }
        return new ShaftDials(
                between(xMovable, onMovable.height(sag), xFixed, -onFixed.height(sag)),
                between(xMovable, onMovable.aside(), xFixed, -onFixed.aside()));
    }

    /**
     * Steps from rim to rim, and gaps between the faces: where the movable shaft rises away from the coupling, its face leans over and the gap is
     * wider at the bottom.
     *
     * @param high of the movable rim over the fixed one, m
     * @param aside toward y, m
     * @param gaps between the faces, m
     * @param diameter that they were read on, m
     */
    public static ShaftDials stepAndGaps(double high, double aside, Dial gaps, double diameter) {
        Guard.size("diameter", diameter);
        return new ShaftDials(
                new Axis(high, (gaps.bottom() - gaps.top()) / diameter),
                new Axis(aside, (gaps.right() - gaps.left()) / diameter));
    }

    private static Axis between(double x, double height, double otherX, double otherHeight) {
        return Axis.through(x, height, (height - otherHeight) / (x - otherX));
    }
}
