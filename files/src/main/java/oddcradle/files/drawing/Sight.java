package oddcradle.files.drawing;

import oddcradle.core.math.Vec3;

/**
 * From where something is drawn, along parallel lines.
 *
 * @param right of the paper, host axes, unit
 * @param up of the paper, host axes, unit, square to {@code right}
 */
public record Sight(Vec3 right, Vec3 up) {
    /** Towards the one who looks. */
    public Vec3 towardsEye() {
        return right.cross(up);
    }

    public FlatPoint flat(Vec3 point) {
        return new FlatPoint(point.dot(right), point.dot(up));
    }
}
