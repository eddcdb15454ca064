package oddcradle.core.math;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** Chains of masses and springs, whose modes have a closed form, and random systems against dense solutions. */
class ModesAndEnvelopeTest {
    private static final int CHAINS = 2;

    private static SparseSymmetric.Builder chains(int length) {
        return new SparseSymmetric.Builder(CHAINS * length, 4 * CHAINS * length);
    }

    /** Two like chains held at both ends, so that every eigenvalue is there twice. */
    private static SparseSymmetric springs(int length, double k) {
        SparseSymmetric.Builder builder = chains(length);
        for (int chain = 0; chain < CHAINS; chain++) {
            for (int i = 0; i < length; i++) {
                int at = chain * length + i;
                builder.add(at, at, 2 * k);
                if (i + 1 < length) {
                    builder.add(at, at + 1, -k);
                }
            }
        }
        return builder.build();
    }

    private static SparseSymmetric masses(int length, double m) {
        SparseSymmetric.Builder builder = chains(length);
        for (int at = 0; at < CHAINS * length; at++) {
            builder.add(at, at, m);
        }
        return builder.build();
    }

    /** Rayleigh's string of beads: lambda = 4 k/m sin^2(n pi / 2 (N + 1)), textbook. */
    private static double beads(int length, double k, double m, int n) {
        double sine = Math.sin(n * Math.PI / (2.0 * (length + 1)));
        return 4 * k / m * sine * sine;
    }

    @Property(tries = 30)
    void lowestModes_areThoseOfBeadsOnAString_asOftenAsThereAreStrings(
            @ForAll @IntRange(min = 6, max = 60) int length,
            @ForAll @DoubleRange(min = 1, max = 1e6) double k,
            @ForAll @DoubleRange(min = 0.01, max = 10) double m) {
        LowestModes.Modes modes = LowestModes.of(
                        springs(length, k).factor().orElseThrow(), masses(length, m), 6, LowestModes.EXACT)
                .orElseThrow();
        for (int n = 0; n < 6; n++) {
            double expected = beads(length, k, m, 1 + n / CHAINS);
            assertThat(modes.values()[n]).isCloseTo(expected, within(1e-8 * expected));
        }
    }

    /** What one place gives is exact at rest, and near enough well below the highest mode taken up. */
    @Test
    void ritzModes_giveAtTheirPlaceWhatTheWholeGives() {
        int length = 40;
        double k = 3000;
        double m = 0.2;
        SparseSymmetric stiffness = springs(length, k);
        SparseSymmetric mass = masses(length, m);
        double[] load = new double[CHAINS * length];
        load[7] = 1;
        LowestModes.Modes modes =
                RitzModes.of(stiffness.factor().orElseThrow(), stiffness, mass, new double[][] {load}, 8);
        for (double share : new double[] {0, 0.4, 1.7}) {
            double squared = share * beads(length, k, m, 1);
            double byModes = 0;
            for (int mode = 0; mode < modes.values().length; mode++) {
                double there = modes.vectors()[mode][7];
                byModes += there * there / (modes.values()[mode] - squared);
            }
            double[][] whole = new double[CHAINS * length][CHAINS * length];
            for (int i = 0; i < whole.length; i++) {
                double[] unit = new double[whole.length];
                unit[i] = 1;
                double[] column = stiffness.times(unit);
                for (int j = 0; j < whole.length; j++) {
                    whole[j][i] = column[j] - (i == j ? squared * m : 0);
                }
            }
            double exact = DenseAlgebra.solve(whole, load).orElseThrow()[7];
            assertThat(byModes).isCloseTo(exact, within(share == 0 ? 1e-10 * exact : 1e-5 * Math.abs(exact)));
        }
    }

    @Property(tries = 60)
    void envelope_solvesAsTheDenseSystemDoes(
            @ForAll @IntRange(min = 1, max = 25) int size,
            @ForAll @IntRange(min = 0, max = 6) int band,
            @ForAll long seed) {
        Random random = new Random(seed);
        int[] first = new int[size];
        for (int row = 0; row < size; row++) {
            first[row] = Math.max(0, row - band);
        }
        ComplexEnvelope envelope = new ComplexEnvelope(first);
        double[][] re = new double[size][size];
        double[][] im = new double[size][size];
        for (int row = 0; row < size; row++) {
            for (int column = first[row]; column <= row; column++) {
                double a = random.nextDouble() - 0.5 + (row == column ? 3 : 0);
                double b = random.nextDouble() - 0.5 + (row == column ? 1 : 0);
                envelope.add(row, column, a, b);
                re[row][column] = re[column][row] = a;
                im[row][column] = im[column][row] = b;
            }
        }
        double[] right = random.doubles(size).toArray();
        double[][] x = envelope.factor().solve(right, new double[size]);
        Complex[] expected = DenseAlgebra.solve(re, im, right).orElseThrow();
        for (int k = 0; k < size; k++) {
            assertThat(x[0][k]).isCloseTo(expected[k].re(), within(1e-8 * (1 + expected[k].modulus())));
            assertThat(x[1][k]).isCloseTo(expected[k].im(), within(1e-8 * (1 + expected[k].modulus())));
        }
    }
}
