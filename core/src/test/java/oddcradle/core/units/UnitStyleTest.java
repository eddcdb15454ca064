package oddcradle.core.units;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class UnitStyleTest {
    @ParameterizedTest
    @CsvSource({"0.0046,4.6 mm", "-0.00001,0.0 mm", "1.2,1200.0 mm"})
    void lengths_areInTenthsOfAMillimetre(double metres, String shown) {
        assertThat(UnitStyle.MILLIMETRES.show(Quantity.length(metres))).isEqualTo(shown);
    }

    @ParameterizedTest
    @CsvSource({"0.03175,1-1/4 in", "0.0047625,3/16 in", "0.0254,1 in", "0,0 in", "-0.0127,-1/2 in"})
    void fractions_areReducedSixteenths(double metres, String shown) {
        assertThat(UnitStyle.FRACTIONAL_INCHES.show(Quantity.length(metres))).isEqualTo(shown);
    }

    @Test
    void otherQuantities_haveTheirWorkshopUnits() {
        assertThat(UnitStyle.MILLIMETRES.show(Quantity.force(6160))).isEqualTo("6.16 kN");
        assertThat(UnitStyle.MILLIMETRES.show(Quantity.force(880))).isEqualTo("880 N");
        assertThat(UnitStyle.MILLIMETRES.show(Quantity.stress(2.33e8))).isEqualTo("233 MPa");
        assertThat(UnitStyle.DECIMAL_INCHES.show(Quantity.mass(47.5))).isEqualTo("104.7 lb");
        assertThat(UnitStyle.MILLIMETRES.show(Quantity.rotationSpeed(1300 * Math.PI / 30)))
                .isEqualTo("1300 rpm");
        assertThat(UnitStyle.MILLIMETRES.show(Quantity.length(Double.POSITIVE_INFINITY)))
                .isEqualTo("unlimited mm");
    }
}
