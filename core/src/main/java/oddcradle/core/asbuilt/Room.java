package oddcradle.core.asbuilt;

import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.SmallMotion;

/**
 * A gap that must stay open.
 *
 * <p>The change of a gap by a small movement along its shortest line, by definition.
 *
 * @param place on the body, m
 * @param towards unit way to what stands there
 * @param left of the gap beyond what it must have, m
 */
public record Room(Vec3 place, Vec3 towards, double left) {
    public Room {
        Guard.present("place", place);
        towards = Guard.present("towards", towards).unit();
        Guard.finite("left", left);
    }

    /** What is left of it once the body has moved, m. */
    public double left(SmallMotion motion) {
        return left - motion.at(place).dot(towards);
    }
}
