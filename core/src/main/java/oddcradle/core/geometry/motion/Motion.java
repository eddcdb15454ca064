package oddcradle.core.geometry.motion;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import oddcradle.core.geometry.Aabb;
import oddcradle.core.geometry.Solid;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;

/** One freedom of a moving body and its range, in the axes that the body stands in at zero. */
public sealed interface Motion {
    /** The pose at {@code value}, rad or m. */
    Pose at(double value);

    /** Least of the range, rad or m. */
    double from();

    double to();

    /** The farthest that any point of a box moves for each rad or m. */
    double speed(Aabb bounds);

    /** The motion that undoes this one: its value is this one's, negated. */
    Motion undone();

    /** A turn about an axis: swing arm, suspension arm, steering. At most one turn. */
    @RecordBuilder
    record Turn(Vec3 point, Vec3 axis, double from, double to) implements Motion, MotionTurnBuilder.With {
        public Turn {
            Guard.present("point", point);
            Guard.present("axis", axis).unit();
            Guard.within("from", from, -2 * Math.PI, 2 * Math.PI, "rad");
            Guard.within("to", to, -2 * Math.PI, 2 * Math.PI, "rad");
            ordered(from, to);
        }

        @Override
        public Pose at(double value) {
            Mat3 turn = Mat3.rotationAbout(axis, value);
            return new Pose(turn, point.minus(turn.times(point)));
        }

        @Override
        public Motion undone() {
            return new Turn(point, axis, -to, -from);
        }

        @Override
        public double speed(Aabb bounds) {
            Vec3 along = axis.unit();
            double farthest = 0;
            for (int corner = 0; corner < 8; corner++) {
                Vec3 at = new Vec3(
                        (corner & 1) == 0 ? bounds.low().x() : bounds.high().x(),
                        (corner & 2) == 0 ? bounds.low().y() : bounds.high().y(),
                        (corner & 4) == 0 ? bounds.low().z() : bounds.high().z());
                farthest = Math.max(
                        farthest, at.minus(point).withoutPartAlong(along).length());
            }
            return farthest;
        }
    }

    /** A slide along a direction: a spring's travel taken straight, a filter drawn off. At most 5 m. */
    @RecordBuilder
    record Slide(Vec3 direction, double from, double to) implements Motion, MotionSlideBuilder.With {
        private static final double LONGEST = 5;

        public Slide {
            Guard.present("direction", direction).unit();
            Guard.within("from", from, -LONGEST, LONGEST, "m");
            Guard.within("to", to, -LONGEST, LONGEST, "m");
            ordered(from, to);
        }

        @Override
        public Pose at(double value) {
            return new Pose(Mat3.IDENTITY, direction.unit().times(value));
        }

        @Override
        public Motion undone() {
            return new Slide(direction, -to, -from);
        }

        @Override
        public double speed(Aabb bounds) {
            return 1;
        }
    }

    private static void ordered(double from, double to) {
        if (from > to) {
            throw new InvalidValue("to", "is " + to + ", must not be less than from, " + from + "; swap them");
        }
    }

    /** A solid carried by motions, the first nearest to the body: steering, then travel. */
    static Solid carried(Solid solid, List<Motion> motions, double[] values) {
        Solid here = solid;
        for (int k = 0; k < motions.size(); k++) {
            here = here.placed(motions.get(k).at(values[k]));
        }
        return here;
    }
}
