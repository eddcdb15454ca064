package oddcradle.core.survey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class SimulatedInstrumentTest {
    private static Vec3 truth(String point) {
        return Surveys.BOSSES.get(Integer.parseInt(point.substring(1)) - 1);
    }

    @ParameterizedTest
    @EnumSource(Instrument.class)
    void readings_scatterAsTheInstrumentSays_inItsSteps(Instrument instrument) {
        Random noise = new Random(8);
        Reading wanted = new Reading.Offset("R1", "B1", DatumPlane.FORWARD, 0.33, instrument, instrument.lengthSigma());
        double sum = 0;
        double squares = 0;
        int count = 2000;
        for (int k = 0; k < count; k++) {
            double value = SimulatedInstrument.read(wanted, SimulatedInstrumentTest::truth, noise)
                    .value();
            assertThat(value / instrument.step()).isCloseTo(Math.rint(value / instrument.step()), within(1e-6));
            double off = value - Surveys.BOSSES.get(0).x();
            sum += off;
            squares += off * off;
        }
        // noise and rounding to steps together, five per cent of scatter in two thousand readings
        double expected = Math.sqrt(
                instrument.lengthSigma() * instrument.lengthSigma() + instrument.step() * instrument.step() / 12);
        assertThat(Math.sqrt(squares / count)).isCloseTo(expected, within(0.1 * expected));
        assertThat(sum / count).isCloseTo(0, within(0.1 * expected));
    }

    @Test
    void everyKindOfReading_isReadAsItIsTaken() {
        Random noise = new Random(1);
        double tiny = 1e-6;
        double centres = Surveys.BOSSES.get(0).distanceTo(Surveys.BOSSES.get(1));
        List<Reading> wanted = List.of(
                new Reading.Distance("a", "B1", "B2", 1, Instrument.CALIPER, tiny),
                new Reading.OverBores("b", "B1", "B2", Reading.Sides.OUTER, 0.01, 0.01, 1, Instrument.CALIPER, tiny),
                new Reading.OverBores("c", "B1", "B2", Reading.Sides.INNER, 0.01, 0.01, 1, Instrument.CALIPER, tiny),
                new Reading.HoleEdge(
                        "d", "B1", DatumPlane.LEFT, Reading.Edge.NEAR, 0.01, 0.1, Instrument.CALIPER, tiny));
        double[] expected = {
            centres, centres + 0.01, centres - 0.01, Surveys.BOSSES.get(0).y() - 0.005
        };
        for (int k = 0; k < expected.length; k++) {
            assertThat(SimulatedInstrument.read(wanted.get(k), SimulatedInstrumentTest::truth, noise)
                            .value())
                    .isCloseTo(expected[k], within(1.2e-5));
        }
        Reading slope = new Reading.Slope("e", "B1", "B3", 0, Instrument.ANGLE_GAUGE, tiny);
        Vec3 way = Surveys.BOSSES.get(2).minus(Surveys.BOSSES.get(0));
        assertThat(SimulatedInstrument.read(slope, SimulatedInstrumentTest::truth, noise)
                        .value())
                .isCloseTo(Math.atan2(way.z(), Math.hypot(way.x(), way.y())), within(Math.toRadians(0.051)));
    }

    @Test
    void words_sayWhatIsMeasured() {
        assertThat(ReadingWords.of(new Reading.Offset("a", "B4", DatumPlane.UP, 0, Instrument.TAPE, 1)))
                .isEqualTo("B4 up");
        assertThat(ReadingWords.of(
                        new Reading.OverBores("a", "B1", "B2", Reading.Sides.INNER, 0.01, 0.01, 1, Instrument.TAPE, 1)))
                .isEqualTo("B1 to B2 between the bores");
        assertThat(ReadingWords.of(new Reading.Slope("a", "B1", "B2", 0, Instrument.ANGLE_GAUGE, 1)))
                .isEqualTo("B1 to B2 against level");
        assertThat(ReadingWords.of(new Reading.HoleEdge(
                        "a", "B1", DatumPlane.LEFT, Reading.Edge.FAR, 0.01, 0.1, Instrument.TAPE, 1)))
                .isEqualTo("B1 left to the far edge");
    }

    @Test
    void ids_areNeverTakenTwice() {
        Survey survey = Surveys.measured(new Random(1));
        assertThat(survey.nextReadingId()).isEqualTo("R19");
        Survey gap = survey.withoutReading("R3");
        assertThat(gap.reading(gap.nextReadingId())).isEmpty();
        assertThat(gap.with(survey.reading("R3").orElseThrow()).readings()).hasSize(18);
        SurveyPoint moved = SurveyPoint.of("B2", "other", Vec3.ZERO, 0, true);
        assertThat(survey.with(moved).points().get(1)).isEqualTo(moved);
        assertThat(survey.with(moved).points()).hasSize(4);
    }
}
