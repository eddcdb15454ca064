package oddcradle.core.math;

import java.util.Comparator;
import java.util.Optional;
import java.util.PriorityQueue;
import oddcradle.core.control.Progress;

/**
 * The least score over a box where a margin is not negative, both known to change no faster than given slopes: best-first
 * branch and bound. A piece of the box is dropped when the margin in its middle proves that none of it can be reached, or when
 * no point of it can score better by more than the tolerance. What is left over when the budget is spent is told.
 *
 * <p>Piyavskii (1972) and Shubert (1972) for one variable; Horst and Tuy, Global Optimization, for boxes (from memory).
 */
public final class BoxSearch {
    private static final double FINEST = 1e-7;
    private static final int TRIES_PER_STEP = 2;

    private BoxSearch() {}

    /** What is searched. Values of a point are in the order of the box. */
    public interface Problem {
        double[] low();

        double[] high();

        /** The margin changes by no more than this for one unit of each variable. */
        double[] marginSlopes();

        /** The score changes by no more than this for one unit of each variable. */
        double[] scoreSlopes();

        /**
         * The margin at a point; true where it is less than {@code enough}, else any value from {@code enough} up to the true
         * one. It may stop at any value below {@code tooLittle}.
         */
        double margin(double[] point, double tooLittle, double enough);

        double score(double[] point);

        /** The score is no less than that; told sooner than the score. */
        default double scoreAtLeast(double[] point) {
            return Double.NEGATIVE_INFINITY;
        }

        /** A score that ends the search. */
        default double goodEnough() {
            return Double.NEGATIVE_INFINITY;
        }

        /** A last look at a point with margin that would be the best so far. */
        default boolean accepts(double[] point) {
            return true;
        }
    }

    /**
     * @param point where the score is least
     * @param bound no point of the box scores less
     * @param visits points looked at
     * @param proven whether nothing in the box is better by more than the tolerance
     */
    public record Found(double[] point, double score, double bound, int visits, boolean proven) {}

    private record Piece(double[] middle, double[] half, double bound) {}

    /**
     * @param tolerance of the score
     * @param budget most points to look at
     * @return empty if no point with margin was met; then {@link Search#exhausted} tells whether there can be none
     */
    public static Search run(Problem problem, double tolerance, int budget, Progress progress) {
        return new Run(problem, tolerance, budget, progress).search();
    }

    /** @param exhausted whether the whole box was decided */
    public record Search(Optional<Found> found, int visits, boolean exhausted) {}

    private static final class Run {
        private final Problem problem;
        private final double tolerance;
        private final int budget;
        private final Progress progress;
        private final PriorityQueue<Piece> open = new PriorityQueue<>(Comparator.comparingDouble(Piece::bound));
        private double[] best;
        private double bestScore = Double.POSITIVE_INFINITY;
        private int visits;

        Run(Problem problem, double tolerance, int budget, Progress progress) {
            this.problem = problem;
            this.tolerance = tolerance;
            this.budget = budget;
            this.progress = progress;
        }

        Search search() {
            double[] low = problem.low();
            double[] high = problem.high();
            double[] middle = new double[low.length];
            double[] half = new double[low.length];
            for (int k = 0; k < low.length; k++) {
                middle[k] = (low[k] + high[k]) / 2;
                half[k] = (high[k] - low[k]) / 2;
            }
            look(middle, half, Double.NEGATIVE_INFINITY);
            double bound = Double.POSITIVE_INFINITY;
            boolean decided = true;
            while (!open.isEmpty()) {
                Piece piece = open.poll();
                if (bestScore <= problem.goodEnough() || piece.bound() >= bestScore - tolerance) {
                    bound = piece.bound();
                    break;
                }
                if (visits >= budget) {
                    decided = false;
                    bound = piece.bound();
                    break;
                }
                progress.report((double) visits / budget);
                split(piece);
            }
            if (best == null) {
                return new Search(Optional.empty(), visits, decided);
            }
            return new Search(
                    Optional.of(new Found(best, bestScore, Math.min(bound, bestScore), visits, decided)),
                    visits,
                    decided);
        }

        private void split(Piece piece) {
            int widest = 0;
            double most = -1;
            for (int k = 0; k < piece.half().length; k++) {
                double spread = piece.half()[k] * (problem.marginSlopes()[k] + problem.scoreSlopes()[k]);
                if (spread > most) {
                    most = spread;
                    widest = k;
                }
            }
            for (int side = -1; side <= 1; side += 2) {
                double[] half = piece.half().clone();
                double[] middle = piece.middle().clone();
                half[widest] /= 2;
                middle[widest] += side * half[widest];
                look(middle, half, piece.bound());
            }
        }

        private void look(double[] middle, double[] half, double atLeast) {
            visits++;
            double spread = within(problem.scoreSlopes(), half);
            if (problem.scoreAtLeast(middle) - spread >= bestScore - tolerance) {
                return;
            }
            double reach = within(problem.marginSlopes(), half);
            double margin = problem.margin(middle, -reach, 0);
            if (margin < -reach) {
                return;
            }
            double score = problem.score(middle);
            double bound = Math.max(atLeast, score - spread);
            if (bound >= bestScore - tolerance) {
                return;
            }
            if (margin >= 0 && score < bestScore && problem.accepts(middle)) {
                best = middle;
                bestScore = score;
                polish();
            }
            if (reach > FINEST) {
                open.add(new Piece(middle, half, bound));
            }
        }

        /** Walks from the best point to better ones nearby, each variable by itself and in steps that halve. */
        private void polish() {
            double[] low = problem.low();
            double[] high = problem.high();
            double step = 0.125;
            while (step > 1e-4) {
                boolean better = false;
                for (int k = 0; k < low.length; k++) {
                    for (int t = 0; t < TRIES_PER_STEP; t++) {
                        double[] there = best.clone();
                        there[k] += (t == 0 ? step : -step) * (high[k] - low[k]);
                        better |= there[k] >= low[k] && there[k] <= high[k] && take(there);
                    }
                }
                step = better ? step : step / 2;
            }
        }

        private boolean take(double[] point) {
            visits++;
            if (problem.scoreAtLeast(point) >= bestScore) {
                return false;
            }
            double score = problem.score(point);
            if (score < bestScore - 1e-9 && problem.margin(point, 0, 0) >= 0 && problem.accepts(point)) {
                best = point;
                bestScore = score;
                return true;
            }
            return false;
        }

        private static double within(double[] slopes, double[] half) {
            double sum = 0;
            for (int k = 0; k < half.length; k++) {
                sum += slopes[k] * half[k];
            }
            return sum;
        }
    }
}
