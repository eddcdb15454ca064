package oddcradle.core.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import oddcradle.core.frame.input.ElasticMount;
import oddcradle.core.math.DenseCholesky;
import oddcradle.core.math.Sums;

/**
 * Stops of mounts: past its free way a stop pushes back, one way only. Which of them are met is a linear complementarity problem
 * {@code w = gap - s (d - C p) + p / k}, {@code w p = 0}, of a matrix whose principal minors are all positive; the least-index method ends at its only answer.
 * Source: Murty, Linear Algebra and its Applications 8, 1974 (from memory). Checked against the spring's own law.
 */
final class MountStops {
    private static final double ROUNDING = 1e-12;
    /** Of some dozens of stops; a hundredth of that is usual. */
    private static final int MOST_ROUNDS = 20_000;

    private final UnaryOperator<double[]> solution;
    private final List<Stop> stops = new ArrayList<>();
    private double[][] given;
    private double[][] matrix;

    /** @param row of the mount's way along one axis, towards the stop */
    private record Stop(double[] row, double gap, double stiffness) {}

    MountStops(FrameModel model, UnaryOperator<double[]> solution) {
        this.solution = solution;
        for (MountElement mount : model.mounts) {
            if (mount.mount.stop().isPresent()) {
                ElasticMount.Stop stop = mount.mount.stop().get();
                for (int axis = 0; axis < 3; axis++) {
                    double[] row = model.equations(mount, mount.deflectionRow(axis));
                    stops.add(new Stop(row, stop.freeWay() + stop.rest(axis), stop.stiffness()));
                    stops.add(new Stop(times(row, -1), stop.freeWay() - stop.rest(axis), stop.stiffness()));
                }
            }
        }
    }

    private static double[] times(double[] row, double factor) {
        double[] result = new double[row.length];
        for (int k = 0; k < row.length; k++) {
            result[k] = factor * row[k];
        }
        return result;
    }

    /** @param u as if there were no stops; with them where they are met */
    double[] with(double[] u) {
        double[] left = new double[stops.size()];
        boolean met = false;
        for (int s = 0; s < left.length; s++) {
            left[s] = stops.get(s).gap() - Sums.dot(stops.get(s).row(), u);
            met |= left[s] < 0;
        }
        if (!met) {
            return u;
        }
        if (matrix == null) {
            prepare();
        }
        double[] forces = forces(left);
        double[] held = u.clone();
        for (int s = 0; s < forces.length; s++) {
            if (forces[s] > 0) {
                for (int k = 0; k < held.length; k++) {
                    held[k] -= forces[s] * given[s][k];
                }
            }
        }
        return held;
    }

    private void prepare() {
        int n = stops.size();
        given = new double[n][];
        matrix = new double[n][n];
        for (int s = 0; s < n; s++) {
            // The second of each pair is the first the other way.
            given[s] = s % 2 == 0 ? solution.apply(stops.get(s).row()) : times(given[s - 1], -1);
        }
        for (int s = 0; s < n; s++) {
            for (int t = 0; t < n; t++) {
                matrix[s][t] = Sums.dot(stops.get(s).row(), given[t]);
            }
            matrix[s][s] += 1 / stops.get(s).stiffness();
        }
    }

    /** Of each stop, N, 0 or more. @param left way to each stop without any, m */
    private double[] forces(double[] left) {
        int n = left.length;
        boolean[] met = new boolean[n];
        for (int round = 0; round < MOST_ROUNDS; round++) {
            double[] p = pushing(met, left);
            int wrong = -1;
            for (int s = 0; s < n && wrong < 0; s++) {
                double way = left[s];
                for (int t = 0; t < n; t++) {
                    way += matrix[s][t] * p[t];
                }
                boolean pulls = met[s] && p[s] < 0;
                boolean enters = !met[s] && way < -ROUNDING;
                wrong = pulls || enters ? s : wrong;
            }
            if (wrong < 0) {
                return p;
            }
            met[wrong] = !met[wrong];
        }
        throw new IllegalStateException("stops of " + n / 6 + " mounts found no rest in " + MOST_ROUNDS + " rounds");
    }

    /** Of those taken to be met. */
    private double[] pushing(boolean[] met, double[] left) {
        List<Integer> at = new ArrayList<>();
        for (int s = 0; s < met.length; s++) {
            if (met[s]) {
                at.add(s);
            }
        }
        double[] p = new double[met.length];
        if (at.isEmpty()) {
            return p;
        }
        double[][] among = new double[at.size()][at.size()];
        double[] shortBy = new double[at.size()];
        for (int i = 0; i < at.size(); i++) {
            shortBy[i] = -left[at.get(i)];
            for (int j = 0; j < at.size(); j++) {
                among[i][j] = matrix[at.get(i)][at.get(j)];
            }
        }
        Optional<DenseCholesky> factor = DenseCholesky.of(among);
        double[] some = factor.orElseThrow().solve(shortBy);
        for (int i = 0; i < some.length; i++) {
            p[at.get(i)] = some[i];
        }
        return p;
    }
}
