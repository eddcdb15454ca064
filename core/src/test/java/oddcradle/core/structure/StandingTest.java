package oddcradle.core.structure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Step;
import oddcradle.core.frame.CaseResult;
import oddcradle.core.frame.FrameAnalysis;
import oddcradle.core.frame.Reaction;
import oddcradle.core.frame.input.Fixity;
import oddcradle.core.frame.input.FrameCase;
import oddcradle.core.frame.input.FrameInput;
import oddcradle.core.frame.input.FrameMember;
import oddcradle.core.frame.input.FrameSupport;
import oddcradle.core.frame.input.NodeLoad;
import oddcradle.core.frame.input.PointMass;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.host.Foot;
import oddcradle.core.job.host.HostMass;
import oddcradle.core.job.host.Support;
import oddcradle.core.math.DenseAlgebra;
import oddcradle.core.math.Vec3;
import oddcradle.core.mounting.BondedPad;
import oddcradle.core.mounting.Hard;
import oddcradle.core.placement.Seating;
import oddcradle.core.step.load.LoadFinding;
import oddcradle.core.step.shake.ShakeFinding;
import oddcradle.core.vibration.ModesResult;
import org.junit.jupiter.api.Test;

/** What a machine stands on: nothing, its own mass then holding it; or rubber feet. */
class StandingTest {
    private static final Job JOB = TestJobs.plain();
    private static final double G = 9.80665;

    private static HostMass mass(String id, double mass, Vec3 at, String... nodes) {
        return new HostMass(id, id, HostMass.Sort.CARGO, mass, at, List.of(nodes), false);
    }

    private static Job afloat() {
        return JOB.withHost(JOB.host()
                .withSupports(List.of())
                .withMasses(List.of(
                        mass("driver", 80, new Vec3(0.9, 0.05, 0.6), "CL", "CR"),
                        mass("axle", 60, new Vec3(0, 0, 0.3), "BL", "BR"))));
    }

    private static FrameInput frame(Job job) {
        Seating seating = Seating.of(job);
        return CradleFrame.of(job, seating, LineResult.of(job, seating)).input();
    }

    private static Vec3 at(FrameInput frame, String node) {
        return frame.nodes().stream()
                .filter(each -> each.id().equals(node))
                .findFirst()
                .orElseThrow()
                .position();
    }

    /** Force and moment about the origin of all that loads a frame in one case: six numbers. */
    private static double[] whole(FrameInput frame, FrameCase load) {
        Vec3 force = Vec3.ZERO;
        Vec3 moment = Vec3.ZERO;
        for (NodeLoad each : load.loads()) {
            force = force.plus(each.force());
            moment = moment.plus(each.moment()).plus(at(frame, each.node()).cross(each.force()));
        }
        for (PointMass each : frame.masses()) {
            Vec3 pull = load.acceleration().times(each.mass());
            force = force.plus(pull);
            moment = moment.plus(each.position().cross(pull));
        }
        for (FrameMember each : frame.members()) {
            Vec3 from = at(frame, each.i()).plus(each.offsetI());
            Vec3 to = at(frame, each.j()).plus(each.offsetJ());
            Vec3 pull = load.acceleration()
                    .times(from.distanceTo(to)
                            * each.section().area()
                            * each.material().density());
            force = force.plus(pull);
            moment = moment.plus(from.towards(to, 0.5).cross(pull));
        }
        return new double[] {force.x(), force.y(), force.z(), moment.x(), moment.y(), moment.z()};
    }

