package oddcradle.files.drawing;

import oddcradle.core.math.Vec3;

/**
 * From where something is drawn, along parallel lines.
 *
 * @param right of the paper, host axes, unit
 * @param up of the paper, host axes, unit, square to {@code right}
 */
public record Sight(Vec3 right, Vec3 up) {
    /** From before it on its left and above. */
    public static Sight slanting() {
        Vec3 eye = new Vec3(0.55, 0.75, 0.5).unit();
        Vec3 right = Vec3.Z.cross(eye).unit();
        return new Sight(right, eye.cross(right));
    }

    /** Towards the one who looks. */
    public Vec3 towardsEye() {
        return right.cross(up);
    }

    public FlatPoint flat(Vec3 point) {
        return new FlatPoint(point.dot(right), point.dot(up));
    }
}
