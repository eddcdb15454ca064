package oddcradle.core.structure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What every order of the engine does at every speed: the donor as a rigid body on mounts as they are while they shake, on the frame with its own mass,
 * supports and losses ({@link ShakenFrame}). Forces of the drive are not in it.
 */
public final class OrderMap {
    private final List<Double> speeds;
    private final List<Double> orders;
    private final List<ShakeWatch> watches;
    /** By watch, order, speed. */
    private final double[][][] amplitudes;

    OrderMap(List<Double> speeds, List<Double> orders, List<ShakeWatch> watches, double[][][] amplitudes) {
        this.speeds = List.copyOf(speeds);
        this.orders = List.copyOf(orders);
        this.watches = List.copyOf(watches);
        this.amplitudes = amplitudes;
    }

    /** Of the first crank, rad/s, ascending. */
    public List<Double> speeds() {
        return speeds;
    }

    /** Ratios to the first crank's speed, ascending. */
    public List<Double> orders() {
        return orders;
    }

    public List<ShakeWatch> watches() {
        return watches;
    }

    /** What one order does at a watch at one speed; N, m or m/s by the kind of the watch. */
    public double amplitude(int watch, int order, int speed) {
        return amplitudes[watch][order][speed];
    }

    /** All orders together at one speed: the root of the sum of their squares; N, m or m/s. */
    public double together(int watch, int speed) {
        double sum = 0;
        for (double[] order : amplitudes[watch]) {
            sum += order[speed] * order[speed];
        }
        return Math.sqrt(sum);
    }

    /** The order that does most at a watch at one speed, as its index. */
    public int leading(int watch, int speed) {
        int most = 0;
        for (int o = 1; o < orders.size(); o++) {
            if (amplitudes[watch][o][speed] > amplitudes[watch][most][speed]) {
                most = o;
            }
        }
        return most;
    }

    /** Index of the speed nearest to one, rad/s. */
    public int nearest(double speed) {
        int best = 0;
        for (int s = 1; s < speeds.size(); s++) {
            if (Math.abs(speeds.get(s) - speed) < Math.abs(speeds.get(best) - speed)) {
                best = s;
            }
        }
        return best;
    }

    /**
     * Where it is worst, as an index.
     *
     * @param from slower speeds do not count, rad/s
     */
    public int worstSpeed(int watch, double from) {
        int worst = speeds.size() - 1;
        for (int s = 0; s < speeds.size(); s++) {
            if (speeds.get(s) < from) {
                continue;
            }
            if (together(watch, s) > together(watch, worst)) {
                worst = s;
            }
        }
        return worst;
    }

    /** Watches of a kind as indices, in their order. */
    public List<Integer> of(ShakeWatch.Kind kind) {
        List<Integer> found = new ArrayList<>();
        for (int k = 0; k < watches.size(); k++) {
            if (watches.get(k).kind() == kind) {
                found.add(k);
            }
        }
        return found;
    }

    /** The watch of a kind at which most happens at one speed; empty where none is of it. */
    public Optional<Integer> most(ShakeWatch.Kind kind, int speed) {
        return of(kind).stream().max(Comparator.comparingDouble(watch -> together(watch, speed)));
    }
}
