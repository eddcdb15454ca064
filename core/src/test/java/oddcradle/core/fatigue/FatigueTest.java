package oddcradle.core.fatigue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import oddcradle.core.math.InvalidValue;
import org.junit.jupiter.api.Test;

class FatigueTest {
    /** The example of ASTM E1049-85, figure 6: ranges 3, 4, 6, 8, 9 (from memory). */
    @Test
    void publishedHistory_isCountedAsPublished() {
        List<Cycle> cycles = Rainflow.once(List.of(-2.0, 1.0, -3.0, 5.0, -1.0, 3.0, -4.0, 4.0, -2.0));
        assertThat(cycles)
                .containsExactlyInAnyOrder(
                        new Cycle(3, -0.5, 0.5),
                        new Cycle(4, -1, 0.5),
                        new Cycle(4, 1, 1),
                        new Cycle(6, 1, 0.5),
                        new Cycle(8, 0, 0.5),
                        new Cycle(8, 1, 0.5),
                        new Cycle(9, 0.5, 0.5));
    }

    /** ASTM E1049-85, 5.4.5 (from memory): the same block again and again has one cycle of 9, one of 7, one of 4 and one of 3. */
    @Test
    void repeatedBlock_hasWholeCyclesOnly() {
        List<Cycle> cycles = Rainflow.repeating(List.of(-2.0, 1.0, -3.0, 5.0, -1.0, 3.0, -4.0, 4.0, -2.0));
        assertThat(cycles).allMatch(each -> each.count() == 1);
        assertThat(cycles.stream().mapToDouble(Cycle::range)).containsExactly(3.0, 4.0, 7.0, 9.0);
    }

    /** Every turn of the history is half of some cycle; the widest range is never lost; where a block begins does not matter. */
    @Property(tries = 200)
    void cycles_holdTheWholeHistory(@ForAll int seed) {
        Random random = new Random(seed);
        List<Double> history = IntStream.range(0, 3 + random.nextInt(60))
                .mapToObj(k -> (double) (random.nextInt(41) - 20))
                .toList();
        List<Cycle> cycles = Rainflow.once(history);
        double up = 0;
        for (int k = 1; k < history.size(); k++) {
            up += Math.abs(history.get(k) - history.get(k - 1));
        }
        assertThat(cycles.stream()
                        .mapToDouble(each -> 2 * each.range() * each.count())
                        .sum())
                .isCloseTo(up, within(1e-9));
        double widest = history.stream().mapToDouble(x -> x).max().orElseThrow()
                - history.stream().mapToDouble(x -> x).min().orElseThrow();
        assertThat(cycles.stream().mapToDouble(Cycle::range).max().orElse(0)).isEqualTo(widest);
        int from = random.nextInt(history.size());
        List<Double> later = IntStream.range(0, history.size())
                .mapToObj(k -> history.get((from + k) % history.size()))
                .toList();
        assertThat(Rainflow.repeating(later)).isEqualTo(Rainflow.repeating(history));
    }

    /** EN 1993-1-9, figure 7.1: 0.737 of the category at five million cycles, 0.549 of that at a hundred (from memory). */
    @Test
    void curve_hasTheKneesOfTheCode() {
        DetailCurve curve = DetailCurve.steel(71e6, 1);
        assertThat(curve.knee()).isCloseTo(0.737 * 71e6, within(0.05e6));
        assertThat(curve.cutOff()).isCloseTo(0.549 * 0.737 * 71e6, within(0.05e6));
        assertThat(curve.cycles(71e6)).isCloseTo(2e6, within(1.0));
        assertThat(curve.cycles(142e6)).isCloseTo(2e6 / 8, within(1.0));
        assertThat(curve.cycles(20e6)).isInfinite();
    }

    @Test
    void damage_addsUpAndItsEquivalentRangeHarmsAsMuch() {
        DetailCurve curve = DetailCurve.steel(63e6, 1.35);
        List<Cycle> day = List.of(new Cycle(90e6, 0, 400), new Cycle(40e6, 0, 9000), new Cycle(10e6, 0, 1e7));
        Damage damage = Damage.of(day, curve, 1);
        assertThat(damage.sum()).isCloseTo(400 / curve.cycles(90e6) + 9000 / curve.cycles(40e6), within(1e-12));
        double n = 10_009_400;
        double same = damage.equivalentRange().orElseThrow();
        // By the one slope that the code reckons an equivalent range with.
        assertThat(n / (2e6 * Math.pow(63e6 / 1.35 / same, 3))).isCloseTo(damage.sum(), within(1e-9));
        assertThat(Damage.of(List.of(new Cycle(5e6, 0, 1e9)), curve, 1).passes())
                .isEmpty();
    }

    @Test
    void historiesThatAreNone_areRefused() {
        assertThatThrownBy(() -> Rainflow.once(List.of())).isInstanceOf(InvalidValue.class);
        assertThatThrownBy(() -> Rainflow.once(List.of(1.0, Double.NaN)))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("must be a number");
        assertThat(Rainflow.once(List.of(4.0, 4.0, 4.0))).isEmpty();
        assertThatThrownBy(() -> new Cycle(-1, 0, 1)).isInstanceOf(InvalidValue.class);
    }
}
