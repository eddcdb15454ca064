package oddcradle.core.step.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Figure;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.donor.BossHole;
import oddcradle.core.job.edit.Side;
import oddcradle.core.job.fit.AsBuilt;
import oddcradle.core.job.fit.Measuring;
import oddcradle.core.job.fit.RunOut;
import oddcradle.core.job.fit.ShaftReading;
import oddcradle.core.job.seat.FitErrors;
import oddcradle.core.math.Vec3;
import oddcradle.core.survey.DatumPlane;
import oddcradle.core.survey.Instrument;
import oddcradle.core.survey.Reading;
import oddcradle.core.survey.Survey;
import oddcradle.core.survey.SurveyPoint;
import org.junit.jupiter.api.Test;

/** What readings of a small finished mount say, worked out by hand. */
class FitCheckTest {
    private static final Job PLAIN = TestJobs.plain();

    private static Survey at(String point, Vec3 place, boolean fixed) {
        Survey survey = Survey.NONE.with(SurveyPoint.of(point, point, place, 0, fixed));
        for (DatumPlane plane : DatumPlane.values()) {
            survey = survey.with(new Reading.Offset(
                    survey.nextReadingId(),
                    point,
                    plane,
                    place.dot(plane.direction()),
                    Instrument.CALIPER,
                    Instrument.CALIPER.lengthSigma()));
        }
        return survey;
    }

    private static Survey joined(Survey one, Survey other) {
        Survey both = one;
        for (SurveyPoint point : other.points()) {
            both = both.with(point);
        }
        for (Reading reading : other.readings()) {
            Reading.Offset offset = (Reading.Offset) reading;
            both = both.with(new Reading.Offset(
                    both.nextReadingId(),
                    offset.point(),
                    offset.plane(),
                    offset.value(),
                    offset.instrument(),
                    offset.sigma()));
        }
        return both;
    }

    private static FitCheck checked(AsBuilt built) {
        return Examination.of(PLAIN.withAsBuilt(built)).fit();
    }

    private static List<Finding> found(FitCheck fit, FitFinding code) {
        return fit.report().findings().stream()
                .filter(finding -> finding.code() == code)
                .toList();
    }

    private static double figure(FitCheck fit, String name) {
        return fit.report().figures().stream()
                .filter(figure -> figure.name().equals(name))
                .map(Figure::quantity)
                .findFirst()
                .orElseThrow()
                .si();
    }

    private static Vec3 hole(String mount) {
        return Side.MOUNT.places(PLAIN).get(mount);
    }

    /** 1.5 mm at the near rim and 3.5 mm at the far one of a 150 mm wheel: 2.5 mm beside, 2 in 150 is 0.76 degrees. */
    @Test
    void straightEdge_tellsOffsetAndAngle() {
        FitCheck off = checked(AsBuilt.NOTHING.withShafts(
                List.of(new ShaftReading.StraightEdge("A1", "S1", "2026-03-09", 0.0015, 0.0035, 0.15, false))));
        FitCheck good = checked(AsBuilt.NOTHING.withShafts(
                List.of(new ShaftReading.StraightEdge("A1", "S1", "", 0.0002, 0.0002, 0.15, false))));
        FitCheck unknown = checked(AsBuilt.NOTHING.withShafts(
                List.of(new ShaftReading.StraightEdge("A1", "GONE", "", 0.0015, 0.0035, 0.15, false))));

        assertThat(off.line().wheels().get(0).offset()).isCloseTo(0.0025, within(1e-12));
        assertThat(Math.toDegrees(off.line().wheels().get(0).angle())).isCloseTo(0.7639, within(1e-3));
        assertThat(found(off, FitFinding.SHAFTS)).extracting(Finding::severity).containsExactly(Severity.WATCH);
        assertThat(found(good, FitFinding.SHAFTS)).extracting(Finding::severity).containsExactly(Severity.GOOD);
        assertThat(found(unknown, FitFinding.SHAFTS)).isEmpty();
    }

