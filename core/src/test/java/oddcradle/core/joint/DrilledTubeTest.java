package oddcradle.core.joint;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.section.RectTube;
import oddcradle.core.section.Tube;
import org.junit.jupiter.api.Test;

class DrilledTubeTest {
    private static final int CELLS = 1200;

    /** The metal that is left, cell by cell: area, and second moments about both axes over the farthest cell. */
    private interface Metal {
        boolean at(double y, double z);
    }

    private static double[] counted(double wide, double deep, Metal metal) {
        double cellY = wide / CELLS;
        double cellZ = deep / CELLS;
        double area = 0;
        double alongZ = 0;
        double alongY = 0;
        double farZ = 0;
        double farY = 0;
        for (int i = 0; i < CELLS; i++) {
            for (int k = 0; k < CELLS; k++) {
                double y = (i + 0.5) * cellY - wide / 2;
                double z = (k + 0.5) * cellZ - deep / 2;
                if (metal.at(y, z)) {
                    area += cellY * cellZ;
                    alongZ += z * z * cellY * cellZ;
                    alongY += y * y * cellY * cellZ;
                    farZ = Math.max(farZ, Math.abs(z) + cellZ / 2);
                    farY = Math.max(farY, Math.abs(y) + cellY / 2);
                }
            }
        }
        return new double[] {area, alongZ / farZ, alongY / farY};
    }

    /** Against counting cells; the hole runs along z. Thin wall on its middle line, so within some percent. */
    @Property(tries = 12)
    void roundTube_isWhatIsLeftOfIt(@ForAll @DoubleRange(min = 4, max = 16) double millimetres) {
        Tube tube = new Tube(0.03175, 0.002413);
        double hole = millimetres / 1000;
        double[] left = counted(tube.od(), tube.od(), (y, z) -> {
            double r = Math.hypot(y, z);
            return r <= tube.od() / 2 && r >= tube.od() / 2 - tube.wall() && Math.abs(y) > hole / 2;
        });
        DrilledTube drilled = DrilledTube.of(tube, hole);
        assertThat(drilled.area()).isCloseTo(left[0], within(0.02 * left[0]));
        assertThat(drilled.acrossHole()).isCloseTo(left[1], within(0.06 * left[1]));
        assertThat(drilled.alongHole()).isCloseTo(left[2], within(0.06 * left[2]));
    }

    @Property(tries = 12)
    void boxTube_isWhatIsLeftOfIt(@ForAll @DoubleRange(min = 4, max = 20) double millimetres) {
        RectTube tube = new RectTube(0.03, 0.05, 0.003);
        double hole = millimetres / 1000;
        double[] left = counted(
                tube.b(),
                tube.h(),
                (y, z) -> (Math.abs(y) > tube.b() / 2 - tube.wall() || Math.abs(z) > tube.h() / 2 - tube.wall())
                        && !(Math.abs(y) < hole / 2 && Math.abs(z) > tube.h() / 2 - tube.wall()));
        DrilledTube drilled = DrilledTube.of(tube, hole, false);
        assertThat(drilled.area()).isCloseTo(left[0], within(0.01 * left[0]));
        assertThat(drilled.acrossHole()).isCloseTo(left[1], within(0.01 * left[1]));
        assertThat(drilled.alongHole()).isCloseTo(left[2], within(0.01 * left[2]));
    }

    @Test
    void hole_asWideAsTheTube_isRefused() {
        assertThatThrownBy(() -> DrilledTube.of(new Tube(0.025, 0.002), 0.022))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("hole");
    }
}
