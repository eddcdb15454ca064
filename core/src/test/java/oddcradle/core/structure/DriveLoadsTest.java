package oddcradle.core.structure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import oddcradle.core.drive.JackShaft;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.drive.Stage;
import oddcradle.core.examine.Examination;
import oddcradle.core.frame.FrameAnalysis;
import oddcradle.core.frame.Reaction;
import oddcradle.core.frame.input.NodeLoad;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.donor.OutputForm;
import oddcradle.core.job.donor.Turn;
import oddcradle.core.job.host.DrivenEnd;
import oddcradle.core.job.host.MachineWeight;
import oddcradle.core.job.line.Line;
import oddcradle.core.job.load.Level;
import oddcradle.core.job.load.LoadCase;
import oddcradle.core.job.load.Shock;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.CrankPlace;
import oddcradle.core.placement.Seating;
import org.junit.jupiter.api.Test;

/** What the drive makes inside the machine cancels; what the ground feels is weight, traction and its transfer. */
class DriveLoadsTest {
    private static final Job JOB = TestJobs.plain();
    private static final double MASS = 180;

    private static Job weighed(Job job) {
        return job.withHost(job.host().withWeight(Optional.of(new MachineWeight(MASS, new Vec3(0.6, 0, 0.45)))));
    }

    private static DriveLoads loads(Job job, double share) {
        return loads(job, LoadCase.of("load", "load", new Vec3(0, 0, -1), share));
    }

    private static DriveLoads loads(Job job, LoadCase load) {
        Seating seating = Seating.of(job);
        return DriveLoads.of(job, seating, LineResult.of(job, seating), load);
    }

    private static Vec3 place(Job job, String node) {
        Seating seating = Seating.of(job);
        return node.equals(CradleFrame.DONOR) ? seating.mass().cg() : seating.node(node);
    }

    private static Vec3 force(DriveLoads drive) {
        return drive.loads().stream().map(NodeLoad::force).reduce(Vec3.ZERO, Vec3::plus);
    }

    private static Vec3 moment(Job job, DriveLoads drive) {
        Vec3 sum = Vec3.ZERO;
        for (NodeLoad load : drive.loads()) {
            sum = sum.plus(place(job, load.node()).cross(load.force())).plus(load.moment());
        }
        return sum;
    }

    private static Job withLine(Job job, List<Stage> stages, List<JackShaft> shafts, LineEnd end) {
        Line line = new Line(job.line().datum(), stages, shafts, 1.5, Optional.ofNullable(end), Optional.empty());
        return job.withLine(line);
    }

    /**
     * Random drives by chain and jackshaft, both ways of pull: all that is left of forces and moments is the push of the wheels,
     * at the ground under the axle.
     */
    @Test
    void onlyThePushOfTheWheels_isLeftOver() {
        Random random = new Random(15);
        for (int round = 0; round < 60; round++) {
            Job job = weighed(JOB);
            Stage first = new Stage.Chain(
                    "S1", "chain", 0.0127, 12 + random.nextInt(8), 20 + random.nextInt(30), 20000, 0.02, 0.95);
            List<Stage> stages = new ArrayList<>(List.of(first));
            List<JackShaft> shafts = new ArrayList<>();
            if (random.nextBoolean()) {
                Vec3 at = new Vec3(0.2 + 0.1 * random.nextDouble(), 0, 0.5 + 0.1 * random.nextDouble());
                shafts.add(new JackShaft(
                        "J1",
                        "jackshaft",
                        at,
                        Vec3.Y,
                        0.03,
                        0,
                        0.1,
                        0.05,
                        List.of(),
                        0,
                        0.004,
                        0.008,
                        3.5e8,
                        List.of()));
                stages.add(new Stage.Chain("S2", "second", 0.0127, 15, 30, 20000, 0.02, 0.97));
            }
            job = withLine(job, stages, shafts, null);
            double share = (random.nextBoolean() ? 1 : -1) * (0.2 + 0.8 * random.nextDouble());
            DriveLoads drive = loads(job, share);
            assertThat(drive.loads()).isNotEmpty();
            Vec3 push = force(drive);
            // Forward when it drives, back when the wheels drive the engine; along nothing else.
            assertThat(Math.signum(push.x())).isEqualTo(Math.signum(share));
            assertThat(Math.hypot(push.y(), push.z())).isLessThan(1e-6 * Math.abs(push.x()));
            DrivenEnd end = job.host().drivenEnd();
            Vec3 ground = end.point().minus(Vec3.Z.times(end.tyreRadius()));
            Vec3 about = moment(job, drive).minus(ground.cross(push));
            assertThat(about.length()).isLessThan(1e-6 * Math.abs(push.x()));
            assertThat(drive.field()
                            .times(MASS + job.donor().mass().mass())
                            .plus(push)
                            .length())
                    .isLessThan(1e-9 * push.length());
        }
    }

