package oddcradle.core.shop;

import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;

/**
 * A tube that the branch sits on, as a solid bar without ends.
 *
 * @param point on its axis, m
 * @param direction of its axis, unit
 * @param radius outside, m
 */
public record CopeHeader(Vec3 point, Vec3 direction, double radius) {
    public CopeHeader {
        Guard.present("point", point);
        direction = Guard.present("direction", direction).unit();
        Guard.positive("R", radius, "m");
    }
}
