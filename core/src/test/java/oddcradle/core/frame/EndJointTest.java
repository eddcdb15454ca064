package oddcradle.core.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import oddcradle.core.frame.input.EndJoint;
import oddcradle.core.frame.input.Fixity;
import oddcradle.core.frame.input.FrameCase;
import oddcradle.core.frame.input.FrameInput;
import oddcradle.core.frame.input.FrameMember;
import oddcradle.core.frame.input.FrameNode;
import oddcradle.core.frame.input.FrameSupport;
import oddcradle.core.frame.input.MemberEnd;
import oddcradle.core.frame.input.NodeLoad;
import oddcradle.core.frame.input.Theory;
import oddcradle.core.material.Material;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.Rect;
import org.junit.jupiter.api.Test;

/** Springs and hinges at the ends of beams, against the beam's own formulas (Gere and Timoshenko, Mechanics of Materials). */
class EndJointTest {
    private static final double LENGTH = 0.8;
    private static final double FORCE = 500;
    private static final double E = 210e9;
    private static final Material STEEL = Material.of("steel", E, 0.3, 7850, 250e6);
    /** Upright: 30 mm high, 20 mm wide. */
    private static final Rect BAR = new Rect(0.02, 0.03);

    private static final double I = 0.02 * 0.03 * 0.03 * 0.03 / 12;

    private static FrameInput beam(EndJoint root, EndJoint tip, List<FrameSupport> supports, Vec3 force) {
        return new FrameInput(
                Theory.EULER,
                List.of(new FrameNode("a", Vec3.ZERO), new FrameNode("b", new Vec3(LENGTH, 0, 0))),
                List.of(FrameMember.welded("beam", "a", "b", BAR, STEEL).with(root, tip)),
                supports,
                List.of(),
                List.of(),
                List.of(new FrameCase("push", List.of(new NodeLoad("b", force, Vec3.ZERO)), Vec3.ZERO)));
    }

    private static CaseResult solved(FrameInput input) {
        return FrameAnalysis.solve(input).answer().orElseThrow().cases().get(0);
    }

    private static double sinks(EndJoint root) {
        FrameInput cantilever =
                beam(root, EndJoint.FIXED, List.of(new FrameSupport("a", Fixity.ALL)), new Vec3(0, 0, -FORCE));
        return -solved(cantilever).node("b").orElseThrow().displacement().z();
    }

    private static EndJoint spring(boolean turn, Vec3 direction, double stiffness) {
        return new EndJoint(List.of(new EndJoint.Give(turn, direction, stiffness)));
    }

    @Property(tries = 40)
    void cantileverOnATurningSpring_sinksByBoth(@ForAll @DoubleRange(min = 2, max = 6) double decade) {
        double k = Math.pow(10, decade);
        double bends = FORCE * Math.pow(LENGTH, 3) / (3 * E * I);
        double turns = FORCE * LENGTH * LENGTH / k;
        assertThat(sinks(spring(true, Vec3.Y, k))).isCloseTo(bends + turns, within(1e-9 * (bends + turns)));
        // About the other axis it holds.
        assertThat(sinks(spring(true, Vec3.Z, k))).isCloseTo(bends, within(1e-9 * bends));
    }

    @Test
    void tieOnASpring_stretchesByBoth() {
        double k = 3e6;
        FrameInput tie = beam(
                spring(false, Vec3.X, k),
                EndJoint.FIXED,
                List.of(new FrameSupport("a", Fixity.ALL)),
                new Vec3(FORCE, 0, 0));
        double stretched = FORCE * LENGTH / (E * BAR.area()) + FORCE / k;
        assertThat(solved(tie).node("b").orElseThrow().displacement().x())
                .isCloseTo(stretched, within(1e-9 * stretched));
    }

    /** One bolt frees one plane: propped there, a cantilever in the other. */
    @Test
    void endOnOneBolt_turnsAboutThatBoltAlone() {
        FrameSupport wall = new FrameSupport("a", Fixity.ALL);
        FrameSupport prop = new FrameSupport("b", new Fixity(false, false, true, true, false, false));
        EndJoint level = EndJoint.hinge(Vec3.Y);
        double aside = solved(beam(level, EndJoint.FIXED, List.of(wall, prop), new Vec3(0, FORCE, 0)))
                .node("b")
                .orElseThrow()
                .displacement()
                .y();
        double wide = 0.03 * 0.02 * 0.02 * 0.02 / 12;
        assertThat(aside).isCloseTo(FORCE * Math.pow(LENGTH, 3) / (3 * E * wide), within(1e-9));
        // Nothing holds it up but the bolt: a mechanism, and named.
        assertThat(FrameAnalysis.solve(beam(level, EndJoint.FIXED, List.of(wall), new Vec3(0, 0, FORCE)))
                        .reasons())
                .singleElement()
                .satisfies(found -> assertThat(found.code()).isEqualTo(FrameFinding.MECHANISM));
    }

