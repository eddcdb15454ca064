package oddcradle.core.math;

import java.util.Arrays;
import java.util.Optional;
import org.ejml.data.Complex_F64;
import org.ejml.data.DMatrixRMaj;
import org.ejml.data.ZMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;
import org.ejml.dense.row.CommonOps_ZDRM;
import org.ejml.dense.row.factory.DecompositionFactory_DDRM;
import org.ejml.interfaces.decomposition.EigenDecomposition_F64;

/** The few dense matrix questions the analyses ask, answered by EJML. Arrays are by rows and are never modified. */
public final class DenseAlgebra {
    private DenseAlgebra() {}

    /** Eigenvalues in ascending order, {@code vectors[k]} the unit eigenvector of {@code values[k]}. */
    public static final class Eigen {
        private final double[] values;
        private final double[][] vectors;

        private Eigen(double[] values, double[][] vectors) {
            this.values = values;
            this.vectors = vectors;
        }

        public int count() {
            return values.length;
        }

        public double value(int k) {
            return values[k];
        }

        public double[] vector(int k) {
            return vectors[k].clone();
        }
    }

    /**
     * Eigenvalues of the symmetric definite pair {@code K x = lambda M x}, through the Cholesky factor of M.
     *
     * @param stiffness K, n by n, symmetric
     * @param mass M, n by n, symmetric
     * @return empty if {@code mass} is not positive definite; vectors are mass-orthonormal
     */
    public static Optional<Eigen> generalised(double[][] stiffness, double[][] mass) {
        int n = stiffness.length;
        Optional<DenseCholesky> factor = DenseCholesky.of(mass);
        if (factor.isEmpty()) {
            return Optional.empty();
        }
        // A = L^-1 K L^-T
        double[][] half = new double[n][];
        for (int i = 0; i < n; i++) {
            half[i] = factor.get().forward(stiffness[i]);
        }
        double[][] a = new double[n][];
        for (int j = 0; j < n; j++) {
            double[] column = new double[n];
            for (int i = 0; i < n; i++) {
                column[i] = half[i][j];
            }
            a[j] = factor.get().forward(column);
        }
        Eigen standard = symmetric(a);
        double[][] vectors = new double[n][];
        for (int k = 0; k < n; k++) {
            vectors[k] = factor.get().backward(standard.vectors[k]);
        }
        return Optional.of(new Eigen(standard.values, vectors));
    }

    /** Eigenvalues of a symmetric matrix; only its symmetric part is used. */
    public static Eigen symmetric(double[][] matrix) {
        int n = matrix.length;
        DMatrixRMaj given = new DMatrixRMaj(matrix);
        DMatrixRMaj a = new DMatrixRMaj(n, n);
        CommonOps_DDRM.add(0.5, given, 0.5, CommonOps_DDRM.transpose(given, null), a);
        EigenDecomposition_F64<DMatrixRMaj> decomposition = DecompositionFactory_DDRM.eig(n, true, true);
        decomposition.decompose(a);
        Integer[] order = new Integer[n];
        for (int k = 0; k < n; k++) {
            order[k] = k;
        }
        java.util.Arrays.sort(
                order,
                (p, q) -> Double.compare(decomposition.getEigenvalue(p).real, decomposition.getEigenvalue(q).real));
        double[] values = new double[n];
        double[][] vectors = new double[n][];
        for (int k = 0; k < n; k++) {
            values[k] = decomposition.getEigenvalue(order[k]).real;
            vectors[k] = decomposition.getEigenVector(order[k]).data.clone();
        }
        return new Eigen(values, vectors);
    }

    /**
     * Of a symmetric positive definite matrix; only its lower triangle is read.
     *
     * @return empty if it is not positive definite
     */
    public static Optional<double[][]> inverseOfPositive(double[][] matrix) {
        DMatrixRMaj inverse = new DMatrixRMaj(matrix.length, matrix.length);
        if (!CommonOps_DDRM.invertSPD(new DMatrixRMaj(matrix), inverse)) {
            return Optional.empty();
        }
        double[][] out = new double[matrix.length][];
        for (int k = 0; k < out.length; k++) {
            out[k] = Arrays.copyOfRange(inverse.data, k * out.length, (k + 1) * out.length);
        }
        return Optional.of(out);
    }

    /** Solution of {@code A x = b}; empty if a pivot is 0 or the answer is not finite. A that is only nearly singular is not noticed. */
    public static Optional<double[]> solve(double[][] matrix, double[] right) {
        DMatrixRMaj x = new DMatrixRMaj(right.length, 1);
        boolean solved = CommonOps_DDRM.solve(new DMatrixRMaj(matrix), DMatrixRMaj.wrap(right.length, 1, right), x);
        return solved && allFinite(x.data) ? Optional.of(x.data) : Optional.empty();
    }

    /** Solution of the complex system {@code (Re + i Im) x = b}; empty if a pivot is 0 or the answer is not finite. */
    public static Optional<Complex[]> solve(double[][] real, double[][] imaginary, double[] right) {
        int n = right.length;
        ZMatrixRMaj a = new ZMatrixRMaj(n, n);
        ZMatrixRMaj b = new ZMatrixRMaj(n, 1);
        for (int i = 0; i < n; i++) {
            b.set(i, 0, right[i], 0);
            for (int j = 0; j < n; j++) {
                a.set(i, j, real[i][j], imaginary[i][j]);
            }
        }
        ZMatrixRMaj x = new ZMatrixRMaj(n, 1);
        if (!CommonOps_ZDRM.solve(a, b, x) || !allFinite(x.data)) {
            return Optional.empty();
        }
        Complex[] answer = new Complex[n];
        Complex_F64 entry = new Complex_F64();
        for (int i = 0; i < n; i++) {
            x.get(i, 0, entry);
            answer[i] = new Complex(entry.real, entry.imaginary);
        }
        return Optional.of(answer);
    }

    private static boolean allFinite(double[] values) {
        for (double value : values) {
            if (!Double.isFinite(value)) {
                return false;
            }
        }
        return true;
    }
}
