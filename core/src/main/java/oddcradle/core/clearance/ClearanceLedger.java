package oddcradle.core.clearance;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.BiFunction;
import oddcradle.core.geometry.distance.PreparedSolid;
import oddcradle.core.geometry.distance.Separation;
import oddcradle.core.geometry.distance.SolidDistance;
import oddcradle.core.geometry.mesh.MeshDistance;
import oddcradle.core.geometry.mesh.MeshInside;
import oddcradle.core.geometry.motion.Sweep;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;

/**
 * Every pair of a donor part and an obstacle, each with its exact distance, what it draws nearer by and the room it has to keep;
 * the one with least margin first.
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
    private final PairRules rules;
    private final List<Gap> near;

    private ClearanceLedger(List<Body> donorParts, List<Body> obstacles, PairRules rules, Separations separations) {
        this.donorParts = List.copyOf(donorParts);
        this.obstacles = List.copyOf(obstacles);
        this.rules = rules;
        this.near = gaps(true, separations::of);
    }

    public static ClearanceLedger of(List<Body> donorParts, List<Body> obstacles) {
        return of(donorParts, obstacles, PairRules.BY_ROOM);
    }

    public static ClearanceLedger of(List<Body> donorParts, List<Body> obstacles, PairRules rules) {
        return of(donorParts, obstacles, rules, Separations.nothing());
    }

    /** The same, sooner, where distances of these very bodies are known already. */
    public static ClearanceLedger of(
            List<Body> donorParts, List<Body> obstacles, PairRules rules, Separations separations) {
        return new ClearanceLedger(donorParts, obstacles, rules, separations);
    }

    public List<Body> donorParts() {
        return donorParts;
    }

    public List<Body> obstacles() {
        return obstacles;
    }

    /** The pairs that may be near, worst first; every pair with a margin under {@value #NEAR} m is among them. */
    public List<Gap> near() {
        return near;
    }

    /**
     * The worst pairs, as many as asked for if there are so many. Far pairs are worked out in the order in which their boxes let
     * them come near, until none that is left can be among the worst.
     */
    public List<Gap> worst(int count) {
        if (near.size() >= count && (count == 0 || near.get(count - 1).margin() <= NEAR)) {
            return near.subList(0, count);
        }
        List<Gap> gaps = new ArrayList<>(near);
        for (Far pair : far()) {
            if (gaps.size() >= count && (count == 0 || gaps.get(count - 1).margin() <= pair.leastMargin())) {
                break;
            }
            gaps.add(gap(pair.part(), pair.obstacle(), rules));
            gaps.sort(WORST_FIRST);
        }
        return List.copyOf(gaps.subList(0, Math.min(count, gaps.size())));
    }

    /** All pairs, worst first; worked out afresh at each call. */
    public List<Gap> all() {
        return gaps(false, ClearanceLedger::separation);
    }

    /** A pair that waits, and the margin that its boxes prove, m. */
    private record Far(Body part, Body obstacle, double leastMargin) {}

    private List<Far> far() {
        List<Far> far = new ArrayList<>();
        for (Body part : donorParts) {
            for (Body obstacle : obstacles) {
                if (rules.counts(part, obstacle) && !isNear(part, obstacle)) {
                    far.add(new Far(part, obstacle, leastMargin(part, obstacle)));
                }
            }
        }
        far.sort(Comparator.comparingDouble(Far::leastMargin));
        return far;
    }

    private List<Gap> gaps(boolean nearOnly, BiFunction<Body, Body, Separation> distance) {
        List<Gap> gaps = new ArrayList<>();
        for (Body part : donorParts) {
            for (Body obstacle : obstacles) {
                if (rules.counts(part, obstacle) && (!nearOnly || isNear(part, obstacle))) {
                    gaps.add(gap(part, obstacle, rules, distance.apply(part, obstacle)));
                }
            }
        }
        gaps.sort(WORST_FIRST);
        return List.copyOf(gaps);
    }

    private boolean isNear(Body part, Body obstacle) {
        double boxes = part.bounds().distanceTo(obstacle.bounds());
        double reach = NEAR + rules.mostMovement(part, obstacle);
        return boxes < reach || boxes < reach + rules.rule(part, obstacle).room();
    }

    private double leastMargin(Body part, Body obstacle) {
        return part.bounds().distanceTo(obstacle.bounds())
                - rules.mostMovement(part, obstacle)
                - rules.rule(part, obstacle).room();
    }

    /** One pair by the rules. */
    public static Gap gap(Body part, Body obstacle, PairRules rules) {
        return gap(part, obstacle, rules, separation(part, obstacle));
    }

    private static Gap gap(Body part, Body obstacle, PairRules rules, Separation apart) {
        return new Gap(
                part,
                obstacle,
                apart,
                rules.rule(part, obstacle),
                rules.allowances(part, obstacle, apart),
                rules.sigma(part, obstacle, apart));
    }

    /** Shortest distance of one pair. */
    public static Separation separation(Body part, Body obstacle) {
        return separation(part, obstacle, (sweep, solid) -> sweep.nearest(solid).separation());
    }

    /** The same where only how far two stay apart is asked: of an overlap any depth is told, and sooner. */
    public static Separation separationOrAnyOverlap(Body part, Body obstacle) {
        return separation(
                part, obstacle, (sweep, solid) -> sweep.nearestOrFirstOverlap(solid, Double.POSITIVE_INFINITY));
    }

    private static Separation separation(Body part, Body obstacle, BiFunction<Sweep, PreparedSolid, Separation> swept) {
        if (part.scan().isPresent()) {
            return scanned(part.scan().get(), obstacle);
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
                Separation here = swept.apply(b, a);
                if (shortest == null || here.distance() < shortest.distance()) {
                    shortest = here;
                }
            }
        }
        return shortest;
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
