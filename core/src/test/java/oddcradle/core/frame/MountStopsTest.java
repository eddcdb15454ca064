package oddcradle.core.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import oddcradle.core.frame.input.ElasticMount;
import oddcradle.core.frame.input.Fixity;
import oddcradle.core.frame.input.FrameCase;
import oddcradle.core.frame.input.FrameInput;
import oddcradle.core.frame.input.FrameNode;
import oddcradle.core.frame.input.FrameSupport;
import oddcradle.core.frame.input.NodeLoad;
import oddcradle.core.frame.input.PointMass;
import oddcradle.core.frame.input.Theory;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.Test;

class MountStopsTest {
    private static final double K = 2e5;
    private static final double STOP = 2e6;
    private static final double WAY = 0.002;
    private static final double MASS = 40;

    private static ElasticMount mount(String id, Vec3 at) {
        return new ElasticMount(
                id,
                "engine",
                "frame",
                at,
                Mat3.IDENTITY,
                new Vec3(K, K, K),
                Optional.of(new ElasticMount.Stop(WAY, STOP, Vec3.ZERO)));
    }

    private static FrameInput engine(List<ElasticMount> mounts, List<FrameCase> cases) {
        return new FrameInput(
                Theory.EULER,
                List.of(new FrameNode("engine", Vec3.ZERO), new FrameNode("frame", Vec3.ZERO)),
                List.of(),
                List.of(new FrameSupport("frame", Fixity.ALL)),
                mounts,
                List.of(new PointMass("engine", MASS, Vec3.ZERO)),
                cases);
    }

    private static List<ElasticMount> corners() {
        List<ElasticMount> mounts = new ArrayList<>();
        for (double x : List.of(-0.2, 0.2)) {
            for (double y : List.of(-0.15, 0.15)) {
                mounts.add(mount("M" + mounts.size(), new Vec3(x, y, 0.05)));
            }
        }
        return mounts;
    }

    /** Two slopes of one spring: k to the stop, k and the stop's beyond it. */
    @Property(tries = 50)
    void pushedStraight_followsTheBentLine(@ForAll @DoubleRange(min = -9000, max = 9000) double force) {
        List<ElasticMount> level = corners().stream()
                .map(each -> mount(
                        each.id(), new Vec3(each.centre().x(), each.centre().y(), 0)))
                .toList();
        FrameCase push =
                new FrameCase("push", List.of(new NodeLoad("engine", new Vec3(0, 0, force), Vec3.ZERO)), Vec3.ZERO);
        double moved = Frames.displacement(Frames.solve(engine(level, List.of(push))), "engine")
                .z();
        double each = Math.abs(force) / 4;
        double soft = each / K;
        double expected = soft <= WAY ? soft : WAY + (each - K * WAY) / (K + STOP);
        assertThat(moved).isCloseTo(Math.signum(force) * expected, within(1e-12));
    }

    /** A gap is set while the engine hangs: down there is as much way left as up. */
    @Test
    void wayCountsFromRest() {
        double sag = MASS * 9.81 / (4 * K);
        List<ElasticMount> hung = corners().stream()
                .map(each -> mount(
                                each.id(),
                                new Vec3(each.centre().x(), each.centre().y(), 0))
                        .withStop(Optional.of(new ElasticMount.Stop(WAY, STOP, new Vec3(0, 0, -sag)))))
                .toList();
        Vec3 weight = new Vec3(0, 0, -9.81);
        for (double sign : List.of(-1.0, 1.0)) {
            NodeLoad more = new NodeLoad("engine", new Vec3(0, 0, sign * 4 * (K * WAY + 100)), Vec3.ZERO);
            FrameCase load = new FrameCase("hit", List.of(more), weight);
            double moved = Frames.displacement(Frames.solve(engine(hung, List.of(load))), "engine")
                    .z();
            assertThat(moved + sag).isCloseTo(sign * (WAY + 100 / (K + STOP)), within(1e-9));
        }
    }

