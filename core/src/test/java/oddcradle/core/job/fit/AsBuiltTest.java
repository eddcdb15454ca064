package oddcradle.core.job.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.SplittableRandom;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import oddcradle.core.drive.ShaftDials;
import oddcradle.core.drive.ShaftDials.Dial;
import oddcradle.core.drive.SimulatedDials;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.edit.Side;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.naming.Renaming;
import oddcradle.core.survey.DatumPlane;
import oddcradle.core.survey.Instrument;
import oddcradle.core.survey.Reading;
import oddcradle.core.survey.Survey;
import oddcradle.core.survey.SurveyPoint;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class AsBuiltTest {
    private static Fitting went(String date) {
        return new Fitting(date, Fitting.Way.IN, 3600, "", "", "");
    }

    @Test
    void logRunsForwards() {
        AsBuilt built = AsBuilt.NOTHING.withFittings(List.of(went("2026-03-09"), went("2026-03-09")));

        assertThat(built.fittings()).hasSize(2);
        assertThatThrownBy(() -> built.withFittings(List.of(went("2026-03-09"), went("2026-02-28"))))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("fittings[1].date")
                .hasMessageContaining("runs forwards");
    }

    @ParameterizedTest
    @ValueSource(strings = {"9 March", "2026-13-01", "2026-00-10", "2026-3-9", "2026-03-32", "", "20260309"})
    void dayThatIsNone_isRefused(String day) {
        assertThatThrownBy(() -> went(day))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("year, month and day");
    }

    @Test
    void thingsThatAreMeantOnce_areNotTakenTwice() {
        FootGap gap = new FootGap("M1", 0.0002);
        Fitted fitted = new Fitted("M1", 0.001);

        assertThatThrownBy(() -> AsBuilt.NOTHING.withFeet(List.of(gap, gap))).hasMessageContaining("feet[1].mount");
        assertThatThrownBy(() -> AsBuilt.NOTHING.withFitted(List.of(fitted, fitted)))
                .hasMessageContaining("repeats \"M1\"");
        assertThatThrownBy(() -> new Fitted("M1", 0.2)).hasMessageContaining("thickness");
        assertThatThrownBy(() -> new Fitting("2026-01-01", Fitting.Way.OUT, 1, "", "", "../secret.png"))
                .hasMessageContaining("plain name of a file");
        assertThatThrownBy(() -> new ShaftReading.TwoDials(
                        "A1", "S1", "", new Dial(0, 0, 0, 0), new Dial(0, 0, 0, 0), 0.02, 0.0204, 0))
                .hasMessageContaining("two dials need a length");
    }

    @Test
    void readingsGoToTheLastTime_whichBeginsAsTacked() {
        Survey survey = Survey.NONE.with(SurveyPoint.of("M1", "hole", Vec3.ZERO, 0, false));

        AsBuilt first = AsBuilt.NOTHING.withNow(survey);

        assertThat(first.measured()).extracting(Measuring::made).containsExactly(Measuring.Made.TACKED);
        AsBuilt second = first.withMeasured(List.of(
                first.measured().get(0), new Measuring("welded", Measuring.Made.WELDED, true, "", Survey.NONE)));
        assertThat(second.withNow(survey).measured().get(1).survey()).isEqualTo(survey);
        assertThat(second.withNow(survey).measured().get(0).survey()).isEqualTo(survey);
        assertThat(second.withNow(survey).now().orElseThrow().loaded()).isTrue();
    }

    /** Shims move the engine: what dials said before says nothing of it any more; the same shims again change nothing. */
    @Test
    void otherShims_strikeTheDialsOut() {
        AsBuilt read = AsBuilt.NOTHING
                .withFitted(List.of(new Fitted("M1", 0.001)))
                .withShafts(List.of(new ShaftReading.StraightEdge("A1", "S1", "", 0.001, 0.002, 0.15, false)));

        assertThat(read.shimmed("M1", 0.001).shafts()).hasSize(1);
        assertThat(read.shimmed("M1", 0.0015).shafts()).isEmpty();
        assertThat(read.shimmed("M2", 0.0005).fitted()).hasSize(2);
    }

    /** An iron shaft height of 0.2 m gains 11e-6 · 0.2 · 40 = 0.088 mm, an alloy one 23e-6 · 0.2 · 40 = 0.184 mm (handbook expansions, from memory). */
    @Test
    void alloyGrowsTwiceAsMuchAsIron() {
        Growth growth = new Growth(0.2, 40, Growth.Metal.ALUMINIUM, 0.2, 40, Growth.Metal.IRON);

        assertThat(growth.difference()).isCloseTo(0.000184 - 0.000088, within(1e-9));
        assertThat(Growth.NONE.difference()).isZero();
    }

    @Property(tries = 60)
    void simulatedDials_areUndoneByTheFormulasOfTheFitter(
            @ForAll @DoubleRange(min = -1, max = 1) double offset,
            @ForAll @DoubleRange(min = -1, max = 1) double slope,
            @ForAll @DoubleRange(min = -0.2, max = 0) double sag) {
        ShaftDials truth = new ShaftDials(
                new ShaftDials.Axis(offset / 1000, slope / 100), new ShaftDials.Axis(-slope / 1000, offset / 100));
        SimulatedDials dials = new SimulatedDials(truth, new SplittableRandom(3), 0);
        double droop = Math.rint(sag * 100) / 1e5;

        ShaftDials face =
                ShaftDials.rimAndFace(dials.rim(0.03, false, droop), dials.face(0.12), 0.12, 0.03, false, false, droop);
        ShaftDials two =
                ShaftDials.reverse(dials.rim(0.08, false, droop), dials.rim(-0.07, true, droop), 0.08, -0.07, droop);

        for (ShaftDials found : List.of(face, two)) {
            assertThat(found.vertical().offset()).isCloseTo(truth.vertical().offset(), within(2e-5));
            assertThat(found.vertical().slope()).isCloseTo(truth.vertical().slope(), within(2e-4));
            assertThat(found.horizontal().offset()).isCloseTo(truth.horizontal().offset(), within(2e-5));
            assertThat(found.horizontal().slope()).isCloseTo(truth.horizontal().slope(), within(2e-4));
        }
    }

    /** A mount of another mark keeps its readings, shims and gaps; a node of the same mark as a mount does not take them. */
    @Test
    void renamedMount_keepsWhatWasFoundOfIt() {
        Job plain = TestJobs.plain();
        String mount = plain.cradle().isolators().get(0).id();
        Vec3 at = Side.MOUNT.places(plain).get(mount);
        Survey survey = Survey.NONE
                .with(SurveyPoint.of(mount, "hole", at, 0, false))
                .with(new Reading.Offset("R1", mount, DatumPlane.UP, at.z(), Instrument.CALIPER, 1e-4));
        Job job = plain.withAsBuilt(AsBuilt.NOTHING
                .withNow(survey)
                .withFeet(List.of(new FootGap(mount, 0.0003)))
                .withFitted(List.of(new Fitted(mount, 0.001))));

        AsBuilt renamed = Renaming.ofMount(job, mount, "FRONT").asBuilt();

        assertThat(renamed.survey().point("FRONT")).isPresent();
        assertThat(renamed.survey().readings().get(0).points()).containsExactly("FRONT");
        assertThat(renamed.feet().get(0).mount()).isEqualTo("FRONT");
        assertThat(renamed.fitted("FRONT").thickness()).isEqualTo(0.001);
    }
}
