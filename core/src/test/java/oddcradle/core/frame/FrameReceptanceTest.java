package oddcradle.core.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import oddcradle.core.frame.input.Fixity;
import oddcradle.core.frame.input.FrameInput;
import oddcradle.core.frame.input.FrameMember;
import oddcradle.core.frame.input.FrameNode;
import oddcradle.core.frame.input.FrameSupport;
import oddcradle.core.frame.input.MemberEnd;
import oddcradle.core.frame.input.Theory;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.Test;

/** What a frame's ends carry while it shakes. */
class FrameReceptanceTest {
    private static final double LENGTH = 1.2;
    private static final int PIECES = 6;

    private static FrameReceptance cantilever(double loss) {
        List<FrameNode> nodes = List.of(Frames.node("a", 0, 0, 0), Frames.node("b", LENGTH, 0, 0));
        List<FrameMember> members = List.of(FrameMember.welded("t", "a", "b", Frames.TUBE, Frames.STEEL));
        FrameInput frame = new FrameInput(
                Theory.EULER,
                nodes,
                members,
                List.of(new FrameSupport("a", Fixity.ALL)),
                List.of(),
                List.of(),
                List.of());
        List<FrameFlexibility.Probe> tip = List.of(new FrameFlexibility.Probe("b", new Vec3(LENGTH, 0, 0), Vec3.Z));
        return FrameReceptance.of(
                        frame, loss, PIECES, tip, List.of(new MemberEnd("t", true), new MemberEnd("t", false)))
                .orElseThrow();
    }

    /**
     * A uniform beam built in at one end and shaken at the other: root moment {@code F (sin + sinh) / (beta (1 + cos cosh))} of beta L, from
     * the beam's equation; beta L of its first two modes 1.8751 and 4.6941 (Blevins, from memory).
     */
    @Property(tries = 60)
    void rootOfAShakenCantilever_bearsTheMomentOfTheBeamsEquation(
            @ForAll @DoubleRange(min = 0.3, max = 5.5) double betaL) {
        boolean nearMode = Math.abs(betaL - 1.8751) < 0.15 || Math.abs(betaL - 4.6941) < 0.15;
        if (nearMode) {
            return;
        }
        double beta = betaL / LENGTH;
        double omega = beta * beta * Math.sqrt(Frames.EI / (Frames.STEEL.density() * Frames.TUBE.area()));
        EndForces root = cantilever(0)
                .endForces(omega, new double[] {100}, new double[] {0})
                .get(0)[0];
        double exact = 100 * (Math.sin(betaL) + Math.sinh(betaL)) / (beta * (1 + Math.cos(betaL) * Math.cosh(betaL)));
        assertThat(Math.abs(root.moment().y())).isCloseTo(Math.abs(exact), within(0.02 * Math.abs(exact) + 0.5));
    }

    /** At a mode material of loss eta lets a motion, and with it the moment, grow to the part of that mode at rest over eta. */
    @Test
    void onItsMode_theMomentIsHeldByTheLossAlone() {
        double omega =
                Math.pow(1.8751 / LENGTH, 2) * Math.sqrt(Frames.EI / (Frames.STEEL.density() * Frames.TUBE.area()));
        double light = moment(cantilever(0.02), omega);
        double heavy = moment(cantilever(0.04), omega);
        assertThat(light / heavy).isCloseTo(2, within(0.02));
    }

    private static double moment(FrameReceptance frame, double omega) {
        EndForces[] root =
                frame.endForces(omega, new double[] {1}, new double[] {0}).get(0);
        return Math.hypot(root[0].moment().y(), root[1].moment().y());
    }

    /** So slowly that nothing has inertia, every end carries what the frame solver says. */
    @Test
    void slowly_endsCarryWhatTheyCarryAtRest() {
        List<FrameNode> nodes = List.of(
                Frames.node("a", 0, 0, 0),
                Frames.node("b", 0, 0, 0.5),
                Frames.node("c", 0.7, 0.1, 0.6),
                Frames.node("d", 0.8, 0.5, 0));
        List<FrameMember> members = List.of(
                FrameMember.welded("1", "a", "b", Frames.TUBE, Frames.STEEL),
                FrameMember.welded("2", "b", "c", Frames.TUBE, Frames.STEEL),
                FrameMember.welded("3", "c", "d", Frames.TUBE, Frames.STEEL));
        List<FrameSupport> supports =
                List.of(new FrameSupport("a", Fixity.ALL), new FrameSupport("d", Fixity.POSITION));
        List<MemberEnd> ends = new ArrayList<>();
        members.forEach(each -> ends.addAll(List.of(new MemberEnd(each.id(), true), new MemberEnd(each.id(), false))));
        FrameInput loaded = new FrameInput(
                Theory.TIMOSHENKO,
                nodes,
                members,
                supports,
                List.of(),
                List.of(),
                List.of(Frames.force("c", 0, 300, 0)));
        CaseResult still =
                FrameAnalysis.solve(loaded).answer().orElseThrow().cases().get(0);
        List<EndForces[]> slow = FrameReceptance.of(
                        loaded,
                        0,
                        PIECES,
                        List.of(new FrameFlexibility.Probe("c", new Vec3(0.7, 0.1, 0.6), Vec3.Y)),
                        ends)
                .orElseThrow()
                .endForces(0.1, new double[] {300}, new double[] {0});
        assertThat(slow).hasSize(6);
        for (int k = 0; k < members.size(); k++) {
            MemberResult member = still.members().get(k);
            assertNear(slow.get(2 * k)[0], member.endI());
            assertNear(slow.get(2 * k + 1)[0], member.endJ());
        }
    }

    private static void assertNear(EndForces one, EndForces other) {
        assertThat(one.force().minus(other.force()).length()).isLessThan(0.05);
        assertThat(one.moment().minus(other.moment()).length()).isLessThan(0.05);
        assertThat(other.force().length() + other.moment().length()).isGreaterThan(1);
    }
}
