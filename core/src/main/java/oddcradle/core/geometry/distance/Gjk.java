package oddcradle.core.geometry.distance;

import java.util.Optional;
import oddcradle.core.math.Vec3;

/**
 * The distance algorithm of Gilbert, Johnson and Keerthi: the point of the Minkowski difference A - B nearest to the
 * origin is approached by simplices of support points. Each round adds the support point against the current nearest
 * point v; it ends when no point of A - B can lie nearer than {@code |v|} less a tolerance. Plain numbers instead of
 * vectors: a ledger asks this a thousand times for every nudge.
 */
final class Gjk {
    private static final double RELATIVE_GAP = 1e-14;
    private static final int MAX_ROUNDS = 500;

    private final PreparedSolid a;
    private final PreparedSolid b;
    /** Up to four corners of A - B, three numbers each, and the points of A and B they came from. */
    private final double[] corner = new double[12];

    private final double[] onA = new double[12];
    private final double[] onB = new double[12];
    private final double[] weight = new double[4];
    private final double[] trial = new double[4];
    private final double[] bestWeights = new double[4];
    private final int[] face = new int[4];
    private int corners;
    private double vx;
    private double vy;
    private double vz;

    private Gjk(PreparedSolid a, PreparedSolid b) {
        this.a = a;
        this.b = b;
    }

    record Closest(Vec3 pointA, Vec3 pointB) {}

    /** @return empty if the cores meet, or lie so close that their closest direction is lost in rounding */
    static Optional<Closest> closest(PreparedSolid a, PreparedSolid b) {
        return new Gjk(a, b).search();
    }

    private Optional<Closest> search() {
        Vec3 start = a.centre().minus(b.centre());
        double touching = 1e-12 * (start.length() + a.reach() + b.reach());
        if (start.squaredLength() == 0) {
            start = Vec3.X.negated();
        }
        addSupport(-start.x(), -start.y(), -start.z());
        weight[0] = 1;
        vx = corner[0];
        vy = corner[1];
        vz = corner[2];
        for (int round = 0; round < MAX_ROUNDS; round++) {
            double vv = vx * vx + vy * vy + vz * vz;
            if (vv <= touching * touching || corners == 4) {
                return Optional.empty();
            }
            addSupport(-vx, -vy, -vz);
            int last = 3 * (corners - 1);
            double gap = vv - (vx * corner[last] + vy * corner[last + 1] + vz * corner[last + 2]);
            if (gap <= RELATIVE_GAP * vv || isKnown(last) || !reduce(vv)) {
                break;
            }
        }
        return Optional.of(new Closest(weighted(onA), weighted(onB)));
    }

    private void addSupport(double dx, double dy, double dz) {
        int at = 3 * corners;
        a.support(dx, dy, dz, onA, at);
        b.support(-dx, -dy, -dz, onB, at);
        for (int k = at; k < at + 3; k++) {
            corner[k] = onA[k] - onB[k];
        }
        corners++;
        weight[corners - 1] = 0;
    }

    private boolean isKnown(int last) {
        for (int k = 0; k < last; k += 3) {
            if (corner[k] == corner[last] && corner[k + 1] == corner[last + 1] && corner[k + 2] == corner[last + 2]) {
                return true;
            }
        }
        return false;
    }

    /**
     * Keeps the face whose nearest point to the origin is nearest of all; it holds the newest corner.
     *
     * @return false if rounding keeps the distance from falling; the simplex then keeps its weights
     */
    private boolean reduce(double before) {
        int newest = corners - 1;
        double best = before;
        int bestMask = -1;
        for (int mask = 0; mask < 1 << newest; mask++) {
            int size = 0;
            face[size++] = newest;
            for (int k = 0; k < newest; k++) {
                if ((mask >> k & 1) == 1) {
                    face[size++] = k;
                }
            }
            if (!weights(size)) {
                continue;
            }
            double x = 0;
            double y = 0;
            double z = 0;
            for (int k = 0; k < size; k++) {
                x += trial[k] * corner[3 * face[k]];
                y += trial[k] * corner[3 * face[k] + 1];
                z += trial[k] * corner[3 * face[k] + 2];
            }
            double squared = x * x + y * y + z * z;
            if (squared < best) {
                best = squared;
                bestMask = mask;
                System.arraycopy(trial, 0, bestWeights, 0, size);
                vx = x;
                vy = y;
                vz = z;
            }
        }
        if (bestMask < 0) {
            return false;
        }
        keep(bestMask, newest);
        return true;
    }

