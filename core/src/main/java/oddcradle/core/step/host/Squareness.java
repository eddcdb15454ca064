package oddcradle.core.step.host;

import java.util.List;
import oddcradle.core.math.Vec3;

/**
 * How square and flat four corners stand.
 *
 * @param firstDiagonal from the first corner to the third, m
 * @param secondDiagonal from the second to the fourth, m
 * @param worstCorner index of the corner farthest from a right angle
 * @param worstAngle its angle less 90 degrees, rad
 * @param liftedCorner index of the corner whose height over the others stands for the twist
 * @param twist height of that corner over the plane of the other three, m, positive upwards
 */
public record Squareness(
        double firstDiagonal,
        double secondDiagonal,
        int worstCorner,
        double worstAngle,
        int liftedCorner,
        double twist) {

    /** @param corners four, in order round */
    public static Squareness of(List<Vec3> corners) {
        int worst = 0;
        double off = 0;
        int lifted = 0;
        double twist = 0;
        for (int k = 0; k < 4; k++) {
            Vec3 here = corners.get(k);
            Vec3 next = corners.get((k + 1) % 4);
            Vec3 across = corners.get((k + 2) % 4);
            Vec3 before = corners.get((k + 3) % 4);
            double angle = next.minus(here).angleTo(before.minus(here)) - Math.PI / 2;
            if (Math.abs(angle) > Math.abs(off)) {
                off = angle;
                worst = k;
            }
            Vec3 normal = before.minus(across).cross(next.minus(across));
            if (normal.length() > 0) {
                Vec3 up = normal.z() < 0 ? normal.negated().unit() : normal.unit();
                double height = here.minus(across).dot(up);
                if (Math.abs(height) > Math.abs(twist)) {
                    twist = height;
                    lifted = k;
                }
            }
        }
        return new Squareness(
                corners.get(0).distanceTo(corners.get(2)),
                corners.get(1).distanceTo(corners.get(3)),
                worst,
                off,
                lifted,
                twist);
    }

    /** First diagonal less the second, m. */
    public double difference() {
        return firstDiagonal - secondDiagonal;
    }
}
