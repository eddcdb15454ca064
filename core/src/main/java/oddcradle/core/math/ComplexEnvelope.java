package oddcradle.core.math;

import java.util.Arrays;

/**
 * A complex symmetric matrix whose entries lie near its diagonal, and its factors L D L' without exchange of rows: Jennings and McKeown, Matrix
 * Computation, 1992, section 5 (from memory). For stiffness with loss less mass times frequency squared; no pivot is sought, so an answer is
 * bettered once by what it leaves over.
 */
public final class ComplexEnvelope {
    private final int[] first;
    private final double[][] re;
    private final double[][] im;

    /** @param first for each row the first column that may hold an entry, at most the row itself */
    public ComplexEnvelope(int[] first) {
        this.first = first.clone();
        this.re = new double[first.length][];
        this.im = new double[first.length][];
        for (int row = 0; row < first.length; row++) {
            re[row] = new double[row - first[row] + 1];
            im[row] = new double[row - first[row] + 1];
        }
    }

    public int size() {
        return first.length;
    }

    /** Adds to an entry and, by symmetry, to its mirror; of the two only the one at or below the diagonal must be given. */
    public void add(int row, int column, double real, double imaginary) {
        re[row][column - first[row]] += real;
        im[row][column - first[row]] += imaginary;
    }

    /** Its factor, for any number of right-hand sides. */
    public Factor factor() {
        ComplexEnvelope factor = new ComplexEnvelope(first);
        for (int row = 0; row < first.length; row++) {
            factor.re[row] = re[row].clone();
            factor.im[row] = im[row].clone();
        }
        factor.decompose();
        return new Factor(this, factor);
    }

    /** A matrix and its factor. */
    public static final class Factor {
        private final ComplexEnvelope matrix;
        private final ComplexEnvelope factor;

        private Factor(ComplexEnvelope matrix, ComplexEnvelope factor) {
            this.matrix = matrix;
            this.factor = factor;
        }

        /**
         * Solution of {@code A x = b}.
         *
         * @param rightRe real parts of b, as many as rows
         * @param rightIm imaginary parts
         * @return rows 0: real, 1: imaginary parts; not finite where A is singular
         */
        public double[][] solve(double[] rightRe, double[] rightIm) {
            double[][] x = factor.substitute(rightRe, rightIm);
            double[][] left = matrix.times(x[0], x[1]);
            double[] overRe = new double[rightRe.length];
            double[] overIm = new double[rightRe.length];
            for (int k = 0; k < rightRe.length; k++) {
                overRe[k] = rightRe[k] - left[0][k];
                overIm[k] = rightIm[k] - left[1][k];
            }
            double[][] more = factor.substitute(overRe, overIm);
            for (int k = 0; k < rightRe.length; k++) {
                x[0][k] += more[0][k];
                x[1][k] += more[1][k];
            }
            return x;
        }
    }

    private double[][] times(double[] xRe, double[] xIm) {
        double[][] y = new double[2][first.length];
        for (int row = 0; row < first.length; row++) {
            for (int column = first[row]; column <= row; column++) {
                double a = re[row][column - first[row]];
                double b = im[row][column - first[row]];
                y[0][row] += a * xRe[column] - b * xIm[column];
                y[1][row] += a * xIm[column] + b * xRe[column];
                if (column != row) {
                    y[0][column] += a * xRe[row] - b * xIm[row];
                    y[1][column] += a * xIm[row] + b * xRe[row];
                }
            }
        }
        return y;
    }

    /** In place: L below the diagonal, with ones on it, and D on the diagonal. */
    private void decompose() {
        double[] scaledRe = new double[first.length];
        double[] scaledIm = new double[first.length];
        for (int row = 0; row < first.length; row++) {
            int start = first[row];
            double[] a = re[row];
            double[] b = im[row];
            // First L times D, column by column; then L itself and the pivot.
            for (int column = start; column < row; column++) {
                double sumRe = a[column - start];
                double sumIm = b[column - start];
                double[] c = re[column];
                double[] d = im[column];
                int offset = first[column];
                for (int k = Math.max(start, offset); k < column; k++) {
                    sumRe -= scaledRe[k] * c[k - offset] - scaledIm[k] * d[k - offset];
                    sumIm -= scaledRe[k] * d[k - offset] + scaledIm[k] * c[k - offset];
                }
                scaledRe[column] = sumRe;
                scaledIm[column] = sumIm;
            }
            double pivotRe = a[row - start];
            double pivotIm = b[row - start];
            for (int column = start; column < row; column++) {
                int diagonal = column - first[column];
                double dRe = re[column][diagonal];
                double dIm = im[column][diagonal];
                double square = dRe * dRe + dIm * dIm;
                double lRe = (scaledRe[column] * dRe + scaledIm[column] * dIm) / square;
                double lIm = (scaledIm[column] * dRe - scaledRe[column] * dIm) / square;
                pivotRe -= lRe * scaledRe[column] - lIm * scaledIm[column];
                pivotIm -= lRe * scaledIm[column] + lIm * scaledRe[column];
                a[column - start] = lRe;
                b[column - start] = lIm;
            }
            a[row - start] = pivotRe;
            b[row - start] = pivotIm;
        }
    }

    private double[][] substitute(double[] rightRe, double[] rightIm) {
        double[] xRe = Arrays.copyOf(rightRe, first.length);
        double[] xIm = Arrays.copyOf(rightIm, first.length);
        for (int row = 0; row < first.length; row++) {
            int start = first[row];
            for (int k = start; k < row; k++) {
                xRe[row] -= re[row][k - start] * xRe[k] - im[row][k - start] * xIm[k];
                xIm[row] -= re[row][k - start] * xIm[k] + im[row][k - start] * xRe[k];
            }
        }
        for (int row = 0; row < first.length; row++) {
            double dRe = re[row][row - first[row]];
            double dIm = im[row][row - first[row]];
            double square = dRe * dRe + dIm * dIm;
            double real = (xRe[row] * dRe + xIm[row] * dIm) / square;
            xIm[row] = (xIm[row] * dRe - xRe[row] * dIm) / square;
            xRe[row] = real;
        }
        for (int row = first.length - 1; row >= 0; row--) {
            int start = first[row];
            for (int k = start; k < row; k++) {
                xRe[k] -= re[row][k - start] * xRe[row] - im[row][k - start] * xIm[row];
                xIm[k] -= re[row][k - start] * xIm[row] + im[row][k - start] * xRe[row];
            }
        }
        return new double[][] {xRe, xIm};
    }
}
