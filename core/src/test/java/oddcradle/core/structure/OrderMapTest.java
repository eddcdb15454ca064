package oddcradle.core.structure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import oddcradle.core.engine.Throttle;
import oddcradle.core.examine.Examination;
import oddcradle.core.frame.CoupledResponse;
import oddcradle.core.frame.DampedMount;
import oddcradle.core.frame.ResponseInput;
import oddcradle.core.frame.ResponseResult;
import oddcradle.core.frame.input.FrameInput;
import oddcradle.core.frame.input.FrameSupport;
import oddcradle.core.frame.input.PointMass;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.host.HostMass;
import oddcradle.core.math.Vec3;
import oddcradle.core.search.ShakeMaps;
import oddcradle.core.vibration.HarmonicWrench;
import oddcradle.core.vibration.Mount;
import org.junit.jupiter.api.Test;

class OrderMapTest {
    /** A machine with a driver on it, on springs where it is held, so that the driver's place can move. */
    private static Job job() {
        Job job = TestJobs.plain();
        String node = job.host().nodes().stream()
                .map(each -> each.id())
                .filter(id -> job.host().supports().stream()
                        .noneMatch(support -> support.node().equals(id)))
                .findFirst()
                .orElseThrow();
        return job.withHost(job.host()
                .withMasses(List.of(new HostMass(
                        "P1",
                        "driver",
                        HostMass.Sort.PERSON,
                        75,
                        job.host().places().get(node).plus(new Vec3(0, 0, 0.2)),
                        List.of(node),
                        false))));
    }

    /** The whole at once, without modes, from the same machine; both parts of the wrench one after the other. */
    private static ResponseResult[] direct(ShakeMaps.Setting input, HarmonicWrench wrench, double hz) {
        List<DampedMount> mounts = new ArrayList<>();
        for (int k = 0; k < input.mounts().size(); k++) {
            Mount mount = input.mounts().get(k);
            mounts.add(new DampedMount(
                    mount.name(),
                    input.mountNodes().get(k),
                    input.body().cg().plus(mount.position()),
                    mount.axes(),
                    mount.stiffness(),
                    mount.loss()));
        }
        CoupledResponse whole = CoupledResponse.of(
                        new ResponseInput(input.frame(), ShakenFrame.LOSS, ShakenFrame.PIECES, input.body(), mounts))
                .answer()
                .orElseThrow();
        Vec3[] force = {
            new Vec3(wrench.fx().re(), wrench.fy().re(), wrench.fz().re()),
            new Vec3(wrench.fx().im(), wrench.fy().im(), wrench.fz().im())
        };
        Vec3[] moment = {
            new Vec3(wrench.mx().re(), wrench.my().re(), wrench.mz().re()),
            new Vec3(wrench.mx().im(), wrench.my().im(), wrench.mz().im())
        };
        List<Vec3> points = input.watches().stream()
                .filter(watch -> watch.kind() == ShakeWatch.Kind.ENGINE_MOTION)
                .map(ShakeWatch::at)
                .toList();
        List<String> nodes = input.watches().stream()
                .filter(watch -> watch.kind() == ShakeWatch.Kind.FRAME_VELOCITY)
                .map(ShakeWatch::id)
                .toList();
        ResponseResult[] parts = new ResponseResult[2];
        for (int part = 0; part < 2; part++) {
            parts[part] = whole.to(
                            new ResponseInput.Harmonic(
                                    List.of(hz),
                                    force[part],
                                    moment[part],
                                    input.body().cg()),
                            points,
                            nodes)
                    .get(0);
        }
        return parts;
    }

    private static OrderMap map(ShakeMaps.Setting setting, List<Double> speeds, Throttle throttle) {
        return ShakenFrame.of(
                        setting.frame(), setting.mountNodes(), setting.feet(), List.of(), setting.watches(), List.of())
                .orElseThrow()
                .map(
                        setting.mounts(),
                        setting.body(),
                        Excitation.of(setting.engines(), setting.donor(), speeds, throttle));
    }

