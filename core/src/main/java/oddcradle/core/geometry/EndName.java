package oddcradle.core.geometry;

import oddcradle.core.math.Vec3;

/** Which end of a tube somebody means. */
public final class EndName {
    private EndName() {}

    /**
     * The builder's word for an end.
     *
     * @param outward from the tube's other end to this one, host axes
     * @return front, rear, left, right, upper or lower, by the largest component
     */
    public static String of(Vec3 outward) {
        double x = Math.abs(outward.x());
        double y = Math.abs(outward.y());
        double z = Math.abs(outward.z());
        if (x >= y && x >= z) {
            return outward.x() > 0 ? "front" : "rear";
        }
        if (y >= z) {
            return outward.y() > 0 ? "left" : "right";
        }
        return outward.z() > 0 ? "upper" : "lower";
    }
}