    /**
     * Inertia relief by hand: the acceleration that balances a case, its inertia forces as loads, and the frame held at one node only so
     * that it cannot drift. Nothing may be left for that node, and every tube carries the same.
     */
    @Test
    void machineAfloat_isHeldByItsOwnMass() {
        FrameInput frame = frame(afloat());
        List<CaseResult> answers =
                FrameAnalysis.solve(frame).answer().orElseThrow().cases();
        for (FrameCase load : frame.cases()) {
            double[][] inertia = new double[6][6];
            for (FrameSupport each : frame.supports()) {
                double mass = each.springs().x();
                for (int motion = 0; motion < 6; motion++) {
                    double[] answer = response(at(frame, each.node()), motion, mass);
                    for (int i = 0; i < 6; i++) {
                        inertia[i][motion] += answer[i];
                    }
                }
            }
            double[] q = DenseAlgebra.solve(inertia, whole(frame, load)).orElseThrow();
            List<NodeLoad> loads = new ArrayList<>(load.loads());
            for (FrameSupport each : frame.supports()) {
                Vec3 turn = new Vec3(q[3], q[4], q[5]);
                Vec3 goes = new Vec3(q[0], q[1], q[2]).plus(turn.cross(at(frame, each.node())));
                loads.add(new NodeLoad(each.node(), goes.times(-each.springs().x()), Vec3.ZERO));
            }
            FrameInput held = new FrameInput(
                    frame.theory(),
                    frame.nodes(),
                    frame.members(),
                    List.of(new FrameSupport("AL", Fixity.ALL)),
                    frame.mounts(),
                    frame.masses(),
                    List.of(new FrameCase(load.id(), loads, load.acceleration())));
            CaseResult expected =
                    FrameAnalysis.solve(held).answer().orElseThrow().cases().get(0);
            CaseResult answer = answers.stream()
                    .filter(each -> each.id().equals(load.id()))
                    .findFirst()
                    .orElseThrow();
            Reaction left = expected.reactions().get(0);
            assertThat(left.force().length()).isLessThan(1e-3);
            assertThat(left.moment().length()).isLessThan(1e-3);
            assertThat(answer.members()).hasSameSizeAs(expected.members()).hasSizeGreaterThan(8);
            for (int k = 0; k < answer.members().size(); k++) {
                assertThat(answer.members().get(k).vonMisesMax())
                        .as(answer.members().get(k).id() + " in " + load.id())
                        .isCloseTo(
                                expected.members().get(k).vonMisesMax(),
                                within(1e4 + 1e-3 * expected.members().get(k).vonMisesMax()));
            }
        }
    }

    /** Force and moment about the origin by which a mass answers one of six unit accelerations of the whole. */
    private static double[] response(Vec3 at, int motion, double mass) {
        Vec3 unit = motion % 3 == 0 ? Vec3.X : motion % 3 == 1 ? Vec3.Y : Vec3.Z;
        Vec3 force = (motion < 3 ? unit : unit.cross(at)).times(mass);
        Vec3 moment = at.cross(force);
        return new double[] {force.x(), force.y(), force.z(), moment.x(), moment.y(), moment.z()};
    }

    @Test
    void machineThatStandsNowhere_isToldSo_andStillLoaded() {
        Examination examination = Examination.of(afloat());
        assertThat(examination.report(Step.LOAD).findings()).anyMatch(each -> each.code() == LoadFinding.AFLOAT);
        assertThat(examination.tubeStresses()).isNotEmpty();
        // The donor's 30 kg at 3 g pass through its mounts whole.
        CaseResult bump = FrameAnalysis.solve(frame(afloat())).answer().orElseThrow().cases().stream()
                .filter(each -> each.id().equals("bump"))
                .findFirst()
                .orElseThrow();
        assertThat(bump.mounts().stream()
                        .mapToDouble(mount -> mount.forceOnFrame().z())
                        .sum())
                .isCloseTo(-3 * 30 * G, within(1e-3));
    }

    /** Donor bolted hard; four equal feet, the centre of gravity over their middle by where the cargo lies. */
    private static Job onFeet() {
        Foot foot = new Foot(new BondedPad(0.04, 0.05, 40), 0.1);
        List<Support> feet = List.of("AL", "AR", "CL", "CR").stream()
                .map(node -> new Support(node, Fixity.POSITION, Optional.of(foot)))
                .toList();
        List<Isolator> hard = JOB.cradle().isolators().stream()
                .map(each -> each.withElement(new Hard()))
                .toList();
        Job job = JOB.withCradle(JOB.cradle().withIsolators(hard))
                .withHost(JOB.host()
                        .withSupports(feet)
                        .withMasses(List.of(mass("box", 120, new Vec3(0.5, 0, 0.25), "AL", "AR", "CL", "CR"))));
        return job;
    }

