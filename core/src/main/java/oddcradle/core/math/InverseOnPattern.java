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
        for (int column = lower.numCols - 1; column >= 0; column--) {
            solveColumn(column);
        }
    }

    /** Z L = L^-T, read backwards: every product it needs lies on the pattern already. */
    private void solveColumn(int column) {
        int start = lower.col_idx[column];
        int end = lower.col_idx[column + 1];
        double pivot = lower.nz_values[start];
        for (int at = start + 1; at < end; at++) {
            entries[at] = -productBelow(lower.nz_rows[at], start, end) / pivot;
        }
        double diagonal = 1 / pivot;
        for (int at = start + 1; at < end; at++) {
            diagonal -= entries[at] * lower.nz_values[at];
        }
        entries[start] = diagonal / pivot;
    }

    private double productBelow(int row, int start, int end) {
        double sum = 0;
        for (int at = start + 1; at < end; at++) {
            sum += get(row, lower.nz_rows[at]) * lower.nz_values[at];
        }
        return sum;
    }

    /** @return 0 where the factor has no entry, although the inverse itself may have one there */
    public double get(int row, int column) {
        int left = Math.min(row, column);
        int low = Math.max(row, column);
        int found = Arrays.binarySearch(lower.nz_rows, lower.col_idx[left], lower.col_idx[left + 1], low);
        return found < 0 ? 0 : entries[found];
    }
}
