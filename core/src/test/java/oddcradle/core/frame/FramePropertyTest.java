package oddcradle.core.frame;

import static oddcradle.core.frame.Frames.displacement;
import static oddcradle.core.frame.Frames.fixed;
import static oddcradle.core.frame.Frames.force;
import static oddcradle.core.frame.Frames.frame;
import static oddcradle.core.frame.Frames.member;
import static oddcradle.core.frame.Frames.node;
import static oddcradle.core.frame.Frames.solve;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import oddcradle.core.frame.input.Fixity;
import oddcradle.core.frame.input.FrameCase;
import oddcradle.core.frame.input.FrameInput;
import oddcradle.core.frame.input.FrameMember;
import oddcradle.core.frame.input.FrameNode;
import oddcradle.core.frame.input.FrameSupport;
import oddcradle.core.frame.input.NodeLoad;
import oddcradle.core.frame.input.Theory;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.Test;

class FramePropertyTest {
    @Property(tries = 40)
    void turningTheWholeFrame_turnsTheAnswer(
            @ForAll @DoubleRange(min = -3, max = 3) double yaw, @ForAll @DoubleRange(min = -3, max = 3) double tilt) {
        Mat3 turn = Mat3.rotationAbout(Vec3.Z, yaw).times(Mat3.rotationAbout(new Vec3(1, 0.3, 0), tilt));
        CaseResult plain = solve(Frames.skewTripod(Vec3.ZERO, Mat3.IDENTITY));
        CaseResult turned = solve(Frames.skewTripod(new Vec3(3, -2, 1), turn));
        Vec3 expected = turn.times(displacement(plain, "arm"));
        assertThat(displacement(turned, "arm").distanceTo(expected)).isLessThan(1e-9 * expected.length() + 1e-14);
        for (int k = 0; k < plain.members().size(); k++) {
            double stress = plain.members().get(k).vonMisesMax();
            assertThat(turned.members().get(k).vonMisesMax()).isCloseTo(stress, within(stress * 1e-6));
        }
    }

    @Property(tries = 40)
    void reactions_balanceTheLoadsTo1e9(@ForAll Random random) {
        CaseResult result = solve(randomLattice(random));
        assertThat(result.equilibriumError()).isLessThan(1e-9);
    }

    /** Betti and Maxwell: a unit load at a moves b as much as a unit load at b moves a. */
    @Property(tries = 20)
    void displacements_areReciprocal(@ForAll Random random) {
        FrameInput lattice = randomLattice(random);
        CaseResult one = solve(withCase(lattice, force("n7", 0, 0, 1000)));
        CaseResult other = solve(withCase(lattice, force("n5", 0, 1000, 0)));
        assertThat(displacement(one, "n5").y())
                .isCloseTo(displacement(other, "n7").z(), within(1e-12));
    }

    private static FrameInput withCase(FrameInput input, FrameCase load) {
        return frame(input.theory(), input.nodes(), input.members(), input.supports(), load);
    }

    private static FrameInput randomLattice(Random random) {
        List<FrameNode> nodes = new ArrayList<>();
        List<FrameMember> members = new ArrayList<>();
        for (int k = 0; k < 8; k++) {
            nodes.add(node(
                    "n" + k,
                    (k & 1) + 0.2 * random.nextDouble(),
                    (k >> 1 & 1) + 0.2 * random.nextDouble(),
                    (k >> 2 & 1) + 0.2 * random.nextDouble()));
            for (int bit = 0; bit < 3; bit++) {
                int other = k ^ 1 << bit;
                if (other < k) {
                    members.add(
                            FrameMember.welded("m" + k + "-" + other, "n" + k, "n" + other, Frames.TUBE, Frames.STEEL));
                }
            }
        }
        FrameCase load = new FrameCase(
                "load",
                List.of(
                        new NodeLoad("n7", new Vec3(300, -200, -900), new Vec3(20, 0, 5)),
                        new NodeLoad("n5", new Vec3(0, 450, 0), Vec3.ZERO)),
                new Vec3(0, 14, -30));
        List<FrameSupport> supports = List.of(
                new FrameSupport("n0", Fixity.POSITION),
                new FrameSupport("n1", new Fixity(false, true, true, false, false, false)),
                new FrameSupport("n2", new Fixity(false, false, true, false, false, false)));
        return frame(Theory.TIMOSHENKO, nodes, members, supports, load);
    }

    @Test
    void splittingATube_changesNothing() {
        FrameCase load = force("tip", 100, 200, -300);
        CaseResult whole = solve(frame(
                Theory.TIMOSHENKO,
                List.of(node("root", 0, 0, 0), node("tip", 0.7, 0.2, 0.1)),
                List.of(member("1", "root", "tip")),
                List.of(fixed("root")),
                load));
        CaseResult split = solve(frame(
                Theory.TIMOSHENKO,
                List.of(node("root", 0, 0, 0), node("mid", 0.28, 0.08, 0.04), node("tip", 0.7, 0.2, 0.1)),
                List.of(member("1", "root", "mid"), member("2", "mid", "tip")),
                List.of(fixed("root")),
                load));
        assertThat(displacement(split, "tip").distanceTo(displacement(whole, "tip")))
                .isLessThan(1e-12);
    }
}
