package oddcradle.core.engine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import oddcradle.core.math.InvalidValue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AirTest {
    /** ISO 2533, table of the standard atmosphere by geopotential height (from memory). */
    @ParameterizedTest
    @CsvSource({"0, 101325, 1.2250", "1000, 89875, 1.1116", "2000, 79495, 1.0065", "5000, 54020, 0.7361"})
    void standardAir_isThatOfTheTable(double altitude, double pressure, double density) {
        assertThat(Air.standard(altitude).pressure()).isCloseTo(pressure, within(8.0));
        assertThat(Air.standard(altitude).density()).isCloseTo(density, within(1e-4));
    }

    /** Common practice: a jet two or three sizes smaller in the mountains, a larger one in the frost. */
    @Test
    void jet_isSmallerUpAMountainAndLargerInFrost() {
        Air home = Air.standard(0);
        assertThat(Air.standard(2000).jet(0.00145, home)).isBetween(0.00136, 0.00140);
        assertThat(new Air(101_325, 258).jet(0.00145, home)).isBetween(0.00147, 0.00150);
        assertThatThrownBy(() -> Air.standard(12_000)).isInstanceOf(InvalidValue.class);
    }
}
