package oddcradle.core.math;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

/** Patterns filled again and again, and entries of the inverse, against plain dense algebra. */
class SparseInverseTest {
    /** A random positive definite matrix with few entries, as contributions of pairs. */
    private static double[][] dense(int size, int[] row, int[] column, double[] values) {
        double[][] dense = new double[size][size];
        for (int k = 0; k < values.length; k++) {
            dense[row[k]][column[k]] += values[k];
            if (row[k] != column[k]) {
                dense[column[k]][row[k]] += values[k];
            }
        }
        return dense;
    }

    @Property(tries = 60)
    void patternAndInverse_agreeWithDenseAlgebra(@ForAll Random random) {
        int size = 3 + random.nextInt(12);
        int pairs = size + random.nextInt(2 * size);
        int[] row = new int[3 * pairs + size];
        int[] column = new int[row.length];
        double[] values = new double[row.length];
        for (int k = 0; k < pairs; k++) {
            int a = random.nextInt(size);
            int b = random.nextInt(size);
            double w = 0.1 + random.nextDouble();
            put(row, column, values, 3 * k, Math.min(a, b), Math.max(a, b), a == b ? w : -w);
            put(row, column, values, 3 * k + 1, a, a, w);
            put(row, column, values, 3 * k + 2, b, b, w);
        }
        for (int k = 0; k < size; k++) {
            put(row, column, values, 3 * pairs + k, k, k, 0.5 + random.nextDouble());
        }
        SparsePattern pattern = new SparsePattern(size, row, column);
        for (int round = 0; round < 2; round++) {
            double[][] full = dense(size, row, column, values);
            SparseSymmetric.Factor factor = pattern.matrix(values).factor().orElseThrow();
            InverseOnPattern inverse = factor.inverseOnPattern();
            for (int k = 0; k < size; k++) {
                double[] unit = new double[size];
                unit[k] = 1;
                double[] expected = DenseAlgebra.solve(full, unit).orElseThrow();
                double[] solved = factor.solve(unit);
                for (int i = 0; i < size; i++) {
                    assertThat(solved[i]).isCloseTo(expected[i], within(1e-9));
                    if (full[k][i] != 0) {
                        assertThat(inverse.get(k, i)).isCloseTo(expected[i], within(1e-9));
                    }
                }
            }
            for (int k = 0; k < values.length; k++) {
                values[k] *= 1.5;
            }
        }
    }

    private static void put(int[] row, int[] column, double[] values, int at, int r, int c, double value) {
        row[at] = r;
        column[at] = c;
        values[at] = value;
    }

    @Test
    void diagonalMatrix_hasNothingBesideItsDiagonal() {
        SparsePattern pattern = new SparsePattern(3, new int[] {0, 1, 2}, new int[] {0, 1, 2});
        InverseOnPattern inverse =
                pattern.matrix(new double[] {2, 4, 8}).factor().orElseThrow().inverseOnPattern();
        assertThat(inverse.get(1, 1)).isEqualTo(0.25);
        assertThat(inverse.get(0, 2)).isZero();
        assertThat(pattern.matrix(new double[] {1, 0, 1}).factor()).isEmpty();
    }
}
