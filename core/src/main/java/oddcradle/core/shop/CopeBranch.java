package oddcradle.core.shop;

import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.Section;

/**
 * The tube that is cut. It comes from far out along {@code direction} to {@code point}.
 *
 * @param point on its axis, m
 * @param direction from the joint into the tube, unit
 * @param radius outside, m
 * @param wall m, less than the radius
 * @param reference where the wrap's angle begins, not along the direction
 */
public record CopeBranch(Vec3 point, Vec3 direction, double radius, double wall, Vec3 reference) {
    public CopeBranch {
        Guard.present("point", point);
        direction = Guard.present("direction", direction).unit();
        Guard.positive("r", radius, "m");
        Section.requireHollow(wall, radius, "the radius");
        reference = Guard.present("ref", reference).withoutPartAlong(direction);
        if (!(reference.length() > 1e-9)) {
            throw new InvalidValue(
                    "ref", "points along the branch, it must point to one side so that the wrap has a beginning");
        }
        reference = reference.unit();
    }

    /** Unit vector to the side at wrap angle {@code phi}, right-handed about the direction. */
    Vec3 side(double phi) {
        return reference.times(Math.cos(phi)).along(direction.cross(reference), Math.sin(phi));
    }
}
