package oddcradle.core.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import oddcradle.core.frame.input.ElasticMount;
import oddcradle.core.frame.input.Fixity;
import oddcradle.core.frame.input.FrameCase;
import oddcradle.core.frame.input.FrameInput;
import oddcradle.core.frame.input.FrameMember;
import oddcradle.core.frame.input.FrameNode;
import oddcradle.core.frame.input.FrameSupport;
import oddcradle.core.frame.input.NodeLoad;
import oddcradle.core.frame.input.PointMass;
import oddcradle.core.frame.input.Theory;
import oddcradle.core.material.Material;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.Tube;
import org.junit.jupiter.api.Test;

/** Bodies on mounts, added to a frame factored alone, against frame, mounts and bodies factored together. */
class FactoredFrameTest {
    private static final Material STEEL = Material.of("steel", 205e9, 0.29, 7850, 350e6);
    private static final Tube TUBE = new Tube(0.03, 0.002);
    private static final int FRAMES = 40;

    private final Random random = new Random(20261126);

    private Vec3 about(double size) {
        return new Vec3(random.nextGaussian(), random.nextGaussian(), random.nextGaussian()).times(size);
    }

    private double stiffness() {
        return Math.pow(10, 3 + 6 * random.nextDouble());
    }

    /** Four corners on the ground, a ring above, and what stands in it. */
    private List<FrameNode> nodes() {
        List<FrameNode> nodes = new ArrayList<>();
        for (int k = 0; k < 4; k++) {
            Vec3 corner = new Vec3(k % 2 == 0 ? 0 : 0.7, k < 2 ? 0 : 0.4, 0);
            nodes.add(new FrameNode("low" + k, corner));
            nodes.add(new FrameNode("top" + k, corner.plus(Vec3.Z.times(0.3)).plus(about(0.02))));
        }
        return nodes;
    }

    private static List<FrameMember> members() {
        List<FrameMember> members = new ArrayList<>();
        for (int k = 0; k < 4; k++) {
            members.add(FrameMember.welded("post" + k, "low" + k, "top" + k, TUBE, STEEL));
        }
        for (String[] rail : new String[][] {{"0", "1"}, {"1", "3"}, {"3", "2"}, {"2", "0"}}) {
            members.add(FrameMember.welded("rail" + rail[0], "top" + rail[0], "top" + rail[1], TUBE, STEEL));
        }
        return members;
    }

    private static FrameInput frame(List<FrameNode> nodes) {
        List<FrameSupport> supports = new ArrayList<>();
        for (int k = 0; k < 4; k++) {
            supports.add(new FrameSupport("low" + k, Fixity.ALL));
        }
        return new FrameInput(Theory.TIMOSHENKO, nodes, members(), supports, List.of(), List.of(), List.of());
    }

    private FrameInput carrying(FrameInput alone, List<ElasticMount> mounts, String... bodies) {
        List<FrameNode> nodes = new ArrayList<>(alone.nodes());
        List<PointMass> masses = new ArrayList<>();
        for (String body : bodies) {
            Vec3 at = new Vec3(0.35, 0.2, 0.45).plus(about(0.05));
            nodes.add(new FrameNode(body, at));
            masses.add(new PointMass(body, 40, at.plus(about(0.01))));
        }
        FrameCase bump = new FrameCase("bump", List.of(), new Vec3(3, -2, -30));
        FrameCase pull = new FrameCase(
                "pull",
                List.of(new NodeLoad(bodies[0], about(1000), about(50)), new NodeLoad("top2", about(500), about(20))),
                Vec3.ZERO);
        return new FrameInput(
                alone.theory(), nodes, alone.members(), alone.supports(), mounts, masses, List.of(bump, pull));
    }

