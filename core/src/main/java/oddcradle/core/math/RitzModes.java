package oddcradle.core.math;

import java.util.ArrayList;
import java.util.List;

/**
 * Modes for what acts at a few places: the answers at rest to unit loads there, the answers to those as loads of inertia, and so on, made into modes of
 * {@code K x = lambda M x} within that space. What the places give at rest is exact. Wilson, Yuan and Dickens, Earthquake Engineering and Structural
 * Dynamics 10 (1982), 813 (from memory).
 */
public final class RitzModes {
    /** A vector with less of its length left beside the others is one of them. */
    private static final double DEPENDENT = 1e-9;

    private RitzModes() {}

    /**
     * @param stiffness factor of K
     * @param k K itself
     * @param mass M
     * @param loads unit loads, as many numbers each as rows
     * @param rounds how often the answers are taken as loads again, 1 or more
     */
    public static LowestModes.Modes of(
            SparseSymmetric.Factor stiffness, SparseSymmetric k, SparseSymmetric mass, double[][] loads, int rounds) {
        List<double[]> space = new ArrayList<>();
        double[][] pushed = loads;
        for (int round = 0; round < rounds; round++) {
            List<double[]> fresh = new ArrayList<>();
            for (double[] load : pushed) {
                double[] x = stiffness.solve(load);
                if (orthonormal(x, space, mass)) {
                    space.add(x);
                    fresh.add(x);
                }
            }
            pushed = fresh.stream().map(mass::times).toArray(double[][]::new);
        }
        int n = space.size();
        double[][] reduced = new double[n][n];
        for (int i = 0; i < n; i++) {
            double[] force = k.times(space.get(i));
            for (int j = 0; j < n; j++) {
                reduced[i][j] = Sums.dot(space.get(j), force);
            }
        }
        DenseAlgebra.Eigen eigen = DenseAlgebra.symmetric(reduced);
        double[] values = new double[n];
        double[][] vectors = new double[n][mass.size()];
        for (int m = 0; m < n; m++) {
            values[m] = eigen.value(m);
            double[] weights = eigen.vector(m);
            for (int j = 0; j < n; j++) {
                double[] x = space.get(j);
                for (int row = 0; row < x.length; row++) {
                    vectors[m][row] += weights[j] * x[row];
                }
            }
        }
        return new LowestModes.Modes(values, vectors);
    }

    /** Makes a vector mass-orthonormal to others, twice for the sake of rounding; false where nothing of it is left. */
    private static boolean orthonormal(double[] x, List<double[]> others, SparseSymmetric mass) {
        double whole = Math.sqrt(Sums.dot(x, mass.times(x)));
        for (int pass = 0; pass < 2; pass++) {
            double[] heavy = mass.times(x);
            for (double[] other : others) {
                double share = Sums.dot(other, heavy);
                for (int row = 0; row < x.length; row++) {
                    x[row] -= share * other[row];
                }
            }
        }
        double left = Math.sqrt(Sums.dot(x, mass.times(x)));
        if (!(left > DEPENDENT * whole)) {
            return false;
        }
        for (int row = 0; row < x.length; row++) {
            x[row] /= left;
        }
        return true;
    }
}
