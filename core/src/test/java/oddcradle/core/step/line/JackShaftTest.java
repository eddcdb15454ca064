package oddcradle.core.step.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.List;
import java.util.Optional;
import oddcradle.core.drive.JackShaft;
import oddcradle.core.drive.Stage;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.edit.LineEdit;
import oddcradle.core.job.host.DrivenEnd;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.MountedDonor;
import oddcradle.core.placement.Seating;
import oddcradle.core.reference.Elimination;
import oddcradle.core.structure.LineResult;
import oddcradle.core.structure.StageResult;
import oddcradle.core.vibration.Mount;
import oddcradle.core.vibration.MountedBody;
import org.junit.jupiter.api.Test;

/** A jackshaft between two chains of the test job, its figures worked out again by hand. */
class JackShaftTest {
    private static final JackShaft SHAFT = new JackShaft(
            "J1",
            "jackshaft",
            new Vec3(0.2, 0, 0.42),
            Vec3.Y,
            0.03,
            0,
            0.12,
            0.05,
            List.of(0.0, 0.2),
            9_000,
            0.004,
            0.008,
            3.5e8,
            List.of());

    private static Job with(JackShaft shaft) {
        Stage first = new Stage.Chain("S0", "short chain", 0.0127, 14, 20, 18_000, 0.01, 0.97);
        Job job = new LineEdit.AddStage(0, first, shaft).applyTo(TestJobs.plain());
        DrivenEnd end = job.host().drivenEnd();
        return job.withHost(job.host().withDrivenEnd(end.shifted(0.05 - end.sprocketOffset())));
    }

    private static double figure(Job job, String name) {
        return Examination.of(job).report(Step.LINE).figures().stream()
                .filter(each -> each.name().equals("jackshaft: " + name))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no figure " + name))
                .quantity()
                .si();
    }

    private static Optional<Finding> find(Job job, String code) {
        return Examination.of(job).report(Step.LINE).findings().stream()
                .filter(each -> each.code().id().equals(code))
                .findFirst();
    }

    private static Vec3 pull(StageResult stage, boolean onDriven) {
        Vec3 way = stage.driving()
                .sprocketCentre()
                .minus(stage.driven().sprocketCentre())
                .withoutPartAlong(Vec3.Y);
        return way.unit().times(onDriven ? stage.design() : -stage.design());
    }

    /** Levers about each bearing in both planes. */
    @Test
    void bearingLoads_areTheLeversOfBothPulls() {
        Job job = with(SHAFT);
        LineResult line = Examination.of(job).line();
        Vec3 in = pull(line.stages().get(0), true);
        Vec3 out = pull(line.stages().get(1), false);
        Vec3 second = in.times(0.12 / 0.2).plus(out.times(0.05 / 0.2));
        Vec3 first = in.plus(out).minus(second);
        assertThat(figure(job, "bearing 1 carries")).isCloseTo(first.length(), within(1e-6 * first.length()));
        assertThat(figure(job, "bearing 2 carries")).isCloseTo(second.length(), within(1e-6 * second.length()));
        // The moment is largest at one of the two wheels.
        double moment = Math.max(first.length() * 0.05, second.length() * 0.08);
        double torque =
                line.stages().get(1).design() * line.stages().get(1).stage().driverRadius();
        double bending = 32 * moment / (Math.PI * Math.pow(0.03, 3));
        double shear = 16 * torque / (Math.PI * Math.pow(0.03, 3));
        double stress = Math.sqrt(bending * bending + 3 * shear * shear) / 0.75;
        assertThat(figure(job, "stress")).isCloseTo(stress, within(1e-6 * stress));
        assertThat(figure(job, "key at least this long")).isCloseTo(2 * torque / (0.03 * 0.004 * 100e6), within(1e-9));
    }

