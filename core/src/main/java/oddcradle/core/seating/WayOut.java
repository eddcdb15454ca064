package oddcradle.core.seating;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import oddcradle.core.control.Progress;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;

/**
 * A way for a rigid body out of its place without touching what stands round it, by six freedoms: straight ways first, then two
 * straight ways one after the other, then a tree of poses that grows from the place towards the outside (LaValle, Rapidly-exploring
 * random trees, 1998, from memory) over a Halton sequence, so that the same question always has the same answer. What is found is
 * shortened. A step is free when its middle leaves more room than any point of the body moves to its ends; else it is halved.
 *
 * <p>The way in is the way out played backwards. That none is found within the budget does not prove that there is none.
 */
public final class WayOut {
    private static final int FEWEST_ROUNDS = 40;
    private static final double STEP = 0.05;
    private static final double SMALLEST = 2e-4;
    private static final double MOST_TILT = Math.toRadians(90);
    private static final int TOWARDS_OUTSIDE = 5;
    private static final int SHORTENINGS = 160;
    private static final int[] PRIMES = {2, 3, 5, 7, 11, 13, 17};

    private final GapFinder finder;
    private final GapFinder.Probe probe;
    private final Vec3 middle;
    private final double reach;
    private final double room;
    private final Vec3 low;
    private final Vec3 high;
    private int halton = 1;

    /**
     * @param finder room and movement count for nothing here; plain gaps do
     * @param middle point about which the body turns, its own axes, m
     * @param reach farthest of its points from there, m
     * @param room wanted on the way, m
     * @param low corner of the box that it must leave, m
     * @param high the opposite corner, m
     */
    public record Question(
            GapFinder finder, Vec3 middle, double reach, double room, Vec3 low, Vec3 high, List<Vec3> ways) {
        public Question {
            Guard.notNegative("room", room, "m");
            ways = List.copyOf(ways);
            if (ways.isEmpty()) {
                throw new InvalidValue("ways", "is empty; name at least one side to come out at");
            }
        }
    }

    /** One pose on the way: how far it is moved and turned from its place, and the least gap there, m. */
    public record Moment(Pose pose, double gap, String part, String obstacle) {}

    /**
     * @param poses corners of the way, the place first
     * @param side unit direction in which it leaves
     * @param straight whether it is not turned on the way
     * @param tightest after it has left its place
     * @param length m
     */
    public record Way(List<Pose> poses, Vec3 side, boolean straight, Moment tightest, double length) {
        public Way {
            poses = List.copyOf(poses);
        }
    }

    private WayOut(Question question) {
        this.finder = question.finder();
        this.probe = finder.probe();
        this.middle = question.middle();
        this.reach = question.reach();
        this.room = question.room();
        this.low = question.low();
        this.high = question.high();
    }

    /**
     * @param budget poses to try before it gives up
     * @return empty if none was found
     * @throws InvalidValue if the place itself is in a clash
     */
    public static Optional<Way> find(Question question, Pose place, int budget, Progress progress) {
        return new WayOut(question).search(question.ways(), place, budget, progress);
    }

    /** Every pair that stands against a straight way. */
    public static Set<GapFinder.Pair> against(Question question, Pose place, Vec3 way) {
        WayOut out = new WayOut(question);
        double needs = out.outside(place, way);
        Set<GapFinder.Pair> pairs = new HashSet<>();
        double step = Math.max(SMALLEST, out.room);
        double atPlace = out.gap(place);
        for (double moved = step; moved < needs; moved += step) {
            pairs.addAll(out.probe.closer(slid(place, way.times(moved)), out.allowed(atPlace, moved)));
        }
        return pairs;
    }

    /** How far a straight way leads before it is too tight, m, and where it ends. */
    public record Straight(double free, boolean out, Moment end) {}

    public static Straight straight(Question question, Pose place, Vec3 way) {
        return new WayOut(question).straight(place, way);
    }

    private Straight straight(Pose place, Vec3 way) {
        double needs = outside(place, way);
        double free = 0;
        double atPlace = gap(place);
        while (free < needs) {
            GapFinder.Tightest tight = probe.tightest(slid(place, way.times(free)), Double.NEGATIVE_INFINITY, 1);
            double spare = tight.margin() - allowed(atPlace, free);
            if (spare < SMALLEST) {
                return new Straight(free, false, moment(slid(place, way.times(free)), tight));
            }
            free += Math.max(SMALLEST, spare);
        }
        Pose end = slid(place, way.times(needs));
        return new Straight(needs, true, moment(end, probe.tightest(end, Double.NEGATIVE_INFINITY, 1)));
    }

    /** In its place the body may sit closer than is wanted on the way; it draws away from there. */
    private double allowed(double atPlace, double moved) {
        double inPlace = Math.min(room, Math.max(0, atPlace) * 0.5);
        return moved < 2 * room ? inPlace : room;
    }

