package oddcradle.core.geometry.motion;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.function.BiFunction;
import oddcradle.core.geometry.Aabb;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.distance.PreparedSolid;
import oddcradle.core.geometry.distance.Separation;
import oddcradle.core.geometry.distance.SolidDistance;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;

/**
 * A solid with all the places its motions take it to. Its distance to something fixed is the least over all of them: branch
 * and bound on the ranges, with the farthest travel of any of its points as the bound of how fast a distance can change. Good
 * to {@value #TOLERANCE} m and never too large by more; of an overlap the depth to one part in twenty.
 */
public final class Sweep {
    static final double TOLERANCE = 1e-5;
    private static final double CAUTION = 5e-4;
    private static final int QUICK_PIECES = 300;
    private static final int MOST_MOTIONS = 3;
    private static final int MOST_PIECES = 20_000;
    /** How near the depth of an overlap is told, a share of it. */
    private static final double SHARE_OF_DEPTH = 0.05;

    private static final int PIECES_FOR_BOUNDS = 16;
    /** Places of a cover, all motions together. */
    private static final int MOST_COVER = 64;

    private final Solid solid;
    private final List<Motion> motions;
    /** Farthest travel of a point for each rad or m of each motion, m. */
    private final double[] speeds;

    private final Aabb bounds;
    /** Made when it is first asked for; the same whoever makes it. */
    private Cover cover;

    private Sweep(Solid solid, List<Motion> motions) {
        if (motions.size() > MOST_MOTIONS) {
            throw new InvalidValue(
                    "motions", "are " + motions.size() + ", at most " + MOST_MOTIONS + " are swept together");
        }
        this.solid = solid;
        this.motions = List.copyOf(motions);
        this.speeds = new double[motions.size()];
        Aabb reached = solid.bounds();
        for (int k = 0; k < speeds.length; k++) {
            speeds[k] = motions.get(k).speed(reached);
            reached = swept(reached, motions.get(k), speeds[k]);
        }
        this.bounds = reached;
    }

    /**
     * Places spread over the ranges.
     *
     * @param slack no place is farther from one of them, m
     */
    private record Cover(List<PreparedSolid> places, double slack) {
        private Cover {
            places = List.copyOf(places);
        }
    }

    private Cover cover() {
        if (cover == null) {
            int cells = (int) Math.round(Math.pow(MOST_COVER, 1.0 / Math.max(1, speeds.length)));
            double[] width = new double[speeds.length];
            for (int k = 0; k < width.length; k++) {
                width[k] = (motions.get(k).to() - motions.get(k).from()) / cells;
            }
            List<PreparedSolid> places = new ArrayList<>();
            cover(places, new double[speeds.length], 0, cells);
            cover = new Cover(places, reach(width));
        }
        return cover;
    }

    private void cover(List<PreparedSolid> places, double[] values, int from, int cells) {
        if (from == values.length) {
            places.add(PreparedSolid.of(Motion.carried(solid, motions, values)));
            return;
        }
        Motion motion = motions.get(from);
        for (int k = 0; k < cells; k++) {
            values[from] = motion.from() + (k + 0.5) * (motion.to() - motion.from()) / cells;
            cover(places, values, from + 1, cells);
        }
    }

    /** @param motions the first nearest to the body; none means it stands still */
    public static Sweep of(Solid solid, List<Motion> motions) {
        Guard.present("solid", solid);
        return new Sweep(solid, motions);
    }

    /** Smallest distance and where the sweep is then, by one value for each motion. */
    public record Nearest(Separation separation, List<Double> values) {}

    /** Box around a box in all its places: places along the range, each grown by half the travel to the next. */
    private static Aabb swept(Aabb box, Motion motion, double speed) {
        Vec3 half = box.high().minus(box.low()).times(0.5);
        Solid.Box solid = new Solid.Box(
                new Vec3(Math.max(half.x(), 1e-9), Math.max(half.y(), 1e-9), Math.max(half.z(), 1e-9)),
                new Pose(Mat3.IDENTITY, box.low().towards(box.high(), 0.5)));
        double width = (motion.to() - motion.from()) / PIECES_FOR_BOUNDS;
        Aabb all = null;
        for (int k = 0; k < PIECES_FOR_BOUNDS; k++) {
            Aabb here =
                    solid.placed(motion.at(motion.from() + (k + 0.5) * width)).bounds();
            all = all == null ? here : all.joined(here);
        }
        double grown = speed * width / 2;
        Vec3 by = new Vec3(grown, grown, grown);
        return new Aabb(all.low().minus(by), all.high().plus(by));
    }

