package oddcradle.core.mechanics;

import oddcradle.core.math.Vec3;

/**
 * A force and a moment acting at a point, host axes; newtons, newton metres, metres.
 */
public record Wrench(Vec3 point, Vec3 force, Vec3 moment) {
    public static Wrench forceAt(Vec3 point, Vec3 force) {
        return new Wrench(point, force, Vec3.ZERO);
    }

    /** Moment of the whole wrench about another point. */
    public Vec3 momentAbout(Vec3 other) {
        return moment.plus(point.minus(other).cross(force));
    }
}