    /** By hand: what the engine gives and what the tyres take at the shaft, in both gears; damage of both adds up. */
    @Test
    void bearingLife_isAtFullTorqueAsFarAsTheTyresTakeIt_inEveryGear() {
        Job job = with(SHAFT);
        double worst = Math.max(figure(job, "bearing 1 carries"), figure(job, "bearing 2 carries"));
        double grip = 0.8 * 1500 * 0.28 / (40.0 / 14);
        double low = 20 * 2.5 * 2.5 * 0.97 * (20.0 / 14) * 0.95;
        assertThat(low).isGreaterThan(grip);
        double high = low * 1.2 / 2.5;
        assertThat(high).isLessThan(grip);
        // The bearings were worked out with 1.5 times what the tyres take.
        double first = hours(9000 / (worst / 1.5), 400 / 2.5 / 2.5 / (20.0 / 14));
        double second = hours(9000 / (worst / 1.5 * high / grip), 400 / 2.5 / 1.2 / (20.0 / 14));
        // Teeth and pitch circles tell the ratio of a chain alike to some parts in a thousand.
        double hours = 2 / (1 / first + 1 / second);
        assertThat(figure(job, "bearing life L10, hours")).isCloseTo(hours, withinPercentage(1.5));
        JackShaft unknown = SHAFT.with(9, 0);
        assertThat(find(with(unknown), "line.bearing-life").orElseThrow().severity())
                .isEqualTo(Severity.NOT_CHECKED);
    }

    /** ISO 281 (from memory): millions of turns are the cube of rating over load. */
    private static double hours(double ratingOverLoad, double speed) {
        return Math.pow(ratingOverLoad, 3) * 1e6 / (speed / 2 / Math.PI) / 3600;
    }

    @Test
    void placesAlongTheShaft_giveTheSpacers() {
        Job job = with(SHAFT);
        assertThat(figure(job, "bearing 1 to driving wheel")).isCloseTo(0.05, within(1e-12));
        assertThat(figure(job, "driving wheel to driven wheel")).isCloseTo(0.07, within(1e-12));
        assertThat(figure(job, "driven wheel to bearing 2")).isCloseTo(0.08, within(1e-12));
    }

    @Test
    void wheelFarOverItsBearing_wantsAnother() {
        JackShaft over = SHAFT.with(
                List.of(0.2, 0.0, 0.42, 0.05, 0.0, 0.12, 0.05, 0.0, 0.05, 9000.0, 0.004, 0.008, 3.5e8, 0.0, 0.0, 0.0));
        assertThat(find(with(over), "line.overhung").orElseThrow().severity()).isEqualTo(Severity.WATCH);
        assertThat(find(with(SHAFT), "line.overhung")).isEmpty();
    }

    @Test
    void shaftOnGears_isTheGearMakersAffair() {
        JackShaft held = SHAFT.with(
                List.of(0.2, 0.0, 0.42, 0.03, 0.0, 0.12, 0.05, 0.0, 0.0, 0.0, 0.004, 0.008, 3.5e8, 0.0, 0.0, 0.0));
        assertThat(held.bearings()).isEmpty();
        assertThat(find(with(held), "line.shaft-held").orElseThrow().severity()).isEqualTo(Severity.NOT_CHECKED);
        assertThat(find(with(held), "line.shaft-stress")).isEmpty();
    }

    @Test
    void thinLongShaft_turnsTooFast() {
        JackShaft slender = new JackShaft(
                "J1",
                "jackshaft",
                new Vec3(0.2, 0, 0.42),
                Vec3.Y,
                0.012,
                0,
                0.12,
                0.05,
                List.of(-0.9, 0.9),
                9_000,
                0,
                0,
                3.5e8,
                List.of());
        assertThat(find(with(slender), "line.critical").orElseThrow().severity())
                .isEqualTo(Severity.STOP);
    }

    /** Den Hartog, Mechanical Vibrations (from memory): a wheel in the middle, and 17/35 of the bar with it, on 48 E I / L^3. */
    @Test
    void heavyWheelInTheMiddle_lowersTheCriticalSpeed() {
        JackShaft loaded = middle(0.02, 1e12, 12);
        double bar = 7850 * Math.PI / 4 * 0.02 * 0.02 * 0.6;
        double stiffness = 48 * 205e9 * Math.PI / 64 * Math.pow(0.02, 4) / Math.pow(0.6, 3);
        assertThat(figure(with(loaded), "first critical speed"))
                .isCloseTo(Math.sqrt(stiffness / (12 + 17.0 / 35 * bar)), withinPercentage(1));
    }

