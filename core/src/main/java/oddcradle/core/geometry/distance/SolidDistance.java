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
 * <p>Accuracy better than 1e-9 m for solids of machine size. Any threads.
 */
public final class SolidDistance {
    private SolidDistance() {}

    public static Separation between(Solid a, Solid b) {
        Core coreA = Core.of(a);
        Core coreB = Core.of(b);
        if (isSegment(coreA) && isSegment(coreB)) {
            Optional<Separation> apart = betweenSegments(coreA, coreB);
            if (apart.isPresent()) {
                return apart.get();
            }
        } else {
            Optional<Gjk.Closest> closest = Gjk.closest(coreA, coreB);
            if (closest.isPresent()) {
                return rounded(
                        coreA, coreB, closest.get().pointA(), closest.get().pointB());
            }
        }
        return overlapping(coreA, coreB);
    }

    private static boolean isSegment(Core core) {
        return core.discAxis() == null && core.edges().size() <= 1;
    }

    private static Optional<Separation> betweenSegments(Core a, Core b) {
        SegmentDistance.Closest closest = SegmentDistance.between(start(a), end(a), start(b), end(b));
        double size = a.rounding() + b.rounding();
        if (closest.pointA().distanceTo(closest.pointB()) <= 1e-12 * size) {
            return Optional.empty();
        }
        return Optional.of(rounded(a, b, closest.pointA(), closest.pointB()));
    }

    private static Vec3 start(Core core) {
        return core.edges().isEmpty()
                ? core.centre()
                : core.centre().minus(core.edges().get(0));
    }

    private static Vec3 end(Core core) {
        return core.edges().isEmpty()
                ? core.centre()
                : core.centre().plus(core.edges().get(0));
    }

    /** Takes the rounding off the distance of two cores that do not meet. */
    private static Separation rounded(Core a, Core b, Vec3 onA, Vec3 onB) {
        Vec3 gap = onB.minus(onA);
        double distance = gap.length();
        Vec3 towardsB = gap.times(1 / distance);
        return new Separation(
                distance - a.rounding() - b.rounding(),
                onA.along(towardsB, a.rounding()),
                onB.along(towardsB, -b.rounding()));
    }

    private static Separation overlapping(Core a, Core b) {
        PenetrationDepth.Deepest deepest = PenetrationDepth.of(a, b);
        double depth = deepest.depth() + a.rounding() + b.rounding();
        Vec3 n = deepest.direction();
        // Where A reaches furthest along n and the point of B that it has passed by the depth.
        Vec3 onA = a.support(n).along(n, a.rounding());
        return new Separation(-depth, onA, onA.along(n, -depth));
    }
}
