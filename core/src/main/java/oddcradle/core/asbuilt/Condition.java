package oddcradle.core.asbuilt;

import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.SmallMotion;

/**
 * Something of a line that was read and that moving the body changes: an offset along a direction, or an angle about an axis.
 *
 * <p>First order of a rigid body's motion, by definition.
 *
 * @param reading it was found by
 * @param what it is, in a few words
 * @param place of the body that counts, m
 * @param way direction along which a movement of that place adds to it; zero for an angle
 * @param about axis about which a turn of the body adds to it; zero for an offset
 * @param off as found, m or rad
 * @param tolerance of it, m or rad; no finer than anybody reads
 */
public record Condition(String reading, String what, Vec3 place, Vec3 way, Vec3 about, double off, double tolerance) {
    /** Nobody reads finer, m or rad. */
    private static final double FINEST = 1e-6;

    public Condition {
        Guard.named("reading", reading);
        Guard.present("place", place);
        Guard.finite("off", off);
        Guard.positive("tolerance", tolerance, "m or rad");
        tolerance = Math.max(FINEST, tolerance);
    }

    /** An offset, m, held to a tolerance, m. */
    public static Condition offset(String reading, String what, Vec3 place, Vec3 way, double off, double tolerance) {
        return new Condition(reading, what, place, way.unit(), Vec3.ZERO, off, tolerance);
    }

    /** An angle, rad, held to a tolerance, rad. */
    public static Condition angle(String reading, String what, Vec3 about, double off, double tolerance) {
        return new Condition(reading, what, Vec3.ZERO, Vec3.ZERO, about.unit(), off, tolerance);
    }

    public boolean isAngle() {
        return way.equals(Vec3.ZERO);
    }

    /** What is left of it once the body has moved, by definition, m or rad. */
    public double left(SmallMotion motion) {
        return off + way.dot(motion.at(place)) + about.dot(motion.turn());
    }

    /** The same against something that is going to be moved itself. */
    public Condition against(SmallMotion other) {
        return new Condition(reading, what, place, way, about, 2 * off - left(other), tolerance);
    }

    /** That as a share of its tolerance, 1 or less where it holds. */
    public double share(SmallMotion motion) {
        return Math.abs(left(motion)) / tolerance;
    }
}
