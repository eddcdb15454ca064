package oddcradle.core.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.section.Tube;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class InvalidWordsTest {
    private static InvalidValue within(String field, double value, double high, String unit) {
        return catchThrowableOfType(InvalidValue.class, () -> Guard.within(field, value, -high, high, unit));
    }

    @Test
    void angle_isToldInDegrees_lengthInTheUnitsChosen() {
        assertThat(InvalidWords.problem(within("yaw", 6.981317007977318, 2 * Math.PI, "rad"), UnitStyle.MILLIMETRES))
                .isEqualTo("is 400 °, must lie between -360 ° and 360 °");
        InvalidValue far = within("position[0]", 60, 50, "m");
        assertThat(InvalidWords.of(far, UnitStyle.MILLIMETRES))
                .isEqualTo("position 1 is 60000 mm, must lie between -50000 mm and 50000 mm");
        assertThat(InvalidWords.problem(far, UnitStyle.FRACTIONAL_INCHES)).startsWith("is 2362.20472 in,");
        assertThat(far.problem()).isEqualTo("is 60 m, must lie between -50 m and 50 m");
    }

    @Test
    void hugeAndTinyNumbers_keepFewDigits() {
        assertThat(InvalidWords.problem(within("up", 9.999999999999999e95, 50, "m"), UnitStyle.MILLIMETRES))
                .startsWith("is 1.0e+99 mm,");
        InvalidValue tiny = catchThrowableOfType(InvalidValue.class, () -> Guard.within("wall", 1e-308, 1e-4, 1, "m"));
        assertThat(InvalidWords.problem(tiny, UnitStyle.MILLIMETRES))
                .startsWith("is 1.0e-305 mm, must lie between 0.1 mm");
        assertThat(tiny.problem()).hasSizeLessThan(80);
    }

    @ParameterizedTest
    @CsvSource({
        "line.stages[1].driverTeeth, driver teeth",
        "cradle.members[3].nodes[0], nodes 1",
        "FORWARD, forward",
        "yaw, yaw",
        "'', ''"
    })
    void pathOfAFile_isPlainWords(String path, String words) {
        assertThat(InvalidWords.subject(path)).isEqualTo(words);
    }

    @Test
    void tube_hasAnInchName() {
        Tube tube = new Tube(0.0254, 0.00165);
        assertThat(tube.in(UnitStyle.MILLIMETRES)).isEqualTo("tube 25.4 x 1.65");
        assertThat(tube.in(UnitStyle.FRACTIONAL_INCHES)).isEqualTo("tube 1 x 0.065 in");
    }
}
