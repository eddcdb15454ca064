package oddcradle.core.placement;

import oddcradle.core.math.Vec3;

/** Directions as a builder says them. */
public final class Sides {
    private Sides() {}

    /** A side as a builder says it. */
    public static String side(Vec3 way) {
        if (Math.abs(way.z()) > 0.5) {
            return way.z() > 0 ? "above" : "below";
        }
        if (Math.abs(way.x()) > 0.5) {
            return way.x() > 0 ? "the front" : "the rear";
        }
        return way.y() > 0 ? "the left" : "the right";
    }

    /** The way out at a side, as a builder says it. */
    public static String exit(Vec3 way) {
        if (Math.abs(way.z()) > 0.5) {
            return way.z() > 0 ? "upward" : "downward";
        }
        return "at " + side(way);
    }
}
