package oddcradle.desktop.stand;

import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;

/**
 * An eye that circles a point: where it is, and where a point of the machine falls on the screen.
 *
 * @param target it looks at, host axes, m
 * @param yaw of the eye about the target, rad; 0 looks from the front, positive turns towards the left side
 * @param pitch of the eye above the target, rad
 * @param distance m
 */
public record Camera(Vec3 target, double yaw, double pitch, double distance) {
    /** Angle of view from top to bottom. */
    public static final double FIELD_OF_VIEW = Math.toRadians(30);

    private static final double STEEPEST = Math.toRadians(89);
    private static final double NEAREST = 0.15;
    private static final double FARTHEST = 60;

    public Camera {
        pitch = Math.max(-STEEPEST, Math.min(STEEPEST, pitch));
        distance = Math.max(NEAREST, Math.min(FARTHEST, distance));
    }

    public Vec3 eye() {
        return target.along(towardsEye(), distance);
    }

    private Vec3 towardsEye() {
        return new Vec3(Math.cos(pitch) * Math.cos(yaw), Math.cos(pitch) * Math.sin(yaw), Math.sin(pitch));
    }

    /** Columns are the screen's right, the screen's down and the way into the picture, in host axes. */
    public Mat3 axes() {
        Vec3 into = towardsEye().negated();
        Vec3 right = into.cross(Vec3.Z).unit();
        return Mat3.ofColumns(right, into.cross(right), into);
    }

    public Camera orbited(double byYaw, double byPitch) {
        return new Camera(target, yaw + byYaw, pitch + byPitch, distance);
    }

    public Camera zoomed(double factor) {
        return new Camera(target, yaw, pitch, distance * factor);
    }

    /** Moves the picture by pixels on a screen of the given height. */
    public Camera panned(double pixelsRight, double pixelsDown, double height) {
        double metresPerPixel = 2 * distance * Math.tan(FIELD_OF_VIEW / 2) / height;
        Mat3 axes = axes();
        return new Camera(
                target.along(axes.column(0), -pixelsRight * metresPerPixel)
                        .along(axes.column(1), -pixelsDown * metresPerPixel),
                yaw,
                pitch,
                distance);
    }

    /** Looks at a ball so that it fills most of the picture. */
    public Camera lookingAt(Vec3 centre, double radius) {
        return new Camera(centre, yaw, pitch, 1.15 * radius / Math.sin(FIELD_OF_VIEW / 2));
    }

    /**
     * Where a point falls on the screen.
     *
     * @return x and y in pixels from the upper left corner, z the depth in m, not positive behind the eye
     */
    public Vec3 project(Vec3 point, double width, double height) {
        Mat3 axes = axes();
        Vec3 seen = axes.transposed().times(point.minus(eye()));
        double scale = height / 2 / Math.tan(FIELD_OF_VIEW / 2) / Math.max(seen.z(), 1e-6);
        return new Vec3(width / 2 + seen.x() * scale, height / 2 + seen.y() * scale, seen.z());
    }
}
