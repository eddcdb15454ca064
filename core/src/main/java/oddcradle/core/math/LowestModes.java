package oddcradle.core.math;

import java.util.Arrays;
import java.util.Optional;

/**
 * The lowest eigenvalues of {@code K x = lambda M x} by subspace iteration: Bathe, Finite Element Procedures, 1996, section 11.6 (from memory).
 * Equal eigenvalues are found as often as there are.
 */
public final class LowestModes {
    /** More vectors than are wanted make the wanted ones settle sooner. */
    private static final int MORE = 12;

    private static final int ROUNDS = 400;
    /** How exactly eigenvalues are wanted where nobody says: as exactly as they can be told. */
    public static final double EXACT = 1e-13;

    private LowestModes() {}

    /**
     * Eigenvalues from the least, each with its vector.
     *
     * @param values lambda, ascending
     * @param vectors mass-orthonormal, {@code vectors[k]} of {@code values[k]}
     */
    public record Modes(double[] values, double[][] vectors) {}

    /**
     * @param stiffness factor of K, positive definite
     * @param mass M, at least semidefinite with as many directions of mass as are wanted
     * @param wanted how many, 1 or more; fewer are found where the matrix is smaller
     * @param settled relative change of an eigenvalue from round to round that is near enough
     * @return empty where M has too little mass for them
     */
    public static Optional<Modes> of(
            SparseSymmetric.Factor stiffness, SparseSymmetric mass, int wanted, double settled) {
        int n = mass.size();
        int found = Math.min(wanted, n);
        int q = Math.min(n, found + Math.max(MORE, found));
        double[][] x = new double[q][n];
        for (int i = 0; i < q; i++) {
            for (int k = 0; k < n; k++) {
                x[i][k] = Math.sin(1 + (i + 1) * 0.7548776662 * k + i);
            }
        }
        double[] before = new double[found];
        for (int round = 0; round < ROUNDS; round++) {
            double[][] pushed = new double[q][];
            double[][] y = new double[q][];
            double[][] heavy = new double[q][];
            for (int i = 0; i < q; i++) {
                pushed[i] = mass.times(x[i]);
                y[i] = stiffness.solve(pushed[i]);
                heavy[i] = mass.times(y[i]);
            }
            // Largest 1/lambda come from M against K, which is definite on any independent vectors.
            Optional<DenseAlgebra.Eigen> ritz = DenseAlgebra.generalised(products(y, heavy), products(y, pushed));
            if (ritz.isEmpty()) {
                if (--q < found) {
                    return Optional.empty();
                }
                x = Arrays.copyOf(x, q);
                continue;
            }
            double[][] next = new double[q][n];
            double[] values = new double[q];
            for (int i = 0; i < q; i++) {
                double inverse = ritz.get().value(q - 1 - i);
                values[i] = 1 / inverse;
                double[] weights = ritz.get().vector(q - 1 - i);
                double scale = 1 / Math.sqrt(Math.max(inverse, Double.MIN_NORMAL));
                for (int j = 0; j < q; j++) {
                    for (int k = 0; k < n; k++) {
                        next[i][k] += scale * weights[j] * y[j][k];
                    }
                }
            }
            x = next;
            if (isSettled(values, before, settled)) {
                return Optional.of(new Modes(Arrays.copyOf(values, found), Arrays.copyOf(x, found)));
            }
            before = Arrays.copyOf(values, found);
        }
        return Optional.of(new Modes(before, Arrays.copyOf(x, found)));
    }

    private static boolean isSettled(double[] now, double[] before, double settled) {
        for (int k = 0; k < before.length; k++) {
            if (!(Math.abs(now[k] - before[k]) <= settled * Math.abs(now[k]))) {
                return false;
            }
        }
        return true;
    }

    private static double[][] products(double[][] a, double[][] b) {
        double[][] m = new double[a.length][a.length];
        for (int i = 0; i < a.length; i++) {
            for (int j = 0; j < a.length; j++) {
                m[i][j] = Sums.dot(a[i], b[j]);
            }
        }
        return m;
    }
}
