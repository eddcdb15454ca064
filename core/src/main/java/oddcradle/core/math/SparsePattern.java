package oddcradle.core.math;

import java.util.Arrays;
import org.ejml.data.DMatrixSparseCSC;

/**
 * Where a sparse symmetric matrix has entries, worked out once for many matrices that differ only in their numbers. Contributions
 * are named by their order: the k-th value goes to the k-th place, places that repeat add up.
 */
public final class SparsePattern {
    private final int size;
    private final int[] columnStarts;
    private final int[] rows;
    /** Index in the matrix's values of each contribution. */
    private final int[] place;

    /**
     * @param size of the matrix
     * @param row of each contribution, upper triangle: {@code row <= column}
     * @param column of each contribution
     */
    public SparsePattern(int size, int[] row, int[] column) {
        this.size = size;
        int[] order = sortedBy(column, size, sortedBy(row, size, identity(row.length)));
        place = new int[row.length];
        columnStarts = new int[size + 1];
        int[] found = new int[row.length];
        int entries = 0;
        for (int k = 0; k < order.length; k++) {
            int here = order[k];
            boolean again = k > 0 && column[order[k - 1]] == column[here] && row[order[k - 1]] == row[here];
            if (!again) {
                found[entries++] = row[here];
                columnStarts[column[here] + 1]++;
            }
            place[here] = entries - 1;
        }
        for (int c = 0; c < size; c++) {
            columnStarts[c + 1] += columnStarts[c];
        }
        rows = Arrays.copyOf(found, entries);
    }

    private static int[] identity(int count) {
        int[] order = new int[count];
        for (int k = 0; k < count; k++) {
            order[k] = k;
        }
        return order;
    }

    /** Counting sort, stable. */
    private static int[] sortedBy(int[] key, int size, int[] order) {
        int[] start = new int[size + 1];
        for (int k : key) {
            start[k + 1]++;
        }
        for (int k = 0; k < size; k++) {
            start[k + 1] += start[k];
        }
        int[] sorted = new int[order.length];
        for (int each : order) {
            sorted[start[key[each]]++] = each;
        }
        return sorted;
    }

    /** @param values one for each contribution, in their order */
    public SparseSymmetric matrix(double[] values) {
        DMatrixSparseCSC upper = new DMatrixSparseCSC(size, size, rows.length);
        System.arraycopy(columnStarts, 0, upper.col_idx, 0, size + 1);
        System.arraycopy(rows, 0, upper.nz_rows, 0, rows.length);
        for (int k = 0; k < values.length; k++) {
            upper.nz_values[place[k]] += values[k];
        }
        upper.nz_length = rows.length;
        upper.indicesSorted = true;
        return new SparseSymmetric(upper);
    }
}
