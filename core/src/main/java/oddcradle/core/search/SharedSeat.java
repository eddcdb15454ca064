package oddcradle.core.search;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import oddcradle.core.control.Progress;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.Job;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.job.seat.Seat;
import oddcradle.core.math.BoxSearch;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.structure.DonorMovement;

/**
 * One seat for two donors that take turns on a shared cradle: both by the same datum, both clear, the mean of their scores least;
 * and what differs, boss by boss.
 */
public final class SharedSeat {
    /** Bosses closer than that share a hole, m. */
    public static final double SAME_HOLE = 0.001;

    private static final double TOLERANCE = 0.0005;
    private static final int BUDGET = 30_000;

    private SharedSeat() {}

    /**
     * A boss of the first donor and the nearest of the other.
     *
     * @param apart from the first to the other, host axes, m
     */
    public record Difference(String boss, String other, Vec3 apart) {
        public boolean sameHole() {
            return apart.length() <= SAME_HOLE;
        }
    }

    /**
     * @param seat of the first donor; empty if there is none for both
     * @param otherSeat of the other
     * @param heavier other's mass less the first's, kg
     * @param higher other's centre of gravity over the first's, m
     */
    public record Result(
            Optional<Seat> seat,
            Optional<Seat> otherSeat,
            List<Difference> differences,
            double margin,
            double otherMargin,
            double heavier,
            double higher,
            int visits) {
        public Result {
            differences = List.copyOf(differences);
        }
    }

    /** @param name of one of the job's candidates */
    public static Result find(Examination examination, String name, Progress progress) {
        Job job = examination.job();
        Donor other = job.candidates().stream()
                .filter(each -> each.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new InvalidValue("with", "\"" + name + "\" is none of the job's candidates"));
        Job swapped = Candidates.inBay(job, other, job.seat());
        One one = new One(job, examination.donorMovement());
        One two = new One(swapped, DonorMovement.NONE);
        if (!one.space.open().equals(two.space.open())) {
            throw new InvalidValue(
                    "with", "\"" + name + "\" has its output another way round; the datum leaves it other freedoms");
        }
        BoxSearch.Search search = BoxSearch.run(problem(one, two), TOLERANCE, BUDGET, progress);
        if (search.found().isEmpty()) {
            return new Result(Optional.empty(), Optional.empty(), List.of(), 0, 0, 0, 0, search.visits());
        }
        double[] point = search.found().get().point();
        Seat seat = one.space.seat(point);
        Seat otherSeat = two.space.seat(point);
        List<Difference> differences = new ArrayList<>();
        for (Boss boss : job.donor().bosses()) {
            Vec3 at = seat.pose().place(boss.position());
            other.bosses().stream()
                    .map(each -> new Difference(
                            boss.id(),
                            each.id(),
                            otherSeat.pose().place(each.position()).minus(at)))
                    .min(Comparator.comparingDouble(each -> each.apart().length()))
                    .ifPresent(differences::add);
        }
        return new Result(
                Optional.of(seat),
                Optional.of(otherSeat),
                differences,
                one.margin(point),
                two.margin(point),
                other.mass().mass() - job.donor().mass().mass(),
                otherSeat.pose().place(other.mass().cg()).z()
                        - seat.pose().place(job.donor().mass().cg()).z(),
                search.visits());
    }

    private static final class One {
        private final SeatSpace space;
        private final SeatMargins margins;
        private final SeatScore score;

        One(Job job, DonorMovement movement) {
            this.space = SeatSpace.onDatum(job);
            SeatGaps bay = new SeatGaps(job, movement);
            this.margins = new SeatMargins(job, bay);
            this.score = new SeatScore(job, bay);
        }

        double margin(double[] point) {
            return margins.tightest(space.seat(point), Double.NEGATIVE_INFINITY, 1)
                    .margin();
        }
    }

    private static BoxSearch.Problem problem(One one, One two) {
        int n = one.space.low().length;
        double[] margins = new double[n];
        double[] scores = new double[n];
        for (int k = 0; k < n; k++) {
            margins[k] = Math.max(one.space.speeds()[k], two.space.speeds()[k]);
            scores[k] = (one.score.slope(one.space.open().get(k), one.space.speeds()[k])
                            + two.score.slope(two.space.open().get(k), two.space.speeds()[k]))
                    / 2;
        }
        return new BoxSearch.Problem() {
            @Override
            public double[] low() {
                return one.space.low();
            }

            @Override
            public double[] high() {
                return one.space.high();
            }

            @Override
            public double[] marginSlopes() {
                return margins;
            }

            @Override
            public double[] scoreSlopes() {
                return scores;
            }

            @Override
            public double margin(double[] point, double tooLittle, double enough) {
                double first = one.margins
                        .tightest(one.space.seat(point), tooLittle, enough)
                        .margin();
                return first < tooLittle
                        ? first
                        : two.margins
                                .tightest(two.space.seat(point), tooLittle, first)
                                .margin();
            }

            @Override
            public double score(double[] point) {
                return (one.score.of(one.space.seat(point).pose())
                                + two.score.of(two.space.seat(point).pose()))
                        / 2;
            }
        };
    }
}