    private ElasticMount mount(String body, String node, Vec3 near, double least) {
        Vec3 axis = about(1).unit();
        Vec3 across = axis.anyPerpendicular();
        return new ElasticMount(
                body + node,
                body,
                node,
                near.plus(about(0.03)),
                new Mat3(axis, across, axis.cross(across)),
                new Vec3(Math.max(least, stiffness()), stiffness(), stiffness()));
    }

    private static void assertSame(FrameResult carried, FrameResult together) {
        assertThat(carried.cases()).hasSize(2);
        for (int c = 0; c < 2; c++) {
            CaseResult a = carried.cases().get(c);
            CaseResult b = together.cases().get(c);
            for (int k = 0; k < a.mounts().size(); k++) {
                double size = b.mounts().get(k).forceOnFrame().length();
                assertThat(a.mounts()
                                .get(k)
                                .forceOnFrame()
                                .distanceTo(b.mounts().get(k).forceOnFrame()))
                        .isLessThan(1e-6 * (1 + size));
            }
            double most = 1e-6;
            for (NodeMovement node : b.nodes()) {
                most = Math.max(most, node.displacement().length());
            }
            for (int k = 0; k < a.nodes().size(); k++) {
                assertThat(a.nodes()
                                .get(k)
                                .displacement()
                                .distanceTo(b.nodes().get(k).displacement()))
                        .isLessThan(1e-7 * most);
            }
            assertThat(a.equilibriumError()).isCloseTo(0, within(1e-8));
        }
    }

    /** Soft and stiff mounts in every direction, on one body or on two that also hold each other. */
    @Test
    void carriedBodies_moveAsWithTheWholeFactored() {
        for (int round = 0; round < FRAMES; round++) {
            FrameInput alone = frame(nodes());
            List<ElasticMount> mounts = new ArrayList<>();
            for (int k = 0; k < 4; k++) {
                Vec3 near = alone.nodes().get(2 * k + 1).position();
                mounts.add(mount("engine", "top" + k, near, 0));
                mounts.add(mount("alternator", "top" + k, near, 0));
            }
            mounts.add(mount("engine", "alternator", new Vec3(0.35, 0.2, 0.45), 0));
            FrameInput whole = carrying(alone, mounts, "engine", "alternator");
            FactoredFrame factored = FactoredFrame.of(alone).answer().orElseThrow();
            assertThat(factored.model.carrying(whole)).isPresent();
            assertSame(
                    FrameAnalysis.solve(whole, factored).answer().orElseThrow(),
                    FrameAnalysis.solve(whole).answer().orElseThrow());
        }
    }

    @Test
    void bodyThatItsMountsLeaveFree_isNamed() {
        FrameInput alone = frame(nodes());
        FrameInput whole = carrying(alone, List.of(mount("engine", "top0", new Vec3(0, 0, 0.3), 1e5)), "engine");
        FactoredFrame factored = FactoredFrame.of(alone).answer().orElseThrow();
        assertThat(FrameAnalysis.solve(whole, factored).reasons())
                .singleElement()
                .satisfies(finding -> assertThat(finding.code()).isEqualTo(FrameFinding.LOOSE_BODY));
    }

    /** A frame with other tubes than the factored one is worked out by itself. */
    @Test
    void otherFrame_isNotSolvedWithThisFactor() {
        List<FrameNode> nodes = nodes();
        FactoredFrame factored = FactoredFrame.of(frame(nodes)).answer().orElseThrow();
        nodes.set(1, new FrameNode("top0", new Vec3(0, 0, 0.5)));
        FrameInput other = carrying(
                frame(nodes),
                List.of(
                        mount("engine", "top0", new Vec3(0, 0, 0.5), 1e4),
                        mount("engine", "top1", new Vec3(0.7, 0, 0.3), 1e4),
                        mount("engine", "top2", new Vec3(0, 0.4, 0.3), 1e4)),
                "engine");
        assertSame(
                FrameAnalysis.solve(other, factored).answer().orElseThrow(),
                FrameAnalysis.solve(other).answer().orElseThrow());
    }
}