    private static Pose slid(Pose pose, Vec3 by) {
        return new Pose(pose.rotation(), pose.translation().plus(by));
    }

    private double gap(Pose pose) {
        return probe.tightest(pose, Double.NEGATIVE_INFINITY, 1).margin();
    }

    /** How far along a way until the body has left the box of all that stands. */
    private double outside(Pose pose, Vec3 way) {
        Vec3 at = pose.place(middle);
        double edge = way.x() + way.y() + way.z() > 0 ? high.dot(way) : low.dot(way);
        return Math.max(0, edge - at.dot(way) + reach);
    }

    private Optional<Way> search(List<Vec3> ways, Pose place, int budget, Progress progress) {
        GapFinder.Tightest start = probe.tightest(place);
        if (start.margin() <= 0) {
            throw new InvalidValue(
                    "place",
                    "is in a clash: " + finder.moved().get(start.moved()).label() + " touches "
                            + finder.standing().get(start.standing()).label()
                            + "; mend the seat first, a way cannot begin there");
        }
        Way best = null;
        for (Vec3 way : ways) {
            Straight straight = straight(place, way);
            if (straight.out()) {
                best = better(best, way(List.of(place, straight.end().pose()), way));
            }
        }
        if (best != null) {
            return Optional.of(best);
        }
        progress.report(0.05);
        best = twoStraights(ways, place);
        if (best != null) {
            return Optional.of(best);
        }
        progress.report(0.1);
        return grown(ways, place, budget, progress.part(0.1, 1));
    }

    private static Way better(Way one, Way other) {
        return one == null || other.length() < one.length() ? other : one;
    }

    /** A little one way, then out the other. */
    private Way twoStraights(List<Vec3> ways, Pose place) {
        Way best = null;
        for (Vec3 first : List.of(Vec3.X, Vec3.X.negated(), Vec3.Y, Vec3.Y.negated(), Vec3.Z, Vec3.Z.negated())) {
            double free = straight(place, first).free();
            for (double share : new double[] {0.25, 0.5, 0.75, 1}) {
                Pose corner = slid(place, first.times(free * share));
                for (Vec3 way : ways) {
                    if (way.dot(first) != 0 || !isFree(place, corner, place)) {
                        continue;
                    }
                    Straight second = straight(corner, way);
                    if (second.out()) {
                        best = better(
                                best, way(List.of(place, corner, second.end().pose()), way));
                    }
                }
            }
        }
        return best;
    }

    private record Branch(Pose pose, int parent) {}

    private Optional<Way> grown(List<Vec3> ways, Pose place, int budget, Progress progress) {
        List<Branch> tree = new ArrayList<>(List.of(new Branch(place, -1)));
        int rounds = Math.max(budget, FEWEST_ROUNDS);
        for (int k = 0; k < rounds; k++) {
            progress.report((double) k / rounds);
            Pose wanted = k % TOWARDS_OUTSIDE == 0
                    ? out(
                            ways.get(k / TOWARDS_OUTSIDE % ways.size()),
                            tree.get(tree.size() - 1).pose())
                    : sample(place);
            int near = nearest(tree, wanted);
            Pose from = tree.get(near).pose();
            Pose to = towards(from, wanted, STEP);
            int grown = 0;
            while (isFree(from, to, place) && grown++ < 20) {
                tree.add(new Branch(to, near));
                near = tree.size() - 1;
                Optional<Way> done = leaves(tree, near, ways);
                if (done.isPresent()) {
                    return done;
                }
                if (distance(to, wanted) < STEP) {
                    break;
                }
                from = to;
                to = towards(from, wanted, STEP);
            }
        }
        return Optional.empty();
    }

    private Pose out(Vec3 way, Pose from) {
        return slid(from, way.times(outside(from, way)));
    }

    /** Whether a straight way leads out from the newest branch. */
    private Optional<Way> leaves(List<Branch> tree, int at, List<Vec3> ways) {
        Pose pose = tree.get(at).pose();
        for (Vec3 way : ways) {
            Straight straight = straight(pose, way);
            if (straight.out()) {
                List<Pose> corners = new ArrayList<>(List.of(straight.end().pose()));
                for (int k = at; k >= 0; k = tree.get(k).parent()) {
                    corners.add(0, tree.get(k).pose());
                }
                return Optional.of(way(shortened(corners), way));
            }
        }
        return Optional.empty();
    }

    private double next(int dimension) {
        double value = 0;
        double share = 1;
        int k = halton;
        while (k > 0) {
            share /= PRIMES[dimension];
            value += share * (k % PRIMES[dimension]);
            k /= PRIMES[dimension];
        }
        return value;
    }