    /** Box around all the places. */
    public Aabb bounds() {
        return bounds;
    }

    /** The solid at some places through its motions, for drawing; both ends of every range among them. */
    public List<Solid> ghosts(int steps) {
        List<Solid> ghosts = new ArrayList<>(List.of(solid));
        for (Motion motion : motions) {
            List<Solid> next = new ArrayList<>();
            for (Solid each : ghosts) {
                for (int k = 0; k <= steps; k++) {
                    double value = motion.from() + (motion.to() - motion.from()) * k / steps;
                    next.add(each.placed(motion.at(value)));
                }
            }
            ghosts = next;
        }
        return ghosts;
    }

    /**
     * Whether no place of the sweep is nearer to a point than that, m; false too where it is not proven. By places spread over the
     * ranges, each less the travel to the next.
     */
    public boolean isProvenBeyond(double distance, double x, double y, double z) {
        if (bounds.distanceTo(x, y, z) >= distance) {
            return true;
        }
        Cover all = cover();
        for (PreparedSolid place : all.places()) {
            if (!(place.noNearerThan(x, y, z) - all.slack() >= distance)) {
                return false;
            }
        }
        return true;
    }

    private record Piece(double[] middle, double[] width, double bound) {}

    /** The least distance of a fixed solid to any place of this one; point A on {@code fixed}. */
    public Nearest nearest(PreparedSolid fixed) {
        return nearest(fixed, Double.POSITIVE_INFINITY);
    }

    /** The same where distances of {@code enough} and more are all alike: then one such may be answered, and sooner. */
    public Nearest nearest(PreparedSolid fixed, double enough) {
        Bounded found =
                nearest(fixed, Double.NEGATIVE_INFINITY, enough, TOLERANCE, MOST_PIECES, SolidDistance::between);
        return found.nearest();
    }

    /**
     * The least distance where those of {@code enough} and more are all alike, and all overlaps are too: the first one that is
     * found is answered, its depth no more than the true one. What slides straight on and clears is exact.
     */
    public Separation nearestOrFirstOverlap(PreparedSolid fixed, double enough) {
        return slid().flatMap(room -> SolidDistance.apart(fixed, room))
                .orElseGet(() -> nearest(fixed, 0, enough, TOLERANCE, MOST_PIECES, SolidDistance::quick)
                        .nearest()
                        .separation());
    }

    /** Whether it touches or overlaps anywhere on its way; exact and quick for one straight slide. */
    public boolean meets(PreparedSolid fixed) {
        return slid().map(room -> SolidDistance.apart(fixed, room).isEmpty())
                .orElseGet(() -> nearest(fixed, 0, 0, TOLERANCE, MOST_PIECES, SolidDistance::quick)
                                .nearest()
                                .separation()
                                .distance()
                        <= 0);
    }

    /** All the places of one straight slide together; empty for other motions. */
    private Optional<PreparedSolid> slid() {
        if (motions.size() != 1 || !(motions.get(0) instanceof Motion.Slide)) {
            return Optional.empty();
        }
        Motion slide = motions.get(0);
        Vec3 first = slide.at(slide.from()).translation();
        Vec3 last = slide.at(slide.to()).translation();
        Solid begins = solid.placed(slide.at(slide.from()));
        return Optional.of(PreparedSolid.of(begins).slid(last.minus(first)));
    }

