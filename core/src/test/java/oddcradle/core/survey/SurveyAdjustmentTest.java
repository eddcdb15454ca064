package oddcradle.core.survey;

import static oddcradle.core.survey.Surveys.distance;
import static oddcradle.core.survey.Surveys.fixed;
import static oddcradle.core.survey.Surveys.free;
import static oddcradle.core.survey.Surveys.offset;
import static oddcradle.core.survey.Surveys.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.Test;

class SurveyAdjustmentTest {
    @Test
    void repeatedOffset_isTheWeightedMean() {
        SurveyResult result = SurveyAdjustment.of(with(
                List.of(free("P", 0, 0, 0)),
                new Reading.Offset("a", "P", DatumPlane.FORWARD, 0.1000, Instrument.TAPE, 0.002),
                new Reading.Offset("b", "P", DatumPlane.FORWARD, 0.1010, Instrument.STEEL_RULE, 0.001),
                offset("c", "P", DatumPlane.LEFT, 0.2),
                offset("d", "P", DatumPlane.UP, 0.3)));
        AdjustedPoint p = result.point("P").orElseThrow();
        assertThat(p.position().distanceTo(new Vec3(0.1008, 0.2, 0.3))).isLessThan(1e-12);
        assertThat(p.sigma(DatumPlane.FORWARD)).isCloseTo(0.002 / Math.sqrt(5), within(1e-12));
        assertThat(p.sigma(DatumPlane.UP)).isCloseTo(0.001, within(1e-12));
        assertThat(result.degreesOfFreedom()).isEqualTo(1);
        assertThat(result.reading("a").orElseThrow().redundancy()).isCloseTo(0.8, within(1e-12));
    }

    @Test
    void threeDistances_giveThePointOnTheSideSeenByEye() {
        Vec3 truth = new Vec3(0.4, 0.3, 0.25);
        List<Vec3> marks = List.of(Vec3.ZERO, new Vec3(1, 0, 0), new Vec3(0, 1, 0));
        for (double side : new double[] {1, -1}) {
            List<SurveyPoint> points = new ArrayList<>(List.of(free("P", 0.5, 0.5, side * 0.1)));
            List<Reading> readings = new ArrayList<>();
            for (int k = 0; k < 3; k++) {
                Vec3 mark = marks.get(k);
                points.add(fixed("M" + k, mark.x(), mark.y(), mark.z()));
                readings.add(distance("R" + k, "M" + k, "P", mark.distanceTo(truth)));
            }
            SurveyResult result = SurveyAdjustment.of(new Survey(points, readings, List.of(), List.of()));
            Vec3 expected = new Vec3(truth.x(), truth.y(), side * truth.z());
            assertThat(result.points().get(0).position().distanceTo(expected)).isLessThan(1e-10);
            assertThat(result.missing()).isEmpty();
        }
    }

    @Test
    void overBoresAndHoleEdge_areReducedToCentres() {
        Reading over = new Reading.OverBores(
                "a", "P", "Q", Reading.Sides.OUTER, 0.010, 0.012, 0.211, Instrument.CALIPER, 0.0001);
        Reading between = new Reading.OverBores(
                "b", "P", "Q", Reading.Sides.INNER, 0.010, 0.012, 0.189, Instrument.CALIPER, 0.0001);
        Reading near = new Reading.HoleEdge(
                "c", "P", DatumPlane.LEFT, Reading.Edge.NEAR, 0.010, -0.095, Instrument.CALIPER, 0.0001);
        Reading far = new Reading.HoleEdge(
                "d", "P", DatumPlane.LEFT, Reading.Edge.FAR, 0.010, -0.105, Instrument.CALIPER, 0.0001);
        assertThat(Observation.of(over).value()).isCloseTo(0.2, within(1e-15));
        assertThat(Observation.of(between).value()).isCloseTo(0.2, within(1e-15));
        assertThat(Observation.of(near).value()).isCloseTo(-0.1, within(1e-15));
        assertThat(Observation.of(far).value()).isCloseTo(-0.1, within(1e-15));
    }