    private static double amplitude(ResponseResult.Motion ofReal, ResponseResult.Motion ofImaginary) {
        Vec3 re = ofReal.re().minus(ofImaginary.im());
        Vec3 im = ofReal.im().plus(ofImaginary.re());
        return Math.sqrt(re.dot(re) + im.dot(im));
    }

    @Test
    void mapByModes_agreesWithTheWholeSolvedAtOnce() {
        ShakeMaps.Setting input = ShakeMaps.setting(Examination.of(job())).orElseThrow();
        double idle = input.engines().first().idleSpeed();
        double cruise = input.engines().first().cruiseSpeed();
        List<Double> speeds = List.of(idle, cruise);
        OrderMap map = map(input, speeds, Throttle.FULL);
        int engine = map.of(ShakeWatch.Kind.ENGINE_MOTION).get(0);
        int driver = map.of(ShakeWatch.Kind.FRAME_VELOCITY).get(0);
        int compared = 0;
        for (int s = 0; s < 2; s++) {
            double speed = speeds.get(s);
            for (Engines.Acting acting : input.engines().acting(orders -> orders.running()
                    .source()
                    .at(speed, Throttle.FULL, input.donor().get(0).fullTorque(speed)))) {
                int order = map.orders().indexOf(acting.order());
                if (acting.order() > 3 || map.amplitude(engine, order, s) < 1e-3 * map.together(engine, s)) {
                    continue;
                }
                double omega = acting.order() * speed;
                ResponseResult[] parts = direct(input, acting.whole(1), omega / (2 * Math.PI));
                double moved = amplitude(
                        parts[0].enginePoints().get(0), parts[1].enginePoints().get(0));
                double seat = amplitude(
                        parts[0].frameNodes().get(0), parts[1].frameNodes().get(0));
                assertThat(map.amplitude(engine, order, s)).isCloseTo(moved, within(2e-3 * moved));
                assertThat(map.amplitude(driver, order, s))
                        .isCloseTo(omega * seat / Math.sqrt(2), within(0.01 * omega * seat));
                compared++;
            }
        }
        assertThat(compared).isGreaterThan(4);
    }

    /** Far over every mode a soft mount passes its stiffness times the engine's own motion, which is force over mass: common knowledge. */
    @Test
    void mountsPassLess_theFasterTheEngineTurns() {
        OrderMap map =
                map(ShakeMaps.setting(Examination.of(job())).orElseThrow(), List.of(900.0, 1800.0), Throttle.MOTORED);
        int engine = map.of(ShakeWatch.Kind.ENGINE_MOTION).get(0);
        int first = map.orders().indexOf(1.0);
        // Inertia goes with the square of the speed and so does what it takes to move a mass: the motion stays.
        assertThat(map.amplitude(engine, first, 1) / map.amplitude(engine, first, 0))
                .isBetween(0.7, 1.4);
    }

    /** On soft feet the whole machine bounces; at that speed it answers as much less as its rubber loses more. */
    @Test
    void feetOfMoreLoss_holdTheBounce() {
        assertThat(bounce(0.4) / bounce(0.04)).isBetween(0.08, 0.4);
    }

    private static double bounce(double loss) {
        ShakeMaps.Setting setting = ShakeMaps.setting(Examination.of(job())).orElseThrow();
        Vec3 springs = new Vec3(4e4, 4e4, 4e4);
        List<ShakenFrame.Foot> feet = new ArrayList<>();
        List<FrameSupport> supports = new ArrayList<>();
        for (FrameSupport support : setting.frame().supports()) {
            Vec3 at = setting.frame().nodes().stream()
                    .filter(node -> node.id().equals(support.node()))
                    .findFirst()
                    .orElseThrow()
                    .position();
            feet.add(new ShakenFrame.Foot(support.node(), at, springs, loss));
            supports.add(FrameSupport.on(support.node(), springs));
        }
        FrameInput frame = setting.frame();
        FrameInput soft = new FrameInput(
                frame.theory(), frame.nodes(), frame.members(), supports, List.of(), frame.masses(), List.of());
        List<Double> speeds = IntStream.range(0, 600).mapToObj(k -> 8 + 0.2 * k).toList();
        OrderMap map = ShakenFrame.of(soft, setting.mountNodes(), feet, List.of(), setting.watches(), List.of())
                .orElseThrow()
                .map(
                        setting.mounts(),
                        setting.body(),
                        Excitation.of(setting.engines(), setting.donor(), speeds, Throttle.MOTORED));
        int driver = map.of(ShakeWatch.Kind.FRAME_VELOCITY).get(0);
        int first = map.orders().indexOf(1.0);
        return IntStream.range(0, speeds.size())
                .mapToDouble(s -> map.amplitude(driver, first, s))
                .max()
                .orElseThrow();
    }

