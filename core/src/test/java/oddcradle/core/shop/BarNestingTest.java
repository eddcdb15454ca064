package oddcradle.core.shop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import oddcradle.core.math.InvalidValue;
import org.junit.jupiter.api.Test;

class BarNestingTest {
    private static BarNesting.Stock any(String id, double length, double cost) {
        return new BarNesting.Stock(id, length, cost, OptionalInt.empty());
    }

    /** Few parts on bars of one or two kinds: every way to share them out is tried by hand, and none is cheaper. */
    @Property(tries = 60)
    void noSharingOut_isCheaper(@ForAll int seed) {
        Random random = new Random(seed);
        double kerf = 0.003;
        List<BarNesting.Part> parts = new ArrayList<>();
        List<Double> lengths = new ArrayList<>();
        for (int k = 0; k < 4 + random.nextInt(3); k++) {
            double length = 0.2 + Math.round(random.nextDouble() * 140) / 100.0;
            parts.add(new BarNesting.Part("P" + k, length, 1));
            lengths.add(length);
        }
        List<BarNesting.Stock> stock = random.nextBoolean()
                ? List.of(any("3m", 3, 13.5))
                : List.of(any("3m", 3, 13.5), any("2m", 2, 10), new BarNesting.Stock("off", 1.7, 0, OptionalInt.of(1)));
        BarNesting nesting = BarNesting.of(parts, stock, kerf, 0.02);
        assertThat(nesting.proven()).isTrue();
        double cost = 0;
        List<String> cut = new ArrayList<>();
        for (BarNesting.Bar bar : nesting.bars()) {
            BarNesting.Stock from = stock.stream()
                    .filter(each -> each.id().equals(bar.stock()))
                    .findFirst()
                    .orElseThrow();
            double used = (bar.parts().size() - 1) * kerf;
            for (String id : bar.parts()) {
                used += lengths.get(Integer.parseInt(id.substring(1)));
            }
            assertThat(used).isLessThanOrEqualTo(from.length() - 0.02 + 1e-9);
            cost += from.cost();
            cut.addAll(bar.parts());
        }
        assertThat(cut).hasSize(parts.size()).doesNotHaveDuplicates();
        assertThat(cost).isCloseTo(nesting.cost(), within(1e-9));
        assertThat(nesting.cost()).isLessThanOrEqualTo(cheapest(lengths, new ArrayList<>(), stock, kerf, 0) + 1e-9);
    }

    /** Sets of parts that share a bar, grown one part after the other; each set on the cheapest bar that holds it. */
    private static double cheapest(
            List<Double> lengths, List<List<Double>> bars, List<BarNesting.Stock> stock, double kerf, int next) {
        if (next == lengths.size()) {
            return price(bars, stock, kerf, 0, 0);
        }
        double best = Double.POSITIVE_INFINITY;
        for (int bar = 0; bar <= bars.size(); bar++) {
            List<List<Double>> more = new ArrayList<>();
            bars.forEach(each -> more.add(new ArrayList<>(each)));
            if (bar == bars.size()) {
                more.add(new ArrayList<>());
            }
            more.get(bar).add(lengths.get(next));
            best = Math.min(best, cheapest(lengths, more, stock, kerf, next + 1));
        }
        return best;
    }

    private static double price(
            List<List<Double>> bars, List<BarNesting.Stock> stock, double kerf, int bar, int offcuts) {
        if (bar == bars.size()) {
            return 0;
        }
        double used = bars.get(bar).stream().mapToDouble(x -> x).sum()
                + (bars.get(bar).size() - 1) * kerf;
        double best = Double.POSITIVE_INFINITY;
        for (BarNesting.Stock each : stock) {
            boolean off = each.count().isPresent();
            if (used <= each.length() - 0.02 + 1e-9 && !(off && offcuts > 0)) {
                best = Math.min(best, each.cost() + price(bars, stock, kerf, bar + 1, offcuts + (off ? 1 : 0)));
            }
        }
        return best;
    }

    @Test
    void partThatFitsNoBar_andTooLittleStock_areRefused() {
        assertThatThrownBy(() ->
                        BarNesting.of(List.of(new BarNesting.Part("long", 3.1, 1)), List.of(any("3m", 3, 1)), 0.003, 0))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("fits no bar");
        assertThatThrownBy(() -> BarNesting.of(
                        List.of(new BarNesting.Part("a", 2, 3)),
                        List.of(new BarNesting.Stock("3m", 3, 1, OptionalInt.of(2))),
                        0.003,
                        0))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("does not suffice");
        assertThat(BarNesting.of(List.of(), List.of(any("3m", 3, 1)), 0.003, 0).bars())
                .isEmpty();
    }
}
