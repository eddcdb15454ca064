package oddcradle.core.step.fit;

import java.util.List;
import oddcradle.core.asbuilt.Condition;
import oddcradle.core.job.fit.ThrustReading;
import oddcradle.core.math.Vec3;

/**
 * Where the propeller shaft points against where it was drawn to point.
 *
 * <p>Of a tip on the left and on the right at radius r, with v from the hub to the mark: left² + right² = 2 (v² + r²) and right² - left² = 4 r (e · v), e to the left across the shaft; both exact
 * by the law of cosines. The hub itself is taken to be where it was drawn: a hub beside its place turns the line to the mark by that over its length.
 *
 * @param left the nose points more to the left than drawn, rad
 * @param down the nose points more down than drawn, rad
 * @param plain whether the two lengths can belong to one tip of that radius
 */
public record ThrustFound(ThrustReading reading, double left, double down, boolean plain) {
    /** rad; common practice of light aircraft. */
    static final double ANGLE = Math.toRadians(0.5);

    /**
     * @param hub middle of the propeller as drawn, m
     * @param axis of it, either way
     */
    static ThrustFound of(ThrustReading reading, Vec3 hub, Vec3 axis) {
        Vec3 forward = axis.x() < 0 ? axis.negated() : axis;
        Vec3 aside = Vec3.Z.cross(forward);
        if (aside.length() < 1e-3) {
            return new ThrustFound(reading, 0, 0, false);
        }
        Vec3 toLeft = aside.unit();
        Vec3 above = forward.cross(toLeft);
        Vec3 mark = reading.mark().minus(hub);
        double r = reading.radius();
        double l = reading.left();
        double k = reading.right();
        double squared = (l * l + k * k) / 2 - r * r;
        double level = squared - mark.dot(above) * mark.dot(above);
        double drawn = mark.dot(toLeft) / mark.withoutPartAlong(above).length();
        double found = level > 0 ? (k * k - l * l) / (4 * r * Math.sqrt(level)) : 2;
        if (Math.abs(found) > 1 || !Double.isFinite(drawn)) {
            return new ThrustFound(reading, 0, 0, false);
        }
        double behind = mark.dot(forward) < 0 ? 1 : -1;
        double drawnDown = Math.asin(-forward.z());
        return new ThrustFound(
                reading, behind * (Math.asin(found) - Math.asin(drawn)), reading.level() - drawnDown, true);
    }

    boolean isGood() {
        return Math.abs(left) <= ANGLE && Math.abs(down) <= ANGLE;
    }

    List<Condition> conditions() {
        return plain
                ? List.of(
                        Condition.angle(reading.id(), "thrust to the left", Vec3.Z, left, ANGLE),
                        Condition.angle(reading.id(), "thrust down", Vec3.Y, down, ANGLE))
                : List.of();
    }
}
