package oddcradle.core.mechanics;

import oddcradle.core.math.Guard;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;

/**
 * A movement so small that turning is linear: {@code u(p) = shift + turn x (p - about)}.
 *
 * <p>First order of a rigid body's motion, by definition.
 *
 * @param about point whose displacement is {@code shift}, m
 * @param shift m
 * @param turn rad about each axis
 */
public record SmallMotion(Vec3 about, Vec3 shift, Vec3 turn) {
    /** Stands still. */
    public static final SmallMotion NONE = new SmallMotion(Vec3.ZERO, Vec3.ZERO, Vec3.ZERO);

    public SmallMotion {
        Guard.present("about", about);
        Guard.present("shift", shift);
        Guard.present("turn", turn);
    }

    /** Displacement of a point, m. */
    public Vec3 at(Vec3 point) {
        return shift.plus(turn.cross(point.minus(about)));
    }

    /** The same that much larger, a ratio. */
    public SmallMotion times(double factor) {
        return new SmallMotion(about, shift.times(factor), turn.times(factor));
    }

    /** The two one after the other, the second undone; both about the same point. */
    public SmallMotion less(SmallMotion other) {
        return new SmallMotion(about, shift.minus(other.shift), turn.minus(other.turn));
    }

    /** The most that any point within a distance of {@code about} is displaced, m. */
    public double most(double distance) {
        return shift.length() + turn.length() * distance;
    }

    /** A body's place after it; turned for good, so that a body stays a body. */
    public Pose moved(Pose pose) {
        Mat3 rotation = turn.length() == 0 ? Mat3.IDENTITY : Mat3.rotationAbout(turn.unit(), turn.length());
        return new Pose(rotation, about.plus(shift).minus(rotation.times(about))).after(pose);
    }
}
