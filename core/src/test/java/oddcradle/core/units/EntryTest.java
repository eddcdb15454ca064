package oddcradle.core.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import oddcradle.core.math.InvalidValue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class EntryTest {
    /** Conversions by definition: the inch is 25.4 mm, the pound 0.45359237 kg, standard gravity 9.80665 m/s2. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "12.5|LENGTH|0.0125",
                "139mm|LENGTH|0.139",
                "1-1/4 in|LENGTH|0.03175",
                "1 1/4\"|LENGTH|0.03175",
                "3/8|LENGTH|0.009525",
                ".058 in|LENGTH|0.0014732",
                "-2.5 mm|LENGTH|-0.0025",
                "1.2 m|LENGTH|1.2",
                "7'2\"|LENGTH|2.18440",
                "7'|LENGTH|2.13360",
                "90 °|ANGLE|1.5707963267948966",
                "105 lb|MASS|47.62719885",
                "25 ft.lbf|TORQUE|33.89544870828501",
                "35 ksi|STRESS|241316505.2608927",
                "1350 rpm|ROTATION_SPEED|141.3716694115407",
                "2|ACCELERATION|19.6133",
                "46 N/mm|STIFFNESS|46000",
                "30 %|SHARE|0.3",
                "1e1|LENGTH|0.01"
            })
    void typed_isReadInSi(String text, Kind kind, double si) {
        assertThat(Entry.read(text, kind, UnitStyle.MILLIMETRES).si()).isCloseTo(si, within(Math.abs(si) * 1e-9));
    }

    @Test
    void numberWithoutUnit_isInTheShownUnit() {
        assertThat(Entry.read("1", Kind.LENGTH, UnitStyle.DECIMAL_INCHES).si()).isCloseTo(0.0254, within(1e-15));
        assertThat(Entry.read("1", Kind.MASS, UnitStyle.DECIMAL_INCHES).si()).isCloseTo(0.45359237, within(1e-15));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"", "  ", "abc", "1,5", "1/0", "1..2", "3 kg", "4 furlong", "1e999", "NaN", "5 mPa", "1/2/3"})
    void nonsense_isRefusedWithAnExample(String text) {
        assertThatThrownBy(() -> Entry.read(text, Kind.LENGTH, UnitStyle.MILLIMETRES))
                .isInstanceOf(InvalidValue.class);
    }

    @Test
    void longText_isRefusedBeforeItIsParsed() {
        assertThatThrownBy(() -> Entry.read("1".repeat(10_000), Kind.LENGTH, UnitStyle.MILLIMETRES))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("characters");
    }

    @Property
    void shownMillimetres_areReadBackToTheRounding(@ForAll @DoubleRange(min = -5, max = 5) double metres) {
        String shown = UnitStyle.MILLIMETRES.show(Quantity.length(metres));
        assertThat(Entry.read(shown, Kind.LENGTH, UnitStyle.DECIMAL_INCHES).si())
                .isCloseTo(metres, within(5.1e-5));
    }

    @Property
    void shownFractions_areReadBackExactly(@ForAll @IntRange(min = -4000, max = 4000) int sixteenths) {
        double metres = sixteenths * 0.0254 / 16;
        String shown = UnitStyle.FRACTIONAL_INCHES.show(Quantity.length(metres));
        assertThat(Entry.read(shown, Kind.LENGTH, UnitStyle.MILLIMETRES).si()).isCloseTo(metres, within(1e-12));
    }
}
