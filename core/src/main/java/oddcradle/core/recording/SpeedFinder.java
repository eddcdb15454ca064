package oddcradle.core.recording;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.math.InvalidValue;

/**
 * Finds the crank's speed in a recording without a tacho: block by block each speed is scored by what the spectrum holds at the orders that are expected, and the
 * way through the blocks is taken that scores most without jumping (dynamic programming; Viterbi, from memory).
 */
public final class SpeedFinder {
    private static final int SPEEDS = 240;
    /** Steps either way in which a found speed is moved. */
    private static final int FINER = 15;

    /** As far as it is moved at first, in steps. */
    private static final double REACH = 4;

    /** Between two blocks the speed goes at most so many steps. */
    private static final int MOST_STEPS = 30;
    /** What a step between two blocks costs of a clear block's score. */
    private static final double JUMP = 0.005;

    /** Something stands out from what is beside it by at least so much, a ratio. */
    private static final double STANDS_OUT = 1.6;

    private SpeedFinder() {}

    /** What is expected of each order at a speed, in any unit of acceleration. */
    @FunctionalInterface
    public interface Expected {
        double at(double order, double speed);
    }

    /**
     * The track of a recording, by its tacho or by what is found in it.
     *
     * @param orders wanted, ascending, ratios to crank speed
     * @param from slowest that the engine runs, rad/s
     * @param to fastest, rad/s
     * @throws InvalidValue where nothing in it goes with any speed
     */
    public static OrderTrack track(
            Recording recording, List<Double> orders, Expected expected, double from, double to) {
        return OrderTrack.of(
                recording, orders, recording.speed().orElseGet(() -> find(recording, orders, expected, from, to)));
    }

    private static double[] find(Recording recording, List<Double> orders, Expected expected, double from, double to) {
        int block = block(recording, from);
        List<double[]> scores = new ArrayList<>();
        double[] best = new double[SPEEDS];
        double sharpness = 0;
        for (int at = 0; at + block <= recording.samples(); at += block / 2) {
            Spectrum spectrum = Spectrum.of(recording, at, at + block, block);
            double[] score = new double[SPEEDS];
            for (int s = 0; s < SPEEDS; s++) {
                score[s] = score(spectrum, orders, expected, speed(from, to, s));
            }
            scores.add(score);
            sharpness += sharpness(score);
        }
        if (scores.isEmpty() || sharpness / scores.size() < STANDS_OUT) {
            throw new InvalidValue(
                    "speed",
                    "is not in the record and cannot be found in it: nothing stands out that goes with a speed of this engine; add a column of rpm");
        }
        int[] path = path(scores, best);
        double[] centres = new double[path.length];
        for (int b = 0; b < path.length; b++) {
            centres[b] = speed(from, to, path[b]);
        }
        double step = (to - from) / (SPEEDS - 1);
        // Twice: what rises quickly needs to know how quickly.
        double[] once = refined(recording, orders, expected, centres, block, REACH * step);
        return byBlock(recording, refined(recording, orders, expected, once, block, step), block);
    }

    /** Each speed moved to where the orders stand clearest, with the rise that its neighbours give it. */
    private static double[] refined(
            Recording recording, List<Double> orders, Expected expected, double[] centres, int block, double reach) {
        double[] refined = new double[centres.length];
        double between = block / 2.0 / recording.rate();
        for (int b = 0; b < centres.length; b++) {
            int last = centres.length - 1;
            int left = Math.max(0, b - 1);
            int right = Math.min(last, b + 1);
            double rise = right > left ? (centres[right] - centres[left]) / ((right - left) * between) : 0;
            double most = -1;
            for (int k = -FINER; k <= FINER; k++) {
                double speed = centres[b] + reach * k / FINER;
                double clear = clear(recording, orders, expected, b * block / 2, block, speed, rise);
                if (clear > most) {
                    most = clear;
                    refined[b] = speed;
                }
            }
        }
        return refined;
    }

