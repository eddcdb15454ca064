package oddcradle.core.geometry.distance;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.math.Vec3;

/**
 * Depth of two overlapping cores: the least over all unit vectors n of
 * {@code h(n) = (cA - cB) · n + wA(n) + wB(n)}, with w the half width of each core along n; the length of the shortest
 * translation that parts them.
 *
 * <p>h is smooth except across the great circles at right angles to an edge vector and at the poles of a disc, where it
 * has an upward kink, and along any direction in which no disc rounds it off it is strictly concave. A least value can
 * therefore stand only (1) at a pole or where two such circles cross, (2) on a circle, where a disc curves it, (3) in the
 * open, only if both cores carry a disc. (1) is enumerated, (2) and (3) are sampled and then refined by Brent-like golden
 * section and by a shrinking pattern search from every local minimum of the samples. Derived here; checked in the tests
 * against dense sampling of all directions.
 */
final class PenetrationDepth {
    private static final int CIRCLE_SAMPLES = 180;
    private static final int SPHERE_RINGS = 45;
    private static final double GOLDEN = 0.6180339887498949;

    private final PreparedSolid a;
    private final PreparedSolid b;
    private final Vec3 offset;
    private Vec3 best;
    private double least = Double.POSITIVE_INFINITY;

    private PenetrationDepth(PreparedSolid a, PreparedSolid b) {
        this.a = a;
        this.b = b;
        this.offset = a.centre().minus(b.centre());
    }

    /**
     * @param depth metres, 0 or more
     * @param direction unit vector; moving B by the depth along it parts the two
     */
    record Deepest(double depth, Vec3 direction) {}

    static Deepest of(PreparedSolid a, PreparedSolid b) {
        return new PenetrationDepth(a, b).search();
    }

    private Deepest search() {
        List<Vec3> normals = normals();
        tryDirection(offset.squaredLength() > 0 ? offset.unit().negated() : Vec3.Z);
        for (Vec3 normal : normals) {
            tryBothWays(normal);
        }
        for (int i = 0; i < normals.size(); i++) {
            for (int j = i + 1; j < normals.size(); j++) {
                Vec3 crossing = normals.get(i).cross(normals.get(j));
                if (crossing.length() > 1e-9) {
                    tryBothWays(crossing.unit());
                }
            }
        }
        if (a.hasDisc() || b.hasDisc()) {
            normals.forEach(this::searchCircle);
        }
        if (a.hasDisc() && b.hasDisc()) {
            searchOpen();
        }
        return new Deepest(Math.max(0, least), best);
    }

    /** Unit vectors along every edge and disc axis. */
    private List<Vec3> normals() {
        List<Vec3> normals = new ArrayList<>();
        for (PreparedSolid core : List.of(a, b)) {
            for (int k = 0; k < core.edgeCount(); k++) {
                if (core.edge(k).squaredLength() > 0) {
                    normals.add(core.edge(k).unit());
                }
            }
        }
        if (normals.isEmpty()) {
            normals.add(Vec3.Z);
        }
        return normals;
    }

    private double depthAlong(Vec3 n) {
        return offset.dot(n) + a.halfWidth(n) + b.halfWidth(n);
    }

    private void tryBothWays(Vec3 n) {
        tryDirection(n);
        tryDirection(n.negated());
    }

    private double tryDirection(Vec3 n) {
        double depth = depthAlong(n);
        if (depth < least) {
            least = depth;
            best = n;
        }
        return depth;
    }

    private void searchCircle(Vec3 normal) {
        Vec3 u = normal.anyPerpendicular();
        Vec3 v = normal.cross(u);
        double step = 2 * Math.PI / CIRCLE_SAMPLES;
        double[] depth = new double[CIRCLE_SAMPLES];
        for (int k = 0; k < CIRCLE_SAMPLES; k++) {
            depth[k] = depthAlong(onCircle(u, v, k * step));
        }
        for (int k = 0; k < CIRCLE_SAMPLES; k++) {
            double before = depth[(k + CIRCLE_SAMPLES - 1) % CIRCLE_SAMPLES];
            double after = depth[(k + 1) % CIRCLE_SAMPLES];
            if (depth[k] <= before && depth[k] <= after) {
                refineOnCircle(u, v, (k - 1) * step, (k + 1) * step);
            }
        }
    }

    private void refineOnCircle(Vec3 u, Vec3 v, double from, double to) {
        double low = from;
        double high = to;
        while (high - low > 1e-10) {
            double left = high - GOLDEN * (high - low);
            double right = low + GOLDEN * (high - low);
            if (tryDirection(onCircle(u, v, left)) < tryDirection(onCircle(u, v, right))) {
                high = right;
            } else {
                low = left;
            }
        }
    }

    private static Vec3 onCircle(Vec3 u, Vec3 v, double angle) {
        return u.times(Math.cos(angle)).along(v, Math.sin(angle));
    }

    private void searchOpen() {
        double step = Math.PI / SPHERE_RINGS;
        int around = 2 * SPHERE_RINGS;
        double[][] depth = new double[SPHERE_RINGS][around];
        for (int i = 0; i < SPHERE_RINGS; i++) {
            for (int j = 0; j < around; j++) {
                depth[i][j] = depthAlong(onSphere((i + 0.5) * step, j * step));
            }
        }
        for (int i = 0; i < SPHERE_RINGS; i++) {
            for (int j = 0; j < around; j++) {
                if (isLowest(depth, i, j)) {
                    refineOpen(onSphere((i + 0.5) * step, j * step), step);
                }
            }
        }
    }

    private static Vec3 onSphere(double polar, double azimuth) {
        double sine = Math.sin(polar);
        return new Vec3(sine * Math.cos(azimuth), sine * Math.sin(azimuth), Math.cos(polar));
    }

    private static boolean isLowest(double[][] depth, int i, int j) {
        int around = depth[i].length;
        for (int di = -1; di <= 1; di++) {
            for (int dj = -1; dj <= 1; dj++) {
                int ring = i + di;
                if (ring >= 0 && ring < depth.length && depth[ring][(j + dj + around) % around] < depth[i][j]) {
                    return false;
                }
            }
        }
        return true;
    }

    /** Pattern search in the tangent plane with a step that halves whenever no neighbour is lower. */
    private void refineOpen(Vec3 start, double firstStep) {
        Vec3 n = start;
        double here = tryDirection(n);
        for (double step = firstStep; step > 1e-11; ) {
            Vec3 u = n.anyPerpendicular();
            Vec3 v = n.cross(u);
            Vec3 lowest = null;
            for (int k = 0; k < 8; k++) {
                Vec3 trial = n.along(onCircle(u, v, k * Math.PI / 4), step).unit();
                double depth = tryDirection(trial);
                if (depth < here) {
                    here = depth;
                    lowest = trial;
                }
            }
            if (lowest == null) {
                step *= 0.5;
            } else {
                n = lowest;
            }
        }
    }
}
