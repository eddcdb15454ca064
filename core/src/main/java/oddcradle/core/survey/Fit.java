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
    private static final double SETTLED = 1e-11;
    /** Below this the smallest pivot is rounding: some point can move and no reading notices. */
    private static final double SINGULAR = 1e-10;

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
        double cost = network.cost(at, used);
        for (int steps = 1; ; steps++) {
            double[] right = new double[network.unknowns()];
            Optional<SparseSymmetric.Factor> factor =
                    network.normal(at, used, right).factor();
            if (factor.isEmpty() || !(factor.get().smallestPivotRatio() > SINGULAR)) {
                return Optional.empty();
            }
            double[] step = factor.get().solve(right);
            double share = 1;
            Vec3[] next = network.moved(at, step, share);
            double nextCost = network.cost(next, used);
            for (int halvings = 0; nextCost > cost && halvings < MOST_HALVINGS; halvings++) {
                share /= 2;
                next = network.moved(at, step, share);
                nextCost = network.cost(next, used);
            }
            boolean settled = largest(step) < SETTLED || nextCost >= cost;
            if (nextCost <= cost) {
                at = next;
                cost = nextCost;
            }
            if (settled || steps == MOST_STEPS) {
                return Optional.of(new Fit(at, cost, factor.get(), steps, settled));
            }
        }
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