    /** While the cradle is made, one bolt holds the donor for a time: it hangs there, and nothing else breaks. */
    @Test
    void machineOnFeet_whoseDonorHangsOnOneBolt_isExamined() {
        Job job = onFeet();
        Job loose = job.withCradle(
                job.cradle().withIsolators(job.cradle().isolators().subList(0, 1)));
        Examination examination = Examination.of(loose);
        assertThat(examination.donorMovement()).isEqualTo(DonorMovement.NONE);
        assertThat(examination.shake().answer()).isPresent();
    }

    @Test
    void machineOnFeet_sagsAndBouncesAsItsWholeMassDoes() {
        Job job = onFeet();
        Seating seating = Seating.of(job);
        MachineOnFeet feet = MachineOnFeet.of(job, seating).orElseThrow();
        FrameInput frame = frame(job);
        FrameCase standing = frame.cases().get(0);
        double weight = -whole(frame, standing)[2];
        assertThat(feet.still().body().mass() * G).isCloseTo(weight, within(1e-6 * weight));
        ModesResult modes = Examination.of(job).shake().answer().orElseThrow().modes();
        // Lindley's table gives 40.2 N/mm for such a foot (E = 1.5 MPa, k = 0.85, s = 0.2), by hand.
        double stiffness = 4 * 40_200;
        assertThat(-modes.sag().cgDisplacement().z()).isCloseTo(weight / stiffness, within(0.03 * weight / stiffness));
        double bounce = Math.sqrt(1.1 * stiffness / feet.still().body().mass()) / (2 * Math.PI);
        assertThat(modes.modes())
                .anyMatch(mode -> mode.leadingMotion() == 2 && Math.abs(mode.frequencyHz() / bounce - 1) < 0.03);
        // On the ground the same weight stands, spread over the four.
        CaseResult rest =
                FrameAnalysis.solve(frame).answer().orElseThrow().cases().get(0);
        assertThat(rest.reactions()).hasSize(4);
        assertThat(rest.reactions().stream()
                        .mapToDouble(each -> each.force().z())
                        .sum())
                .isCloseTo(weight, within(1e-6 * weight));
        assertThat(rest.equilibriumError()).isLessThan(1e-9);
    }

    /** Inertia of the whole by sampling every tube at a thousand points. */
    @Test
    void machineOnFeet_turnsAsHardAsItsPartsTogether() {
        Job job = onFeet();
        Seating seating = Seating.of(job);
        MachineOnFeet feet = MachineOnFeet.of(job, seating).orElseThrow();
        Vec3 cg = seating.mass().cg().minus(feet.donor());
        double about = seating.mass().inertia().get(0, 0)
                + square(seating.mass().cg().minus(cg)) * seating.mass().mass();
        for (PointMass each : HostMasses.of(job).onNodes()) {
            about += square(each.position().minus(cg)) * each.mass();
        }
        FrameInput frame = frame(job);
        int samples = 1000;
        for (FrameMember each : frame.members()) {
            Vec3 from = at(frame, each.i()).plus(each.offsetI());
            Vec3 to = at(frame, each.j()).plus(each.offsetJ());
            double piece = from.distanceTo(to)
                    * each.section().area()
                    * each.material().density()
                    / samples;
            for (int k = 0; k < samples; k++) {
                about += square(from.towards(to, (k + 0.5) / samples).minus(cg)) * piece;
            }
        }
        assertThat(feet.still().body().inertia().get(0, 0)).isCloseTo(about, within(1e-3 * about));
    }

    private static double square(Vec3 arm) {
        return arm.y() * arm.y() + arm.z() * arm.z();
    }

    @Test
    void oneSupportWithoutFoot_isNoMachineOnFeet() {
        Job job = onFeet();
        List<Support> supports = new ArrayList<>(job.host().supports());
        supports.set(0, new Support("AL", Fixity.POSITION));
        Job partly = job.withHost(job.host().withSupports(supports));
        assertThat(MachineOnFeet.of(partly, Seating.of(partly))).isEmpty();
        assertThat(Examination.of(partly).report(Step.SHAKE).findings())
                .anyMatch(each -> each.code() == ShakeFinding.TWO_STAGES);
        assertThat(Examination.of(job).report(Step.SHAKE).findings())
                .noneMatch(each -> each.code() == ShakeFinding.TWO_STAGES);
    }
}
