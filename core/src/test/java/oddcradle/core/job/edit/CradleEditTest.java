package oddcradle.core.job.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.cradle.Cradle;
import oddcradle.core.job.cradle.Detail;
import oddcradle.core.job.cradle.MountChoices;
import oddcradle.core.job.cradle.TubeJoint;
import oddcradle.core.job.tube.Anchor;
import oddcradle.core.job.tube.Member;
import oddcradle.core.job.tube.Node;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.mounting.Hard;
import oddcradle.core.section.Tube;
import org.junit.jupiter.api.Test;

class CradleEditTest {
    private static final Job JOB = TestJobs.plain();
    private static final String STEEL = JOB.materials().get(0).name();

    private static Cradle after(CradleEdit edit) {
        return edit.applyTo(JOB).cradle();
    }

    private static Member tube(String id, String... nodes) {
        return Member.sound(id, "tube " + id, List.of(nodes), new Tube(0.025, 0.002), STEEL);
    }

    @Test
    void addedTube_bringsItsNodes() {
        Node node = new Node("N1", new Anchor.At(new Vec3(0.5, 0, 0.6)));
        Cradle cradle = after(new CradleEdit.AddTube(tube("C3", "S1", "N1"), List.of(node)));
        assertThat(cradle.members()).hasSize(3);
        assertThat(cradle.nodes()).contains(node);
        assertThatThrownBy(() -> new CradleEdit.AddTube(tube("C1", "S1", "S2"), List.of()).applyTo(JOB))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("C1");
    }

    @Test
    void removedTube_takesItsJointsGussetsAndLonelyNodesAlong() {
        Job full = new CradleEdit.SetDetail(new Detail.Gusset("G1", "S1", "C1", "C2", 0.03, 0.003)).applyTo(JOB);
        full = new CradleEdit.SetDetail(new Detail.ReliefNotch("G2", "C1", 0.5, 0.006, true)).applyTo(full);
        full = new CradleEdit.SetJoint(TubeJoint.of("C1", "PFL", TubeJoint.Kind.REMOVABLE, "M8")).applyTo(full);
        assertThat(full.cradle().isRemovable("C1")).isTrue();
        Cradle left = new CradleEdit.RemoveTube("C1").applyTo(full).cradle();
        assertThat(left.member("C1")).isEmpty();
        assertThat(left.joints()).isEmpty();
        assertThat(left.details()).isEmpty();
        List<String> nodes = left.nodes().stream().map(Node::id).toList();
        // Mounts still hang on S1 and S2; what only the tube landed on is gone.
        assertThat(nodes).contains("S1", "S2", "PRL").doesNotContain("PFL", "PFR");
    }

    @Test
    void weldedJoint_isForgotten_asItIsTheUsual() {
        Job bolted = new CradleEdit.SetJoint(TubeJoint.of("C1", "PFL", TubeJoint.Kind.BOLTED, "M8")).applyTo(JOB);
        assertThat(bolted.cradle().joint("C1", "PFL")).isPresent();
        Job welded = new CradleEdit.SetJoint(TubeJoint.of("C1", "PFL", TubeJoint.Kind.WELDED, "")).applyTo(bolted);
        assertThat(welded).isEqualTo(JOB);
    }

    @Test
    void bentTube_runsThroughItsNewNode() {
        Node bend = new Node("N1", new Anchor.At(new Vec3(0.6, 0, 0.3)));
        Cradle cradle = after(new CradleEdit.BendTube("C1", 2, bend));
        assertThat(cradle.member("C1").orElseThrow().nodes()).containsExactly("PFL", "S1", "N1", "S2", "PFR");
        assertThatThrownBy(() -> new CradleEdit.BendTube("C9", 1, bend).applyTo(JOB))
                .isInstanceOf(InvalidValue.class);
    }

    @Test
    void elementsAndChoices_goToTheirMounts() {
        Cradle cradle = after(new CradleEdit.SetElement(List.of("M1", "M2"), new Hard(), Optional.of(0.0)));
        assertThat(cradle.isolators().get(0).element().isHard()).isTrue();
        assertThat(cradle.isolators().get(2).element().isHard()).isFalse();
        assertThat(cradle.isSoft()).isTrue();
        MountChoices corner = MountChoices.UNDECIDED
                .with(MountChoices.Item.TAB, Optional.of(0.005))
                .withThread("M8");
        assertThat(after(new CradleEdit.SetChoices("M3", corner))
                        .isolators()
                        .get(2)
                        .choices())
                .isEqualTo(corner);
        assertThat(corner.with(MountChoices.Item.TAB, Optional.empty()).decided())
                .isEmpty();
        assertThatThrownBy(() -> corner.with(MountChoices.Item.TAB, Optional.of(-1.0)))
                .isInstanceOf(InvalidValue.class);
    }

    @Test
    void lonelyNodesMountsAndDetails_comeAndGo() {
        assertThat(after(new CradleEdit.SetLone("S1", true)).lone()).containsExactly("S1");
        assertThat(after(new CradleEdit.RemoveMount("M1")).isolators()).hasSize(3);
        Job with = new CradleEdit.SetDetail(new Detail.LandingPad("K9", "B1", 0.003)).applyTo(JOB);
        assertThat(with.cradle().details()).hasSize(1);
        assertThat(new CradleEdit.RemoveDetail("K9").applyTo(with)).isEqualTo(JOB);
        assertThat(CradleEdit.freeName(JOB, "C")).isEqualTo("C3");
        assertThat(CradleEdit.freeName(JOB, "H")).isEqualTo("H1");
    }

    @Test
    void whatDetailsName_mustBeThere() {
        List<Detail> wrong = List.of(
                new Detail.Gusset("X", "S1", "C1", "C9", 0.03, 0.003),
                new Detail.Gusset("X", "S99", "C1", "C2", 0.03, 0.003),
                new Detail.LandingPad("X", "B9", 0.003),
                new Detail.ClampPad("X", "nowhere", 0.09, 0.005, "M8", 4, true),
                new Detail.ReliefNotch("X", "H1L", 0.5, 0.005, true),
                new Detail.Slide("X", List.of("S1", "no"), Vec3.X, 0.03, "M10"),
                new Detail.ReusedHanger("X", "B9", 0.08, 0.01, 0.02, 0.01),
                new Detail.FoldedPlate("X", "B9", 0.06, 0.002, 0.01, 0.09));
        for (Detail detail : wrong) {
            assertThatThrownBy(() -> new CradleEdit.SetDetail(detail).applyTo(JOB))
                    .as("%s", detail)
                    .isInstanceOf(InvalidValue.class)
                    .hasMessageContaining("cradle.details[0]");
        }
        assertThatThrownBy(() ->
                        new CradleEdit.SetJoint(TubeJoint.of("C1", "S1", TubeJoint.Kind.BOLTED, "M8")).applyTo(JOB))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("no end");
        List<TubeJoint> twice = new ArrayList<>();
        twice.add(TubeJoint.of("C1", "PFL", TubeJoint.Kind.BOLTED, "M8"));
        twice.add(TubeJoint.of("C1", "PFL", TubeJoint.Kind.REMOVABLE, "M8"));
        assertThatThrownBy(() -> JOB.withCradle(JOB.cradle().withJoints(twice))).isInstanceOf(InvalidValue.class);
    }
}
