package oddcradle.core.mounting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.math.InvalidValue;
import org.junit.jupiter.api.Test;

class MeasuredMountTest {
    /** A mount that hardens as a cube: F = a x + b x3, in steps of half a millimetre. */
    private static MeasuredMount cubic(double load) {
        List<MeasuredMount.Step> table = new ArrayList<>();
        for (double x = 0.0005; x < 0.0101; x += 0.0005) {
            table.add(new MeasuredMount.Step(x, 5e4 * x + 1e9 * x * x * x));
        }
        return new MeasuredMount(0.05, 0.04, table, load, 0.3, 1.4);
    }

    /** The slope of the curve at the load, by the derivative of the cube. */
    @Test
    void stiffness_isTheSlopeWhereItIsLoaded() {
        for (double x : new double[] {0.002, 0.005, 0.008}) {
            MeasuredMount mount = cubic(5e4 * x + 1e9 * x * x * x);
            double slope = 5e4 + 3e9 * x * x;
            assertThat(mount.stiffness().x()).isCloseTo(slope, within(0.04 * slope));
            assertThat(mount.stiffness().y()).isCloseTo(0.3 * mount.stiffness().x(), within(1e-6 * slope));
            assertThat(mount.deflection(mount.load())).isCloseTo(x, within(1e-5));
        }
        assertThat(cubic(800).dynamicRatio()).isEqualTo(1.4);
    }

    @Test
    void straightTable_isOneSpring() {
        MeasuredMount mount = new MeasuredMount(0.05, 0.04, List.of(new MeasuredMount.Step(0.01, 1000)), 0, 1, 1);
        assertThat(mount.stiffness().x()).isCloseTo(1e5, within(1e-3));
    }

    @Test
    void impossibleTables_areRefusedByName() {
        assertThatThrownBy(() -> new MeasuredMount(
                        0.05,
                        0.04,
                        List.of(new MeasuredMount.Step(0.002, 300), new MeasuredMount.Step(0.003, 200)),
                        100,
                        1,
                        1))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("both must rise");
        assertThatThrownBy(() -> cubic(1e5)).isInstanceOf(InvalidValue.class).hasMessageContaining("load");
        assertThatThrownBy(() -> new MeasuredMount(0.05, 0.04, List.of(), 0, 1, 1))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("table");
    }
}