    /** The adjusted points of many noisy surveys must scatter as their covariance says: chi-squared of 12 has the mean 12. */
    @Test
    void covariance_isTheScatterOfRepeatedSurveys() {
        double sum = 0;
        int runs = 300;
        for (int run = 0; run < runs; run++) {
            SurveyResult result = SurveyAdjustment.of(Surveys.measured(new Random(run)));
            for (int k = 0; k < 4; k++) {
                AdjustedPoint point = result.points().get(k);
                Vec3 off = point.position().minus(Surveys.BOSSES.get(k));
                for (DatumPlane plane : DatumPlane.values()) {
                    sum += Math.pow(off.dot(plane.direction()) / point.sigma(plane), 2);
                }
            }
        }
        // 12 squares a run, spread of the mean about sqrt(2 / 3600), correlated: five of those
        assertThat(sum / runs / 12).isCloseTo(1, within(0.12));
    }

    @Property(tries = 60)
    void turningTheBodyTurnsTheAnswer(@ForAll Random random) {
        Survey survey = Surveys.measured(random);
        List<Reading> turned = new ArrayList<>();
        for (Reading reading : survey.readings()) {
            if (reading instanceof Reading.Offset o) {
                DatumPlane plane = DatumPlane.values()[(o.plane().ordinal() + 1) % 3];
                turned.add(new Reading.Offset(o.id(), o.point(), plane, o.value(), o.instrument(), o.sigma()));
            } else {
                turned.add(reading);
            }
        }
        List<SurveyPoint> points = survey.points().stream()
                .map(p -> SurveyPoint.of(p.id(), p.label(), cycled(p.about()), p.bore(), false))
                .toList();
        SurveyResult a = SurveyAdjustment.of(survey);
        SurveyResult b = SurveyAdjustment.of(new Survey(points, turned, List.of(), List.of()));
        for (int k = 0; k < 4; k++) {
            assertThat(cycled(a.points().get(k).position())
                            .distanceTo(b.points().get(k).position()))
                    .isLessThan(1e-9);
        }
    }

    private static Vec3 cycled(Vec3 v) {
        return new Vec3(v.z(), v.x(), v.y());
    }

    @Test
    void pointWithoutHeight_isNamedWithTheReadingThatWouldFixIt() {
        Survey survey = with(
                List.of(free("P", 0.1, 0.2, 0.3), free("Q", 1, 1, 1)),
                offset("a", "P", DatumPlane.FORWARD, 0.11),
                offset("b", "P", DatumPlane.LEFT, 0.21),
                offset("c", "Q", DatumPlane.FORWARD, 1),
                offset("d", "Q", DatumPlane.LEFT, 1),
                offset("e", "Q", DatumPlane.UP, 1));
        SurveyResult result = SurveyAdjustment.of(survey);
        assertThat(result.missing()).containsExactly(new MissingReading("P", DatumPlane.UP));
        assertThat(result.point("P").orElseThrow().known()).isFalse();
        assertThat(result.point("P").orElseThrow().worstSigma()).isInfinite();
        assertThat(result.point("Q").orElseThrow().sigma(DatumPlane.UP)).isCloseTo(0.001, within(1e-12));
        assertThat(SurveyPlan.next(survey, result).get(0).template()).isInstanceOf(Reading.Offset.class);
    }

    @Test
    void distancesToMarksOnOneLine_leaveThePointFreeToTurnAboutIt() {
        List<SurveyPoint> points =
                List.of(free("P", 0.5, 0.3, 0.1), fixed("A", 0, 0, 0), fixed("B", 1, 0, 0), fixed("C", 2, 0, 0));
        Vec3 truth = new Vec3(0.5, 0.3, 0.1);
        SurveyResult result = SurveyAdjustment.of(with(
                points,
                distance("a", "A", "P", truth.length()),
                distance("b", "B", "P", truth.distanceTo(Vec3.X)),
                distance("c", "C", "P", truth.distanceTo(new Vec3(2, 0, 0)))));
        assertThat(result.missing()).containsExactly(new MissingReading("P", DatumPlane.UP));
        assertThat(result.point("P").orElseThrow().known()).isFalse();
    }

    @Test
    void floatingBody_needsSixReadings() {
        SurveyResult result = SurveyAdjustment.of(with(
                List.of(free("A", 0, 0, 0), free("B", 1, 0, 0), free("C", 0, 1, 0)),
                distance("a", "A", "B", 1),
                distance("b", "B", "C", Math.sqrt(2)),
                distance("c", "A", "C", 1)));
        assertThat(result.missing()).hasSize(6);
    }