    /** Whatever pulls and turns: forces balance, and every mount obeys its own law at the deflection it is told to have. */
    @Property(tries = 80)
    void pulledAnyWay_everyMountObeysItsLaw(@ForAll @IntRange(min = 1, max = 1_000_000) int seed) {
        Random random = new Random(seed);
        Vec3 force = new Vec3(random.nextGaussian(), random.nextGaussian(), random.nextGaussian()).times(6000);
        Vec3 moment = new Vec3(random.nextGaussian(), random.nextGaussian(), random.nextGaussian()).times(1500);
        FrameCase pull = new FrameCase("pull", List.of(new NodeLoad("engine", force, moment)), Vec3.ZERO);
        CaseResult result = Frames.solve(engine(corners(), List.of(pull)));
        Vec3 left = force;
        Vec3 turned = moment;
        for (int k = 0; k < result.mounts().size(); k++) {
            MountResult each = result.mounts().get(k);
            left = left.minus(each.forceOnFrame());
            turned = turned.minus(corners().get(k).centre().cross(each.forceOnFrame()));
            assertThat(each.forceOnFrame().x()).isCloseTo(law(each.deflection().x()), within(1e-3));
            assertThat(each.forceOnFrame().y()).isCloseTo(law(each.deflection().y()), within(1e-3));
            assertThat(each.forceOnFrame().z()).isCloseTo(law(each.deflection().z()), within(1e-3));
        }
        assertThat(left.length()).isLessThan(1e-4);
        assertThat(turned.length()).isLessThan(1e-4);
    }

    private static double law(double way) {
        double beyond = Math.max(0, Math.abs(way) - WAY);
        return K * way + Math.signum(way) * STOP * beyond;
    }

    /** On a frame that gives, by the factor of the frame alone as by that of all together. */
    @Test
    void onAFrameThatGives_bothWaysOfSolvingAgree() {
        FrameInput tripod = Frames.skewTripod(Vec3.ZERO, Mat3.IDENTITY);
        List<FrameNode> nodes = new ArrayList<>(tripod.nodes());
        Vec3 top = new Vec3(0.3, 0.2, 0.5);
        nodes.add(new FrameNode("engine", top.plus(new Vec3(0, 0, 0.1))));
        List<ElasticMount> mounts = new ArrayList<>();
        for (Vec3 out : List.of(new Vec3(0.1, 0, 0), new Vec3(-0.06, 0.1, 0), new Vec3(-0.06, -0.1, 0.02))) {
            mounts.add(mount("M" + mounts.size(), top.plus(out)).on("top"));
        }
        FrameCase pull = new FrameCase(
                "pull", List.of(new NodeLoad("engine", new Vec3(900, -400, -3000), new Vec3(0, 90, 0))), Vec3.ZERO);
        FrameInput whole = new FrameInput(
                tripod.theory(), nodes, tripod.members(), tripod.supports(), mounts, List.of(), List.of(pull));
        FrameInput alone = new FrameInput(
                tripod.theory(), tripod.nodes(), tripod.members(), tripod.supports(), List.of(), List.of(), List.of());
        CaseResult together = Frames.solve(whole);
        CaseResult carried = FrameAnalysis.solve(
                        whole, FactoredFrame.of(alone).answer().orElseThrow())
                .answer()
                .orElseThrow()
                .cases()
                .get(0);
        Vec3 moved = Frames.displacement(together, "engine");
        assertThat(Frames.displacement(carried, "engine").minus(moved).length()).isLessThan(1e-8 * moved.length());
        assertThat(together.mounts())
                .anyMatch(each -> Math.abs(each.deflection().z()) > WAY);
        FrameInput free = new FrameInput(
                whole.theory(),
                whole.nodes(),
                whole.members(),
                whole.supports(),
                mounts.stream().map(each -> each.withStop(Optional.empty())).toList(),
                whole.masses(),
                whole.cases());
        assertThat(Frames.displacement(Frames.solve(free), "engine").length()).isGreaterThan(1.5 * moved.length());
    }
}
