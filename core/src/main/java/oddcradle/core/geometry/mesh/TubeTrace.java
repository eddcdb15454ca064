package oddcradle.core.geometry.mesh;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.math.DenseAlgebra;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;

/**
 * A straight run of round tube found on a scan: the cylinder that fits the surface between two points picked on it.
 *
 * <p>The axis starts as the direction that no surface normal has a part along, the radius from a circle fitted across it
 * (Kasa); Gauss-Newton on the distances of the corners then settles both, corners far off or with a slanting normal left
 * out and the rest asked again. Source: least squares geometric elements, common practice.
 *
 * @param start middle of the tube beside the first pick, scan axes, m
 * @param end middle of the tube beside the second pick
 * @param radius outside, m
 * @param rms of what remains between surface and cylinder, m
 * @param corners of triangles that were used
 */
public record TubeTrace(Vec3 start, Vec3 end, double radius, double rms, int corners) {
    private static final double LARGEST_RADIUS = 0.15;
    private static final int FEWEST = 12;
    private static final int ROUNDS = 12;
    /** Sine of how far a normal may lean along the tube, and cosine of how far it may be turned from the radius. */
    private static final double LEANS = 0.25;

    private static final double TURNED = 0.9;
    /** Corners further off than this many times the scatter belong to something else. */
    private static final double OUTLIER = 3;

    private static final double FINEST = 2e-4;
    private static final double LOOSEST = 0.005;
    /** How far around the line between the picks the first guess looks, m. */
    private static final double[] REACHES = {0.015, 0.03, 0.06, 0.12};
    /** A tube further off the picks than this is another one, m. */
    private static final double OFF_PICK = 0.004;

    /** A corner of the surface near the run, with the normal of its triangle. */
    private record Spot(Vec3 at, Vec3 normal) {}

    /** A cylinder without ends. */
    private record Cylinder(Vec3 point, Vec3 axis, double radius) {
        double off(Vec3 at) {
            return at.minus(point).withoutPartAlong(axis).length() - radius;
        }

        Vec3 beside(Vec3 at) {
            return point.along(axis, at.minus(point).dot(axis));
        }
    }

    /**
     * @param first on the surface of one straight run, scan axes, m
     * @param second on the same run, further along
     * @throws InvalidValue if the points are too near each other or the surface there is no tube
     */
    public static TubeTrace of(TriangleMesh scan, Vec3 first, Vec3 second) {
        double length = first.distanceTo(second);
        if (length < FINEST) {
            throw new InvalidValue("picks", "lie on one spot; pick two points along one straight run");
        }
        List<Spot> near = near(scan, first, second);
        InvalidValue problem = null;
        TubeTrace best = null;
        for (double reach : REACHES) {
            try {
                TubeTrace found = traced(tube(near, first, second, reach), near, first, second);
                boolean onPicks = found.off(first) < OFF_PICK && found.off(second) < OFF_PICK;
                if (onPicks && (best == null || found.misses(first, second) < best.misses(first, second))) {
                    best = found;
                }
            } catch (InvalidValue noTube) {
                problem = noTube;
            }
        }
        if (best == null) {
            throw problem != null
                    ? problem
                    : new InvalidValue(
                            "picks",
                            "lie more than " + Math.round(1000 * OFF_PICK)
                                    + " mm off any tube between them; pick two points on one straight run");
        }
        return best;
    }

    /** How far a pick lies off the surface of this tube, m. */
    private double off(Vec3 pick) {
        return Math.abs(
                pick.minus(start).withoutPartAlong(end.minus(start).unit()).length() - radius);
    }

    /** What speaks against this being the tube that was meant, m. */
    private double misses(Vec3 first, Vec3 second) {
        return rms + off(first) + off(second);
    }

    private static TubeTrace traced(Cylinder tube, List<Spot> near, Vec3 first, Vec3 second) {
        double tolerance = tolerance(
                tube, near.stream().filter(spot -> belongs(spot, tube, LOOSEST)).toList());
        List<Spot> used =
                near.stream().filter(spot -> belongs(spot, tube, tolerance)).toList();
        return new TubeTrace(tube.beside(first), tube.beside(second), tube.radius(), rms(tube, used), used.size());
    }

