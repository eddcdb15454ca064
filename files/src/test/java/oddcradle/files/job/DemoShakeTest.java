package oddcradle.files.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.cure.Cures;
import oddcradle.core.engine.Throttle;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Severity;
import oddcradle.core.frame.CoupledResponse;
import oddcradle.core.frame.DampedMount;
import oddcradle.core.frame.ResponseInput;
import oddcradle.core.frame.ResponseResult;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.math.Vec3;
import oddcradle.core.mounting.BondedPad;
import oddcradle.core.placement.CrankPlace;
import oddcradle.core.placement.MountedDonor;
import oddcradle.core.report.Cure;
import oddcradle.core.search.ShakeMaps;
import oddcradle.core.step.line.LineFinding;
import oddcradle.core.step.shake.ShakeFinding;
import oddcradle.core.structure.EngineShaking;
import oddcradle.core.structure.Excitation;
import oddcradle.core.structure.OrderMap;
import oddcradle.core.structure.ShakeWatch;
import oddcradle.core.structure.ShakenFrame;
import oddcradle.core.vibration.HarmonicWrench;
import oddcradle.core.vibration.Mode;
import oddcradle.core.vibration.Mount;
import oddcradle.core.vibration.MountedBody;
import oddcradle.core.vibration.RigidBodyModes;
import oddcradle.core.vibration.Transmissibility;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * Shaking of the demos against figures of an independent program, worked out with the rubber as stiff as under a steady load and with
 * its middle at the bosses.
 */
class DemoShakeTest {
    private static double torqueThrough(Job job, double frequency) {
        return Transmissibility.moment(atBosses(job), CrankPlace.of(job).axis(), frequency);
    }

    private static MountedBody atBosses(Job job) {
        MountedBody body = MountedDonor.of(job);
        Vec3 cg = job.donor().mass().cg();
        List<Mount> mounts = new ArrayList<>();
        for (int k = 0; k < body.mounts().size(); k++) {
            Mount mount = body.mounts().get(k);
            Vec3 boss = job.donor()
                    .boss(job.cradle().isolators().get(k).boss())
                    .orElseThrow()
                    .position();
            Vec3 at = job.seat().pose().rotation().times(boss.minus(cg));
            mounts.add(new Mount(mount.name(), at, mount.axes(), mount.stiffness(), mount.loss()));
        }
        return new MountedBody(body.body(), mounts, body.gravity());
    }

    /** Pads have their middle between lug and tube: beside the centre of gravity by 10 to 70 mm less or more than their bosses. */
    @ParameterizedTest
    @EnumSource(DemoJobs.class)
    void rubberStandsWhereItIs_notAtTheBoss(DemoJobs demo) {
        Job job = demo.load().job();
        if (!job.cradle().isSoft()) {
            assertThat(MountedDonor.of(job)).isEqualTo(atBosses(job));
            return;
        }
        MountedBody real = MountedDonor.of(job);
        MountedBody bosses = atBosses(job);
        for (int k = 0; k < real.mounts().size(); k++) {
            Vec3 off =
                    real.mounts().get(k).position().minus(bosses.mounts().get(k).position());
            Vec3 axis = job.cradle().isolators().get(k).axis().unit();
            assertThat(off.length()).isBetween(0.01, 0.07);
            assertThat(off.cross(axis).length()).isLessThan(1e-12);
        }
    }

    private static double hertz(double radians) {
        return radians / (2 * Math.PI);
    }

    private static double nearestMode(MountedBody body, double frequency) {
        return RigidBodyModes.solve(body).answer().orElseThrow().modes().stream()
                .mapToDouble(Mode::frequencyHz)
                .map(mode -> Math.abs(mode / frequency - 1))
                .min()
                .orElseThrow();
    }

    @Test
    void firingOfTheRunabout_turnsTheFrameMoreThanTheBlock_andSofterRubberMakesItWorse() {
        Job job = DemoJobs.SALTMARSH_RUNABOUT.load().job();
        double idle = hertz(job.donor().engine().idleSpeed());
        assertThat(torqueThrough(job, idle)).isCloseTo(2.12, within(0.005));
        List<String> all = job.cradle().isolators().stream().map(Isolator::id).toList();
        assertThat(torqueThrough(new JobEdit.SetHardness(all, 55).applyTo(job), idle))
                .isCloseTo(3.57, within(0.005));
    }

