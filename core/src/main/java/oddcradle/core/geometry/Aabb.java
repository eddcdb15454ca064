package oddcradle.core.geometry;

import oddcradle.core.math.Vec3;

/** A box along the axes, by its least and greatest corner; metres. */
public record Aabb(Vec3 low, Vec3 high) {
    public static Aabb around(Vec3 centre, Vec3 half) {
        return new Aabb(centre.minus(half), centre.plus(half));
    }

    public Aabb joined(Aabb other) {
        return new Aabb(
                new Vec3(
                        Math.min(low.x(), other.low.x()),
                        Math.min(low.y(), other.low.y()),
                        Math.min(low.z(), other.low.z())),
                new Vec3(
                        Math.max(high.x(), other.high.x()),
                        Math.max(high.y(), other.high.y()),
                        Math.max(high.z(), other.high.z())));
    }

    /** Distance between the two boxes, 0 where they meet: never more than the distance of what they hold. */
    public double distanceTo(Aabb other) {
        double dx = Math.max(0, Math.max(low.x() - other.high.x(), other.low.x() - high.x()));
        double dy = Math.max(0, Math.max(low.y() - other.high.y(), other.low.y() - high.y()));
        double dz = Math.max(0, Math.max(low.z() - other.high.z(), other.low.z() - high.z()));
        return Math.sqrt(dx * dx + dy * dy + dz * dz);
    }

    /** From a point, m; 0 inside. */
    public double distanceTo(double x, double y, double z) {
        double dx = Math.max(0, Math.max(low.x() - x, x - high.x()));
        double dy = Math.max(0, Math.max(low.y() - y, y - high.y()));
        double dz = Math.max(0, Math.max(low.z() - z, z - high.z()));
        return Math.sqrt(dx * dx + dy * dy + dz * dz);
    }

    public Vec3 centre() {
        return low.towards(high, 0.5);
    }

    public Vec3 size() {
        return high.minus(low);
    }
}