    /** The ground carries the weight and no more, pushed or pulled; level it feels nothing, for the mass takes the push. */
    @Test
    void fullThrottle_addsNothingToTheWeightOnTheGround() {
        Job still = weighed(JOB);
        for (double share : new double[] {1, -1}) {
            Job job = still.withCases(List.of(
                    LoadCase.of("rest", "rest", new Vec3(0, 0, -1), 0),
                    LoadCase.of("pull", "pull", new Vec3(0, 0, -1), share)));
            Seating seating = Seating.of(job);
            var cases = FrameAnalysis.solve(CradleFrame.of(job, seating, LineResult.of(job, seating))
                            .input())
                    .answer()
                    .orElseThrow()
                    .cases();
            Vec3 rest = cases.get(0).reactions().stream().map(Reaction::force).reduce(Vec3.ZERO, Vec3::plus);
            Vec3 pull = cases.get(1).reactions().stream().map(Reaction::force).reduce(Vec3.ZERO, Vec3::plus);
            assertThat(rest.z()).isGreaterThan((MASS + job.donor().mass().mass()) * 9.80665 - 1);
            assertThat(pull.z()).isCloseTo(rest.z(), within(1e-6 * rest.z()));
            // Tubes that nobody weighed are held back too: a little more than the push.
            assertThat(Math.abs(pull.x())).isLessThan(0.1 * rest.z());
        }
    }

    @Test
    void chainPullsInItsTightRun_byTheWayItTurns() {
        Job job = weighed(JOB);
        Job other = job.withDonor(job.donor().withOutput(job.donor().output().withTurn(Turn.CLOCKWISE)));
        double pull = loads(job, 1).loads().get(0).force().length();
        double turns = pull * job.line().stages().get(0).driverRadius();
        // The chain holds back the shaft that pulls it, whichever way that turns.
        assertThat(aboutOutput(job, 1)).isCloseTo(-turns, within(0.01 * turns));
        assertThat(aboutOutput(other, 1)).isCloseTo(turns, within(0.01 * turns));
        assertThat(aboutOutput(job, -1)).isCloseTo(turns, within(0.01 * turns));
    }

    private static double aboutOutput(Job job, double share) {
        Seating seating = Seating.of(job);
        NodeLoad load = loads(job, share).loads().get(0);
        Vec3 arm = seating.mass().cg().minus(seating.driverCentre());
        return load.moment().plus(arm.cross(load.force())).y();
    }

    /** A coupling turns the donor one way and the generator's bearings the other; neither is pushed. */
    @Test
    void coupling_turnsBothItsEnds() {
        Stage coupling = new Stage.Coupling("S1", "coupling", 0.001, 0.02, 400);
        Job job = JOB.withHost(JOB.host().withDrivenEnd(JOB.host().drivenEnd().with(4, 0)));
        job = withLine(job, List.of(coupling), List.of(), new LineEnd.Generator(4, 50, 0.05, 0, 0.1, 0.1));
        job = job.withDonor(job.donor().withOutput(job.donor().output().withForm(OutputForm.COUPLING)));
        DriveLoads drive = loads(job, 1);
        assertThat(force(drive).length()).isLessThan(1e-9);
        assertThat(moment(job, drive).length()).isLessThan(1e-6);
        Vec3 onDonor = drive.loads().get(0).moment();
        double torque = job.donor().engine().maxTorque()
                * job.donor().engine().primaryRatio()
                * job.donor().engine().gearRatios().get(0)
                * 1.5;
        assertThat(onDonor.length()).isCloseTo(torque, within(1e-9 * torque));
        assertThat(onDonor.dot(DriveLoads.sense(job, Seating.of(job)))).isNegative();
    }

