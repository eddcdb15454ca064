package oddcradle.core.around;

import java.util.List;
import java.util.Optional;
import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;

/**
 * A pipe, hose or cable from one place and direction to another with two bends of one radius and the shortest straight ends that
 * let them be made.
 *
 * @param corners ends and the two corners of the centre-line
 * @param firstAngle of the bend at the first corner, rad
 * @param secondAngle of the second bend, rad
 * @param twist between the planes of the two bends, rad, 0 to pi; 0 where one of them is straight
 * @param length along the centre-line, m
 * @param straights lengths of the three straight runs, m
 */
public record Route(
        List<Vec3> corners,
        double firstAngle,
        double secondAngle,
        double twist,
        double length,
        List<Double> straights) {
    private static final int ROUNDS = 200;
    private static final double SETTLED = 1e-10;
    private static final double STRAIGHT = 1e-6;

    public Route {
        corners = List.copyOf(corners);
        straights = List.copyOf(straights);
    }

    /**
     * The tangents {@code R tan(angle / 2)} of both bends and the line between them depend on each other; they are worked out in
     * turn until they stand still.
     *
     * @param leaving direction in which it leaves {@code from}
     * @param arriving direction in which it runs into {@code to}
     * @param radius of the centre-line of the bends, m
     * @return empty where the bends do not fit between the ends
     */
    public static Optional<Route> between(Vec3 from, Vec3 leaving, Vec3 to, Vec3 arriving, double radius) {
        Guard.positive("radius", radius, "m");
        Vec3 out = leaving.unit();
        Vec3 in = arriving.unit();
        double a = radius;
        double b = radius;
        for (int round = 0; round < ROUNDS; round++) {
            Vec3 run = to.along(in, -b).minus(from.along(out, a));
            if (run.length() < SETTLED) {
                return straight(from, out, to, in);
            }
            double newA = radius * Math.tan(Math.min(out.angleTo(run), 3.1) / 2);
            double newB = radius * Math.tan(Math.min(run.angleTo(in), 3.1) / 2);
            boolean settled = Math.abs(newA - a) < SETTLED && Math.abs(newB - b) < SETTLED;
            // Half a step at a time: two bends that answer each other would swing.
            a += (newA - a) / 2;
            b += (newB - b) / 2;
            if (settled) {
                return made(from, out, a, to, in, b, radius);
            }
        }
        return Optional.empty();
    }

    private static Optional<Route> straight(Vec3 from, Vec3 out, Vec3 to, Vec3 in) {
        boolean line = out.angleTo(in) < STRAIGHT && out.angleTo(to.minus(from)) < STRAIGHT;
        double length = from.distanceTo(to);
        return line
                ? Optional.of(new Route(List.of(from, to), 0, 0, 0, length, List.of(length, 0.0, 0.0)))
                : Optional.empty();
    }

    private static Optional<Route> made(Vec3 from, Vec3 out, double a, Vec3 to, Vec3 in, double b, double radius) {
        Vec3 first = from.along(out, a);
        Vec3 second = to.along(in, -b);
        Vec3 run = second.minus(first);
        double firstAngle = out.angleTo(run);
        double secondAngle = run.angleTo(in);
        double between = run.length() - a - b;
        if (between < -SETTLED * 10) {
            return Optional.empty();
        }
        Vec3 one = out.cross(run);
        Vec3 other = run.cross(in);
        boolean bent = firstAngle > STRAIGHT && secondAngle > STRAIGHT;
        return Optional.of(new Route(
                List.of(from, first, second, to),
                firstAngle,
                secondAngle,
                bent ? one.angleTo(other) : 0,
                Math.max(0, between) + radius * (firstAngle + secondAngle),
                List.of(0.0, Math.max(0, between), 0.0)));
    }
}