    private static Job onPads(Job job, BondedPad pad) {
        return job.withCradle(job.cradle()
                .withIsolators(job.cradle().isolators().stream()
                        .map(each -> each.withElement(pad).withLoss(0.1))
                        .toList()));
    }

    /** The engine alone on soft pads, idling at 1100 rpm, as the demo stood when those figures were worked out. */
    private static Job hutOnSoftPads() {
        Job job = onPads(DemoJobs.HUT_SKID.load().job(), new BondedPad(0.036, 0.04, 40));
        Engine engine = job.donor().engine().withIdleSpeed(1100 * Math.PI / 30);
        return job.withDonor(job.donor().withEngine(engine));
    }

    @Test
    void twinOnOnePin_firesUnevenly_andItsHalfOrderMeetsModes() {
        Job job = hutOnSoftPads();
        double half = hertz(job.donor().engine().idleSpeed()) / 2;
        assertThat(half).isCloseTo(9.2, within(0.05));
        assertThat(torqueThrough(job, half)).isCloseTo(3.7, within(0.05));
        Finding torsion = Examination.of(job).findings().stream()
                .filter(finding -> finding.code() == LineFinding.TORSION)
                .findFirst()
                .orElseThrow();
        assertThat(torsion.measured().orElseThrow().si()).isCloseTo(0.15, within(0.01));
        assertThat(torsion.severity()).isEqualTo(Severity.STOP);
    }

    @Test
    void flatFour_idlesOnItsModes() {
        Job job = onPads(DemoJobs.WHIMBREL.load().job(), new BondedPad(0.054, 0.03, 50));
        double once = hertz(job.donor().engine().idleSpeed());
        MountedBody still = atBosses(job);
        // Once a turn at 14.2 Hz beside 13.9 Hz, the half order at 7.1 Hz beside 7.05 Hz.
        assertThat(nearestMode(still, once)).isLessThan(0.025);
        assertThat(nearestMode(still, once / 2)).isLessThan(0.01);
    }

    /** What is offered makes nothing at Shake worse. */
    @ParameterizedTest
    @EnumSource(
            value = DemoJobs.class,
            mode = EnumSource.Mode.EXCLUDE,
            names = {"PIER_PORTER", "REED_CUTTER"})
    void cures_makeNothingWorse(DemoJobs demo) {
        Job job = demo.load().job();
        Examination before = Examination.of(job);
        List<Finding> bad = before.findings().stream()
                .filter(finding -> finding.code() instanceof ShakeFinding
                        && finding.severity().isWorseThan(Severity.NOTE))
                .toList();
        assertThat(bad).isNotEmpty();
        for (Finding finding : bad) {
            for (Cure cure : Cures.of(before, finding)) {
                Examination after = Examination.of(cure.edit().applyTo(job));
                assertThat(after.findings())
                        .filteredOn(each -> each.code() == finding.code())
                        .allMatch(each -> !each.severity().isWorseThan(Severity.NOTE));
                long stops = stops(before);
                assertThat(stops(after)).isLessThanOrEqualTo(stops);
            }
        }
    }

    private static long stops(Examination examination) {
        return examination.findings().stream()
                .filter(finding -> finding.code() instanceof ShakeFinding && finding.severity() == Severity.STOP)
                .count();
    }

    /** Firing makes no vertical force: what pushes up and down at idle is what goes to and fro, and it is balanced here. */
    @Test
    void balancedTwin_pushesNothingAtItsFiring() {
        EngineShaking idle = Examination.of(DemoJobs.SALTMARSH_RUNABOUT.load().job())
                .shake()
                .answer()
                .orElseThrow()
                .idle();
        EngineShaking.Order first = idle.orders().stream()
                .filter(order -> order.order() == 1)
                .findFirst()
                .orElseThrow();
        assertThat(first.force()).isLessThan(20);
        assertThat(first.torque()).isBetween(5.0, 15.0);
    }