    /** Moves the chosen corners to the front; the newest goes last. */
    private void keep(int mask, int newest) {
        int kept = 0;
        for (int k = 0; k < newest; k++) {
            if ((mask >> k & 1) == 1) {
                move(k, kept);
                weight[kept] = bestWeights[kept + 1];
                kept++;
            }
        }
        move(newest, kept);
        weight[kept] = bestWeights[0];
        corners = kept + 1;
    }

    private void move(int from, int to) {
        System.arraycopy(corner, 3 * from, corner, 3 * to, 3);
        System.arraycopy(onA, 3 * from, onA, 3 * to, 3);
        System.arraycopy(onB, 3 * from, onB, 3 * to, 3);
    }

    /** Weights of the point of the face's plane nearest to the origin; false unless all are positive. */
    private boolean weights(int size) {
        double[] w = trial;
        int p = 3 * face[0];
        double px = corner[p];
        double py = corner[p + 1];
        double pz = corner[p + 2];
        if (size == 1) {
            w[0] = 1;
            return true;
        }
        int e = 3 * face[1];
        double ex = corner[e] - px;
        double ey = corner[e + 1] - py;
        double ez = corner[e + 2] - pz;
        if (size == 2) {
            double t = -(px * ex + py * ey + pz * ez) / (ex * ex + ey * ey + ez * ez);
            w[0] = 1 - t;
            w[1] = t;
            return t > 0 && t < 1;
        }
        int f = 3 * face[2];
        double fx = corner[f] - px;
        double fy = corner[f + 1] - py;
        double fz = corner[f + 2] - pz;
        double nx = ey * fz - ez * fy;
        double ny = ez * fx - ex * fz;
        double nz = ex * fy - ey * fx;
        if (size == 3) {
            double nn = nx * nx + ny * ny + nz * nz;
            double s = -((py * fz - pz * fy) * nx + (pz * fx - px * fz) * ny + (px * fy - py * fx) * nz) / nn;
            double t = -((ey * pz - ez * py) * nx + (ez * px - ex * pz) * ny + (ex * py - ey * px) * nz) / nn;
            w[0] = 1 - s - t;
            w[1] = s;
            w[2] = t;
            return s > 0 && t > 0 && s + t < 1;
        }
        int g = 3 * face[3];
        double gx = corner[g] - px;
        double gy = corner[g + 1] - py;
        double gz = corner[g + 2] - pz;
        double volume = nx * gx + ny * gy + nz * gz;
        double s = -(px * (fy * gz - fz * gy) + py * (fz * gx - fx * gz) + pz * (fx * gy - fy * gx)) / volume;
        double t = -(ex * (py * gz - pz * gy) + ey * (pz * gx - px * gz) + ez * (px * gy - py * gx)) / volume;
        double u = -(px * nx + py * ny + pz * nz) / volume;
        w[0] = 1 - s - t - u;
        w[1] = s;
        w[2] = t;
        w[3] = u;
        return s > 0 && t > 0 && u > 0 && s + t + u < 1;
    }

    private Vec3 weighted(double[] points) {
        double x = 0;
        double y = 0;
        double z = 0;
        for (int k = 0; k < corners; k++) {
            x += weight[k] * points[3 * k];
            y += weight[k] * points[3 * k + 1];
            z += weight[k] * points[3 * k + 2];
        }
        return new Vec3(x, y, z);
    }
}
