package oddcradle.core.step.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import oddcradle.core.cure.Cures;
import oddcradle.core.drive.JackShaft;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.drive.Stage;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.geometry.Solid;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.body.KeepOut;
import oddcradle.core.job.donor.OutputForm;
import oddcradle.core.job.donor.ShaftEnd;
import oddcradle.core.job.edit.LineEdit;
import oddcradle.core.job.host.DrivenEnd;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.Seating;
import oddcradle.core.report.Cure;
import oddcradle.core.structure.LineResult;
import oddcradle.core.units.UnitStyle;
import org.junit.jupiter.api.Test;

/** What hangs on the end of the line, what joins shafts that follow each other, and the room the drive takes. */
class DrivenEndTest {
    private static final Job JOB = TestJobs.plain();

    private static Optional<Finding> find(Job job, String code) {
        return Examination.of(job).report(Step.LINE).findings().stream()
                .filter(each -> each.code().id().equals(code))
                .findFirst();
    }

    private static Severity severity(Job job, String code) {
        return find(job, code)
                .orElseThrow(() -> new AssertionError("no finding " + code))
                .severity();
    }

    private static Job inLine(Stage stage, LineEnd end) {
        Vec3 out = Seating.of(JOB).driverCentre();
        DrivenEnd driven =
                JOB.host().drivenEnd().with(List.of(out.x(), out.y() + 0.1, out.z(), 0.0, 0.0, 0.0, 0.0, 0.0, 0.0));
        return JOB.withDonor(JOB.donor().withOutput(JOB.donor().output().withForm(OutputForm.COUPLING)))
                .withHost(JOB.host().withDrivenEnd(driven))
                .withLine(JOB.line().withStages(List.of(stage), List.of()).withEnd(Optional.of(end)));
    }

    private static Stage coupling(double stiffness) {
        return new Stage.Coupling("S1", "coupling", 0.0005, 0.0175, stiffness);
    }

    @Test
    void generatorAtItsSpeed_isGood_andAtAnotherIsStopped() {
        // The test engine cruises at 500 rad/s, its gears 2.5 and 1.2: the output turns 500 / 2.5 / 1.2 = 166.7 rad/s.
        LineEnd right = new LineEnd.Generator(0, 0, 0.04, 500 / 2.5 / 1.2, 0.1, 0.1);
        LineEnd wrong = new LineEnd.Generator(4, 50, 0.04, 0, 0.1, 0.1);
        assertThat(severity(inLine(coupling(300), right), "line.generator-speed"))
                .isEqualTo(Severity.GOOD);
        assertThat(severity(inLine(coupling(300), wrong), "line.generator-speed"))
                .isEqualTo(Severity.STOP);
    }

    @Test
    void pairThatTwistsAtTheFiring_isStopped() {
        LineEnd pump = new LineEnd.Generator(0, 0, 0, 166, 0.1, 0.1);
        double firing = JOB.donor().engine().firingFrequency(500);
        double resonant = Math.pow(2 * Math.PI * firing, 2) * 0.05;
        assertThat(severity(inLine(coupling(resonant), pump), "line.torsion")).isEqualTo(Severity.STOP);
        assertThat(severity(inLine(coupling(resonant / 9), pump), "line.torsion"))
                .isEqualTo(Severity.GOOD);
        assertThat(severity(inLine(coupling(0), pump), "line.torsion")).isEqualTo(Severity.NOT_CHECKED);
    }

    private static Job jointed(double phase, double aside, double aft) {
        Stage shaft = new Stage.JointShaft("S1", "shaft", false, phase, Math.toRadians(15), 0.98);
        Job job = inLine(shaft, new LineEnd.Generator(0, 0, 0, 166, 0, 0));
        Vec3 out = Seating.of(job).driverCentre();
        DrivenEnd end = job.host().drivenEnd();
        return job.withHost(job.host()
                .withDrivenEnd(end.with(0, out.x() + aft).with(1, out.y() + 0.5).with(2, out.z() + aside)));
    }

    /** Both shafts parallel: equal angles, in phase they cancel; a quarter turn out of phase they add. */
    @Test
    void jointsInPhase_cancel_andOutOfPhaseSwing() {
        assertThat(severity(jointed(0, 0.08, 0), "line.joint-swing")).isEqualTo(Severity.GOOD);
        Finding swing = find(jointed(Math.PI / 2, 0.08, 0), "line.joint-swing").orElseThrow();
        double angle = Math.atan2(0.08, 0.5) * Math.sqrt(2);
        assertThat(swing.severity()).isEqualTo(Severity.WATCH);
        assertThat(swing.measured().orElseThrow().si()).isCloseTo(1 / Math.cos(angle) - Math.cos(angle), within(1e-9));
        assertThat(severity(jointed(0, 0.3, 0), "line.joint-angle")).isEqualTo(Severity.STOP);
        assertThat(severity(jointed(0, 0.08, 0.03), "line.joint-angle")).isEqualTo(Severity.GOOD);
    }

    private static Job belted(Stage belt) {
        return JOB.withLine(JOB.line().withStages(List.of(belt), List.of()));
    }