    /** Begins with what lies within {@code reach} of the line between the picks. */
    private static Cylinder tube(List<Spot> near, Vec3 first, Vec3 second, double reach) {
        Vec3 along = second.minus(first).unit();
        List<Spot> used = near.stream()
                .filter(spot ->
                        spot.at().minus(first).withoutPartAlong(along).length() < reach && runsAlong(spot, along))
                .toList();
        Cylinder cylinder = null;
        for (int round = 0; round < ROUNDS; round++) {
            if (used.size() < FEWEST) {
                throw new InvalidValue(
                        "picks",
                        "have " + used.size() + " corners of the scan on a tube between them, " + FEWEST
                                + " are needed; pick two points on one straight run that was seen from more sides");
            }
            cylinder = cylinder == null ? begin(used, along) : settled(cylinder, used);
            if (!(cylinder.radius() < LARGEST_RADIUS)) {
                throw new InvalidValue(
                        "picks", "lie on a surface that is flat or far wider than a tube; pick the tube itself");
            }
            Cylinder now = cylinder;
            double allowed = tolerance(now, used);
            used = near.stream().filter(spot -> belongs(spot, now, allowed)).toList();
        }
        return cylinder;
    }

    private static double tolerance(Cylinder cylinder, List<Spot> spots) {
        return Math.max(FINEST, Math.min(LOOSEST, OUTLIER * middleOff(cylinder, spots)));
    }

    /** Corners of triangles near the run; each triangle gives all three, so that long ones count too. */
    private static List<Spot> near(TriangleMesh scan, Vec3 first, Vec3 second) {
        Vec3 axis = second.minus(first).unit();
        double length = first.distanceTo(second);
        List<Spot> near = new ArrayList<>();
        for (int t = 0; t < scan.triangles(); t++) {
            Vec3 a = scan.corner(t, 0);
            Vec3 b = scan.corner(t, 1);
            Vec3 c = scan.corner(t, 2);
            double low = Math.min(along(a, first, axis), Math.min(along(b, first, axis), along(c, first, axis)));
            double high = Math.max(along(a, first, axis), Math.max(along(b, first, axis), along(c, first, axis)));
            if (high < 0 || low > length || !isNear(a, first, axis)) {
                continue;
            }
            Vec3 across = b.minus(a).cross(c.minus(a));
            if (across.squaredLength() == 0) {
                continue;
            }
            Vec3 normal = across.unit();
            near.add(new Spot(a, normal));
            near.add(new Spot(b, normal));
            near.add(new Spot(c, normal));
        }
        return near;
    }

    private static double along(Vec3 at, Vec3 from, Vec3 axis) {
        return at.minus(from).dot(axis);
    }

    private static boolean isNear(Vec3 at, Vec3 from, Vec3 axis) {
        return at.minus(from).withoutPartAlong(axis).squaredLength() < 4 * LARGEST_RADIUS * LARGEST_RADIUS;
    }

    private static boolean runsAlong(Spot spot, Vec3 axis) {
        return Math.abs(spot.normal().dot(axis)) < LEANS;
    }

    private static boolean belongs(Spot spot, Cylinder cylinder, double tolerance) {
        Vec3 out = spot.at().minus(cylinder.point()).withoutPartAlong(cylinder.axis());
        return runsAlong(spot, cylinder.axis())
                && Math.abs(cylinder.off(spot.at())) <= tolerance
                && Math.abs(out.unit().dot(spot.normal())) > TURNED;
    }

    private static double middleOff(Cylinder cylinder, List<Spot> spots) {
        if (spots.isEmpty()) {
            return 0;
        }
        double[] off = spots.stream()
                .mapToDouble(spot -> Math.abs(cylinder.off(spot.at())))
                .sorted()
                .toArray();
        return off[off.length / 2] / 0.6745;
    }

    private static double rms(Cylinder cylinder, List<Spot> spots) {
        return Math.sqrt(spots.stream()
                .mapToDouble(spot -> cylinder.off(spot.at()) * cylinder.off(spot.at()))
                .average()
                .orElse(0));
    }

    /** The circle through the spots seen along the axis that the normals leave free. */
    private static Cylinder begin(List<Spot> spots, Vec3 guess) {
        double[][] normals = new double[3][3];
        for (Spot spot : spots) {
            double[] n = {spot.normal().x(), spot.normal().y(), spot.normal().z()};
            for (int i = 0; i < 3; i++) {
                for (int j = 0; j < 3; j++) {
                    normals[i][j] += n[i] * n[j];
                }
            }
        }
        double[] least = DenseAlgebra.symmetric(normals).vector(0);
        Vec3 axis = new Vec3(least[0], least[1], least[2]).unit();
        axis = axis.dot(guess) < 0 ? axis.negated() : axis;
        return circle(spots, axis);
    }

