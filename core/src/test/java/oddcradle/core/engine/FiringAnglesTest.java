package oddcradle.core.engine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import oddcradle.core.math.InvalidValue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FiringAnglesTest {
    /** Degrees between firings that the trade names these engines by; common practice. */
    @ParameterizedTest
    @CsvSource({
        "SINGLE, 720",
        "TWIN_360, 360 360",
        "TWIN_180, 180 540",
        "TWIN_270, 270 450",
        "V_TWIN_90, 270 450",
        "TRIPLE, 240 240 240",
        "FOUR_FLAT, 180 180 180 180",
        "FOUR_CROSS, 90 180 180 270",
        "FLAT_TWIN, 360 360",
        "FLAT_FOUR, 180 180 180 180"
    })
    void fourStrokes_fireAsTheirLayoutsAreKnownFor(CrankLayout layout, String intervals) {
        Crank crank = layout.crank(0.07);
        assertThat(intervals(FiringAngles.mostEven(crank.throwAngles(), crank.cylinderAngles(), 4), 720))
                .isEqualTo(intervals);
        // Turning the other way changes no interval.
        List<Double> otherThrows =
                crank.throwAngles().stream().map(angle -> -angle).toList();
        List<Double> otherBanks =
                crank.cylinderAngles().stream().map(angle -> -angle).toList();
        assertThat(intervals(FiringAngles.mostEven(otherThrows, otherBanks, 4), 720))
                .isEqualTo(intervals);
    }

    @Test
    void twoStrokes_fireAtEveryTopDeadCentre() {
        assertThat(intervals(FiringAngles.mostEven(List.of(0.0, Math.PI), List.of(0.0, 0.0), 2), 360))
                .isEqualTo("180 180");
    }

    private static String intervals(List<Double> angles, int cycle) {
        List<Double> sorted = new ArrayList<>(angles);
        Collections.sort(sorted);
        List<Long> between = new ArrayList<>();
        for (int k = 0; k < sorted.size(); k++) {
            double next = k + 1 < sorted.size() ? sorted.get(k + 1) : sorted.get(0) + Math.toRadians(cycle);
            between.add(Math.round(Math.toDegrees(next - sorted.get(k))));
        }
        Collections.sort(between);
        return String.join(" ", between.stream().map(String::valueOf).toList());
    }

    @Test
    void orderThatDoesNotFitTheCrank_isNamedWithTheAnglesThatDo() {
        List<Double> pins = List.of(0.0, Math.toRadians(270));
        List<Double> upright = List.of(0.0, 0.0);
        assertThat(FiringAngles.required(List.of(0.0, Math.toRadians(90)), pins, upright, 4))
                .element(1)
                .satisfies(angle -> assertThat(angle).isCloseTo(Math.PI / 2, within(1e-9)));
        assertThatThrownBy(() -> FiringAngles.required(List.of(0.0, Math.PI), pins, upright, 4))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("firingAngles[1]")
                .hasMessageContaining("90 or 450");
        assertThatThrownBy(() -> FiringAngles.required(List.of(0.0), pins, upright, 4))
                .hasMessageContaining("one for each of the 2");
    }
}
