package oddcradle.core.math;

/**
 * A point or direction in a right-handed axis system; host axes (X forward, Y left, Z up, ISO 8855) unless said
 * otherwise. Lengths in metres.
 */
public record Vec3(double x, double y, double z) {
    public static final Vec3 ZERO = new Vec3(0, 0, 0);
    public static final Vec3 X = new Vec3(1, 0, 0);
    public static final Vec3 Y = new Vec3(0, 1, 0);
    public static final Vec3 Z = new Vec3(0, 0, 1);

    /** Components are finite; a negative zero becomes zero, so that equal points are equal records. */
    public Vec3 {
        x = Guard.finite("x", x) + 0.0;
        y = Guard.finite("y", y) + 0.0;
        z = Guard.finite("z", z) + 0.0;
    }

    public Vec3 plus(Vec3 other) {
        return new Vec3(x + other.x, y + other.y, z + other.z);
    }

    public Vec3 minus(Vec3 other) {
        return new Vec3(x - other.x, y - other.y, z - other.z);
    }

    public Vec3 times(double factor) {
        return new Vec3(x * factor, y * factor, z * factor);
    }

    /** This point moved by {@code distance} times {@code direction}. */
    public Vec3 along(Vec3 direction, double distance) {
        return new Vec3(x + direction.x * distance, y + direction.y * distance, z + direction.z * distance);
    }

    public Vec3 negated() {
        return new Vec3(-x, -y, -z);
    }

    public double dot(Vec3 other) {
        return x * other.x + y * other.y + z * other.z;
    }

    public Vec3 cross(Vec3 other) {
        return new Vec3(y * other.z - z * other.y, z * other.x - x * other.z, x * other.y - y * other.x);
    }

    public double squaredLength() {
        return dot(this);
    }

    public double length() {
        return Math.sqrt(dot(this));
    }

    public double distanceTo(Vec3 other) {
        return minus(other).length();
    }

    /** @throws InvalidValue if this vector has no length */
    public Vec3 unit() {
        double length = length();
        if (length == 0) {
            throw new InvalidValue("direction", "is a zero vector, must have a length");
        }
        return times(1 / length);
    }

    /** Any unit vector at right angles to this one; the choice depends on this vector only. */
    public Vec3 anyPerpendicular() {
        double ax = Math.abs(x);
        double ay = Math.abs(y);
        double az = Math.abs(z);
        Vec3 least = ax <= ay && ax <= az ? X : ay <= az ? Y : Z;
        return cross(least).unit();
    }

    /** This vector less its part along {@code unit}, a unit vector. */
    public Vec3 withoutPartAlong(Vec3 unit) {
        return along(unit, -dot(unit));
    }

    /** Angle between the two directions, radians, 0 to pi; exact near 0 and pi too. */
    public double angleTo(Vec3 other) {
        return Math.atan2(cross(other).length(), dot(other));
    }

    /** The point at {@code fraction} of the way from this one (0) to {@code other} (1). */
    public Vec3 towards(Vec3 other, double fraction) {
        return along(other.minus(this), fraction);
    }
}