    /** Kasa's fit: u^2 + v^2 = 2 a u + 2 b v + c, linear in the middle (a, b) and c. */
    private static Cylinder circle(List<Spot> spots, Vec3 axis) {
        Vec3 across = axis.anyPerpendicular();
        Vec3 up = axis.cross(across);
        Vec3 origin = spots.get(0).at();
        double[][] normal = new double[3][3];
        double[] right = new double[3];
        for (Spot spot : spots) {
            double u = spot.at().minus(origin).dot(across);
            double v = spot.at().minus(origin).dot(up);
            add(normal, right, new double[] {2 * u, 2 * v, 1}, u * u + v * v);
        }
        double[] x = solved(normal, right);
        double radius = Math.sqrt(Math.max(0, x[2] + x[0] * x[0] + x[1] * x[1]));
        return new Cylinder(origin.along(across, x[0]).along(up, x[1]), axis, radius);
    }

    /** One step of Gauss-Newton on the shift and tilt across the axis and on the radius. */
    private static Cylinder settled(Cylinder from, List<Spot> spots) {
        Vec3 across = from.axis().anyPerpendicular();
        Vec3 up = from.axis().cross(across);
        double[][] normal = new double[5][5];
        double[] right = new double[5];
        for (Spot spot : spots) {
            Vec3 from0 = spot.at().minus(from.point());
            double along = from0.dot(from.axis());
            Vec3 out = from0.withoutPartAlong(from.axis()).unit();
            double u = out.dot(across);
            double v = out.dot(up);
            add(normal, right, new double[] {-u, -v, -u * along, -v * along, -1}, -from.off(spot.at()));
        }
        double[] x = solved(normal, right);
        return new Cylinder(
                from.point().along(across, x[0]).along(up, x[1]),
                from.axis().along(across, x[2]).along(up, x[3]).unit(),
                from.radius() + x[4]);
    }

    private static void add(double[][] normal, double[] right, double[] row, double value) {
        for (int i = 0; i < row.length; i++) {
            for (int j = 0; j < row.length; j++) {
                normal[i][j] += row[i] * row[j];
            }
            right[i] += row[i] * value;
        }
    }

    private static double[] solved(double[][] normal, double[] right) {
        return DenseAlgebra.solve(normal, right)
                .orElseThrow(() -> new InvalidValue(
                        "picks", "lie on a surface that is flat; pick the tube itself, seen from more sides"));
    }

    /**
     * Where two straight runs of one bent tube meet: halfway between the nearest points of their axes.
     *
     * @throws InvalidValue if the runs are parallel or pass each other further apart than the tube is thick
     */
    public static Vec3 corner(TubeTrace before, TubeTrace after) {
        Vec3 a = before.end.minus(before.start).unit();
        Vec3 b = after.end.minus(after.start).unit();
        Vec3 between = after.start.minus(before.end);
        double cosine = a.dot(b);
        double sine2 = 1 - cosine * cosine;
        if (sine2 < LEANS * LEANS / 16) {
            throw new InvalidValue("runs", "go the same way; a tube that does not bend is one run");
        }
        Vec3 onFirst = before.end.along(a, (between.dot(a) - between.dot(b) * cosine) / sine2);
        Vec3 onSecond = after.start.along(b, (between.dot(a) * cosine - between.dot(b)) / sine2);
        if (onFirst.distanceTo(onSecond) > before.radius + after.radius) {
            throw new InvalidValue(
                    "runs",
                    "pass each other at " + Math.round(1000 * onFirst.distanceTo(onSecond))
                            + " mm; they are not one tube");
        }
        return onFirst.towards(onSecond, 0.5);
    }

    /**
     * Node places of a tube with these straight runs, first to last: its ends and a corner at each bend.
     *
     * @throws InvalidValue if there is no run, or two that follow each other do not meet
     */
    public static List<Vec3> path(List<TubeTrace> runs) {
        if (runs.isEmpty()) {
            throw new InvalidValue("runs", "are none; pick two points on a straight run first");
        }
        List<Vec3> path = new ArrayList<>();
        path.add(runs.get(0).start);
        for (int k = 1; k < runs.size(); k++) {
            path.add(corner(runs.get(k - 1), runs.get(k)));
        }
        path.add(runs.get(runs.size() - 1).end);
        return path;
    }
}