    /** The same to the last digit: from there on, by steps that halve. */
    public Nearest nearestExactly(PreparedSolid fixed) {
        Nearest found = nearest(fixed);
        double[] at = found.values().stream().mapToDouble(Double::doubleValue).toArray();
        Separation best = found.separation();
        for (double share = 0.01; share > 1e-12; share /= 2) {
            boolean better = true;
            while (better) {
                better = false;
                for (int k = 0; k < at.length; k++) {
                    Motion motion = motions.get(k);
                    for (int side = -1; side <= 1; side += 2) {
                        double[] there = at.clone();
                        there[k] = Math.max(
                                motion.from(),
                                Math.min(motion.to(), at[k] + side * share * (motion.to() - motion.from())));
                        Separation here = at(fixed, there, SolidDistance::between);
                        if (here.distance() < best.distance() - 1e-14) {
                            best = here;
                            at = there;
                            better = true;
                        }
                    }
                }
            }
        }
        return new Nearest(best, Arrays.stream(at).boxed().toList());
    }

    /**
     * The same again for very many questions: too small by some {@value #CAUTION} m, and more where many places are nearly alike;
     * of an overlap only a depth that is no more than the true one, and the first place below {@code tooLittle}.
     */
    public Separation quickly(PreparedSolid fixed, double tooLittle, double enough) {
        Bounded found = nearest(fixed, tooLittle, enough, CAUTION, QUICK_PIECES, SolidDistance::quick);
        Separation best = found.nearest().separation();
        return new Separation(Math.min(best.distance(), found.bound()), best.pointA(), best.pointB());
    }

    /** @param bound no place is nearer, m */
    private record Bounded(Nearest nearest, double bound) {}

    private Bounded nearest(
            PreparedSolid fixed,
            double tooLittle,
            double enough,
            double tolerance,
            int mostPieces,
            BiFunction<PreparedSolid, PreparedSolid, Separation> measure) {
        double[] middle = new double[motions.size()];
        double[] width = new double[motions.size()];
        for (int k = 0; k < middle.length; k++) {
            middle[k] = (motions.get(k).from() + motions.get(k).to()) / 2;
            width[k] = motions.get(k).to() - motions.get(k).from();
        }
        Separation best = at(fixed, middle, measure);
        double[] bestAt = middle;
        PriorityQueue<Piece> open = new PriorityQueue<>(Comparator.comparingDouble(Piece::bound));
        open.add(new Piece(middle, width, best.distance() - reach(width)));
        double least = Double.POSITIVE_INFINITY;
        for (int pieces = 0; !open.isEmpty(); pieces++) {
            Piece piece = open.poll();
            if (pieces >= mostPieces
                    || best.distance() < tooLittle
                    || piece.bound() >= Math.min(enough, best.distance() - near(best, tolerance))) {
                least = piece.bound();
                break;
            }
            int widest = 0;
            for (int k = 1; k < speeds.length; k++) {
                widest = speeds[k] * piece.width()[k] > speeds[widest] * piece.width()[widest] ? k : widest;
            }
            for (int side = -1; side <= 1; side += 2) {
                double[] m = piece.middle().clone();
                double[] w = piece.width().clone();
                w[widest] /= 2;
                m[widest] += side * w[widest] / 2;
                Separation here = at(fixed, m, measure);
                if (here.distance() < best.distance()) {
                    best = here;
                    bestAt = m;
                }
                double bound = here.distance() - reach(w);
                if (bound < Math.min(enough, best.distance() - near(best, tolerance))) {
                    open.add(new Piece(m, w, bound));
                }
            }
        }
        List<Double> values = new ArrayList<>();
        for (double value : bestAt) {
            values.add(value);
        }
        return new Bounded(new Nearest(best, values), Math.min(least, best.distance() - near(best, tolerance)));
    }

    /** Of what overlaps, no need to know the depth to a hair. */
    private static double near(Separation best, double tolerance) {
        return Math.max(tolerance, -SHARE_OF_DEPTH * best.distance());
    }

    private Separation at(
            PreparedSolid fixed, double[] values, BiFunction<PreparedSolid, PreparedSolid, Separation> measure) {
        return measure.apply(fixed, PreparedSolid.of(Motion.carried(solid, motions, values)));
    }

    /** How far any point can be from where it is in the middle of a piece. */
    private double reach(double[] width) {
        double reach = 0;
        for (int k = 0; k < width.length; k++) {
            reach += speeds[k] * width[k] / 2;
        }
        return reach;
    }
}