    private static Measuring time(String name, boolean loaded, Survey survey) {
        return new Measuring(name, Measuring.Made.WELDED, loaded, "", survey);
    }

    /** 3-4-5: 0.9 mm forward and 1.2 mm down is 1.5 mm; a mark that defines the axes is no joint. */
    @Test
    void jointThatWasPulled_isToldByHowFar() {
        Vec3 before = hole("M1");
        Survey tacked = joined(at("M1", before, false), at("MARK", new Vec3(0, 0, 0.1), true));
        Survey welded = joined(
                at("M1", before.plus(new Vec3(0.0009, 0, -0.0012)), false), at("MARK", new Vec3(0, 0, 0.1), true));

        FitCheck fit = checked(
                AsBuilt.NOTHING.withMeasured(List.of(time("tacked", false, tacked), time("welded", false, welded))));

        assertThat(fit.pulls()).hasSize(1);
        assertThat(fit.pulls().get(0).moved().length()).isCloseTo(0.0015, within(1e-9));
        assertThat(figure(fit, "M1 pulled by")).isCloseTo(0.0015, within(1e-9));
        assertThat(found(fit, FitFinding.PULLED)).hasSize(1);
    }

    /** The engine's weight lets every mount down: bare and loaded times say nothing of each other, nor does what scatters. */
    @Test
    void timesOfOtherLoad_andMovesWithinTheScatter_areNoPull() {
        Vec3 before = hole("M1");
        Survey tacked = at("M1", before, false);
        Survey moved = at("M1", before.plus(new Vec3(0, 0, -0.002)), false);
        Survey hardly = at("M1", before.plus(new Vec3(0, 0, -0.0002)), false);

        FitCheck otherLoad = checked(
                AsBuilt.NOTHING.withMeasured(List.of(time("tacked", false, tacked), time("loaded", true, moved))));
        FitCheck skipped = checked(AsBuilt.NOTHING.withMeasured(
                List.of(time("tacked", false, tacked), time("loaded", true, tacked), time("welded", false, moved))));
        FitCheck scatter = checked(
                AsBuilt.NOTHING.withMeasured(List.of(time("tacked", false, tacked), time("welded", false, hardly))));

        assertThat(otherLoad.pulls()).isEmpty();
        assertThat(skipped.pulls()).extracting(JointPull::before).containsExactly("tacked");
        assertThat(scatter.pulls()).hasSize(1);
        assertThat(found(scatter, FitFinding.PULLED)).isEmpty();
    }

    /** A 10 mm bolt in a bore of 10.2 and a hole of 11 (ISO 273 medium, from memory): 0.1 and 0.5 mm on the radius; a thread leaves the hole's alone. */
    @Test
    void playOfABolt_isThatOfBothItsHoles() {
        Boss boss = PLAIN.donor().bosses().get(0);
        FitErrors usual = FitErrors.USUAL;

        assertThat(BoltPlay.of(usual, boss)).isCloseTo(0.0006, within(1e-9));
        assertThat(BoltPlay.of(usual, boss.withHole(new BossHole("M10", 0.02, "", false))))
                .isCloseTo(0.0005, within(1e-9));
        FitErrors reamed = usual.withHoles(List.of(new FitErrors.Hole(boss.id(), 0.013, 0, Vec3.X)));
        assertThat(BoltPlay.of(reamed, boss)).isCloseTo(0.0016, within(1e-9));
    }

    /** In a slot of 6 mm a bolt gives way by 3 mm along it and by nothing across. */
    @Test
    void slot_givesWayAlongItselfAlone() {
        String boss = PLAIN.cradle().isolators().get(0).boss();
        Job slotted = PLAIN.withPlan(PLAIN.plan()
                .withErrors(FitErrors.USUAL.withHoles(List.of(new FitErrors.Hole(boss, 0.011, 0.006, Vec3.X)))));

        assertThat(beside(slotted, new Vec3(0.002, 0, 0))).isZero();
        assertThat(beside(slotted, new Vec3(0.005, 0, 0))).isCloseTo(0.002, within(1e-9));
        assertThat(beside(slotted, new Vec3(0, 0.005, 0))).isCloseTo(0.005, within(1e-9));
    }

