package oddcradle.core.search;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import oddcradle.core.control.Progress;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Freedom;
import oddcradle.core.job.seat.Seat;
import oddcradle.core.job.seat.SeatWishes;
import oddcradle.core.math.BoxSearch;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.structure.DonorMovement;
import oddcradle.core.structure.LineResult;

/**
 * The best seats within the freedoms that datum and holds leave open: no gap of the ledger short, the drive able to run, and the
 * score of {@link SeatWishes} least. Several answers are kept, apart from each other. The cradle is left out of the search,
 * since it follows the seat.
 *
 * <p>Cost: some thousand to a hundred thousand poses; each a fraction of a ledger. For one thread.
 */
public final class SeatSearch {
    /** Answers closer than this are one and the same, m. */
    public static final double APART = 0.06;

    private static final int ANSWERS = 4;
    private static final int MOST_ROUNDS = 3;
    /** What a gap may be short by where the movement of its own seat is reckoned with, m. */
    private static final double SHORT = 1e-4;
    /** Of the score, m; a seat is set by hand to a millimetre. */
    private static final double TOLERANCE = 0.0003;

    private static final int BUDGET = 60_000;

    private final Job job;
    private final SeatSpace space;
    private final SeatMargins margins;
    private final SeatScore score;

    private SeatSearch(Job job, DonorMovement movement) {
        this.job = job;
        this.space = SeatSpace.of(job);
        SeatGaps seatGaps = new SeatGaps(job, movement);
        this.margins = new SeatMargins(job, seatGaps);
        this.score = new SeatScore(job, seatGaps);
    }

    /**
     * @param answers best first
     * @param open freedoms that were searched
     * @param visits poses looked at
     * @param proven whether no better seat is within the bounds
     * @param conflict what stands against every seat, where there is none
     */
    public record Result(
            List<SeatAnswer> answers, List<Freedom> open, int visits, boolean proven, Optional<SeatConflict> conflict) {
        public Result {
            answers = List.copyOf(answers);
            open = List.copyOf(open);
        }
    }

    /**
     * The pull of the drive changes with the seat, and with it how the donor moves on its rubber: a first search finds where
     * about it will sit, later ones reckon with the movement there too.
     *
     * @throws Progress.Cancelled if the watcher ends it
     */
    public static Result run(Examination examination, Progress progress) {
        DonorMovement movement = examination.donorMovement();
        Result result = new SeatSearch(examination.job(), movement).search(1, progress.part(0, 0.3));
        int visits = result.visits();
        for (int round = 0; round < MOST_ROUNDS && !result.answers().isEmpty(); round++) {
            DonorMovement wider = withMovementOf(examination, result.answers(), movement, round == 0);
            if (round > 0 && wider == movement) {
                break;
            }
            movement = wider;
            result = new SeatSearch(examination.job(), movement)
                    .search(ANSWERS, progress.part(0.3 + 0.2 * round, 0.5 + 0.2 * round));
            visits += result.visits();
        }
        result = new Result(result.answers(), result.open(), visits, result.proven(), result.conflict());
        progress.report(1);
        return result;
    }

    /** Joined by the movement of those answers that it leaves short where they sit; the same where it leaves none. */
    private static DonorMovement withMovementOf(
            Examination examination, List<SeatAnswer> answers, DonorMovement movement, boolean all) {
        DonorMovement wider = movement;
        for (SeatAnswer answer : answers) {
            Job seated = examination.job().withSeat(answer.seat());
            DonorMovement own = Examination.of(seated, examination).donorMovement();
            double margin = new SeatMargins(seated, new SeatGaps(seated, own))
                    .tightest(answer.seat(), -1, 0)
                    .margin();
            wider = all || margin < -SHORT ? wider.or(own) : wider;
        }
        return wider;
    }

    /** The bounds a freedom is searched within where the plan gives none. */
    public static SeatWishes.Range bounds(Job job, Freedom freedom) {
        return SeatSpace.of(job).usual(freedom);
    }

    private Result search(int wanted, Progress progress) {
        List<double[]> found = new ArrayList<>();
        boolean proven = true;
        boolean decided = false;
        int visits = 0;
        for (int k = 0; k < wanted; k++) {
            List<double[]> taken = List.copyOf(found);
            BoxSearch.Search search = BoxSearch.run(
                    problem(taken),
                    TOLERANCE,
                    k == 0 ? BUDGET : BUDGET / 4,
                    progress.part(0.9 * k / wanted, 0.9 * (k + 1) / wanted));
            visits += search.visits();
            if (k == 0) {
                proven = search.found().map(BoxSearch.Found::proven).orElse(search.exhausted());
                decided = search.exhausted();
            }
            if (search.found().isEmpty()) {
                break;
            }
            found.add(search.found().get().point());
        }
        List<SeatAnswer> answers = new ArrayList<>();
        for (double[] point : found) {
            answers.add(answer(point));
        }
        answers.sort(Comparator.comparingDouble(SeatAnswer::score));
        Optional<SeatConflict> conflict = found.isEmpty()
                ? Optional.of(SeatConflict.of(margins, space, decided, progress.part(0.9, 1)))
                : Optional.empty();
        return new Result(answers, space.open(), visits, proven, conflict);
    }

    private SeatAnswer answer(double[] point) {
        Seat seat = space.seat(point);
        Pose pose = seat.pose();
        return new SeatAnswer(
                seat,
                score.of(pose),
                score.terms(pose),
                margins.tightest(seat, Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY)
                        .margin());
    }

    private BoxSearch.Problem problem(List<double[]> taken) {
        double[] scoreSlopes = new double[space.speeds().length];
        double[] marginSlopes = new double[scoreSlopes.length];
        for (int k = 0; k < scoreSlopes.length; k++) {
            scoreSlopes[k] = score.slope(space.open().get(k), space.speeds()[k]);
            marginSlopes[k] = space.speeds()[k];
        }
        return new BoxSearch.Problem() {
            @Override
            public double[] low() {
                return space.low();
            }

            @Override
            public double[] high() {
                return space.high();
            }

            @Override
            public double[] marginSlopes() {
                return marginSlopes;
            }

            @Override
            public double[] scoreSlopes() {
                return scoreSlopes;
            }

            @Override
            public double margin(double[] point, double tooLittle, double enough) {
                double margin = enough;
                for (double[] other : taken) {
                    margin = Math.min(margin, space.apart(point, other) - APART);
                }
                if (margin < tooLittle) {
                    return margin;
                }
                return margins.tightest(space.seat(point), tooLittle, margin).margin();
            }

            @Override
            public double score(double[] point) {
                return score.of(space.seat(point).pose());
            }

            @Override
            public double scoreAtLeast(double[] point) {
                return score.atLeast(space.seat(point).pose());
            }

            @Override
            public boolean accepts(double[] point) {
                return driveRuns(space.seat(point));
            }
        };
    }

    /** Whether the first stage, the only one that changes with the seat, can be made. */
    private boolean driveRuns(Seat seat) {
        return LineResult.of(job, seat).stages().stream()
                .allMatch(stage -> stage.problem().isEmpty());
    }
}