    /** A pose in the box and a body's size round it, tilted from its place by no more than a hoist allows. */
    private Pose sample(Pose place) {
        halton++;
        Vec3 size = high.minus(low).plus(new Vec3(2, 2, 2).times(reach));
        Vec3 at = new Vec3(
                low.x() - reach + next(0) * size.x(),
                low.y() - reach + next(1) * size.y(),
                low.z() - reach + next(2) * size.z());
        double z = 2 * next(3) - 1;
        double turn = 2 * Math.PI * next(4);
        double flat = Math.sqrt(Math.max(0, 1 - z * z));
        Vec3 axis = new Vec3(flat * Math.cos(turn), flat * Math.sin(turn), z);
        Mat3 rotation = Mat3.rotationAbout(axis, MOST_TILT * next(5)).times(place.rotation());
        return new Pose(rotation, at.minus(rotation.times(middle)));
    }

    private int nearest(List<Branch> tree, Pose wanted) {
        int nearest = 0;
        double least = Double.POSITIVE_INFINITY;
        for (int k = 0; k < tree.size(); k++) {
            double here = distance(tree.get(k).pose(), wanted);
            if (here < least) {
                least = here;
                nearest = k;
            }
        }
        return nearest;
    }

    /** No point of the body moves farther between two poses, m. */
    private double distance(Pose one, Pose other) {
        return one.place(middle).distanceTo(other.place(middle)) + angle(one, other) * reach;
    }

    private static double angle(Pose one, Pose other) {
        Mat3 turn = other.rotation().times(one.rotation().transposed());
        double cosine = (turn.get(0, 0) + turn.get(1, 1) + turn.get(2, 2) - 1) / 2;
        return Math.acos(Math.max(-1, Math.min(1, cosine)));
    }

    private Pose towards(Pose from, Pose to, double step) {
        double far = distance(from, to);
        return far <= step ? to : between(from, to, step / far, middle);
    }

    /**
     * A pose part of the way: the middle of the body on a straight line, the turn about one axis.
     *
     * @param share 0 to 1
     * @param middle of the body, its own axes
     */
    public static Pose between(Pose from, Pose to, double share, Vec3 middle) {
        Mat3 turn = to.rotation().times(from.rotation().transposed());
        Vec3 axis = new Vec3(
                turn.get(2, 1) - turn.get(1, 2), turn.get(0, 2) - turn.get(2, 0), turn.get(1, 0) - turn.get(0, 1));
        double angle = angle(from, to);
        Mat3 rotation = axis.length() < 1e-12
                ? from.rotation()
                : Mat3.rotationAbout(axis, angle * share).times(from.rotation());
        Vec3 at = from.place(middle).towards(to.place(middle), share);
        return new Pose(rotation, at.minus(rotation.times(middle)));
    }

    private boolean isFree(Pose from, Pose to, Pose place) {
        double far = distance(from, to);
        Pose half = between(from, to, 0.5, middle);
        double wanted = distance(half, place) < 2 * room + far ? Math.min(room, gap(place) * 0.5) : room;
        double spare = probe.tightest(half, wanted, far + room).margin() - wanted;
        if (spare < 0) {
            return false;
        }
        if (spare >= far / 2 || far < SMALLEST) {
            return true;
        }
        return isFree(from, half, place) && isFree(half, to, place);
    }

    /** Corners that can be left out are; always the same ones. */
    private List<Pose> shortened(List<Pose> corners) {
        List<Pose> fewer = new ArrayList<>(corners);
        Pose place = corners.get(0);
        for (int k = 0; k < SHORTENINGS && fewer.size() > 2; k++) {
            halton++;
            int a = (int) (next(5) * (fewer.size() - 2));
            int b = a + 2 + (int) (next(6) * (fewer.size() - a - 2));
            if (b < fewer.size() && isFree(fewer.get(a), fewer.get(b), place)) {
                fewer.subList(a + 1, b).clear();
            }
        }
        return fewer;
    }

    private Way way(List<Pose> corners, Vec3 side) {
        double length = 0;
        boolean straight = true;
        Moment tightest = null;
        double moved = 0;
        for (int k = 1; k < corners.size(); k++) {
            double far = distance(corners.get(k - 1), corners.get(k));
            straight &= angle(corners.get(k - 1), corners.get(k)) < 1e-9;
            int steps = (int) Math.ceil(far / 0.01);
            for (int step = 1; step <= steps; step++) {
                moved += far / steps;
                Pose pose = between(corners.get(k - 1), corners.get(k), (double) step / steps, middle);
                GapFinder.Tightest tight = probe.tightest(pose, Double.NEGATIVE_INFINITY, 1);
                if (moved > 2 * room && (tightest == null || tight.margin() < tightest.gap())) {
                    tightest = moment(pose, tight);
                }
            }
            length += far;
        }
        return new Way(corners, side, straight, tightest, length);
    }

    private Moment moment(Pose pose, GapFinder.Tightest tight) {
        return new Moment(
                pose,
                tight.margin(),
                tight.moved() < 0 ? "" : finder.moved().get(tight.moved()).id(),
                tight.standing() < 0
                        ? ""
                        : finder.standing().get(tight.standing()).id());
    }
}