    /** Moved slowly a person is a weight; shaken fast they hold the seat stiller than a weight bolted to it would. */
    @Test
    void person_isAWeightWhenSlow_andADamperWhenFast() {
        Examination examination = Examination.of(job());
        ShakeMaps.Setting seated = ShakeMaps.setting(examination).orElseThrow();
        assertThat(seated.people()).isNotEmpty();
        FrameInput frame = seated.frame();
        List<PointMass> bolted = new ArrayList<>(frame.masses());
        seated.people()
                .forEach(person -> bolted.add(
                        new PointMass(person.node(), (1 - SeatedPerson.RIGID) * person.mass(), person.at())));
        FrameInput rigid = new FrameInput(
                frame.theory(), frame.nodes(), frame.members(), frame.supports(), List.of(), bolted, List.of());
        List<Double> speeds = IntStream.range(0, 300).mapToObj(k -> 2 + 2.5 * k).toList();
        Excitation excitation = Excitation.of(seated.engines(), seated.donor(), speeds, Throttle.MOTORED);
        OrderMap soft = seated.shaken().orElseThrow().map(seated.mounts(), seated.body(), excitation);
        OrderMap hard = ShakenFrame.of(
                        rigid, seated.mountNodes(), seated.feet(), List.of(), seated.watches(), List.of())
                .orElseThrow()
                .map(seated.mounts(), seated.body(), excitation);
        int driver = soft.of(ShakeWatch.Kind.FRAME_VELOCITY).get(0);
        double slow = hard.together(driver, 0);
        assertThat(slow).isPositive();
        assertThat(soft.together(driver, 0)).isCloseTo(slow, within(0.05 * slow));
        double most = IntStream.range(0, speeds.size())
                .mapToDouble(k -> hard.together(driver, k))
                .max()
                .orElseThrow();
        double felt = IntStream.range(0, speeds.size())
                .mapToDouble(k -> soft.together(driver, k))
                .max()
                .orElseThrow();
        assertThat(felt).isLessThan(0.9 * most);
    }

    /** Newton: whatever the engine does to the donor that does not move it goes into the mounts, at every angle of the crank. */
    @Test
    void forcesOfAllMounts_areWhatMovesNothing() {
        ShakeMaps.Machine machine =
                ShakeMaps.of(Examination.of(job())).orElseThrow().machine();
        double speed = 180;
        Excitation excitation = machine.excitation(speed, Throttle.FULL);
        ShakenMotion motion = machine.motions(excitation).get(0);
        double mass = machine.setting().body().mass();
        double step = 1e-3;
        double most = 0;
        for (double angle = 0; angle < 4 * Math.PI; angle += 0.37) {
            Vec3 sum = Vec3.ZERO;
            for (int m = 0; m < machine.setting().mounts().size(); m++) {
                sum = sum.plus(motion.force(m, angle));
            }
            Vec3 before = motion.body(angle - step).shift();
            Vec3 here = motion.body(angle).shift();
            Vec3 after = motion.body(angle + step).shift();
            Vec3 acceleration = before.plus(after).minus(here.times(2)).times(speed * speed / (step * step));
            Vec3 left = excitation.force(0, angle).minus(acceleration.times(mass));
            most = Math.max(most, left.length());
            assertThat(sum.distanceTo(left))
                    .isLessThan(0.01 * excitation.force(0, angle).length() + 0.5);
        }
        assertThat(most).isPositive();
    }
}
