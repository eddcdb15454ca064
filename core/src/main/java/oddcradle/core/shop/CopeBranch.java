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
 * @param section of the tube; the height of a box tube lies along {@code reference}
 * @param reference unit way to where the wrap begins, not along the direction
 */
public record CopeBranch(Vec3 point, Vec3 direction, Section section, Vec3 reference) {
    public CopeBranch {
        Guard.present("point", point);
        direction = Guard.present("direction", direction).unit();
        Guard.present("section", section);
        reference = Guard.present("ref", reference).withoutPartAlong(direction);
        if (!(reference.length() > 1e-9)) {
            throw new InvalidValue(
                    "ref", "points along the branch, it must point to one side so that the wrap has a beginning");
        }
        reference = reference.unit();
    }

    /** What a wrap's second quarter looks at: a quarter turn from the reference, right-handed about the direction. */
    Vec3 quarter() {
        return direction.cross(reference);
    }

    /** A point of the tube: {@code c} along the reference, {@code s} along the quarter and {@code t} into the tube, m. */
    Vec3 at(double c, double s, double t) {
        return point.along(reference, c).along(quarter(), s).along(direction, t);
    }
}
