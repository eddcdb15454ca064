package oddcradle.core.linkage;

import java.util.Optional;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;

/**
 * A lever at rest, all in one axis system. Source: exact geometry of a turn about an axis.
 *
 * @param pivot a point of its pin, m
 * @param axis of its pin; it turns right-handed about it
 * @param in where it is worked from: by a hand, or by the link before it, m
 * @param out where it works the next link, m; of no account on the last lever
 */
public record Lever(Vec3 pivot, Vec3 axis, Vec3 in, Vec3 out) {
    /** A shorter arm is a fault of measuring, m. */
    private static final double SHORTEST = 1e-3;

    /** Circles about the pin and spheres about a point touch within this share of the arm. */
    private static final double TOUCHES = 1e-12;

    public Lever {
        Guard.present("pivot", pivot);
        axis = Guard.present("axis", axis).unit();
        requireArm("in", pivot, axis, Guard.present("in", in));
        requireArm("out", pivot, axis, Guard.present("out", out));
    }

    /**
     * Where an arm ends must lie off the pin's axis.
     *
     * @throws InvalidValue if the arm is shorter than a millimetre
     */
    public static void requireArm(String field, Vec3 pivot, Vec3 axis, Vec3 end) {
        double arm = end.minus(pivot).withoutPartAlong(axis.unit()).length();
        if (arm < SHORTEST) {
            throw new InvalidValue(
                    field,
                    "lies on the pin's own axis: this arm has no length, so that the lever has no ratio; move it off the pin");
        }
    }

    /** Distance of an end from the pin's axis, m. */
    private double arm(Vec3 end) {
        return end.minus(pivot).withoutPartAlong(axis).length();
    }

    /** Of the arm that is worked, m. */
    public double inArm() {
        return arm(in);
    }

    /** Of the arm that works the next link, m. */
    public double outArm() {
        return arm(out);
    }

    /** Where it is worked from once it has turned, m. */
    public Vec3 inAt(double angle) {
        return turned(in, angle);
    }

    /** Where it works the next link once it has turned, m. */
    public Vec3 outAt(double angle) {
        return turned(out, angle);
    }

    private Vec3 turned(Vec3 end, double angle) {
        return pivot.plus(Mat3.rotationAbout(axis, angle).times(end.minus(pivot)));
    }

    /** How far an end moves along a direction for each radian the lever turns, m. */
    public double moves(Vec3 end, Vec3 direction) {
        return axis.cross(end.minus(pivot)).dot(direction);
    }

    /**
     * Turned so that its worked end is this far from a point: where a circle meets a sphere. Exact; the nearer of two answers.
     *
     * @param from the other end of the rod, or the mouth of the conduit, m
     * @param distance m
     * @param near the answer nearest to this angle is given, rad
     * @return empty where the end cannot come to that distance
     */
    public Optional<Double> angleAt(Vec3 from, double distance, double near) {
        Vec3 arm = in.minus(pivot);
        Vec3 across = arm.withoutPartAlong(axis);
        Vec3 to = from.minus(pivot);
        double u = across.dot(to);
        double v = axis.cross(across).dot(to);
        double along = arm.dot(axis) * to.dot(axis);
        double wanted = (arm.squaredLength() + to.squaredLength() - distance * distance) / 2 - along;
        double most = Math.hypot(u, v);
        if (most < TOUCHES || Math.abs(wanted) > most * (1 + TOUCHES)) {
            return Optional.empty();
        }
        double middle = Math.atan2(v, u);
        double half = Math.acos(Math.max(-1, Math.min(1, wanted / most)));
        double one = nearTo(middle + half, near);
        double other = nearTo(middle - half, near);
        return Optional.of(Math.abs(one - near) <= Math.abs(other - near) ? one : other);
    }

    /** The same angle in other whole turns. */
    private static double nearTo(double angle, double near) {
        return angle - 2 * Math.PI * Math.rint((angle - near) / (2 * Math.PI));
    }
}
