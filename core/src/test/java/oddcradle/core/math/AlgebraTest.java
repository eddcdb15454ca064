package oddcradle.core.math;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class AlgebraTest {
    /** Two equal masses on three equal springs between walls: k/m and 3k/m (Rao, Mechanical Vibrations, from memory). */
    @Test
    void twoMassesOnThreeSprings_haveTheTextbookFrequencies() {
        double k = 2000;
        double m = 0.5;
        DenseAlgebra.Eigen eigen = DenseAlgebra.generalised(
                        new double[][] {{2 * k, -k}, {-k, 2 * k}}, new double[][] {{m, 0}, {0, m}})
                .orElseThrow();
        assertThat(eigen.value(0)).isCloseTo(k / m, within(1e-8));
        assertThat(eigen.value(1)).isCloseTo(3 * k / m, within(1e-8));
        double[] first = eigen.vector(0);
        assertThat(m * (first[0] * first[0] + first[1] * first[1])).isCloseTo(1, within(1e-12));
    }

    @Test
    void massWithoutInertia_isNotSolved() {
        assertThat(DenseAlgebra.generalised(new double[][] {{1}}, new double[][] {{0}}))
                .isEmpty();
    }

    @Test
    void singularSystem_isEmptyNotInfinite() {
        assertThat(DenseAlgebra.solve(new double[][] {{1, 2}, {2, 4}}, new double[] {1, 1}))
                .isEmpty();
    }

    @Test
    void complexSystem_solvesItsOwnProduct() {
        double[][] real = {{3, 1}, {1, 2}};
        double[][] imaginary = {{0.5, 0}, {0, 0.25}};
        Complex[] x = DenseAlgebra.solve(real, imaginary, new double[] {1, -2}).orElseThrow();
        Complex first = x[0].times(new Complex(3, 0.5)).plus(x[1].times(new Complex(1, 0)));
        assertThat(first.re()).isCloseTo(1, within(1e-13));
        assertThat(first.im()).isCloseTo(0, within(1e-13));
    }

    @Property(tries = 60)
    void sparseFactor_solvesLikeTheDenseOne(@ForAll @IntRange(min = 1, max = 40) int size, @ForAll Random random) {
        double[][] dense = randomDefinite(size, random);
        SparseSymmetric.Builder builder = new SparseSymmetric.Builder(size, size);
        for (int i = 0; i < size; i++) {
            for (int j = 0; j < size; j++) {
                if (dense[i][j] != 0) {
                    // Two halves: entries at one place must add up.
                    builder.add(i, j, dense[i][j] / 2);
                    builder.add(i, j, dense[i][j] / 2);
                }
            }
        }
        double[] right = random.doubles(size, -1, 1).toArray();
        double[] before = right.clone();
        double[] x = builder.build().factor().orElseThrow().solve(right);
        assertThat(right).isEqualTo(before);
        assertThat(x).containsExactly(DenseAlgebra.solve(dense, right).orElseThrow(), within(1e-9));
        assertThat(DenseCholesky.of(dense).orElseThrow().solve(right)).containsExactly(x, within(1e-9));
    }

    /** Of all sizes, for small and large matrices are factored in different ways. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 6, 7, 8, 20})
    void matrixThatIsNotPositiveDefinite_hasNoFactor(int size) {
        double[][] matrix = new double[size][size];
        for (int k = 0; k < size; k++) {
            matrix[k][k] = 1;
        }
        assertThat(DenseCholesky.of(matrix).orElseThrow().smallestPivotRatio()).isEqualTo(1);
        matrix[size - 1][size - 1] = 0;
        assertThat(DenseCholesky.of(matrix)).isEmpty();
        matrix[size - 1][size - 1] = -1;
        assertThat(DenseCholesky.of(matrix)).isEmpty();
    }

    /** The golden ratio; and the top of a parabola. */
    @Test
    void rootsAndTops_areFound() {
        assertThat(Roots.between(1, 2, x -> x * x - x - 1)).isCloseTo((1 + Math.sqrt(5)) / 2, within(1e-13));
        assertThat(Roots.greatest(0, 1, 1e-6, x -> x * (1.4 - x))).isCloseTo(0.7, within(1e-5));
    }

    /** Tables of the normal distribution. */
    @Test
    void normalDistribution_isThatOfTheTables() {
        assertThat(Normal.below(1.6449)).isCloseTo(0.95, within(1e-5));
        assertThat(Normal.below(-2.3263)).isCloseTo(0.01, within(1e-5));
        assertThat(Normal.below(-4.7534)).isCloseTo(1e-6, within(1e-9));
    }

    private static double[][] randomDefinite(int size, Random random) {
        double[][] a = new double[size][size];
        for (int i = 0; i < size; i++) {
            for (int j = 0; j < i; j++) {
                if (random.nextInt(4) == 0) {
                    a[i][j] = random.nextDouble() - 0.5;
                    a[j][i] = a[i][j];
                }
            }
            a[i][i] = size;
        }
        return a;
    }

    @Test
    void indefiniteMatrix_hasNoFactor_andNearSingularHasATinyPivot() {
        SparseSymmetric.Builder indefinite = new SparseSymmetric.Builder(2, 3);
        indefinite.add(0, 0, 1);
        indefinite.add(0, 1, 2);
        indefinite.add(1, 1, 1);
        assertThat(indefinite.build().factor()).isEmpty();
        SparseSymmetric.Builder weak = new SparseSymmetric.Builder(2, 3);
        weak.add(0, 0, 1);
        weak.add(0, 1, 1);
        weak.add(1, 1, 1 + 1e-12);
        Optional<SparseSymmetric.Factor> factor = weak.build().factor();
        assertThat(factor.orElseThrow().smallestPivotRatio()).isLessThan(1e-11).isPositive();
    }

    @Test
    void nodeOrdering_isAPermutation_andNarrowsAShuffledChain() {
        int count = 50;
        List<Integer> shuffled = new ArrayList<>();
        for (int k = 0; k < count; k++) {
            shuffled.add(k);
        }
        Collections.shuffle(shuffled, new Random(7));
        List<List<Integer>> neighbours = new ArrayList<>();
        for (int k = 0; k < count; k++) {
            neighbours.add(new ArrayList<>());
        }
        for (int k = 1; k < count; k++) {
            neighbours.get(shuffled.get(k)).add(shuffled.get(k - 1));
            neighbours.get(shuffled.get(k - 1)).add(shuffled.get(k));
        }
        int[] order = NodeOrdering.reverseCuthillMcKee(neighbours);
        int[] sorted = order.clone();
        Arrays.sort(sorted);
        for (int k = 0; k < count; k++) {
            assertThat(sorted[k]).isEqualTo(k);
        }
        for (int k = 1; k < count; k++) {
            assertThat(neighbours.get(order[k])).contains(order[k - 1]);
        }
    }

    @Test
    void nodeOrdering_takesInEveryIsland() {
        List<List<Integer>> islands = List.of(List.of(1), List.of(0), List.of(), List.of(4), List.of(3));
        assertThat(NodeOrdering.reverseCuthillMcKee(islands)).hasSize(5).doesNotHaveDuplicates();
    }
}
