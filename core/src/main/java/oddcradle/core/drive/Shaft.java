package oddcradle.core.drive;

import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;

/**
 * A shaft that carries a sprocket.
 *
 * @param point a point of its axis, m
 * @param direction of the axis, unit
 * @param offset of the sprocket's middle plane from the point, along the direction, m
 */
public record Shaft(Vec3 point, Vec3 direction, double offset) {
    public Shaft {
        Guard.present("point", point);
        direction = Guard.present("direction", direction).unit();
        Guard.finite("offset", offset);
    }

    /** Middle of the sprocket, m. */
    public Vec3 sprocketCentre() {
        return point.along(direction, offset);
    }
}
