package oddcradle.core.mechanics;

import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;

/**
 * A rigid body's place: {@code x_host = rotation · x_body + translation}.
 *
 * @param rotation body axes to host axes, a proper rotation
 * @param translation where the body's origin sits, host axes, metres
 */
public record Pose(Mat3 rotation, Vec3 translation) {
    private static final double STRAIGHT_UP = 1e-12;

    public static final Pose IDENTITY = new Pose(Mat3.IDENTITY, Vec3.ZERO);
    private static final double ORTHOGONALITY = 1e-6;

    public Pose {
        Guard.present("rotation", rotation);
        Guard.present("translation", translation);
        if (!rotation.isRotation(ORTHOGONALITY)) {
            throw new InvalidValue(
                    "rotation", "is no rotation: rows must be unit vectors at right angles, right-handed");
        }
    }

    /**
     * Yaw, pitch, roll in that order about Z, Y, X of the moving body (ISO 8855): a positive pitch lowers the front, a
     * positive roll raises the left side.
     */
    public static Pose ofYawPitchRoll(Vec3 translation, double yaw, double pitch, double roll) {
        Mat3 rotation = Mat3.rotationAbout(Vec3.Z, yaw)
                .times(Mat3.rotationAbout(Vec3.Y, pitch))
                .times(Mat3.rotationAbout(Vec3.X, roll));
        return new Pose(rotation, translation);
    }

    public Vec3 place(Vec3 bodyPoint) {
        return rotation.times(bodyPoint).plus(translation);
    }

    public Vec3 turn(Vec3 bodyDirection) {
        return rotation.times(bodyDirection);
    }

    /** The pose that applies {@code inner} first and then this one. */
    public Pose after(Pose inner) {
        return new Pose(rotation.times(inner.rotation), place(inner.translation));
    }

    /**
     * The angles of {@link #ofYawPitchRoll} that make this rotation, each within half a turn; where the nose points straight up or
     * down the roll is taken as 0.
     *
     * @return yaw, pitch and roll as x, y and z, rad
     */
    public Vec3 yawPitchRoll() {
        double up = rotation.get(2, 0);
        if (Math.abs(up) > 1 - STRAIGHT_UP) {
            return new Vec3(
                    Math.atan2(-rotation.get(0, 1), rotation.get(1, 1)), up < 0 ? Math.PI / 2 : -Math.PI / 2, 0);
        }
        return new Vec3(
                Math.atan2(rotation.get(1, 0), rotation.get(0, 0)),
                -Math.asin(up),
                Math.atan2(rotation.get(2, 1), rotation.get(2, 2)));
    }

    /** The pose that undoes this one. */
    public Pose inverse() {
        Mat3 back = rotation.transposed();
        return new Pose(back, back.times(translation).negated());
    }
}
