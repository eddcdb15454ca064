package oddcradle.core.survey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.Stream;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class SlipTest {
    static Stream<Arguments> slips() {
        double inch = 0.0254;
        return Stream.of(
                Arguments.of(Slip.INCH_FOR_MILLIMETRE, "R1", (DoubleUnaryOperator) v -> v / 25.4),
                Arguments.of(Slip.INCH_FOR_MILLIMETRE, "R14", (DoubleUnaryOperator) v -> v / 25.4),
                Arguments.of(Slip.LEFT_FOR_RIGHT, "R5", (DoubleUnaryOperator) v -> -v),
                Arguments.of(Slip.SWAPPED_DIGITS, "R1", (DoubleUnaryOperator) v -> 0.2371),
                Arguments.of(Slip.OUTSIDE_FOR_CENTRE, "R13", (DoubleUnaryOperator) v -> v - Surveys.BORE),
                Arguments.of(Slip.ALONG_THE_SLOPE, "R1", (DoubleUnaryOperator) v -> Math.hypot(v, 0.1104)),
                Arguments.of(Slip.FRACTION_STEP, "R9", (DoubleUnaryOperator) v -> v - inch / 4),
                Arguments.of(Slip.TAPE_MARK, "R7", (DoubleUnaryOperator) v -> v - 0.1));
    }

    @ParameterizedTest
    @MethodSource("slips")
    void slip_isNamedAndItsCureGivesThePointsBack(Slip slip, String id, DoubleUnaryOperator spoil) {
        Survey good = Surveys.measured(new Random(11));
        Reading meant = good.reading(id).orElseThrow();
        // Swapped digits need a reading of known digits, a misread fraction one in fractions: 5-1/8 in.
        Reading read = slip == Slip.SWAPPED_DIGITS
                ? meant.with(0.3271)
                : slip == Slip.FRACTION_STEP ? meant.with(0.130175) : meant;
        Survey clean = good.with(read);
        Survey spoiled = clean.with(read.with(spoil.applyAsDouble(read.value())));
        SurveyResult result = SurveyAdjustment.of(spoiled);
        assertThat(result.suspects()).hasSize(1);
        Suspect suspect = result.suspects().get(0);
        assertThat(suspect.reading().id()).isEqualTo(id);
        assertThat(suspect.cures().get(0).slip()).isEqualTo(slip);
        assertThat(result.reading(id).orElseThrow().used()).isFalse();
        SurveyResult mended =
                SurveyAdjustment.of(spoiled.with(suspect.cures().get(0).mended()));
        assertThat(mended.suspects()).isEmpty();
        for (int k = 0; k < 4; k++) {
            assertThat(mended.points().get(k).position().distanceTo(Surveys.BOSSES.get(k)))
                    .isLessThan(0.0015);
        }
    }

    @Test
    void twoSlips_areBothNamed() {
        Survey survey = Surveys.measured(new Random(5));
        survey = survey.with(survey.reading("R1").orElseThrow().with(0.2271));
        survey = survey.with(survey.reading("R18").orElseThrow().with(0.3098));
        assertThat(SurveyAdjustment.of(survey).suspects().stream()
                        .map(each -> each.reading().id()))
                .containsExactlyInAnyOrder("R1", "R18");
    }

    @Test
    void goodSurveys_areHardlyEverAccused() {
        int accused = 0;
        for (int run = 0; run < 400; run++) {
            accused += SurveyAdjustment.of(Surveys.measured(new Random(1000 + run)))
                            .suspects()
                            .isEmpty()
                    ? 0
                    : 1;
        }
        // one in a hundred is meant; three times that would be a fault
        assertThat(accused).isLessThan(12);
    }

    /** One spare reading shows that something is wrong, but not where: the slip that fits tells. */
    @Test
    void inseparableReadings_areToldApartByTheSlipThatFits() {
        List<SurveyPoint> points = List.of(Surveys.free("P", 0.3, 0, 0), Surveys.fixed("O", 0, 0, 0));
        Reading forward = new Reading.Offset("forward", "P", DatumPlane.FORWARD, 0.3271, Instrument.STEEL_RULE, 0.0004);
        Reading swapped = new Reading.Distance("distance", "O", "P", 0.3721, Instrument.STEEL_RULE, 0.0004);
        SurveyResult result = SurveyAdjustment.of(Surveys.with(
                points,
                forward,
                swapped,
                Surveys.offset("left", "P", DatumPlane.LEFT, 0),
                Surveys.offset("up", "P", DatumPlane.UP, 0)));
        assertThat(result.suspects()).isNotEmpty();
        assertThat(result.suspects()).allMatch(each -> !each.alone());
        assertThat(result.suspects().stream()
                        .flatMap(each -> each.cures().stream())
                        .map(SlipCure::slip))
                .contains(Slip.SWAPPED_DIGITS);
    }

    @Test
    void readingOfTheOtherSide_isGivenToItsPoint() {
        Survey survey = Surveys.measured(new Random(2));
        // B1 to B3 is the same length as B2 to B4; B1 to B4 is not.
        Reading.OverBores diagonal = (Reading.OverBores) survey.reading("R15").orElseThrow();
        double straight = Surveys.BOSSES.get(0).distanceTo(Surveys.BOSSES.get(2)) + Surveys.BORE;
        SurveyResult result = SurveyAdjustment.of(survey.with(diagonal.with(straight)));
        assertThat(result.suspects()).hasSize(1);
        SlipCure cure = result.suspects().get(0).cures().get(0);
        assertThat(cure.slip()).isEqualTo(Slip.LEFT_FOR_RIGHT);
        assertThat(cure.mended().value()).isCloseTo(straight, within(1e-12));
    }

    @Test
    void unchecked_isNotTheSameAsGood() {
        List<Reading> readings = new ArrayList<>();
        Survey survey = Surveys.measured(new Random(1));
        survey.readings().stream()
                .filter(each -> each instanceof Reading.Offset)
                .forEach(readings::add);
        Survey offsetsOnly = new Survey(survey.points(), readings, List.of(), List.of());
        SurveyResult result = SurveyAdjustment.of(offsetsOnly);
        assertThat(result.readings()).noneMatch(CheckedReading::checked);
        List<Wanted> wanted = SurveyPlan.next(offsetsOnly, result);
        assertThat(wanted).isNotEmpty().allMatch(each -> each.reason() == Wanted.Reason.CHECKS);
        assertThat(wanted.get(0).template()).isInstanceOf(Reading.OverBores.class);
    }

    @Test
    void plan_endsWhenEverythingIsFixedAndChecked() {
        Survey survey = Surveys.measured(new Random(1));
        survey = new Survey(survey.points(), List.of(), List.of(), List.of());
        int asked = 0;
        for (SurveyResult result = SurveyAdjustment.of(survey); ; result = SurveyAdjustment.of(survey)) {
            List<Wanted> wanted = SurveyPlan.next(survey, result);
            if (wanted.isEmpty()) {
                break;
            }
            survey = survey.with(answered(wanted.get(0).template()));
            assertThat(++asked).isLessThan(30);
        }
        assertThat(SurveyAdjustment.of(survey).missing()).isEmpty();
        assertThat(SurveyAdjustment.of(survey).readings()).allMatch(CheckedReading::checked);
    }

    private static Reading answered(Reading template) {
        Vec3[] at = template.points().stream()
                .map(id -> Surveys.BOSSES.get(Integer.parseInt(id.substring(1)) - 1))
                .toArray(Vec3[]::new);
        if (template instanceof Reading.Offset offset) {
            return offset.with(at[0].dot(offset.plane().direction()));
        }
        double centres = at[0].distanceTo(at[1]);
        return template.with(template instanceof Reading.OverBores ? centres + Surveys.BORE : centres);
    }
}