    private static double beside(Job job, Vec3 by) {
        Job built = job.withAsBuilt(AsBuilt.NOTHING.withNow(at("M1", hole("M1").plus(by), false)));
        MountFound first = Examination.of(built).fit().mounts().mounts().get(0);
        assertThat(first.across().length()).isCloseTo(by.length(), within(1e-6));
        return first.hole().off().withoutPartAlong(first.hole().up()).length();
    }

    /** Readings of the finished mount are judged like those of donor and host: a slip of ten millimetres is suspected, and belongs to this step. */
    @Test
    void slipInAReading_isSuspectedAtThisStep() {
        Survey survey = joined(at("M1", hole("M1"), false), at("M2", hole("M2"), false));
        List<Reading> readings = new ArrayList<>(survey.readings());
        double apart = hole("M1").distanceTo(hole("M2"));
        readings.add(new Reading.Distance("D1", "M1", "M2", apart, Instrument.CALIPER, 1e-4));
        readings.add(new Reading.Distance("D2", "M1", "M2", apart + 0.01, Instrument.CALIPER, 1e-4));
        Survey slipped = new Survey(survey.points(), readings, List.of(), List.of());

        Examination examination = Examination.of(PLAIN.withAsBuilt(AsBuilt.NOTHING.withNow(slipped)));

        assertThat(examination.report(Step.FIT).findings())
                .anyMatch(finding -> finding.severity() == Severity.STOP
                        && finding.what().arguments().contains("D2"));
        assertThat(examination.report(Step.HOST).findings())
                .noneMatch(finding -> finding.what().arguments().contains("D2"));
    }

    private static Severity found(RunOut.Of of, double read, double diameter) {
        RunOut runOut = new RunOut("T1", "what was read", of, read, diameter, "");
        Job job = TestJobs.plain();
        return Examination.of(job.withAsBuilt(job.asBuilt().withRunOuts(List.of(runOut))))
                .report(Step.FIT)
                .findings()
                .stream()
                .filter(each -> each.code() == FitFinding.RUN_OUT)
                .findFirst()
                .orElseThrow()
                .severity();
    }

    /** SAE J1033 allows an SAE 4 housing of 362 mm 0.20 mm; AC 43.13-1B tips 1/16 in of track; three quarters of a taper bear (from memory). */
    @Test
    void whatDoesNotRunTrue_isNamed() {
        assertThat(found(RunOut.Of.REGISTER, 0.00018, 0.362)).isEqualTo(Severity.GOOD);
        assertThat(found(RunOut.Of.REGISTER, 0.00022, 0.362)).isEqualTo(Severity.WATCH);
        assertThat(found(RunOut.Of.FLYWHEEL_FACE, 0.00022, 0.5)).isEqualTo(Severity.GOOD);
        assertThat(found(RunOut.Of.PROPELLER_TRACK, 0.0015, 0)).isEqualTo(Severity.GOOD);
        assertThat(found(RunOut.Of.PROPELLER_TRACK, 0.0020, 0)).isEqualTo(Severity.WATCH);
        assertThat(found(RunOut.Of.SHAFT_END, 0.0002, 0)).isEqualTo(Severity.WATCH);
        assertThat(found(RunOut.Of.TAPER_CONTACT, 0.8, 0)).isEqualTo(Severity.GOOD);
        assertThat(found(RunOut.Of.TAPER_CONTACT, 0.5, 0)).isEqualTo(Severity.WATCH);
        assertThat(found(RunOut.Of.TOOTH_CONTACT, 0.5, 0)).isEqualTo(Severity.WATCH);
        assertThatThrownBy(() -> new RunOut("T1", "x", RunOut.Of.TAPER_CONTACT, 1.2, 0, ""))
                .hasMessageContaining("read");
        assertThatThrownBy(() -> new RunOut("T1", "x", RunOut.Of.REGISTER, 0.0001, 0, ""))
                .hasMessageContaining("diameter");
    }
}
