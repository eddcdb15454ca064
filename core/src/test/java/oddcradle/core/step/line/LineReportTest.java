package oddcradle.core.step.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import oddcradle.core.cure.Cures;
import oddcradle.core.drive.JackShaft;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.drive.Stage;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.body.Freedom;
import oddcradle.core.job.donor.Output;
import oddcradle.core.job.donor.OutputForm;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.job.edit.LineEdit;
import oddcradle.core.job.host.DrivenEnd;
import oddcradle.core.job.host.MachineWeight;
import oddcradle.core.job.line.Datum;
import oddcradle.core.job.line.SwingArm;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.Seating;
import oddcradle.core.report.Cure;
import oddcradle.core.structure.LineResult;
import oddcradle.core.structure.StageResult;
import oddcradle.core.units.UnitStyle;
import org.junit.jupiter.api.Test;

class LineReportTest {
    private static final Job JOB = TestJobs.plain();
    private static final Stage.Chain CHAIN = (Stage.Chain) JOB.line().stages().get(0);

    private static Optional<Finding> find(Job job, String code) {
        return Examination.of(job).report(Step.LINE).findings().stream()
                .filter(each -> each.code().id().equals(code))
                .findFirst();
    }

    private static Finding finding(Job job, String code) {
        return find(job, code).orElseThrow(() -> new AssertionError("no finding " + code));
    }

