package oddcradle.core.recording;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.math.DenseAlgebra;
import oddcradle.core.math.InvalidValue;

/**
 * Amplitudes by order of crank speed along a recording: in each block all orders are fitted at once to the angle of the crank by least squares, so that a speed
 * that rises within the block smears nothing; the order tracking of Vold and Leuridan with constant amplitudes in a block (from memory).
 *
 * @param orders to crank speed, a ratio each
 * @param blocks one after the other
 */
public record OrderTrack(List<Double> orders, List<Block> blocks) {
    /** A block holds so many turns at the least: half orders that swing a few times. */
    private static final double TURNS = 8;

    private static final double SHORTEST = 0.4;
    /** Below this share of the rate a frequency is told well. */
    private static final double TELLS = 0.45;

    public OrderTrack {
        orders = List.copyOf(orders);
        blocks = List.copyOf(blocks);
    }

    /**
     * @param time of its middle, s
     * @param speed of the crank there, rad/s
     * @param amplitudes of each order, all axes as the root of the sum of their squares, m/s2; NaN where the rate is too low to tell it
     */
    public record Block(double time, double speed, List<Double> amplitudes) {
        public Block {
            amplitudes = List.copyOf(amplitudes);
        }
    }

    /**
     * @param orders wanted, ascending
     * @param speed of the crank by sample, rad/s
     * @throws InvalidValue where the crank does not turn long enough
     */
    static OrderTrack of(Recording recording, List<Double> orders, double[] speed) {
        double[] angle = new double[speed.length];
        for (int k = 1; k < speed.length; k++) {
            angle[k] = angle[k - 1] + (speed[k] + speed[k - 1]) / 2 / recording.rate();
        }
        List<Block> blocks = new ArrayList<>();
        int from = 0;
        while (from < speed.length - 1) {
            int to = end(recording, angle, from);
            if (to < 0) {
                break;
            }
            block(recording, orders, speed, angle, from, to).ifPresent(blocks::add);
            from = (from + to) / 2;
        }
        if (blocks.isEmpty()) {
            throw new InvalidValue(
                    "record",
                    "holds no " + (int) TURNS
                            + " turns of a running engine in a row: record longer, with the engine running");
        }
        return new OrderTrack(orders, blocks);
    }

    /** Behind the last sample of a block that is long enough, or -1. */
    private static int end(Recording recording, double[] angle, int from) {
        for (int k = from + 1; k < angle.length; k++) {
            if (angle[k] - angle[from] >= 2 * Math.PI * TURNS && (k - from) / recording.rate() >= SHORTEST) {
                return k;
            }
        }
        return -1;
    }

    private static Optional<Block> block(
            Recording recording, List<Double> orders, double[] speed, double[] angle, int from, int to) {
        double fastest = 0;
        double mean = 0;
        for (int k = from; k < to; k++) {
            fastest = Math.max(fastest, speed[k]);
            mean += speed[k] / (to - from);
        }
        int told = 0;
        while (told < orders.size() && orders.get(told) * fastest / (2 * Math.PI) < TELLS * recording.rate()) {
            told++;
        }
        if (told == 0) {
            return Optional.empty();
        }
        int n = 2 * told + 1;
        double[][] square = new double[n][n];
        double[][] right = new double[3][n];
        double[] row = new double[n];
        for (int k = from; k < to; k++) {
            row[0] = 1;
            for (int o = 0; o < told; o++) {
                double turned = orders.get(o) * (angle[k] - angle[from]);
                row[1 + 2 * o] = Math.cos(turned);
                row[2 + 2 * o] = Math.sin(turned);
            }
            for (int i = 0; i < n; i++) {
                for (int j = 0; j < n; j++) {
                    square[i][j] += row[i] * row[j];
                }
                for (int axis = 0; axis < 3; axis++) {
                    right[axis][i] += row[i] * recording.axes()[axis][k];
                }
            }
        }
        double[] power = new double[told];
        for (int axis = 0; axis < 3; axis++) {
            Optional<double[]> fit = DenseAlgebra.solve(square, right[axis]);
            if (fit.isEmpty()) {
                return Optional.empty();
            }
            for (int o = 0; o < told; o++) {
                double cos = fit.get()[1 + 2 * o];
                double sin = fit.get()[2 + 2 * o];
                power[o] += cos * cos + sin * sin;
            }
        }
        List<Double> amplitudes = new ArrayList<>();
        for (int o = 0; o < orders.size(); o++) {
            amplitudes.add(o < told ? Math.sqrt(power[o]) : Double.NaN);
        }
        return Optional.of(new Block((from + to) / 2.0 / recording.rate(), mean, amplitudes));
    }
}
