package oddcradle.core.math;

import java.util.Optional;
import org.ejml.data.DMatrixSparseCSC;
import org.ejml.data.DMatrixSparseTriplet;
import org.ejml.data.IGrowArray;
import org.ejml.ops.DConvertMatrixStruct;
import org.ejml.sparse.csc.CommonOps_DSCC;
import org.ejml.sparse.csc.decomposition.chol.CholeskyUpLooking_DSCC;
import org.ejml.sparse.csc.misc.TriangularSolver_DSCC;

/** A sparse symmetric matrix, of which only the upper triangle is stored, and its Cholesky factor; EJML underneath. */
public final class SparseSymmetric {
    private final DMatrixSparseCSC upper;

    SparseSymmetric(DMatrixSparseCSC upper) {
        this.upper = upper;
    }

    /** Collects entries; entries at the same place add up. Used by one thread and then thrown away. */
    public static final class Builder {
        private final DMatrixSparseTriplet entries;

        /**
         * @param size number of rows
         * @param expectedEntries a guess, to save growing
         */
        public Builder(int size, int expectedEntries) {
            entries = new DMatrixSparseTriplet(size, size, expectedEntries);
        }

        /** Adds {@code value} at (row, column); the entries below the diagonal are implied by symmetry and ignored. */
        public void add(int row, int column, double value) {
            if (row <= column) {
                entries.addItem(row, column, value);
            }
        }

        public SparseSymmetric build() {
            DMatrixSparseCSC matrix = DConvertMatrixStruct.convert(entries, (DMatrixSparseCSC) null);
            CommonOps_DSCC.duplicatesAdd(matrix, new IGrowArray());
            return new SparseSymmetric(matrix);
        }
    }

    public int size() {
        return upper.numCols;
    }

    public double diagonal(int k) {
        return upper.get(k, k);
    }

    /** {@code A x}; {@code x} is not modified. */
    public double[] times(double[] x) {
        double[] y = new double[x.length];
        for (int column = 0; column < upper.numCols; column++) {
            for (int k = upper.col_idx[column]; k < upper.col_idx[column + 1]; k++) {
                int row = upper.nz_rows[k];
                y[row] += upper.nz_values[k] * x[column];
                if (row != column) {
                    y[column] += upper.nz_values[k] * x[row];
                }
            }
        }
        return y;
    }

    /** The same matrix with its diagonal multiplied by {@code factor}. */
    public SparseSymmetric withDiagonalTimes(double factor) {
        DMatrixSparseCSC copy = upper.copy();
        for (int k = 0; k < size(); k++) {
            copy.set(k, k, copy.get(k, k) * factor);
        }
        return new SparseSymmetric(copy);
    }

    /** @return empty if the matrix is not positive definite */
    public Optional<Factor> factor() {
        CholeskyUpLooking_DSCC cholesky = new CholeskyUpLooking_DSCC();
        return cholesky.decompose(upper) ? Optional.of(new Factor(this, cholesky.getL())) : Optional.empty();
    }

    /** A Cholesky factor, good for any number of right-hand sides. */
    public static final class Factor {
        private final SparseSymmetric matrix;
        private final DMatrixSparseCSC lower;

        private Factor(SparseSymmetric matrix, DMatrixSparseCSC lower) {
            this.matrix = matrix;
            this.lower = lower;
        }

        /** Solution of {@code A x = right}; {@code right} is not modified. */
        public double[] solve(double[] right) {
            double[] x = right.clone();
            TriangularSolver_DSCC.solveL(lower, x);
            TriangularSolver_DSCC.solveTranL(lower, x);
            return x;
        }

        /** The entries of the inverse wherever the factor has entries: variances, and covariances of what is joined. */
        public InverseOnPattern inverseOnPattern() {
            return new InverseOnPattern(lower);
        }

        /** Smallest pivot divided by its own diagonal entry, 0 to 1; near the rounding unit if A is singular. */
        public double smallestPivotRatio() {
            double least = 1;
            for (int k = 0; k < matrix.size(); k++) {
                double pivot = lower.nz_values[lower.col_idx[k]];
                least = Math.min(least, pivot * pivot / matrix.diagonal(k));
            }
            return least;
        }
    }
}
