package oddcradle.core.frame;

import static oddcradle.core.frame.Frames.fixed;
import static oddcradle.core.frame.Frames.force;
import static oddcradle.core.frame.Frames.frame;
import static oddcradle.core.frame.Frames.jointed;
import static oddcradle.core.frame.Frames.member;
import static oddcradle.core.frame.Frames.node;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Outcome;
import oddcradle.core.finding.Severity;
import oddcradle.core.frame.input.ElasticMount;
import oddcradle.core.frame.input.EndJoint;
import oddcradle.core.frame.input.FrameCase;
import oddcradle.core.frame.input.FrameInput;
import oddcradle.core.frame.input.FrameMember;
import oddcradle.core.frame.input.FrameNode;
import oddcradle.core.frame.input.FrameSupport;
import oddcradle.core.frame.input.NodeLoad;
import oddcradle.core.frame.input.Theory;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.UnitStyle;
import org.junit.jupiter.api.Test;

/** What can move freely is named in words; no matrix error gets out. */
class MechanismTest {
    private static Finding reason(FrameInput input) {
        Outcome<FrameResult> outcome = FrameAnalysis.solve(input);
        assertThat(outcome.answer()).isEmpty();
        return outcome.reasons().get(0);
    }

    private static String words(Finding finding) {
        return finding.what().in(UnitStyle.MILLIMETRES);
    }

    private static final List<FrameNode> FOUR =
            List.of(node("a", 0, 0, 0), node("b", 1, 0, 0), node("c", 0, 1, 0), node("d", 1, 1, 0));

    @Test
    void tubeJoinedToNothing_isNamed() {
        Finding finding = reason(frame(
                Theory.EULER,
                FOUR,
                List.of(member("C1", "a", "b"), member("C4", "c", "d")),
                List.of(fixed("a")),
                force("b", 0, 0, -1)));
        assertThat(finding.code()).isEqualTo(FrameFinding.FLOATING);
        assertThat(words(finding)).isEqualTo("tube C4 is held by nothing at either end");
    }

    @Test
    void groupThatHoldsOnlyItself_isNamedWithItsParts() {
        Finding finding = reason(frame(
                Theory.EULER,
                FOUR,
                List.of(member("C1", "a", "b"), member("C2", "b", "c")),
                List.of(fixed("d")),
                force("b", 0, 0, -1)));
        assertThat(words(finding)).startsWith("tubes C1, C2 hold only each other");
    }

    @Test
    void tubeHingedToAPost_isHeldByNothingAtItsFarEnd() {
        Finding finding = reason(frame(
                Theory.EULER,
                List.of(node("foot", 0, 0, 0), node("top", 0, 0, 1), node("out", -1, 0, 1)),
                List.of(member("post", "foot", "top"), jointed("C4", "top", "out", EndJoint.PINNED, EndJoint.FIXED)),
                List.of(fixed("foot")),
                force("out", 0, 0, -1)));
        assertThat(finding.code()).isEqualTo(FrameFinding.MECHANISM);
        assertThat(words(finding)).startsWith("tube C4 is held by nothing at its rear end");
        assertThat(finding.where().points()).containsExactly(new Vec3(-1, 0, 1));
    }

    @Test
    void fourBarFrame_isAMechanismOfMeetingTubes() {
        Finding finding = reason(frame(
                Theory.EULER,
                List.of(node("a", 0, 0, 0), node("b", 0, 0, 1), node("c", 1, 0, 1), node("d", 1, 0, 0)),
                List.of(
                        jointed("1", "a", "b", EndJoint.BALL, EndJoint.BALL),
                        jointed("2", "b", "c", EndJoint.FIXED, EndJoint.FIXED),
                        jointed("3", "d", "c", EndJoint.BALL, EndJoint.BALL)),
                List.of(fixed("a"), fixed("d")),
                force("b", 1, 0, 0)));
        assertThat(finding.code()).isEqualTo(FrameFinding.MECHANISM);
        assertThat(words(finding)).contains("free to move");
    }

    @Test
    void bodyOnASingleSpring_swingsAndIsNamed() {
        ElasticMount mount =
                new ElasticMount("M1", "donor", "b", new Vec3(1, 0, 0), Mat3.IDENTITY, new Vec3(1e5, 1e5, 1e5));
        FrameInput input = new FrameInput(
                Theory.EULER,
                List.of(node("a", 0, 0, 0), node("b", 1, 0, 0), node("donor", 1, 0, 0.5)),
                List.of(member("1", "a", "b")),
                List.of(fixed("a")),
                List.of(mount),
                List.of(),
                List.of(force("donor", 0, 0, -1)));
        Finding finding = reason(input);
        assertThat(finding.code()).isEqualTo(FrameFinding.LOOSE_BODY);
        assertThat(words(finding)).contains("donor");
    }

    @Test
    void trussNodeOfBallEnds_staysStill_unlessAMomentTurnsIt() {
        List<FrameNode> nodes =
                List.of(node("a", 0, 0, 0), node("b", 1, 0, 0), node("c", 0, 1, 0), node("top", 0.3, 0.3, 1));
        List<FrameMember> truss = List.of(
                jointed("1", "a", "top", EndJoint.BALL, EndJoint.BALL),
                jointed("2", "b", "top", EndJoint.BALL, EndJoint.BALL),
                jointed("3", "c", "top", EndJoint.BALL, EndJoint.BALL));
        List<FrameSupport> feet = List.of(fixed("a"), fixed("b"), fixed("c"));
        assertThat(FrameAnalysis.solve(frame(Theory.EULER, nodes, truss, feet, force("top", 1, 2, -3)))
                        .answer())
                .isPresent();
        FrameCase moment = new FrameCase("turn", List.of(new NodeLoad("top", Vec3.ZERO, Vec3.X)), Vec3.ZERO);
        assertThat(words(reason(frame(Theory.EULER, nodes, truss, feet, moment))))
                .contains("turns node top");
    }

    @Test
    void badReferencesAndZeroLength_nameTheirField() {
        assertThatThrownBy(() -> frame(
                        Theory.EULER, FOUR, List.of(member("1", "a", "x")), List.of(fixed("a")), force("a", 0, 0, 1)))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("members[0].j names the node \"x\"");
        assertThatThrownBy(() -> frame(
                        Theory.EULER, FOUR, List.of(member("1", "a", "a")), List.of(fixed("a")), force("a", 0, 0, 1)))
                .hasMessageContaining("\"1\" has no length");
        assertThatThrownBy(() -> frame(
                        Theory.EULER, FOUR, List.of(member("1", "a", "b")), List.of(fixed("q")), force("a", 0, 0, 1)))
                .hasMessageContaining("supports[0].node");
    }

    @Test
    void noMemberAtAll_isNoFault_butNotLookedAt() {
        Outcome<FrameResult> none = FrameAnalysis.solve(frame(Theory.EULER, FOUR, List.of(), List.of(fixed("a"))));
        assertThat(none.answer()).isEmpty();
        assertThat(none.reasons().get(0).severity()).isEqualTo(Severity.NOT_CHECKED);
    }
}
