package oddcradle.core.asbuilt;

import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.SmallMotion;

/**
 * A place of the body that has to be right along one direction, such as a shaft's end across its line.
 *
 * <p>Geometry, by definition.
 *
 * @param place that moves with the body, m
 * @param way unit direction that counts
 * @param off where it is along that as drawn, less where it should be, m
 * @param tolerance m
 */
public record Aim(Vec3 place, Vec3 way, double off, double tolerance) {
    public Aim {
        Guard.present("place", place);
        way = Guard.present("way", way).unit();
        Guard.finite("off", off);
        Guard.positive("tolerance", tolerance, "m");
    }

    /** How far off it is once the body has moved, m. */
    public double off(SmallMotion motion) {
        return off + motion.at(place).dot(way);
    }

    /**
     * As a share of what is allowed, 1 or less where it is met.
     *
     * @param reach how far it can still be pushed before the bolts are tight, m
     */
    public double share(SmallMotion motion, double reach) {
        return Math.max(0, Math.abs(off(motion)) - reach) / tolerance;
    }
}