    /** Natural rubber is a quarter stiffer in frost (common practice), so every mode lies higher by the root of 1.25. */
    @Test
    void frost_liftsEveryMode_andIsToldWhereItMakesIdleWorse() {
        Job whimbrel = DemoJobs.WHIMBREL.load().job();
        List<Mode> warm = RigidBodyModes.solve(MountedDonor.shaking(whimbrel))
                .answer()
                .orElseThrow()
                .modes();
        List<Mode> cold = RigidBodyModes.solve(MountedDonor.shakingCold(whimbrel))
                .answer()
                .orElseThrow()
                .modes();
        for (int k = 0; k < 6; k++) {
            assertThat(cold.get(k).frequencyHz() / warm.get(k).frequencyHz()).isCloseTo(Math.sqrt(1.25), within(1e-9));
        }
        assertThat(Examination.of(DemoJobs.HUT_SKID.load().job()).findings())
                .anyMatch(each -> each.code() == ShakeFinding.COLD)
                .noneMatch(each -> each.code() == ShakeFinding.IDLE && each.severity() != Severity.GOOD);
        assertThat(Examination.of(whimbrel).findings()).noneMatch(each -> each.code() == ShakeFinding.COLD);
    }

    /** The largest frame there is here, whose many tubes ring by themselves: by its modes, and solved at once without any. */
    @Test
    void driverOfTheRunabout_feelsAtCruise_whatTheWholeSolvedAtOnceSays() {
        ShakeMaps.Setting setting = ShakeMaps.setting(
                        Examination.of(DemoJobs.SALTMARSH_RUNABOUT.load().job()))
                .orElseThrow();
        Excitation cruise = Excitation.of(
                setting.engines(),
                setting.donor(),
                List.of(setting.donor().get(0).cruiseSpeed()),
                Throttle.FULL);
        OrderMap map = ShakenFrame.of(
                        setting.frame(), setting.mountNodes(), setting.feet(), List.of(), setting.watches(), List.of())
                .orElseThrow()
                .map(setting.mounts(), setting.body(), cruise);
        int driver = map.of(ShakeWatch.Kind.FRAME_VELOCITY).get(0);
        String node = map.watches().get(driver).id();
        List<DampedMount> mounts = new ArrayList<>();
        for (int k = 0; k < setting.mounts().size(); k++) {
            Mount mount = setting.mounts().get(k);
            mounts.add(new DampedMount(
                    mount.name(),
                    setting.mountNodes().get(k),
                    setting.body().cg().plus(mount.position()),
                    mount.axes(),
                    mount.stiffness(),
                    mount.loss()));
        }
        CoupledResponse whole = CoupledResponse.of(new ResponseInput(
                        setting.frame(), ShakenFrame.LOSS, ShakenFrame.PIECES, setting.body(), mounts))
                .answer()
                .orElseThrow();
        int compared = 0;
        for (Excitation.Part part : cruise.at().get(0)) {
            if (part.order() > 2) {
                continue;
            }
            HarmonicWrench wrench = part.wrench();
            double hz = part.omega() / (2 * Math.PI);
            ResponseResult.Motion real = moved(
                    whole,
                    hz,
                    new Vec3(wrench.fx().re(), wrench.fy().re(), wrench.fz().re()),
                    new Vec3(wrench.mx().re(), wrench.my().re(), wrench.mz().re()),
                    setting.body().cg(),
                    node);
            ResponseResult.Motion imaginary = moved(
                    whole,
                    hz,
                    new Vec3(wrench.fx().im(), wrench.fy().im(), wrench.fz().im()),
                    new Vec3(wrench.mx().im(), wrench.my().im(), wrench.mz().im()),
                    setting.body().cg(),
                    node);
            Vec3 re = real.re().minus(imaginary.im());
            Vec3 im = real.im().plus(imaginary.re());
            double velocity = part.omega() * Math.sqrt(re.dot(re) + im.dot(im)) / Math.sqrt(2);
            assertThat(map.amplitude(driver, map.orders().indexOf(part.order()), 0))
                    .isCloseTo(velocity, within(0.01 * velocity));
            compared++;
        }
        assertThat(compared).isEqualTo(4);
    }

    private static ResponseResult.Motion moved(
            CoupledResponse whole, double hz, Vec3 force, Vec3 moment, Vec3 at, String node) {
        return whole.to(new ResponseInput.Harmonic(List.of(hz), force, moment, at), List.of(), List.of(node))
                .get(0)
                .frameNodes()
                .get(0);
    }
}
