package oddcradle.core.geometry.distance;

import java.util.Optional;
import oddcradle.core.geometry.Solid;
import oddcradle.core.math.Vec3;

/**
 * Signed distance of two convex solids with the two closest points.
 *
 * <p>Apart, the cores' distance comes from the algorithm of Gilbert, Johnson and Keerthi (IEEE J. Robotics and
 * Automation 4, 1988, from memory) and the rounding radii are taken off. Overlapping, the depth is the least of
 * {@code h(n)}, the support of the Minkowski difference, over all directions n; see {@link PenetrationDepth}.
 *
 * <p>Accuracy better than 1e-9 m for solids of machine size; some 1e-7 m where a disc just touches. Any threads.
 */
public final class SolidDistance {
    private SolidDistance() {}

    public static Separation between(Solid a, Solid b) {
        return between(PreparedSolid.of(a), PreparedSolid.of(b));
    }

    public static Separation between(PreparedSolid a, PreparedSolid b) {
        return cores(a, b).orElseGet(() -> overlapping(a, b));
    }

    /** Of two solids that do not meet; empty where they touch or overlap. */
    public static Optional<Separation> apart(PreparedSolid a, PreparedSolid b) {
        return cores(a, b).filter(separation -> separation.distance() > 0);
    }

    /** By the cores, where those do not meet. */
    private static Optional<Separation> cores(PreparedSolid a, PreparedSolid b) {
        if (a.isSegment() && b.isSegment()) {
            SegmentDistance.Closest closest = SegmentDistance.between(a.start(), a.end(), b.start(), b.end());
            return closest.pointA().distanceTo(closest.pointB()) > 1e-12 * (a.rounding() + b.rounding())
                    ? Optional.of(rounded(a, b, closest.pointA(), closest.pointB()))
                    : Optional.empty();
        }
        return Gjk.closest(a, b).map(closest -> rounded(a, b, closest.pointA(), closest.pointB()));
    }

    /** Takes the rounding off the distance of two cores that do not meet. */
    private static Separation rounded(PreparedSolid a, PreparedSolid b, Vec3 onA, Vec3 onB) {
        Vec3 gap = onB.minus(onA);
        double distance = gap.length();
        Vec3 towardsB = gap.times(1 / distance);
        return new Separation(
                distance - a.rounding() - b.rounding(),
                onA.along(towardsB, a.rounding()),
                onB.along(towardsB, -b.rounding()));
    }

    /**
     * As {@link #between} where the solids are apart. Where they overlap it answers at once with a depth that is no more than the
     * true one: how deep the middle of either lies in the other.
     */
    public static Separation quick(PreparedSolid a, PreparedSolid b) {
        Optional<Separation> known = cores(a, b);
        if (known.isPresent()) {
            return known.get();
        }
        Vec3 ca = a.centre();
        Vec3 cb = b.centre();
        double depth = Math.max(deepest(a, b), deepest(b, a));
        Vec3 apart = cb.minus(ca);
        Vec3 direction = apart.length() < 1e-12 ? Vec3.Z : apart.unit();
        return new Separation(-Math.max(0, depth), ca, ca.along(direction, -Math.max(1e-9, depth)));
    }

    /** How deep the middle and the ends of one lie in the other. */
    private static double deepest(PreparedSolid one, PreparedSolid other) {
        double depth = other.depthOfBall(one.centre(), one.inwardRadius());
        return one.isSegment() && one.edgeCount() > 0
                ? Math.max(
                        depth,
                        Math.max(
                                other.depthOfBall(one.start(), one.rounding()),
                                other.depthOfBall(one.end(), one.rounding())))
                : depth;
    }

    private static Separation overlapping(PreparedSolid a, PreparedSolid b) {
        PenetrationDepth.Deepest deepest = PenetrationDepth.of(a, b);
        double depth = deepest.depth() + a.rounding() + b.rounding();
        Vec3 n = deepest.direction();
        // Where A reaches furthest along n and the point of B that it has passed by the depth.
        Vec3 onA = a.support(n).along(n, a.rounding());
        return new Separation(-depth, onA, onA.along(n, -depth));
    }
}
