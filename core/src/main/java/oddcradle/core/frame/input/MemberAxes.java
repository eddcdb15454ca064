package oddcradle.core.frame.input;

import oddcradle.core.math.Vec3;

/**
 * A member's own axes, unit, in the frame's: x along it, y level, z up as far as it goes; of an upright one y to the left and z to the
 * back.
 */
public record MemberAxes(Vec3 x, Vec3 y, Vec3 z) {
    private static final double VERTICAL = 1e-6;

    /** @param way from end i to end j, unit */
    public static MemberAxes of(Vec3 way) {
        Vec3 up = Math.hypot(way.x(), way.y()) <= VERTICAL ? Vec3.X : Vec3.Z;
        Vec3 y = up.cross(way).unit();
        return new MemberAxes(way, y, way.cross(y));
    }

    /** A vector of its own axes in the frame's. */
    public Vec3 global(Vec3 own) {
        return x.times(own.x()).along(y, own.y()).along(z, own.z());
    }

    /** Whether a direction goes more along y than along z. */
    public boolean isSideways(Vec3 direction) {
        return Math.abs(direction.dot(y)) > Math.abs(direction.dot(z));
    }
}
