package oddcradle.desktop.slate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.UnitStyle;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PlacesTest {
    @Test
    void placesApartBySemicolons_mayCarryUnits() {
        List<Vec3> places = Places.read(" 120 -80 40; 1-1/4 2in .5\" ", UnitStyle.MILLIMETRES);
        assertThat(places.get(0).distanceTo(new Vec3(0.12, -0.08, 0.04))).isLessThan(1e-12);
        assertThat(places.get(1).distanceTo(new Vec3(0.03175, 0.0508, 0.0127))).isLessThan(1e-12);
        assertThat(Places.one("1 2 3", UnitStyle.DECIMAL_INCHES).x()).isEqualTo(0.0254);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "''|place|has",
                "1 2|place|has 2 numbers",
                "1 2 3; 4 5|place no. 2|has 2 numbers",
                "1 2 3; 4 x 5|place no. 2|no number",
                "1 2 3,5|place|comma",
                "1 2 3kg|place|no length"
            })
    void whatIsWrong_isNamedByPlace(String text, String place, String problem) {
        assertThatThrownBy(() -> Places.read(text, UnitStyle.MILLIMETRES))
                .isInstanceOf(InvalidValue.class)
                .hasMessageStartingWith(place)
                .hasMessageContaining(problem);
    }

    @Test
    void moreThanOnePlace_isNotOne() {
        assertThatThrownBy(() -> Places.one("1 2 3; 4 5 6", UnitStyle.MILLIMETRES))
                .hasMessageContaining("must be one");
    }
}
