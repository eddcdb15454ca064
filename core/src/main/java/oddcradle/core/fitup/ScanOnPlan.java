package oddcradle.core.fitup;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import oddcradle.core.examine.Examination;
import oddcradle.core.geometry.mesh.TriangleMesh;
import oddcradle.core.math.DenseAlgebra;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;

/**
 * A scan of the finished mount laid over the drawing: for each straight run of its tubes how far both ends came out beside their place.
 *
 * <p>Every triangle of the scan goes to the tube whose skin is nearest. Of a run, Gauss-Newton on how far they are out of the skin of a tube whose two ends are moved by a and b, across
 * itself, gives these two; along itself a tube shows nothing. Those that miss by three standard deviations (tabs, weld beads) are left out and the rest asked again. Derived.
 *
 * @param runs of the cradle, the worst first
 * @param hostOff root of the mean square by which the machine's own tubes miss their drawing, m; NaN where the scan shows none of them
 */
public record ScanOnPlan(List<Run> runs, double hostOff) {
    /** Triangles that are asked at most. */
    private static final int MOST = 100_000;

    /** Of a triangle no place is farther from the next, m; up to so many along a side. */
    private static final double FINE = 0.02;

    private static final int MOST_PARTS = 60;

    private static final int FEWEST = 30;
    private static final int ROUNDS = 8;

    /** Of the places: less, and some way across was not seen. */
    private static final double SEEN = 1e-3;

    private static final double OUTLIER = 3;
    /** Left out at both ends of a run, by half its depth: there it is welded. */
    private static final double ENDS = 2;

    /** A scatter that no scanner is below, m. */
    private static final double FINEST = 1e-4;

    public ScanOnPlan {
        runs = List.copyOf(runs);
    }

    /**
     * One straight run.
     *
     * @param tube id
     * @param first where it begins as drawn, m
     * @param last where it ends, m
     * @param atFirst how far that came out beside its place, across the tube, m
     * @param atLast the same of the other, m
     * @param scatter of the skin about that, root of the mean square, m
     * @param places of the scan that were used
     */
    public record Run(String tube, Vec3 first, Vec3 last, Vec3 atFirst, Vec3 atLast, double scatter, int places) {
        /** m. */
        public double worst() {
            return Math.max(atFirst.length(), atLast.length());
        }
    }

    /**
     * One end of a run.
     *
     * @param tube id
     * @param at as drawn, m
     * @param off how far it came out beside its place, across the tube, m
     */
    public record End(String tube, Vec3 at, Vec3 off) {}

    /** Of all runs, the worst first. */
    public List<End> ends() {
        return runs.stream()
                .flatMap(run -> Stream.of(
                        new End(run.tube(), run.first(), run.atFirst()), new End(run.tube(), run.last(), run.atLast())))
                .sorted(Comparator.comparingDouble((End end) -> end.off().length())
                        .reversed())
                .toList();
    }

    /**
     * @param s along the run, a share
     * @param beside from the middle of the tube as drawn, across it, m
     * @param flat out of the side that it lies on; zero on a round tube
     * @param skin from the middle to the skin there, m
     */
    private record Spot(double s, Vec3 beside, Vec3 flat, double skin) {
        Vec3 out(Vec3 moved) {
            return flat.equals(Vec3.ZERO) ? beside.minus(moved).unit() : flat;
        }

        /** Out of the skin of the tube as moved, m. */
        double off(Vec3 moved) {
            return beside.minus(moved).dot(out(moved)) - skin;
        }
    }

    /** Empty where there is no scan, or it does not lie in its place yet. */
    public static Optional<ScanOnPlan> of(Examination examination) {
        return LaidScan.of(examination).map(ScanOnPlan::of);
    }

    public static ScanOnPlan of(LaidScan laid) {
        return of(laid.scan().mesh(), laid.place(), laid.tubes());
    }

    static ScanOnPlan of(TriangleMesh mesh, Pose place, PlannedTubes tubes) {
        List<List<Spot>> spots = new ArrayList<>();
        tubes.runs().forEach(run -> spots.add(new ArrayList<>()));
        double squares = 0;
        int count = 0;
        int step = Math.max(1, mesh.triangles() / MOST);
        for (int k = 0; k < mesh.triangles(); k += step) {
            Vec3 a = place.place(mesh.corner(k, 0));
            Vec3 b = place.place(mesh.corner(k, 1));
            Vec3 c = place.place(mesh.corner(k, 2));
            for (Vec3 at : places(a, b, c)) {
                Optional<PlannedTubes.Near> near = tubes.near(at);
                if (near.isEmpty()) {
                    continue;
                }
                PlannedTubes.Run run = tubes.runs().get(near.get().run());
                if (run.cradle()) {
                    spot(run, at, near.get().off())
                            .ifPresent(spots.get(near.get().run())::add);
                } else {
                    squares += near.get().off() * near.get().off();
                    count++;
                }
            }
        }
        List<Run> runs = new ArrayList<>();
        for (int k = 0; k < spots.size(); k++) {
            run(tubes.runs().get(k), spots.get(k)).ifPresent(runs::add);
        }
        runs.sort(Comparator.comparingDouble(Run::worst).reversed());
        return new ScanOnPlan(runs, count == 0 ? Double.NaN : Math.sqrt(squares / count));
    }