    private static double figure(Job job, String name) {
        return Examination.of(job).report(Step.LINE).figures().stream()
                .filter(each -> each.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no figure " + name))
                .quantity()
                .si();
    }

    /** The first cure must do what it says. */
    private static void mendedByItsFirstCure(Job job, String code) {
        Examination examination = Examination.of(job);
        Finding found = finding(job, code);
        assertThat(found.severity()).isIn(Severity.STOP, Severity.WATCH);
        List<Cure> cures = Cures.of(examination, found);
        assertThat(cures).as(code).isNotEmpty();
        Job mended = cures.get(0).edit().applyTo(job);
        assertThat(find(mended, code).map(Finding::severity).orElse(Severity.GOOD))
                .isEqualTo(Severity.GOOD);
    }

    private static Job with(Datum datum) {
        return JOB.withLine(JOB.line().withDatum(datum));
    }

    @Test
    void datum_decidesWhatItsGeometryHolds() {
        Datum plane = Datum.of(Datum.Rule.DRIVE_PLANE, "");
        assertThat(plane.decides(Vec3.Y)).containsExactly(Freedom.LEFT, Freedom.YAW, Freedom.ROLL);
        Datum line = Datum.of(Datum.Rule.SHAFT_COAXIAL, "");
        assertThat(line.decides(Vec3.X)).containsExactly(Freedom.LEFT, Freedom.UP, Freedom.YAW, Freedom.PITCH);
        assertThat(Datum.FREE.decides(Vec3.X)).isEmpty();
        assertThat(Datum.of(Datum.Rule.HOLE_PATTERN, "").decides(Vec3.X)).hasSize(6);
        assertThat(Examination.of(with(plane)).openFreedoms())
                .containsExactly(Freedom.FORWARD, Freedom.UP, Freedom.PITCH);
        assertThatThrownBy(() -> Datum.of(Datum.Rule.PIVOT_BOLT, "")).hasMessageContaining("pivot is missing");
    }

    @Test
    void seatThatIsLooseWhereTheDatumDecides_isHeldByTheCure() {
        Job loose =
                new JobEdit.HoldSeat(Freedom.LEFT, false).applyTo(with(Datum.of(Datum.Rule.DRIVE_PLANE, "the chain")));
        assertThat(finding(loose, "line.datum-loose").what().in(UnitStyle.MILLIMETRES))
                .contains("left");
        mendedByItsFirstCure(loose, "line.datum-loose");
    }

    @Test
    void datumThatContradictsTheDrive_saysSo() {
        assertThat(finding(with(Datum.of(Datum.Rule.SHAFT_COAXIAL, "")), "line.datum-contradicts")
                        .severity())
                .isEqualTo(Severity.STOP);
        assertThat(find(with(Datum.of(Datum.Rule.DRIVE_PLANE, "")), "line.datum-contradicts"))
                .isEmpty();
    }

    @Test
    void pivotBolt_wantsItsBossOnTheAxisAndACollarTurned() {
        Vec3 boss = Seating.of(JOB).boss("B3");
        Datum.Pivot pivot =
                new Datum.Pivot("B3", boss.plus(new Vec3(0.003, 0, -0.002)), Vec3.Y, 0.006, 0.03, 0.0001, 0.00002);
        Job job = with(new Datum(Datum.Rule.PIVOT_BOLT, "", Optional.of(pivot), Optional.empty()));
        mendedByItsFirstCure(job, "line.pivot");
        assertThat(figure(job, "pivot: boss off its axis")).isCloseTo(Math.hypot(0.003, 0.002), within(1e-12));
        // Bore 10.2 mm pressed 0.02, bolt 6 mm with 0.1 of play.
        assertThat(figure(job, "collar: outside")).isCloseTo(0.01022, within(1e-12));
        assertThat(figure(job, "collar: bore")).isCloseTo(0.0061, within(1e-12));
        assertThat(figure(job, "collar: wall")).isCloseTo(0.00206, within(1e-12));
        Job tooThick = with(new Datum(Datum.Rule.PIVOT_BOLT, "", Optional.of(pivot.with(3, 0.012)), Optional.empty()));
        assertThat(finding(tooThick, "line.collar").severity()).isEqualTo(Severity.STOP);
    }

    @Test
    void thrustLineOffItsAngles_isTurnedByTheCure() {
        Output propeller =
                JOB.donor().output().withForm(OutputForm.PROPELLER_FLANGE).withPlace(new Vec3(0.3, 0, 0), Vec3.X);
        Job direct = JOB.withDonor(JOB.donor().withOutput(propeller))
                .withLine(JOB.line().withStages(List.of(), List.of()));
        Datum.Thrust wanted = new Datum.Thrust(
                Seating.of(direct).driverCentre(), Math.toRadians(2), Math.toRadians(-1.5), Math.toRadians(0.2));
        Job job = direct.withLine(
                direct.line().withDatum(new Datum(Datum.Rule.THRUST_LINE, "", Optional.empty(), Optional.of(wanted))));
        mendedByItsFirstCure(job, "line.thrust");
        LineEnd.Propeller disc = new LineEnd.Propeller(1.2, 0.4, 50, 0.05, 0, 0.05, 1.4, 0, true, 2);
        Job low = job.withLine(job.line().withEnd(Optional.of(disc)));
        // The flange stands 0.4 m up: a disc of 1.2 m digs in by 0.2 m.
        assertThat(figure(low, "propeller over the ground")).isCloseTo(-0.2, within(1e-9));
        assertThat(finding(low, "line.propeller-ground").severity()).isEqualTo(Severity.STOP);
    }

    @Test
    void couplingOutOfLine_isMendedBySlidingTheEngine() {
        Stage coupling = new Stage.Coupling("S1", "coupling", 0.0005, 0.02, 900);
        Output output = JOB.donor().output().withForm(OutputForm.COUPLING);
        Job job = JOB.withDonor(JOB.donor().withOutput(output))
                .withLine(JOB.line().withStages(List.of(coupling), List.of()));
        DrivenEnd near =
                JOB.host().drivenEnd().with(0, Seating.of(job).driverCentre().x() + 0.02);
        job = job.withHost(job.host()
                .withDrivenEnd(near.with(2, Seating.of(job).driverCentre().z())));
        assertThat(figure(job, "shaft centres apart")).isCloseTo(0.02, within(1e-12));
        mendedByItsFirstCure(job, "line.radial");
    }

    private static JackShaft jackshaft(double od) {
        return new JackShaft(
                "J1",
                "jackshaft",
                new Vec3(0.2, 0, 0.42),
                Vec3.Y,
                od,
                0,
                0.12,
                0.05,
                List.of(-0.1, 0.25),
                9_000,
                0.003,
                0.006,
                3.5e8,
                List.of("BR", "BL"));
    }

    private static Job twoChains(double od) {
        Stage first = new Stage.Chain("S0", "short chain", 0.0127, 14, 20, 18_000, 0.01, 0.97);
        Job job = new LineEdit.AddStage(0, first, jackshaft(od)).applyTo(JOB);
        DrivenEnd end = job.host().drivenEnd();
        return job.withHost(job.host().withDrivenEnd(end.shifted(0.05 - end.sprocketOffset())));
    }

    @Test
    void secondStage_multipliesRatioAndPullAndLoadsItsShaft() {
        Job job = twoChains(0.03);
        LineResult line = Examination.of(job).line();
        assertThat(line.overallRatio(job.donor().engine(), 0)).isCloseTo(2.5 * 2.5 * 20 / 14 * 40 / 14, within(1e-12));
        StageResult first = line.stages().get(0);
        StageResult second = line.stages().get(1);
        double torque = 20 * 2.5 * 2.5 * 0.97 * 20 / 14 * 0.95;
        assertThat(second.byEngine()).isCloseTo(torque / CHAIN.driverRadius(), within(1e-6));
        assertThat(second.byGrip()).isCloseTo(0.8 * 1500 * 0.28 / CHAIN.drivenRadius(), within(1e-6));
        assertThat(first.byGrip() * first.stage().drivenRadius() * 40 / 14).isCloseTo(0.8 * 1500 * 0.28, within(1e-6));
        assertThat(Examination.of(job).load().answer().orElseThrow().cases())
                .allMatch(each -> each.equilibriumError() < 1e-9);
        // Chain forces on the jackshaft come back on its two bearings.
        JackShaftResult shaft =
                JackShaftResult.of(jackshaft(0.03), first, second, 1.5).orElseThrow();
        Vec3 sum = shaft.reactions().get(0).plus(shaft.reactions().get(1));
        Vec3 pulls = first.driving()
                .sprocketCentre()
                .minus(first.driven().sprocketCentre())
                .withoutPartAlong(Vec3.Y)
                .unit()
                .times(first.design())
                .plus(second.driven()
                        .sprocketCentre()
                        .minus(second.driving().sprocketCentre())
                        .withoutPartAlong(Vec3.Y)
                        .unit()
                        .times(second.design()));
        assertThat(sum.plus(pulls).length()).isLessThan(1e-6 * second.design());
    }

    @Test
    void thinJackshaft_isMendedByAThickerOne() {
        mendedByItsFirstCure(twoChains(0.016), "line.shaft-stress");
        assertThat(finding(twoChains(0.04), "line.critical").severity()).isEqualTo(Severity.GOOD);
        assertThatThrownBy(() -> jackshaft(0.03).with(10, 0.02)).hasMessageContaining("thinner than its key");
    }

    @Test
    void planesOfTheSecondStage_arePackedOnItsShafts() {
        Job crooked = new LineEdit.SetShaft(jackshaft(0.03).withWheels(0.12, 0.06)).applyTo(twoChains(0.03));
        Examination examination = Examination.of(crooked);
        Finding offset = examination.findings().stream()
                .filter(each -> each.code().id().equals("line.offset")
                        && each.where().ids().contains("S1"))
                .findFirst()
                .orElseThrow();
        assertThat(offset.severity()).isEqualTo(Severity.STOP);
        for (Cure cure : Cures.of(examination, offset)) {
            LineResult mended = Examination.of(cure.edit().applyTo(crooked)).line();
            assertThat(mended.stages().get(1).alignment().offset()).isCloseTo(0, within(1e-12));
        }
    }

    @Test
    void stages_areAddedMovedAndTakenOutWithTheirShafts() {
        Job two = twoChains(0.03);
        Job turned = new LineEdit.ForwardStage("S1").applyTo(two);
        assertThat(turned.line().stages().get(0).id()).isEqualTo("S1");
        assertThat(turned.line().shafts()).isEqualTo(two.line().shafts());
        Job one = new LineEdit.DropStage("S0").applyTo(two);
        assertThat(one.line().stages()).containsExactly(CHAIN);
        assertThat(one.line().shafts()).isEmpty();
        assertThatThrownBy(() -> new LineEdit.DropStage("S9").applyTo(two)).isInstanceOf(InvalidValue.class);
        assertThatThrownBy(() -> new LineEdit.AddStage(0, CHAIN, jackshaft(0.03)).applyTo(JOB))
                .hasMessageContaining("loop");
    }

    @Test
    void biggerSprocketsThatGearUp_areSaidInWords() {
        Job job = new LineEdit.SetTeeth("S1", 17, 43).applyTo(JOB);
        assertThat(finding(job, "line.taller").what().in(UnitStyle.MILLIMETRES)).contains("less reduction", "11.5 %");
        assertThat(find(new LineEdit.SetTeeth("S1", 15, 46).applyTo(JOB), "line.taller"))
                .isEmpty();
    }

    @Test
    void sprocketOfAnotherPitch_doesNotRunOnThisChain() {
        Job job = JOB.withHost(JOB.host().withDrivenEnd(JOB.host().drivenEnd().with(8, 0.0127)));
        assertThat(finding(job, "line.pitch").severity()).isEqualTo(Severity.STOP);
    }

    @Test
    void swingArm_tellsTravelAndSquat() {
        SwingArm arm = new SwingArm(new Vec3(0.45, 0, 0.3), 0.45, 0.2, -0.2, true);
        Job job = JOB.withLine(JOB.line().withSwingArm(Optional.of(arm)));
        Vec3 front = Seating.of(job).driverCentre();
        DoubleUnaryOperator centre = below ->
                Math.hypot(front.x() - 0.45 + 0.45 * Math.cos(below), front.z() - 0.3 + 0.45 * Math.sin(below));
        double most = 0;
        double least = 1;
        for (int k = -2000; k <= 2000; k++) {
            most = Math.max(most, centre.applyAsDouble(0.2 * k / 2000));
            least = Math.min(least, centre.applyAsDouble(0.2 * k / 2000));
        }
        assertThat(figure(job, "chain: slackens through the travel by")).isCloseTo(most - least, within(1e-6));
        assertThat(find(job, "line.squat")).isPresent();
        assertThatThrownBy(() -> new SwingArm(Vec3.ZERO, 0.4, -0.1, 0.1, true)).hasMessageContaining("swap them");
    }

    /**
     * By the line from the tyre's contact to where chain run and arm meet (Foale, Motorcycle Handling and Chassis Design, from memory):
     * its slope is what thrust takes off the spring.
     */
    @Test
    void squat_isTheSlopeOfTheLineToWhereChainAndArmMeet() {
        for (double pivotZ : new double[] {0.24, 0.3, 0.38}) {
            SwingArm arm = new SwingArm(new Vec3(0.45, 0, pivotZ), 0.45, 0.25, -0.05, true);
            Job job = JOB.withLine(JOB.line().withSwingArm(Optional.of(arm)));
            Vec3 front = Seating.of(job).driverCentre();
            double axleX = 0.45 - 0.45 * Math.cos(0.1);
            double axleZ = pivotZ - 0.45 * Math.sin(0.1);
            double r1 = 0.015875 / Math.sin(Math.PI / 14) / 2;
            double r2 = 0.015875 / Math.sin(Math.PI / 40) / 2;
            // Where the upper run leaves both sprockets: square to it, by the difference of their radii over the
            // centres.
            double level = Math.atan2(front.z() - axleZ, front.x() - axleX);
            double run = level - Math.asin((r2 - r1) / Math.hypot(front.x() - axleX, front.z() - axleZ));
            double rearX = axleX - r2 * Math.sin(run);
            double rearZ = axleZ + r2 * Math.cos(run);
            double chainSlope = Math.tan(run);
            double armSlope = (pivotZ - axleZ) / (0.45 - axleX);
            double meetX = (pivotZ - rearZ + chainSlope * rearX - armSlope * 0.45) / (chainSlope - armSlope);
            double meetZ = rearZ + chainSlope * (meetX - rearX);
            double slope = (meetZ - (axleZ - 0.28)) / (meetX - axleX);
            assertThat(figure(job, "thrust presses the arm up by, per thrust")).isCloseTo(-slope, within(1e-9));
        }
    }

    /** Energy and power by hand: full power against air at the top. */
    @Test
    void roadChart_endsWherePowerMeetsTheAir() {
        LineEnd.Road road = new LineEnd.Road(1.2, 0, Optional.of(new LineEnd.Brakes(2, 460, 1)));
        Job job = JOB.withLine(JOB.line().withEnd(Optional.of(road)))
                .withHost(JOB.host().withWeight(Optional.of(new MachineWeight(170, Vec3.ZERO))));
        RoadChart chart = Examination.of(job).roadChart().orElseThrow();
        double ratio = 2.5 * 1.2 * 40 / 14;
        double force = 20 * ratio * 0.95 / 0.28;
        // No curve: the torque is level, the force too, until the engine ends at cruise.
        double byAir = Math.sqrt(force / (1.225 / 2 * 1.2));
        double byEngine = 500 / ratio * 0.28;
        assertThat(chart.topSpeed()).isCloseTo(Math.min(byAir, byEngine), within(1e-9));
        double energy = 200 * chart.topSpeed() * chart.topSpeed() / 2;
        assertThat(figure(job, "one stop from top speed")).isCloseTo(energy, within(1e-6));
        assertThat(figure(job, "that heats the brake discs by")).isCloseTo(energy / 920, within(1e-9));
    }
}
