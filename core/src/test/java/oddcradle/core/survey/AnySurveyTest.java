package oddcradle.core.survey;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;

/** Whatever somebody reads, enough or not, contradictory or not: every point has an answer, and free ones are named. */
class AnySurveyTest {
    private static Vec3 near(Vec3 truth, Random random, double spread) {
        return truth.plus(new Vec3(
                spread * random.nextGaussian(), spread * random.nextGaussian(), spread * random.nextGaussian()));
    }

    private static Survey any(Random random) {
        int count = 1 + random.nextInt(7);
        List<Vec3> truth = new ArrayList<>();
        List<SurveyPoint> points = new ArrayList<>();
        boolean flat = random.nextInt(3) == 0;
        for (int k = 0; k < count; k++) {
            truth.add(new Vec3(random.nextDouble(), random.nextDouble(), flat ? 0 : random.nextDouble()));
            Vec3 eye = near(truth.get(k), random, 0.01);
            points.add(SurveyPoint.of("P" + k, "point " + k, eye, 0, random.nextInt(4) == 0));
        }
        List<Reading> readings = new ArrayList<>();
        for (int k = random.nextInt(5 * count); k > 0; k--) {
            readings.add(reading("R" + k, truth, random));
        }
        return new Survey(points, readings, List.of(), List.of());
    }

    private static Reading reading(String id, List<Vec3> truth, Random random) {
        int a = random.nextInt(truth.size());
        int b = random.nextInt(truth.size());
        double slip = random.nextInt(8) == 0 ? 0.05 * random.nextGaussian() : 0;
        double noise = 0.001 * random.nextGaussian() + slip;
        if (a == b || random.nextInt(3) > 0) {
            DatumPlane plane = DatumPlane.values()[random.nextInt(3)];
            double value = truth.get(a).dot(plane.direction()) + noise;
            return new Reading.Offset(id, "P" + a, plane, value, Instrument.TAPE, 0.001);
        }
        if (random.nextInt(4) == 0) {
            Vec3 way = truth.get(b).minus(truth.get(a));
            double slope = Math.atan2(way.z(), Math.hypot(way.x(), way.y())) + noise;
            return new Reading.Slope(id, "P" + a, "P" + b, slope, Instrument.ANGLE_GAUGE, 0.003);
        }
        double apart = Math.max(0.001, truth.get(a).distanceTo(truth.get(b)) + noise);
        return new Reading.Distance(id, "P" + a, "P" + b, apart, Instrument.TAPE, 0.001);
    }

    @RepeatedTest(300)
    void anySurvey_hasAnAnswer(RepetitionInfo repetition) {
        Survey survey = any(new Random(repetition.getCurrentRepetition()));
        SurveyResult result = SurveyAdjustment.of(survey);
        assertThat(result.points()).hasSize(survey.points().size());
        for (AdjustedPoint point : result.points()) {
            for (int axis = 0; axis < 3; axis++) {
                assertThat(point.covariance().get(axis, axis))
                        .isGreaterThanOrEqualTo(0)
                        .isFinite();
            }
            assertThat(point.position().length()).isLessThan(50);
        }
        boolean free = result.points().stream().anyMatch(point -> !point.known());
        assertThat(free).isEqualTo(!result.missing().isEmpty());
        for (CheckedReading reading : result.readings()) {
            assertThat(reading.redundancy()).isBetween(0.0, 1.0);
            assertThat(reading.misfit()).isFinite();
        }
        assertThat(result.suspects().size())
                .isLessThanOrEqualTo(survey.readings().size());
    }

    /** The readings that are asked for fix what was free. */
    @RepeatedTest(100)
    void missingReadings_onceRead_leaveNothingFree(RepetitionInfo repetition) {
        Survey survey = any(new Random(5000 + repetition.getCurrentRepetition()));
        List<MissingReading> missing = SurveyAdjustment.of(survey).missing();
        List<Reading> readings = new ArrayList<>(survey.readings());
        for (MissingReading each : missing) {
            double about = survey.point(each.point())
                    .orElseThrow()
                    .about()
                    .dot(each.plane().direction());
            readings.add(new Reading.Offset(
                    "asked" + readings.size(), each.point(), each.plane(), about, Instrument.TAPE, 0.001));
        }
        SurveyResult result = SurveyAdjustment.of(new Survey(survey.points(), readings, List.of(), List.of()));
        assertThat(result.missing()).isEmpty();
        assertThat(result.points()).allMatch(AdjustedPoint::known);
    }
}