    @Test
    void emptySurvey_andOnlyFixedPoints_haveNothingToSolve() {
        assertThat(SurveyAdjustment.of(Survey.NONE).points()).isEmpty();
        SurveyResult result = SurveyAdjustment.of(
                with(List.of(fixed("A", 0, 0, 0), fixed("B", 1, 0, 0)), distance("a", "A", "B", 1.001)));
        assertThat(result.reading("a").orElseThrow().misfit()).isCloseTo(0.001, within(1e-12));
    }

    @Test
    void startInThePlaneOfTheMarks_isLiftedOff() {
        Vec3 truth = new Vec3(0.4, 0.3, 0.25);
        SurveyResult result = SurveyAdjustment.of(with(
                List.of(free("P", 0.4, 0.3, 0), fixed("A", 0, 0, 0), fixed("B", 1, 0, 0), fixed("C", 0, 1, 0)),
                distance("a", "A", "P", truth.length()),
                distance("b", "B", "P", truth.distanceTo(Vec3.X)),
                distance("c", "C", "P", truth.distanceTo(Vec3.Y))));
        assertThat(result.points().get(0).position().distanceTo(truth)).isLessThan(1e-9);
    }

    @Test
    void axisAndPlane_knowTheirDirectionAsWellAsTheirPoints() {
        List<SurveyPoint> points = List.of(free("P", 0, 0, 0), free("Q", 0, 0.5, 0), free("S", 0.5, 0, 0));
        List<Reading> readings = new ArrayList<>();
        for (SurveyPoint point : points) {
            for (DatumPlane plane : DatumPlane.values()) {
                readings.add(offset(
                        point.id() + plane, point.id(), plane, point.about().dot(plane.direction())));
            }
        }
        SurveyResult result = SurveyAdjustment.of(new Survey(
                points,
                readings,
                List.of(
                        new Feature("axis", "pivot", Feature.Shape.AXIS, List.of("P", "Q")),
                        new Feature("plane", "rail tops", Feature.Shape.PLANE, List.of("P", "Q", "S"))),
                List.of()));
        FoundFeature axis = result.features().get(0);
        assertThat(axis.direction().distanceTo(Vec3.Y)).isLessThan(1e-12);
        // two ends of 1 mm each, half a metre apart
        assertThat(axis.angleSigma()).isCloseTo(0.001 * Math.sqrt(2) / 0.5, within(1e-6));
        assertThat(result.features().get(1).direction().distanceTo(Vec3.Z)).isLessThan(1e-12);
        assertThat(result.features().get(1).outOfTrue()).isLessThan(1e-12);
    }

    @Test
    void makersPattern_findsTheHoleThatIsOff() {
        Survey survey = Surveys.measured(new Random(3));
        List<Vec3> maker = new ArrayList<>(Surveys.BOSSES);
        HolePattern good = new HolePattern("H", "engine lugs", List.of("B1", "B2", "B3", "B4"), maker, 0.0005);
        SurveyResult result =
                SurveyAdjustment.of(new Survey(survey.points(), survey.readings(), List.of(), List.of(good)));
        assertThat(result.patterns().get(0).agrees()).isTrue();
        maker.set(2, maker.get(2).plus(new Vec3(0.008, 0, 0)));
        HolePattern bad = new HolePattern("H", "engine lugs", good.points(), maker, 0.0005);
        result = SurveyAdjustment.of(new Survey(survey.points(), survey.readings(), List.of(), List.of(bad)));
        assertThat(result.patterns().get(0).agrees()).isFalse();
        assertThat(result.patterns().get(0).worst()).isEqualTo(2);
    }

    @Test
    void wrongSurvey_isRefusedAtItsField() {
        assertThatThrownBy(() -> with(List.of(free("P", 0, 0, 0)), distance("a", "P", "Q", 1)))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("readings[0]")
                .hasMessageContaining("\"Q\"");
        assertThatThrownBy(() -> distance("a", "P", "P", 1)).hasMessageContaining("name another");
        assertThatThrownBy(() -> distance("a", "P", "Q", -1)).hasMessageContaining("greater than 0");
        assertThatThrownBy(() -> new Reading.Offset("a", "P", DatumPlane.UP, Double.NaN, Instrument.TAPE, 0.001))
                .hasMessageContaining("value");
        assertThatThrownBy(() -> new Reading.Offset("a", "P", DatumPlane.UP, 1, Instrument.TAPE, 0))
                .hasMessageContaining("sigma");
    }
}