    private static double clear(
            Recording recording,
            List<Double> orders,
            Expected expected,
            int from,
            int block,
            double speed,
            double rise) {
        double sum = 0;
        double square = 0;
        for (double order : orders) {
            double wanted = expected.at(order, speed);
            square += wanted * wanted;
            if (wanted == 0 || order * speed > Math.PI * recording.rate()) {
                continue;
            }
            double power = 0;
            for (double[] axis : recording.axes()) {
                double re = 0;
                double im = 0;
                for (int k = 0; k < block; k++) {
                    double t = (k - block / 2.0) / recording.rate();
                    double turned = order * (speed * t + rise * t * t / 2);
                    double a = axis[from + k] * (1 - Math.cos(2 * Math.PI * k / block));
                    re += a * Math.cos(turned);
                    im += a * Math.sin(turned);
                }
                power += re * re + im * im;
            }
            sum += wanted * Math.sqrt(power);
        }
        return square > 0 ? sum / Math.sqrt(square) : 0;
    }

    /** Fine enough to tell the speeds of half orders apart: some turns long. */
    private static int block(Recording recording, double from) {
        double wanted = recording.rate() * 7 * 2 * Math.PI / from;
        int block = Integer.highestOneBit((int) Math.max(64, Math.min(wanted, recording.samples())));
        return Math.max(64, block);
    }

    private static double speed(double from, double to, int step) {
        return from + (to - from) * step / (SPEEDS - 1);
    }

    private static double score(Spectrum spectrum, List<Double> orders, Expected expected, double speed) {
        double product = 0;
        double square = 0;
        for (double order : orders) {
            double wanted = expected.at(order, speed);
            product += wanted * spectrum.near(order * speed / (2 * Math.PI));
            square += wanted * wanted;
        }
        return square > 0 ? product / Math.sqrt(square) : 0;
    }

    private static double sharpness(double[] score) {
        double most = 0;
        double mean = 0;
        for (double each : score) {
            most = Math.max(most, each);
            mean += each / score.length;
        }
        return mean > 0 ? most / mean : 0;
    }

    private static int[] path(List<double[]> scores, double[] best) {
        int[][] before = new int[scores.size()][SPEEDS];
        double[] now = normal(scores.get(0));
        System.arraycopy(now, 0, best, 0, SPEEDS);
        for (int b = 1; b < scores.size(); b++) {
            double[] score = normal(scores.get(b));
            double[] next = new double[SPEEDS];
            for (int s = 0; s < SPEEDS; s++) {
                int from = s;
                for (int k = Math.max(0, s - MOST_STEPS); k <= Math.min(SPEEDS - 1, s + MOST_STEPS); k++) {
                    if (best[k] - JUMP * Math.abs(k - s) > best[from] - JUMP * Math.abs(from - s)) {
                        from = k;
                    }
                }
                before[b][s] = from;
                next[s] = best[from] - JUMP * Math.abs(from - s) + score[s];
            }
            System.arraycopy(next, 0, best, 0, SPEEDS);
        }
        int last = 0;
        for (int s = 1; s < SPEEDS; s++) {
            last = best[s] > best[last] ? s : last;
        }
        int[] path = new int[scores.size()];
        for (int b = scores.size() - 1; b >= 0; b--) {
            path[b] = last;
            last = before[b][last];
        }
        return path;
    }

    /** So that a loud block counts as much as a soft one. */
    private static double[] normal(double[] score) {
        double most = 1e-300;
        for (double each : score) {
            most = Math.max(most, each);
        }
        double[] normal = new double[score.length];
        for (int k = 0; k < score.length; k++) {
            normal[k] = score[k] / most;
        }
        return normal;
    }

    private static double[] byBlock(Recording recording, double[] centres, int block) {
        double[] speed = new double[recording.samples()];
        for (int k = 0; k < speed.length; k++) {
            double place = (k - block / 2.0) / (block / 2.0);
            int below = (int) Math.max(0, Math.min(centres.length - 1, Math.floor(place)));
            int above = Math.min(centres.length - 1, below + 1);
            if (place < 0 && centres.length > 1) {
                speed[k] = centres[0] + (centres[1] - centres[0]) * place;
                continue;
            }
            double share = Math.max(0, Math.min(1, place - below));
            speed[k] = centres[below] * (1 - share) + centres[above] * share;
        }
        return speed;
    }
}
