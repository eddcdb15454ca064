package oddcradle.core.geometry.distance;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.math.Vec3;

/**
 * The distance algorithm of Gilbert, Johnson and Keerthi: the point of the Minkowski difference A - B nearest to the
 * origin is approached by simplices of support points. Each round adds the support point against the current nearest
 * point v; it ends when no point of A - B can lie nearer than {@code |v|} less a tolerance.
 */
final class Gjk {
    private static final double RELATIVE_GAP = 1e-14;
    private static final int MAX_ROUNDS = 500;

    private Gjk() {}

    record Closest(Vec3 pointA, Vec3 pointB) {}

    /** A support point of A - B with the points of A and B it came from. */
    private record Corner(Vec3 onA, Vec3 onB, Vec3 difference) {}

    /** A simplex reduced to the corners that carry its nearest point, with their weights. */
    private record Nearest(List<Corner> corners, double[] weights, Vec3 point) {}

    /** @return empty if the cores meet, or lie so close that their closest direction is lost in rounding */
    static Optional<Closest> closest(Core a, Core b) {
        double size = a.centre().distanceTo(b.centre()) + reach(a) + reach(b);
        double touching = 1e-12 * size;
        Vec3 start = a.centre().minus(b.centre());
        Corner first = support(a, b, start.squaredLength() == 0 ? Vec3.X : start.negated());
        Nearest nearest = new Nearest(List.of(first), new double[] {1}, first.difference());
        for (int round = 0; round < MAX_ROUNDS; round++) {
            Vec3 v = nearest.point();
            double vv = v.squaredLength();
            if (vv <= touching * touching || nearest.corners().size() == 4) {
                return Optional.empty();
            }
            Corner next = support(a, b, v.negated());
            double gap = vv - v.dot(next.difference());
            if (gap <= RELATIVE_GAP * vv || known(nearest.corners(), next)) {
                break;
            }
            List<Corner> grown = new ArrayList<>(nearest.corners());
            grown.add(next);
            Nearest better = nearestToOrigin(grown);
            // Rounding has the last word when the distance no longer falls.
            if (!(better.point().squaredLength() < vv)) {
                break;
            }
            nearest = better;
        }
        Vec3 onA = Vec3.ZERO;
        Vec3 onB = Vec3.ZERO;
        for (int k = 0; k < nearest.weights().length; k++) {
            onA = onA.along(nearest.corners().get(k).onA(), nearest.weights()[k]);
            onB = onB.along(nearest.corners().get(k).onB(), nearest.weights()[k]);
        }
        return Optional.of(new Closest(onA, onB));
    }

    private static double reach(Core core) {
        double reach = core.discRadius();
        for (Vec3 edge : core.edges()) {
            reach += edge.length();
        }
        return reach;
    }

    private static Corner support(Core a, Core b, Vec3 direction) {
        Vec3 onA = a.support(direction);
        Vec3 onB = b.support(direction.negated());
        return new Corner(onA, onB, onA.minus(onB));
    }

    private static boolean known(List<Corner> corners, Corner corner) {
        for (Corner each : corners) {
            if (each.difference().equals(corner.difference())) {
                return true;
            }
        }
        return false;
    }

    /** The nearest point over all faces of the simplex whose weights are all positive: the nearest of those. */
    private static Nearest nearestToOrigin(List<Corner> corners) {
        Nearest best = null;
        int subsets = 1 << corners.size();
        for (int subset = 1; subset < subsets; subset++) {
            List<Corner> face = new ArrayList<>(4);
            for (int k = 0; k < corners.size(); k++) {
                if ((subset >> k & 1) == 1) {
                    face.add(corners.get(k));
                }
            }
            double[] weights = weights(face);
            if (weights == null) {
                continue;
            }
            Vec3 point = Vec3.ZERO;
            for (int k = 0; k < weights.length; k++) {
                point = point.along(face.get(k).difference(), weights[k]);
            }
            if (best == null || point.squaredLength() < best.point().squaredLength()) {
                best = new Nearest(face, weights, point);
            }
        }
        return best;
    }

    /** Weights of the affine hull's point nearest to the origin; null unless all are positive. */
    private static double[] weights(List<Corner> face) {
        Vec3 p = face.get(0).difference();
        switch (face.size()) {
            case 1:
                return new double[] {1};
            case 2: {
                Vec3 e = face.get(1).difference().minus(p);
                double t = -p.dot(e) / e.squaredLength();
                return t > 0 && t < 1 ? new double[] {1 - t, t} : null;
            }
            case 3: {
                Vec3 e = face.get(1).difference().minus(p);
                Vec3 f = face.get(2).difference().minus(p);
                Vec3 n = e.cross(f);
                double nn = n.squaredLength();
                double s = -p.cross(f).dot(n) / nn;
                double t = -e.cross(p).dot(n) / nn;
                return s > 0 && t > 0 && s + t < 1 ? new double[] {1 - s - t, s, t} : null;
            }
            default: {
                Vec3 e = face.get(1).difference().minus(p);
                Vec3 f = face.get(2).difference().minus(p);
                Vec3 g = face.get(3).difference().minus(p);
                double volume = e.dot(f.cross(g));
                double s = -p.dot(f.cross(g)) / volume;
                double t = -e.dot(p.cross(g)) / volume;
                double u = -e.dot(f.cross(p)) / volume;
                return s > 0 && t > 0 && u > 0 && s + t + u < 1 ? new double[] {1 - s - t - u, s, t, u} : null;
            }
        }
    }
}
