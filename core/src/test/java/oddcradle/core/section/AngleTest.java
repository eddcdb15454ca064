package oddcradle.core.section;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import oddcradle.core.math.InvalidValue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AngleTest {
    /** EN 10056-1, equal angles: area in cm², weak axis Iv in cm4 (from memory; rolled ones have rounded corners, so 5 %). */
    @ParameterizedTest
    @CsvSource({"40, 4, 3.08, 1.85", "50, 5, 4.80, 4.55", "60, 6, 6.91, 9.44"})
    void rolledAngles_agreeWithTheTable(double leg, double t, double area, double weak) {
        Angle angle = new Angle(leg / 1000, t / 1000);
        assertThat(angle.area() * 1e4).isCloseTo(area, within(0.03 * area));
        assertThat(angle.secondMomentY() * 1e8).isCloseTo(weak, within(0.06 * weak));
    }

    @Test
    void weakAxis_agreesWithASumOverItsMetal() {
        Angle angle = new Angle(0.03, 0.003);
        int n = 600;
        double step = 0.03 / n;
        double area = 0;
        double u1 = 0;
        double u2 = 0;
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                double x = (i + 0.5) * step;
                double y = (j + 0.5) * step;
                if (x < 0.003 || y < 0.003) {
                    double u = (x + y) / Math.sqrt(2);
                    area += step * step;
                    u1 += u * step * step;
                    u2 += u * u * step * step;
                }
            }
        }
        assertThat(angle.secondMomentY()).isCloseTo(u2 - u1 * u1 / area, within(0.005 * angle.secondMomentY()));
        assertThat(angle.bendingStress(1, 0)).isEqualTo(angle.bendingStress(0, 1));
        assertThat(angle.torsionConstant()).isCloseTo(0.057 * 27e-9 / 3, within(1e-13));
        assertThatThrownBy(() -> new Angle(0.003, 0.003)).isInstanceOf(InvalidValue.class);
    }
}