    @Test
    void propeller_pullsAndTurnsTheDonorAgainstItself() {
        Job job = withLine(JOB, List.of(), List.of(), new LineEnd.Propeller(1.7, 0.6, 50, 0.1, 0, 0, 0, 0, true, 2));
        DriveLoads drive = loads(job, 1);
        assertThat(drive.loads()).hasSize(1);
        NodeLoad load = drive.loads().get(0);
        // Momentum theory, P = T^1.5 / sqrt(2 rho A), and three quarters of it (common practice).
        double thrust = load.force().length() / 0.75;
        double disc = Math.PI / 4 * 1.7 * 1.7;
        assertThat(Math.pow(thrust, 1.5) / Math.sqrt(2 * 1.225 * disc))
                .isCloseTo(job.donor().engine().maxPower(), within(1.0));
        assertThat(load.moment().dot(DriveLoads.sense(job, Seating.of(job)))).isNegative();
        // A factor on the torque is for its unevenness: no air pushes harder for it.
        NodeLoad limit = loads(job, LoadCase.of("limit", "limit", Vec3.Z, 2).withLevel(Level.LIMIT))
                .loads()
                .get(0);
        assertThat(limit.force().length()).isCloseTo(load.force().length(), within(1e-9));
    }

    /** A propeller turning clockwise from behind yawed to the left lifts its nose (right-hand rule, a known trade fact). */
    @Test
    void propeller_answersATurnSquareToIt() {
        Job job = withLine(JOB, List.of(), List.of(), new LineEnd.Propeller(1.7, 0.6, 50, 0.1, 0, 0, 0, 0, true, 3));
        Vec3 spin = DriveLoads.sense(job, Seating.of(job));
        Vec3 turning = spin.anyPerpendicular().times(2.5);
        LoadCase still = LoadCase.of("yaw", "yaw", Vec3.Z, 0).withTurning(turning);
        Vec3 three = loads(job, still).loads().get(0).moment();
        double expected = 0.6 * job.donor().engine().cruiseSpeed() * 2.5;
        assertThat(three.length()).isCloseTo(expected, within(1e-9 * expected));
        // What holds the propeller is pushed as the spin's tip goes when the airframe turns: H x Omega.
        assertThat(three.unit().dot(spin.cross(turning).unit())).isCloseTo(1, within(1e-9));
        Job two = withLine(job, List.of(), List.of(), new LineEnd.Propeller(1.7, 0.6, 50, 0.1, 0, 0, 0, 0, true, 2));
        assertThat(loads(two, still).loads().get(0).moment().length()).isCloseTo(2 * expected, within(1e-9 * expected));
    }

    private static LoadCase sudden(Shock shock, double share) {
        return LoadCase.of("sudden", "sudden", new Vec3(0, 0, -1), share).withShock(shock);
    }

    /** On tyres that never slip: what the clutch takes over what the engine makes slows the flywheel, and that turns the block on. */
    @Test
    void droppedClutch_turnsTheBlockByWhatItTakesFromTheFlywheel() {
        Job free = weighed(
                JOB.withHost(JOB.host().withDrivenEnd(JOB.host().drivenEnd().with(6, 0))));
        double engine = free.donor().engine().maxTorque();
        Vec3 crank = CrankPlace.of(free).axis();
        Vec3 steady = onDonor(free, LoadCase.of("pull", "pull", Vec3.Z, 1).withLevel(Level.LIMIT));
        Vec3 dropped = onDonor(free, sudden(Shock.CLUTCH_DROPPED, 1));
        // Twice the pull, and the flywheel's own answer: once the engine's torque.
        assertThat(dropped.minus(steady.times(2)).minus(crank.times(engine)).length())
                .isLessThan(1e-9 * steady.length());
        Vec3 stalled = onDonor(free, sudden(Shock.STALL, 1));
        assertThat(stalled.minus(dropped).minus(crank.times(engine)).length()).isLessThan(1e-9 * steady.length());
    }

