package oddcradle.core.survey;

import java.util.Optional;
import oddcradle.core.math.SparseSymmetric;
import oddcradle.core.math.Vec3;

/**
 * The places that fit the used readings best: Gauss-Newton steps on the weighted squares, halved where they would overshoot.
 * Mikhail and Ackermann, Observations and Least Squares (1976) (from memory).
 */
final class Fit {
    private static final int MOST_STEPS = 60;
    private static final int MOST_HALVINGS = 12;
    /** What may be left of the way to the best place, m. */
    private static final double SETTLED = 5e-11;

    /** A step with an old factor must shrink to this share of the one before. */
    private static final double QUICKLY = 0.4;

    /** Below this the smallest pivot is rounding: some point can move and no reading notices. */
    private static final double SINGULAR = 1e-13;

    private final Vec3[] places;
    private final double cost;
    private final SparseSymmetric.Factor factor;
    private final int steps;
    private final boolean settled;

    private Fit(Vec3[] places, double cost, SparseSymmetric.Factor factor, int steps, boolean settled) {
        this.places = places;
        this.cost = cost;
        this.factor = factor;
        this.steps = steps;
        this.settled = settled;
    }

    /** @return empty if the used readings leave some point free to move */
    static Optional<Fit> of(Network network, boolean[] used) {
        Vec3[] start = network.start(used);
        Optional<Fit> fit = descend(network, used, start);
        // A start exactly in the plane of its neighbours looks singular though the readings lift it off.
        return fit.isPresent() ? fit : descend(network, used, nudged(network, start));
    }

    private static Optional<Fit> descend(Network network, boolean[] used, Vec3[] start) {
        Vec3[] at = start;
        boolean settled = false;
        for (int steps = 1; ; steps++) {
            Optional<SparseSymmetric.Factor> factor = network.normal(at, used).factor();
            if (factor.isEmpty() || !(factor.get().smallestPivotRatio() > SINGULAR)) {
                return Optional.empty();
            }
            if (settled || steps == MOST_STEPS) {
                return Optional.of(new Fit(at, network.cost(at, used), factor.get(), steps, settled));
            }
            double[] step = factor.get().solve(network.right(at, used));
            double share = share(network, used, at, step);
            Chord chord = chord(network, used, network.moved(at, step, share), factor.get(), largest(step));
            settled = share == 0 || chord.settled();
            at = chord.at();
        }
    }

    /** How much of a step betters the fit; 0 if no part of it does, because rounding is all that is left. */
    private static double share(Network network, boolean[] used, Vec3[] at, double[] step) {
        double cost = network.cost(at, used);
        double share = 1;
        for (int halvings = 0; halvings < MOST_HALVINGS; halvings++) {
            if (network.cost(network.moved(at, step, share), used) < cost) {
                return share;
            }
            share /= 2;
        }
        return 0;
    }

    private record Chord(Vec3[] at, boolean settled) {}

    /**
     * Further steps that lend the factor of an earlier place: they cost a tenth and shrink by an even share. They end when what
     * that share leaves of the way is short enough, unsettled where they shrink too slowly.
     */
    private static Chord chord(
            Network network, boolean[] used, Vec3[] from, SparseSymmetric.Factor factor, double firstLength) {
        Vec3[] at = from;
        double before = firstLength;
        while (before >= SETTLED) {
            double[] step = factor.solve(network.right(at, used));
            double length = largest(step);
            double shrinks = length / before;
            if (!(shrinks < QUICKLY)) {
                return new Chord(at, false);
            }
            at = network.moved(at, step, 1);
            if (length * shrinks / (1 - shrinks) < SETTLED) {
                return new Chord(at, true);
            }
            before = length;
        }
        return new Chord(at, true);
    }

    private static Vec3[] nudged(Network network, Vec3[] start) {
        Vec3[] nudged = start.clone();
        for (int k = 0; k < start.length; k++) {
            if (network.firstUnknown(k) >= 0) {
                nudged[k] = start[k].plus(new Vec3(0.004, 0.003, 0.005));
            }
        }
        return nudged;
    }

    private static double largest(double[] step) {
        double largest = 0;
        for (double each : step) {
            largest = Math.max(largest, Math.abs(each));
        }
        return largest;
    }

    Vec3[] places() {
        return places;
    }

    double cost() {
        return cost;
    }

    SparseSymmetric.Factor factor() {
        return factor;
    }

    int steps() {
        return steps;
    }

    boolean settled() {
        return settled;
    }
}