    /** The middle of a small triangle; of a long one, as of a mesh that was thinned out, places along it. */
    private static List<Vec3> places(Vec3 a, Vec3 b, Vec3 c) {
        double longest = Math.max(a.distanceTo(b), Math.max(b.distanceTo(c), c.distanceTo(a)));
        int parts = (int) Math.min(MOST_PARTS, Math.ceil(longest / FINE));
        List<Vec3> places = new ArrayList<>();
        for (int i = 0; i < parts; i++) {
            double along = (i + 0.5) / parts;
            // Each way along the three sides' middles, so that long thin ones are seen over their whole length.
            places.add(a.towards(b, along).towards(c, 1.0 / 3));
            if (parts > 1) {
                places.add(b.towards(c, along).towards(a, 1.0 / 3));
                places.add(c.towards(a, along).towards(b, 1.0 / 3));
            }
        }
        return places;
    }

    /** Empty near a joint. */
    private static Optional<Spot> spot(PlannedTubes.Run run, Vec3 at, double off) {
        double along = at.minus(run.from()).dot(run.along());
        Vec3 beside = at.minus(run.from()).withoutPartAlong(run.along());
        double free = ENDS * run.deep();
        if (along < free || along > run.length() - free || beside.length() < run.deep() / 2) {
            return Optional.empty();
        }
        double s = along / run.length();
        if (run.round() > 0) {
            return Optional.of(new Spot(s, beside, Vec3.ZERO, run.round()));
        }
        Vec3 flat = run.out(at);
        return Optional.of(new Spot(s, beside, flat, beside.dot(flat) - off));
    }

    private static Optional<Run> run(PlannedTubes.Run run, List<Spot> all) {
        Vec3 across = run.along().anyPerpendicular();
        Vec3 other = run.along().cross(across);
        Ends ends = new Ends(Vec3.ZERO, Vec3.ZERO);
        List<Spot> used = all;
        double scatter = 0;
        for (int round = 0; round < ROUNDS; round++) {
            Optional<Ends> better = used.size() < FEWEST ? Optional.empty() : better(ends, used, across, other);
            if (better.isEmpty()) {
                return Optional.empty();
            }
            Ends now = better.get();
            ends = now;
            scatter = Math.sqrt(
                    used.stream().mapToDouble(spot -> now.squared(spot)).sum() / used.size());
            double allowed = OUTLIER * Math.max(FINEST, scatter);
            used = all.stream()
                    .filter(spot -> now.squared(spot) <= allowed * allowed)
                    .toList();
        }
        return Optional.of(new Run(run.tube(), run.from(), run.to(), ends.first(), ends.last(), scatter, used.size()));
    }

    /** How far both ends are moved, m. */
    private record Ends(Vec3 first, Vec3 last) {
        Vec3 at(double s) {
            return first.towards(last, s);
        }

        double squared(Spot spot) {
            return Math.pow(spot.off(at(spot.s())), 2);
        }
    }

    /** One step of Gauss-Newton; empty where the scan saw the run from too few sides. */
    private static Optional<Ends> better(Ends from, List<Spot> spots, Vec3 across, Vec3 other) {
        double[][] normal = new double[4][4];
        double[] right = new double[4];
        for (Spot spot : spots) {
            Vec3 moved = from.at(spot.s());
            double u = spot.out(moved).dot(across);
            double v = spot.out(moved).dot(other);
            double[] row = {u * (1 - spot.s()), v * (1 - spot.s()), u * spot.s(), v * spot.s()};
            for (int i = 0; i < 4; i++) {
                for (int j = 0; j < 4; j++) {
                    normal[i][j] += row[i] * row[j];
                }
                right[i] += row[i] * spot.off(moved);
            }
        }
        return DenseAlgebra.symmetric(normal).value(0) < SEEN * spots.size()
                ? Optional.empty()
                : DenseAlgebra.solve(normal, right)
                        .map(x -> new Ends(
                                from.first().along(across, x[0]).along(other, x[1]),
                                from.last().along(across, x[2]).along(other, x[3])));
    }
}