    private static Vec3 onDonor(Job job, LoadCase load) {
        return loads(job, load).loads().stream()
                .filter(each -> each.node().equals(CradleFrame.DONOR))
                .map(NodeLoad::moment)
                .reduce(Vec3.ZERO, Vec3::plus);
    }

    /** Single-cylinder peak torque is many times its mean (Taylor, vol. 2, from memory); it pushes nothing and loads no chain. */
    @Test
    void kickBack_turnsTheBlockAlone() {
        DriveLoads kick = loads(JOB, sudden(Shock.KICK_BACK, 1));
        assertThat(kick.loads()).hasSize(1);
        Vec3 moment = kick.loads().get(0).moment();
        double ofOne = JOB.donor().engine().maxTorque() / JOB.donor().engine().cylinders();
        assertThat(kick.loads().get(0).force()).isEqualTo(Vec3.ZERO);
        assertThat(moment.length()).isBetween(8 * ofOne, 40 * ofOne);
        assertThat(moment.cross(CrankPlace.of(JOB).axis()).length()).isLessThan(1e-9 * moment.length());
        assertThat(loads(JOB, sudden(Shock.KICK_BACK, -1))
                        .loads()
                        .get(0)
                        .moment()
                        .plus(moment)
                        .length())
                .isLessThan(1e-9);
    }

    /** What Shake says of the frame, put on top of the steady pull, both ways round. */
    @Test
    void engineOrder_turnsTheDonorByWhatTheMountsPassOn() {
        Vec3 steady = onDonor(JOB, LoadCase.of("run", "run", Vec3.Z, 1).withLevel(Level.LIMIT));
        Vec3 more = onDonor(JOB, sudden(Shock.ENGINE_ORDER, 1)).minus(steady);
        ShakeResult shake = Examination.of(JOB).shake().answer().orElseThrow();
        double passed = Stream.of(shake.idle(), shake.cruise())
                .flatMap(each -> each.orders().stream())
                .mapToDouble(EngineShaking.Order::torqueOnFrame)
                .max()
                .orElseThrow();
        assertThat(more.length()).isCloseTo(passed, within(1e-6 * passed));
        assertThat(more.unit().cross(CrankPlace.of(JOB).axis()).length()).isLessThan(1e-9);
    }

    /** A generator's windings pull at its case; the crank's flywheel, and not the engine's block, gives the torque. */
    @Test
    void shortCircuit_turnsTheGeneratorAndNotTheDonor() {
        Stage coupling = new Stage.Coupling("S1", "coupling", 0.001, 0.02, 400);
        Job job = JOB.withHost(JOB.host().withDrivenEnd(JOB.host().drivenEnd().with(4, 0)));
        job = withLine(job, List.of(coupling), List.of(), new LineEnd.Generator(4, 50, 0.05, 0, 0.1, 0.1));
        job = job.withDonor(job.donor().withOutput(job.donor().output().withForm(OutputForm.COUPLING)));
        Vec3 running = onDonor(job, LoadCase.of("run", "run", Vec3.Z, 1).withLevel(Level.LIMIT));
        assertThat(onDonor(job, sudden(Shock.SHORT_CIRCUIT, 1)).minus(running).length())
                .isLessThan(1e-9);
        Vec3 onCase = moment(job, loads(job, sudden(Shock.SHORT_CIRCUIT, 1)))
                .minus(onDonor(job, sudden(Shock.SHORT_CIRCUIT, 1)));
        // Several times rated torque (common practice).
        assertThat(onCase.length() / running.length()).isBetween(5.0, 10.0);
    }
}
