package oddcradle.core.clearance;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.BiPredicate;
import oddcradle.core.geometry.distance.PreparedSolid;
import oddcradle.core.geometry.distance.Separation;
import oddcradle.core.geometry.distance.SolidDistance;
import oddcradle.core.geometry.mesh.MeshDistance;
import oddcradle.core.geometry.mesh.MeshInside;
import oddcradle.core.geometry.motion.Sweep;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;

/**
 * Every pair of a donor part and an obstacle, each with its exact distance, the one with least margin first.
 *
 * <p>A hand that drags the donor needs the near pairs at once: they are worked out when the ledger is made. A pair whose
 * boxes along the axes already prove more than {@value #NEAR} m of margin is worked out when the whole list is asked for.
 */
public final class ClearanceLedger {
    /** Margin that boxes must prove for a pair to wait, m. */
    private static final double NEAR = 0.040;

    private static final Comparator<Gap> WORST_FIRST = Comparator.comparingDouble(Gap::margin);

    private final List<Body> donorParts;
    private final List<Body> obstacles;
    private final BiPredicate<Body, Body> counts;
    private final List<Gap> near;

    private ClearanceLedger(List<Body> donorParts, List<Body> obstacles, BiPredicate<Body, Body> counts) {
        this.donorParts = List.copyOf(donorParts);
        this.obstacles = List.copyOf(obstacles);
        this.counts = counts;
        this.near = gaps(true);
    }

    public static ClearanceLedger of(List<Body> donorParts, List<Body> obstacles) {
        return of(donorParts, obstacles, (part, obstacle) -> true);
    }

    /** @param counts whether a pair is to be held apart at all */
    public static ClearanceLedger of(List<Body> donorParts, List<Body> obstacles, BiPredicate<Body, Body> counts) {
        return new ClearanceLedger(donorParts, obstacles, counts);
    }

    public List<Body> obstacles() {
        return obstacles;
    }

    /** The pairs that may be near, worst first; every pair with a margin under {@value #NEAR} m is among them. */
    public List<Gap> near() {
        return near;
    }

    /** The worst pairs, as many as asked for if there are so many; far pairs are worked out only if the near are too few. */
    public List<Gap> worst(int count) {
        boolean nearSuffice =
                near.size() >= count && (count == 0 || near.get(count - 1).margin() <= NEAR);
        List<Gap> gaps = nearSuffice ? near : all();
        return gaps.subList(0, Math.min(count, gaps.size()));
    }

    /** All pairs, worst first; worked out afresh at each call. */
    public List<Gap> all() {
        return gaps(false);
    }

    private List<Gap> gaps(boolean nearOnly) {
        List<Gap> gaps = new ArrayList<>();
        for (Body part : donorParts) {
            for (Body obstacle : obstacles) {
                double limit = Math.max(part.room(), obstacle.room());
                boolean wanted = !nearOnly || part.bounds().distanceTo(obstacle.bounds()) < limit + NEAR;
                if (wanted && counts.test(part, obstacle)) {
                    gaps.add(gap(part, obstacle));
                }
            }
        }
        gaps.sort(WORST_FIRST);
        return List.copyOf(gaps);
    }

    /** One pair. */
    public static Gap gap(Body part, Body obstacle) {
        double limit = Math.max(part.room(), obstacle.room());
        if (part.scan().isPresent()) {
            Body.Scanned scan = part.scan().get();
            return new Gap(part, obstacle, scanned(scan, obstacle), limit);
        }
        Separation shortest = null;
        for (PreparedSolid a : part.prepared()) {
            for (PreparedSolid b : obstacle.prepared()) {
                if (shortest != null && a.bounds().distanceTo(b.bounds()) > Math.max(0, shortest.distance())) {
                    continue;
                }
                Separation here = SolidDistance.between(a, b);
                if (shortest == null || here.distance() < shortest.distance()) {
                    shortest = here;
                }
            }
            for (Sweep b : obstacle.sweeps()) {
                if (shortest != null && a.bounds().distanceTo(b.bounds()) > Math.max(0, shortest.distance())) {
                    continue;
                }
                Separation here = b.nearest(a).separation();
                if (shortest == null || here.distance() < shortest.distance()) {
                    shortest = here;
                }
            }
        }
        return new Gap(part, obstacle, shortest, limit);
    }

    /** Between surfaces; where one lies wholly within the other, the distance to the surface counts as overlap. */
    private static Separation scanned(Body.Scanned scan, Body obstacle) {
        Separation apart = MeshDistance.between(scan.tree(), scan.pose(), obstacle.surface(), Pose.IDENTITY);
        Pose pose = scan.pose();
        Vec3 onScan = pose.rotation().transposed().times(apart.pointB().minus(pose.translation()));
        boolean swallowed =
                apart.distance() > 0 && (MeshInside.contains(scan.tree(), onScan) || obstacle.holds(apart.pointA()));
        return swallowed ? new Separation(-apart.distance(), apart.pointA(), apart.pointB()) : apart;
    }
}
