package oddcradle.core.math;

import java.util.Optional;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.decomposition.TriangularSolver_DDRM;
import org.ejml.dense.row.decomposition.chol.CholeskyDecompositionInner_DDRM;
import org.ejml.dense.row.misc.UnrolledCholesky_DDRM;

/** The Cholesky factor of a small dense symmetric matrix, good for any number of right-hand sides; EJML underneath. */
public final class DenseCholesky {
    private final double[] lower;
    private final int size;
    private final double smallestPivotRatio;

    private DenseCholesky(double[] lower, int size, double smallestPivotRatio) {
        this.lower = lower;
        this.size = size;
        this.smallestPivotRatio = smallestPivotRatio;
    }

    /**
     * @param matrix by rows, square; only its lower triangle is read
     * @return empty if it is not positive definite
     */
    public static Optional<DenseCholesky> of(double[][] matrix) {
        int size = matrix.length;
        DMatrixRMaj given = new DMatrixRMaj(size, size);
        for (int i = 0; i < size; i++) {
            for (int j = 0; j <= i; j++) {
                given.set(i, j, matrix[i][j]);
                given.set(j, i, matrix[i][j]);
            }
        }
        DMatrixRMaj lower = new DMatrixRMaj(size, size);
        if (!(size <= UnrolledCholesky_DDRM.MAX ? UnrolledCholesky_DDRM.lower(given, lower) : any(given, lower))) {
            return Optional.empty();
        }
        double least = 1;
        for (int k = 0; k < size; k++) {
            double pivot = lower.get(k, k);
            // The short forms for few rows let a zero through.
            if (!(pivot > 0)) {
                return Optional.empty();
            }
            least = Math.min(least, pivot * pivot / matrix[k][k]);
        }
        return Optional.of(new DenseCholesky(lower.data, size, least));
    }

    private static boolean any(DMatrixRMaj given, DMatrixRMaj lower) {
        CholeskyDecompositionInner_DDRM cholesky = new CholeskyDecompositionInner_DDRM(true);
        if (!cholesky.decompose(given)) {
            return false;
        }
        cholesky.getT(lower);
        return true;
    }

    /** Solution of {@code A x = right}; {@code right} is not modified. */
    public double[] solve(double[] right) {
        double[] x = forward(right);
        TriangularSolver_DDRM.solveTranL(lower, x, size);
        return x;
    }

    /** Solution of {@code L x = right}. */
    double[] forward(double[] right) {
        double[] x = right.clone();
        TriangularSolver_DDRM.solveL(lower, x, size);
        return x;
    }

    /** Solution of {@code L' x = right}. */
    double[] backward(double[] right) {
        double[] x = right.clone();
        TriangularSolver_DDRM.solveTranL(lower, x, size);
        return x;
    }

    /** Smallest pivot divided by its own diagonal entry, 0 to 1; near the rounding unit if A is singular. */
    public double smallestPivotRatio() {
        return smallestPivotRatio;
    }
}