    @Test
    void beltOfTheWrongLength_isMendedByAnother() {
        Stage.Belt belt = new Stage.Belt("S1", "belt", true, 0.08, 0.2, 1.0, 0, 0.03, 0.01, 0.97);
        Examination examination = Examination.of(belted(belt));
        Finding tooShort = find(belted(belt), "line.belt").orElseThrow();
        assertThat(tooShort.severity()).isEqualTo(Severity.WATCH);
        Job mended = Cures.of(examination, tooShort).get(0).edit().applyTo(belted(belt));
        assertThat(severity(mended, "line.belt")).isEqualTo(Severity.GOOD);
        Stage.Belt hopeless = belt.withLength(0.3);
        assertThat(severity(belted(hopeless), "line.belt")).isEqualTo(Severity.STOP);
        Stage.Belt fat = new Stage.Belt("S1", "belt", true, 0.5, 0.5, 2.0, 0, 0.03, 0.01, 0.97);
        assertThat(severity(belted(fat), "line.no-belt")).isEqualTo(Severity.STOP);
    }

    @Test
    void variatorThatTakesHoldBelowIdle_creeps() {
        Stage early = new Stage.Variator("S1", "variator", 0.08, 0.16, 1.25, 0.45, 0.03, 50, 300, 0.85);
        assertThat(severity(belted(early), "line.engage")).isEqualTo(Severity.STOP);
        assertThat(severity(belted(early.with(5, 80.0)), "line.engage")).isEqualTo(Severity.GOOD);
        LineResult line = Examination.of(belted(early)).line();
        assertThat(line.stages().get(0).ratio())
                .isGreaterThan(line.stages().get(0).highRatio());
    }

    @Test
    void shortSpline_isTold() {
        ShaftEnd stub = new ShaftEnd(0.025, 0.012, "");
        Job job = JOB.withDonor(JOB.donor().withOutput(JOB.donor().output().withShaft(stub)));
        assertThat(severity(job, "line.spline")).isEqualTo(Severity.WATCH);
        assertThat(find(JOB, "line.spline")).isEmpty();
    }

    @Test
    void tyresThatSpinFirst_areTold() {
        // 20 N m in the lowest gear are 1212 N at the wheel; 1500 N of axle load grip with 1200 N.
        assertThat(severity(JOB, "line.grip")).isEqualTo(Severity.NOTE);
        DrivenEnd heavy = JOB.host().drivenEnd().with(5, 1600.0);
        assertThat(find(JOB.withHost(JOB.host().withDrivenEnd(heavy)), "line.grip"))
                .isEmpty();
    }

    private static Optional<Double> gap(Job job, String part, String other) {
        return Examination.of(job).ledger().all().stream()
                .filter(each -> each.donorPart().id().equals(part)
                        && each.obstacle().id().equals(other))
                .map(each -> each.separation().distance())
                .findFirst();
    }

    @Test
    void chain_isHeldAgainstAllButWhatItSitsOn() {
        // The axle lies in the driven sprocket; the donor's case is where the front sprocket sits; its pipe is hot.
        assertThat(gap(JOB, "S1", "K1")).isEmpty();
        assertThat(gap(JOB, "D1", "S1")).isEmpty();
        assertThat(gap(JOB, "D2", "S1")).isPresent();
        double toCross = gap(JOB, "S1", "H2").orElseThrow();
        Job larger = new LineEdit.SetTeeth("S1", 14, 44).applyTo(JOB);
        // Four teeth more stand out further by four pitches over two pi, nearly, on a sprocket that is no circle.
        assertThat(toCross - gap(larger, "S1", "H2").orElseThrow())
                .isCloseTo(4 * 0.015875 / (2 * Math.PI), within(1e-4));
    }

    @Test
    void jackshaft_isHeldAgainstTheDonorAndNotItsOwnBearers() {
        JackShaft shaft = new JackShaft(
                "J1",
                "jackshaft",
                new Vec3(0.25, 0, 0.4),
                Vec3.Y,
                0.03,
                0,
                0.12,
                0.05,
                List.of(-0.2, 0.25),
                9000,
                0,
                0,
                3.5e8,
                List.of("BR", "BL"));
        Stage first = new Stage.Chain("S0", "short", 0.0127, 14, 20, 18_000, 0.01, 0.97);
        Job job = new LineEdit.AddStage(0, first, shaft).applyTo(JOB);
        // The case ends at 0.35 m, the shaft's surface at 0.265 m.
        assertThat(gap(job, "D1", "J1").orElseThrow()).isCloseTo(0.085, within(1e-9));
        assertThat(gap(job, "J1", "H1L")).isEmpty();
        assertThat(gap(job, "J1", "H2")).isPresent();
        assertThat(gap(job, "J1", "S1")).isEmpty();
    }

    @Test
    void chainTooNearAPost_isMendedByOtherSprockets() {
        KeepOut post = KeepOut.still(
                "K9",
                "post",
                Category.FIXED,
                List.of(new Solid.Cylinder(new Vec3(0.19, 0.12, 0.1), new Vec3(0.19, 0.12, 0.2475), 0.01)));
        Job job = JOB.withHost(
                JOB.host().withKeepOuts(List.of(JOB.host().keepOuts().get(0), post)));
        Examination examination = Examination.of(job);
        Finding near = examination.findings().stream()
                .filter(each -> each.code().id().equals("seat.gap")
                        && each.where().ids().equals(List.of("S1", "K9")))
                .findFirst()
                .orElseThrow();
        assertThat(near.severity()).isIn(Severity.WATCH, Severity.STOP);
        List<Cure> cures = Cures.of(examination, near);
        assertThat(cures).hasSize(1);
        assertThat(cures.get(0).label().in(UnitStyle.MILLIMETRES)).startsWith("sprockets");
        Job mended = cures.get(0).edit().applyTo(job);
        assertThat(gap(mended, "S1", "K9").orElseThrow())
                .isGreaterThanOrEqualTo(job.build().room().moving());
    }
}
