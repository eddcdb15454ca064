package oddcradle.core.strength;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import oddcradle.core.material.Material;
import oddcradle.core.section.Section;
import oddcradle.core.section.Tube;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ColumnTest {
    private static final double KSI = 6.894757e6;
    private static final Material FIFTY_KSI = Material.of("50 ksi", 29_000 * KSI, 0.3, 7850, 50 * KSI);
    private static final Material COLD_DRAWN = Material.of("cold-drawn", 205e9, 0.29, 7850, 350e6);

    /** AISC Manual, table 4-22: design stress 0.9 Fcr of 50 ksi steel by slenderness (from memory). */
    @ParameterizedTest
    @CsvSource({"40, 40.0", "80, 28.2", "100, 21.7", "120, 15.7", "200, 5.65"})
    void criticalStress_isThatOfTheManual(double slenderness, double ksi) {
        Tube tube = new Tube(0.06, 0.005);
        double gyration = Math.sqrt(tube.secondMomentY() / tube.area());
        assertThat(0.9 * Column.of(tube, FIFTY_KSI, slenderness * gyration).critical() / KSI)
                .isCloseTo(ksi, within(0.12));
    }

    /** 15.9 x 0.89 x 600 at 155 MPa holds by its stress, and is within a hair of Euler's load: a frame solver said 1.02. */
    @Test
    void slenderStrut_isNotJudgedByItsStress() {
        Tube tube = new Tube(0.0159, 0.00089);
        Column column = Column.of(tube, COLD_DRAWN, 0.6);
        double stress = 155e6;
        assertThat(stress / (350e6 / 1.5)).isLessThan(1);
        assertThat(column.euler() / stress).isCloseTo(1.02, within(0.04));
        assertThat(column.utilisation(stress * tube.area(), 0, 1.67, 350e6 / 1.5))
                .isGreaterThan(1.67);
        assertThat(column.utilisation(-stress * tube.area(), 50e6, 1.67, 350e6 / 1.5))
                .isZero();
    }

    /** A stub yields before it buckles, and bending with no pressure is left to plain stress. */
    @Test
    void stub_bearsItsYield() {
        Tube tube = new Tube(0.03175, 0.002413);
        Column stub = Column.of(tube, COLD_DRAWN, 0.02);
        assertThat(stub.critical()).isCloseTo(350e6, within(1e6));
        assertThat(stub.utilisation(350e6 * tube.area(), 0, 1, 350e6)).isCloseTo(1, within(0.01));
    }

    @Property
    void longerOrHarderPressed_usesMore(
            @ForAll @DoubleRange(min = 0.1, max = 2) double length,
            @ForAll @DoubleRange(min = 100, max = 9000) double pressure,
            @ForAll @DoubleRange(min = 0, max = 100) double bending) {
        Tube tube = new Tube(0.0254, 0.001651);
        double here = use(tube, length, pressure, bending);
        assertThat(use(tube, length * 1.2, pressure, bending)).isGreaterThanOrEqualTo(here);
        assertThat(use(tube, length, pressure * 1.2, bending)).isGreaterThan(here);
        assertThat(use(tube, length, pressure, bending + 1)).isGreaterThan(here);
        assertThat(use(new Tube(0.0254, 0.002413), length, pressure, bending)).isLessThan(here);
    }

    private static double use(Section section, double length, double pressure, double bending) {
        return Column.of(section, COLD_DRAWN, length).utilisation(pressure, bending * 1e6, 1.67, 233e6);
    }

    /** A wall thinner than 0.11 E/Fy of the diameter dents first; AISC 360, table B4.1a (from memory). */
    @Test
    void thinWall_bearsLess() {
        assertThat(Column.wallShare(new Tube(0.05, 0.001), COLD_DRAWN)).isEqualTo(1);
        assertThat(Column.wallShare(new Tube(0.1, 0.001), COLD_DRAWN)).isBetween(0.8, 0.95);
    }
}
