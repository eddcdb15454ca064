package oddcradle.core.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.frame.input.Fixity;
import oddcradle.core.frame.input.FrameCase;
import oddcradle.core.frame.input.FrameInput;
import oddcradle.core.frame.input.FrameMember;
import oddcradle.core.frame.input.FrameNode;
import oddcradle.core.frame.input.FrameSupport;
import oddcradle.core.frame.input.NodeLoad;
import oddcradle.core.frame.input.Theory;
import oddcradle.core.material.Material;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.Tube;
import org.junit.jupiter.api.Test;

class FrameFlexibilityTest {
    private static final Material STEEL = Material.of("steel", 205e9, 0.29, 7850, 350e6);
    private static final Tube TUBE = new Tube(0.03, 0.002);

    private static FrameInput cantilever(double length) {
        return new FrameInput(
                Theory.EULER,
                List.of(new FrameNode("A", Vec3.ZERO), new FrameNode("B", new Vec3(length, 0, 0))),
                List.of(FrameMember.welded("m", "A", "B", TUBE, STEEL)),
                List.of(new FrameSupport("A", Fixity.ALL)),
                List.of(),
                List.of(),
                List.of());
    }

    /** A cantilever gives L³/3EI at its end, L/EA along it, and through an arm a (L + a)... by its turning. */
    @Test
    void cantilever_givesByTheClosedForm() {
        double l = 0.8;
        double ei = STEEL.youngsModulus() * TUBE.secondMomentY();
        Vec3 end = new Vec3(l, 0, 0);
        FrameFlexibility give = FactoredFrame.of(cantilever(l))
                .answer()
                .orElseThrow()
                .flexibility(List.of(
                        new FrameFlexibility.Probe("B", end, Vec3.Z),
                        new FrameFlexibility.Probe("B", end, Vec3.X),
                        new FrameFlexibility.Probe("B", new Vec3(l + 0.1, 0, 0), Vec3.Z)));
        assertThat(give.at(0, 0)).isCloseTo(l * l * l / (3 * ei), within(1e-12));
        assertThat(give.at(1, 1)).isCloseTo(l / (STEEL.youngsModulus() * TUBE.area()), within(1e-15));
        double withArm = l * l * l / (3 * ei) + 0.1 * l * l / ei + 0.01 * l / ei;
        assertThat(give.at(2, 2)).isCloseTo(withArm, within(1e-11));
    }

    /** Maxwell: what one place moves under a load at another is the same the other way round. */
    @Test
    void flexibility_isSymmetric_andAgreesWithLoadCases() {
        List<FrameNode> nodes = List.of(
                new FrameNode("A", Vec3.ZERO),
                new FrameNode("B", new Vec3(1, 0.1, 0)),
                new FrameNode("C", new Vec3(1.1, 0.9, 0.3)));
        List<FrameMember> members =
                List.of(FrameMember.welded("m", "A", "B", TUBE, STEEL), FrameMember.welded("n", "B", "C", TUBE, STEEL));
        List<FrameSupport> supports = List.of(new FrameSupport("A", Fixity.ALL));
        List<FrameFlexibility.Probe> probes = new ArrayList<>();
        for (Vec3 direction : List.of(Vec3.X, Vec3.Y, Vec3.Z)) {
            probes.add(new FrameFlexibility.Probe("B", new Vec3(1, 0.1, 0), direction));
            probes.add(new FrameFlexibility.Probe("C", new Vec3(1.1, 0.9, 0.3), direction));
        }
        FrameInput bare = new FrameInput(Theory.TIMOSHENKO, nodes, members, supports, List.of(), List.of(), List.of());
        FrameFlexibility give = FactoredFrame.of(bare).answer().orElseThrow().flexibility(probes);
        FrameCase pull = new FrameCase("pull", List.of(new NodeLoad("C", Vec3.Z, Vec3.ZERO)), Vec3.ZERO);
        FrameResult loaded = FrameAnalysis.solve(new FrameInput(
                        Theory.TIMOSHENKO, nodes, members, supports, List.of(), List.of(), List.of(pull)))
                .answer()
                .orElseThrow();
        for (int i = 0; i < probes.size(); i++) {
            for (int j = 0; j < probes.size(); j++) {
                assertThat(give.at(i, j)).isCloseTo(give.at(j, i), within(1e-15));
            }
            Vec3 moved = loaded.cases()
                    .get(0)
                    .node(probes.get(i).node())
                    .orElseThrow()
                    .displacement();
            assertThat(give.at(i, 5)).isCloseTo(moved.dot(probes.get(i).direction()), within(1e-14));
        }
    }

    @Test
    void floatingFrame_isNamed() {
        FrameInput loose = new FrameInput(
                Theory.TIMOSHENKO,
                List.of(new FrameNode("A", Vec3.ZERO), new FrameNode("B", Vec3.X)),
                List.of(FrameMember.welded("m", "A", "B", TUBE, STEEL)),
                List.of(),
                List.of(),
                List.of(),
                List.of());
        assertThat(FactoredFrame.of(loose).reasons()).isNotEmpty();
    }
}