    /** Slant bolts: about an axis at 30 degrees the end carries no moment, whatever the load. */
    @Property(tries = 40)
    void endCarriesNoMomentAboutItsBolt(
            @ForAll @DoubleRange(min = 0, max = 3) double angle, @ForAll @DoubleRange(min = -1, max = 1) double up) {
        Vec3 bolt = new Vec3(0, Math.cos(angle), Math.sin(angle));
        FrameInput held = beam(
                EndJoint.hinge(bolt),
                EndJoint.FIXED,
                List.of(
                        new FrameSupport("a", Fixity.ALL),
                        new FrameSupport("b", new Fixity(false, false, false, true, true, true))),
                new Vec3(0, FORCE, up * FORCE));
        Vec3 moment = solved(held).members().get(0).endI().moment();
        assertThat(moment.dot(bolt)).isCloseTo(0, within(1e-6));
        assertThat(moment.length()).isGreaterThan(0);
    }

    /** What is pushed slowly bears what it bears at rest: a bent line held at both ends, so that what the ends give decides who bears what. */
    @Test
    void shakenSlowly_springsGiveAsTheyDoAtRest() {
        EndJoint gives = new EndJoint(List.of(
                new EndJoint.Give(true, Vec3.Y, 4e3),
                new EndJoint.Give(true, Vec3.Z, 9e3),
                new EndJoint.Give(false, Vec3.X, 2e6)));
        Vec3 corner = new Vec3(LENGTH, 0.1, 0);
        FrameInput input = new FrameInput(
                Theory.TIMOSHENKO,
                List.of(
                        new FrameNode("a", Vec3.ZERO),
                        new FrameNode("b", corner),
                        new FrameNode("c", new Vec3(LENGTH, 0.5, -0.6))),
                List.of(
                        FrameMember.welded("ab", "a", "b", BAR, STEEL).with(gives, EndJoint.FIXED),
                        FrameMember.welded("bc", "b", "c", BAR, STEEL).with(EndJoint.hinge(Vec3.Z), gives)),
                List.of(new FrameSupport("a", Fixity.ALL), new FrameSupport("c", Fixity.ALL)),
                List.of(),
                List.of(),
                List.of(new FrameCase(
                        "push", List.of(new NodeLoad("b", new Vec3(0, 0, -FORCE), Vec3.ZERO)), Vec3.ZERO)));
        List<MemberEnd> ends = List.of(new MemberEnd("ab", true), new MemberEnd("bc", false));
        List<EndForces[]> slow = FrameReceptance.of(
                        input, 0, 4, List.of(new FrameFlexibility.Probe("b", corner, Vec3.Z)), ends)
                .orElseThrow()
                .endForces(1, new double[] {-FORCE}, new double[] {0});
        CaseResult still = solved(input);
        List<EndForces> rest =
                List.of(still.members().get(0).endI(), still.members().get(1).endJ());
        for (int k = 0; k < rest.size(); k++) {
            Vec3 moment = rest.get(k).moment();
            assertThat(slow.get(k)[0].moment().minus(moment).length()).isLessThan(1e-3 * moment.length());
            Vec3 force = rest.get(k).force();
            assertThat(slow.get(k)[0].force().minus(force).length()).isLessThan(1e-3 * force.length());
        }
        CaseResult stiff = solved(input.withMembers(input.members().stream()
                .map(each -> each.with(EndJoint.FIXED, EndJoint.FIXED))
                .toList()));
        double apart = stiff.members()
                .get(0)
                .endI()
                .moment()
                .minus(rest.get(0).moment())
                .length();
        assertThat(apart).isGreaterThan(0.1 * rest.get(0).moment().length());
    }

    @Test
    void tornOffEnd_carriesNothing() {
        FrameInput held = beam(
                EndJoint.GONE,
                EndJoint.FIXED,
                List.of(new FrameSupport("a", Fixity.ALL), new FrameSupport("b", Fixity.ALL)),
                Vec3.ZERO);
        EndForces end = solved(new FrameInput(
                        held.theory(),
                        held.nodes(),
                        held.members(),
                        held.supports(),
                        held.mounts(),
                        held.masses(),
                        List.of(new FrameCase("weight", List.of(), new Vec3(0, 0, -9.81)))))
                .members()
                .get(0)
                .endI();
        assertThat(end.force().length()).isCloseTo(0, within(1e-9));
        assertThat(end.moment().length()).isCloseTo(0, within(1e-9));
    }
}
