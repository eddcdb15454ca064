package oddcradle.core.math;

import java.util.Arrays;
import org.ejml.data.DMatrixSparseCSC;

/**
 * Entries of the inverse of a sparse symmetric matrix, at the places where its Cholesky factor has entries, without forming
 * the whole inverse: Takahashi, Fagan and Chin, Proc. 8th PICA Conference (1973) (from memory).
 */
public final class InverseOnPattern {
    private final DMatrixSparseCSC lower;
    private final double[] entries;

    InverseOnPattern(DMatrixSparseCSC lower) {
        this.lower = lower;
        this.entries = new double[lower.nz_length];
        double[] along = new double[lower.numCols];
        double[] sums = new double[lower.numCols];
        for (int column = lower.numCols - 1; column >= 0; column--) {
            solveColumn(column, along, sums);
        }
    }

    /**
     * Z L = L^-T, read backwards: every product it needs lies on the pattern already.
     *
     * @param along to hold the factor's column by row; all zeros before and after
     * @param sums to hold Z times it; all zeros before and after
     */
    private void solveColumn(int column, double[] along, double[] sums) {
        int start = lower.col_idx[column];
        int end = lower.col_idx[column + 1];
        double pivot = lower.nz_values[start];
        for (int at = start + 1; at < end; at++) {
            along[lower.nz_rows[at]] = lower.nz_values[at];
        }
        for (int at = start + 1; at < end; at++) {
            addColumn(lower.nz_rows[at], along, sums);
        }
        double diagonal = 1 / pivot;
        for (int at = start + 1; at < end; at++) {
            int row = lower.nz_rows[at];
            entries[at] = -sums[row] / pivot;
            diagonal -= entries[at] * lower.nz_values[at];
        }
        entries[start] = diagonal / pivot;
        for (int at = start + 1; at < end; at++) {
            along[lower.nz_rows[at]] = 0;
            clearColumn(lower.nz_rows[at], sums);
        }
    }

    /** Both triangles' part of one column of Z in the product; rows off the pattern gather sums that nobody reads. */
    private void addColumn(int column, double[] along, double[] sums) {
        int start = lower.col_idx[column];
        int end = lower.col_idx[column + 1];
        double here = along[column];
        double sum = entries[start] * here;
        for (int at = start + 1; at < end; at++) {
            int row = lower.nz_rows[at];
            sums[row] += entries[at] * here;
            sum += entries[at] * along[row];
        }
        sums[column] += sum;
    }

    private void clearColumn(int column, double[] sums) {
        for (int at = lower.col_idx[column]; at < lower.col_idx[column + 1]; at++) {
            sums[lower.nz_rows[at]] = 0;
        }
    }

    /** @return 0 where the factor has no entry, although the inverse itself may have one there */
    public double get(int row, int column) {
        int left = Math.min(row, column);
        int low = Math.max(row, column);
        int found = Arrays.binarySearch(lower.nz_rows, lower.col_idx[left], lower.col_idx[left + 1], low);
        return found < 0 ? 0 : entries[found];
    }
}
