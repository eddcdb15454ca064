package oddcradle.core.fitup;

import oddcradle.core.math.Vec3;

/** A direction in the words of the shop floor. */
public final class Directions {
    private Directions() {}

    /** By its longest part. */
    public static String of(Vec3 way) {
        double x = Math.abs(way.x());
        double y = Math.abs(way.y());
        double z = Math.abs(way.z());
        if (x >= y && x >= z) {
            return way.x() > 0 ? "forward" : "back";
        }
        if (y >= z) {
            return way.y() > 0 ? "to the left" : "to the right";
        }
        return way.z() > 0 ? "up" : "down";
    }
}
