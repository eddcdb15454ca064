package oddcradle.desktop.chart;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.DoubleStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

class AxisTest {
    /** Nothing stands out of the axis, its ends bear numbers, and there are few enough of them to read. */
    @Property
    void axisHoldsAllItsValues_betweenRoundNumbers(
            @ForAll @Size(min = 1, max = 30) List<@DoubleRange(min = -5e6, max = 9e6) Double> values) {
        Axis axis = Axis.of("force, N", values.stream().mapToDouble(value -> value));
        double rounding = 1e-8 * (axis.most() - axis.least());
        assertThat(values).allMatch(value -> value >= axis.least() - rounding && value <= axis.most() + rounding);
        List<Double> ticks = axis.ticks();
        assertThat(ticks).hasSizeBetween(2, 9).isSorted().doesNotHaveDuplicates();
        assertThat(ticks.get(0)).isCloseTo(axis.least(), within(1e-6 * Math.max(1, Math.abs(axis.least()))));
        assertThat(ticks.get(ticks.size() - 1))
                .isCloseTo(axis.most(), within(1e-6 * Math.max(1, Math.abs(axis.most()))));
        assertThat(ticks.stream().map(axis::number)).doesNotHaveDuplicates();
    }

    @Property
    void axisByTens_holdsAllItsValues(
            @ForAll @Size(min = 1, max = 30) List<@DoubleRange(min = 0, max = 5e4) Double> values) {
        Axis axis = Axis.byTens("share, %", values.stream().mapToDouble(value -> value), 1);
        double most = values.stream().mapToDouble(value -> value).max().orElseThrow();
        assertThat(axis.most()).isGreaterThanOrEqualTo(Math.max(1, most) * (1 - 1e-12));
        assertThat(axis.ticks()).hasSizeBetween(2, 11).isSorted();
        assertThat(axis.at(axis.share(Math.max(axis.least(), most))))
                .isCloseTo(Math.max(axis.least(), most), within(1e-6 * axis.most()));
    }

    /** The run-up chart stopped at 300 % where a curve reached 892 %. */
    @Test
    void chartByTens_endsAboveItsHighestPoint() {
        Axis axis = Axis.byTens("share, %", DoubleStream.of(3, 892), 1);
        assertThat(axis.most()).isEqualTo(1000);
        assertThat(axis.least()).isEqualTo(1);
        assertThat(axis.share(892)).isBetween(0.97, 0.99);
        assertThat(Axis.byTens("share, %", DoubleStream.of(20, 250), 1).most()).isCloseTo(1000.0 / 3, within(1e-9));
    }

    @Test
    void reading_saysEveryCurveThatReachesThere() {
        Diagram diagram = new Diagram(
                Axis.of("speed, rpm", DoubleStream.of(0, 4000)),
                Axis.of("torque, N·m", DoubleStream.of(0, 50)),
                List.of(
                        new Curve("first", List.of(new Curve.Point(0, 10), new Curve.Point(4000, 50)), 0, false),
                        new Curve("second", List.of(new Curve.Point(3000, 5), new Curve.Point(4000, 5)), 1, false)),
                List.of(),
                List.of());
        assertThat(diagram.reading(2000)).isEqualTo("at 2000 rpm · first 30 N·m");
        assertThat(diagram.reading(3500)).contains("first 45").contains("second 5");
        assertThat(diagram.table().rows()).hasSize(3);
        assertThat(diagram.table().csv()).contains("speed").contains("3000.0,40.0,5.0");
    }
}
