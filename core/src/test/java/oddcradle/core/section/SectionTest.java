package oddcradle.core.section;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import oddcradle.core.math.InvalidValue;
import org.junit.jupiter.api.Test;

class SectionTest {
    /** Plain arithmetic, as any tube table prints it. */
    @Test
    void tubes_haveTheTablesAreaAndSecondMoment() {
        assertThat(new Tube(0.0254, 0.001651).area() * 1e6).isCloseTo(123.18, within(0.005));
        assertThat(new Tube(0.0254, 0.001651).secondMomentY() * 1e12).isCloseTo(8726.4, within(0.05));
        assertThat(new Tube(0.03175, 0.002413).area() * 1e6).isCloseTo(222.39, within(0.005));
        assertThat(new Tube(0.03175, 0.002413).secondMomentZ() * 1e12).isCloseTo(24087.5, within(0.05));
    }

    /** Cowper 1966, table 1 (from memory): thin round tube 2(1+nu)/(4+3nu), solid round 6(1+nu)/(7+6nu). */
    @Test
    void shearCoefficients_haveTheirLimits() {
        double nu = 0.3;
        assertThat(new Tube(1, 1e-6).shearCoefficientY(nu)).isCloseTo(2 * (1 + nu) / (4 + 3 * nu), within(1e-5));
        assertThat(new Tube(1, 0.4999999).shearCoefficientY(nu)).isCloseTo(6 * (1 + nu) / (7 + 6 * nu), within(1e-5));
        assertThat(new Rect(0.01, 0.02).shearCoefficientZ(nu)).isCloseTo(10 * (1 + nu) / (12 + 11 * nu), within(1e-12));
        // A square thin box: the formula with n = 1, m = 1, worked by hand.
        double byHand = 10 * 1.3 * 16 / ((12 + 72 + 150 + 90) + nu * (11 + 66 + 135 + 90) + 10 * (3 + nu + 3));
        assertThat(new RectTube(0.03, 0.03, 0.001).shearCoefficientY(nu)).isCloseTo(byHand, within(1e-12));
    }

    /** Timoshenko and Goodier, Theory of Elasticity, table in art. 109 (from memory): k1 and k by the ratio of sides. */
    @Test
    void rectangleInTorsion_hasTheTablesFactors() {
        double[][] table = {
            {1, 0.1406, 0.208}, {1.5, 0.196, 0.231}, {2, 0.229, 0.246}, {3, 0.263, 0.267}, {10, 0.312, 0.312}
        };
        for (double[] row : table) {
            Rect rect = new Rect(0.01, 0.01 * row[0]);
            double b3 = Math.pow(0.01, 3) * 0.01 * row[0];
            assertThat(rect.torsionConstant() / b3).isCloseTo(row[1], within(0.0012));
            assertThat(1 / (rect.torsionStress(1) * 0.01 * row[0] * 1e-4)).isCloseTo(row[2], within(0.0012));
        }
    }

    @Test
    void boxTube_twistsByBredt() {
        RectTube box = new RectTube(0.04, 0.03, 0.002);
        double enclosed = 0.038 * 0.028;
        assertThat(box.torsionConstant())
                .isCloseTo(4 * enclosed * enclosed * 0.002 / (2 * (0.038 + 0.028)), within(1e-18));
        assertThat(box.torsionStress(-10)).isCloseTo(10 / (2 * enclosed * 0.002), within(1e-6));
        assertThat(box.bendingStress(3, 4))
                .isCloseTo(3 * 0.015 / box.secondMomentY() + 4 * 0.02 / box.secondMomentZ(), within(1e-6));
        assertThat(box.outerRadius()).isCloseTo(0.025, within(1e-15));
    }

    @Test
    void roundBar_isATubeWithoutHole() {
        Round bar = new Round(0.02);
        Tube almost = new Tube(0.02, 0.0099999);
        assertThat(bar.area()).isCloseTo(almost.area(), within(1e-9));
        assertThat(bar.torsionConstant()).isCloseTo(almost.torsionConstant(), within(1e-12));
        assertThat(bar.bendingStress(3, 4)).isCloseTo(almost.bendingStress(0, 5), within(1e-3));
        assertThat(bar.torsionStress(7)).isCloseTo(almost.torsionStress(7), within(1e-3));
    }

    @Test
    void wallThickerThanTheRadius_isRefusedWithTheCure() {
        assertThatThrownBy(() -> new Tube(0.025, 0.0125))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("wall is 0.0125 m, must be less than the radius");
        assertThatThrownBy(() -> new RectTube(0.03, 0.01, 0.005)).isInstanceOf(InvalidValue.class);
        assertThatThrownBy(() -> new Round(0)).isInstanceOf(InvalidValue.class);
    }

    @Test
    void designations_areInMillimetres() {
        assertThat(new Tube(0.03175, 0.002413).designation()).isEqualTo("tube 31.75 x 2.41");
        assertThat(new RectTube(0.03, 0.03, 0.002).designation()).isEqualTo("box 30 x 30 x 2");
        assertThat(new Rect(0.004, 0.05).designation()).isEqualTo("flat 4 x 50");
        assertThat(new Round(0.012).designation()).isEqualTo("round bar 12");
    }
}
