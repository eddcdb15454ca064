package oddcradle.core.math;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import oddcradle.core.control.Progress;
import org.junit.jupiter.api.Test;

class BoxSearchTest {
    /** Score x + 2 y on the unit square, kept out of a disc. */
    private record Disc(double cx, double cy, double radius) implements BoxSearch.Problem {
        @Override
        public double[] low() {
            return new double[] {0, 0};
        }

        @Override
        public double[] high() {
            return new double[] {1, 1};
        }

        @Override
        public double[] marginSlopes() {
            return new double[] {1, 1};
        }

        @Override
        public double[] scoreSlopes() {
            return new double[] {1, 2};
        }

        @Override
        public double margin(double[] point, double tooLittle, double enough) {
            return Math.hypot(point[0] - cx, point[1] - cy) - radius;
        }

        @Override
        public double score(double[] point) {
            return point[0] + 2 * point[1];
        }
    }

    @Property(tries = 40)
    void leastScore_isThatOfAFineGrid(
            @ForAll @DoubleRange(min = 0, max = 0.6) double cx,
            @ForAll @DoubleRange(min = 0, max = 0.6) double cy,
            @ForAll @DoubleRange(min = 0.05, max = 0.5) double radius) {
        Disc disc = new Disc(cx, cy, radius);
        double grid = Double.POSITIVE_INFINITY;
        for (int i = 0; i <= 400; i++) {
            for (int j = 0; j <= 400; j++) {
                double[] at = {i / 400.0, j / 400.0};
                // A place with no room around it, as where the disc just touches a corner, is none for a search of this
                // fineness.
                grid = disc.margin(at, 0, 0) >= 2e-3 ? Math.min(grid, disc.score(at)) : grid;
            }
        }
        BoxSearch.Found found =
                BoxSearch.run(disc, 1e-3, 100_000, Progress.UNWATCHED).found().orElseThrow();
        assertThat(found.proven()).isTrue();
        assertThat(disc.margin(found.point(), 0, 0)).isNotNegative();
        assertThat(found.score()).isLessThanOrEqualTo(grid + 1.1e-3);
        assertThat(found.bound()).isLessThanOrEqualTo(found.score());
    }

    @Test
    void nothingReachable_isDecided() {
        BoxSearch.Search search = BoxSearch.run(new Disc(0.5, 0.5, 2), 1e-3, 1000, Progress.UNWATCHED);
        assertThat(search.found()).isEmpty();
        assertThat(search.exhausted()).isTrue();
        assertThat(search.visits()).isLessThan(10);
    }

    @Test
    void spentBudget_isTold() {
        BoxSearch.Search search = BoxSearch.run(new Disc(0, 0, 0.5), 1e-9, 50, Progress.UNWATCHED);
        assertThat(search.exhausted()).isFalse();
    }

    @Test
    void watcher_endsIt() {
        assertThatThrownBy(() -> BoxSearch.run(new Disc(0, 0, 0.5), 1e-6, 100_000, share -> false))
                .isInstanceOf(Progress.Cancelled.class);
    }

    @Test
    void normal_agreesWithTables() {
        // Abramowitz and Stegun, table 26.1 (from memory).
        assertThat(Normal.below(0)).isCloseTo(0.5, within(1e-12));
        assertThat(Normal.below(1)).isCloseTo(0.841344746, within(1e-9));
        assertThat(Normal.below(-1.96)).isCloseTo(0.024997895, within(1e-9));
        assertThat(Normal.below(3)).isCloseTo(0.998650102, within(1e-9));
        assertThat(Normal.below(9)).isEqualTo(1);
    }
}