    @Test
    void softBearings_letAStiffShaftBounce() {
        JackShaft loaded = middle(0.08, 1e5, 30);
        double bar = 7850 * Math.PI / 4 * 0.08 * 0.08 * 0.61;
        assertThat(figure(with(loaded), "first critical speed"))
                .isCloseTo(Math.sqrt(2 * 1e5 / (30 + bar)), withinPercentage(1));
    }

    /** Both wheels together in the middle of bearings 0.6 m apart. */
    private static JackShaft middle(double od, double bearing, double wheels) {
        return new JackShaft(
                "J1",
                "jackshaft",
                new Vec3(0.2, 0, 0.42),
                Vec3.Y,
                od,
                0,
                0.12,
                0.12,
                List.of(-0.18, 0.42),
                9_000,
                0,
                0,
                3.5e8,
                List.of(),
                wheels / 2,
                wheels / 2,
                bearing);
    }

    /** Nobody has weighed the wheels: steel discs of their size, against the bare shaft of before. */
    @Test
    void wheelsBySize_andBearingsAsUsual_lowerTheCriticalSpeedOfAShortShaft() {
        double bare = JackShaftResult.model(SHAFT).orElseThrow().criticalSpeed();
        double real = figure(with(SHAFT), "first critical speed");
        assertThat(real).isBetween(0.05 * bare, 0.6 * bare);
    }

    /** The planes of the first stage move with the donor on its pads; in a frame that hardly gives by those alone. */
    @Test
    void softMounts_shiftTheLineAsTheBodyMoves() {
        Job job = TestJobs.stiff();
        Seating seating = Seating.of(job);
        MountedBody body = MountedDonor.of(job);
        Vec3 arm = seating.driverCentre().minus(seating.mass().cg());
        StageResult chain = Examination.of(job).line().stages().get(0);
        Vec3 pull = pull(chain, true).negated();
        Vec3 moment = arm.cross(pull);
        double[] x = Elimination.solve(
                stiffness(body), new double[] {pull.x(), pull.y(), pull.z(), moment.x(), moment.y(), moment.z()});
        double expected = new Vec3(x[0], x[1], x[2])
                .plus(new Vec3(x[3], x[4], x[5]).cross(arm))
                .dot(Vec3.Y);
        // The chain pulls in its true tangent here, beside the line of centres there.
        double told = shifted(job, "full throttle") - shifted(job, "standing");
        assertThat(told).isCloseTo(expected, withinPercentage(20));
    }

    private static double shifted(Job job, String load) {
        return Examination.of(job).report(Step.LINE).figures().stream()
                .filter(each -> each.name().endsWith(": " + load + " shifts its plane by"))
                .findFirst()
                .orElseThrow()
                .quantity()
                .si();
    }

    /** Of six movements about the centre of gravity: what each mount pushes back with, summed mount by mount. */
    private static double[][] stiffness(MountedBody body) {
        double[][] k = new double[6][6];
        for (int column = 0; column < 6; column++) {
            Vec3 shift = column < 3 ? unit(column) : Vec3.ZERO;
            Vec3 turn = column < 3 ? Vec3.ZERO : unit(column - 3);
            for (Mount mount : body.mounts()) {
                Vec3 moved = shift.plus(turn.cross(mount.position()));
                Vec3 own = mount.axes().times(moved);
                Vec3 spring = mount.stiffness();
                Vec3 force = mount.axes()
                        .transposed()
                        .times(new Vec3(own.x() * spring.x(), own.y() * spring.y(), own.z() * spring.z()));
                Vec3 moment = mount.position().cross(force);
                double[] all = {force.x(), force.y(), force.z(), moment.x(), moment.y(), moment.z()};
                for (int row = 0; row < 6; row++) {
                    k[row][column] += all[row];
                }
            }
        }
        return k;
    }

    private static Vec3 unit(int axis) {
        return List.of(Vec3.X, Vec3.Y, Vec3.Z).get(axis);
    }
}
