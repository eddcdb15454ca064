package oddcradle.core.structure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.examine.Examination;
import oddcradle.core.frame.input.FrameCase;
import oddcradle.core.frame.input.FrameInput;
import oddcradle.core.frame.input.FrameMember;
import oddcradle.core.frame.input.FrameNode;
import oddcradle.core.frame.input.NodeLoad;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.cradle.Cradle;
import oddcradle.core.job.load.LoadCase;
import oddcradle.core.job.tube.Anchor;
import oddcradle.core.job.tube.Member;
import oddcradle.core.job.tube.Node;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.Seating;
import oddcradle.core.section.Tube;
import org.junit.jupiter.api.Test;

/** How the job's tubes become a frame: split where others land, held by the isolators, pulled by the chain. */
class CradleFrameTest {
    private static final Job JOB = TestJobs.plain();

    private static FrameInput frame(Job job) {
        Seating seating = Seating.of(job);
        return CradleFrame.of(job, seating, LineResult.of(job, seating)).input();
    }

    private static Vec3 position(FrameInput frame, String node) {
        return frame.nodes().stream()
                .filter(each -> each.id().equals(node))
                .map(FrameNode::position)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void hostRail_isSplitWhereTheCradleLands_inOrder() {
        List<FrameMember> rail = frame(JOB).members().stream()
                .filter(member -> member.id().startsWith("H1L"))
                .toList();
        assertThat(rail).extracting(FrameMember::i).containsExactly("AL", "BL", "PRL", "PFL");
        assertThat(rail).extracting(FrameMember::j).containsExactly("BL", "PRL", "PFL", "CL");
        assertThat(rail).extracting(FrameMember::id).containsExactly("H1L.1", "H1L.2", "H1L.3", "H1L.4");
    }

    @Test
    void landings_lieOnTheRailAbeamOfTheirBoss() {
        FrameInput frame = frame(JOB);
        assertThat(position(frame, "PFL").distanceTo(new Vec3(0.65, 0.3, 0.25))).isLessThan(1e-12);
        assertThat(position(frame, "S1").distanceTo(new Vec3(0.65, 0.1, 0.25))).isLessThan(1e-12);
    }

    @Test
    void landingOnAHostNode_becomesThatNodeWithAnArm() {
        List<Node> nodes = new ArrayList<>(JOB.cradle().nodes());
        nodes.add(new Node("near", new Anchor.At(new Vec3(0.0503, 0.3, 0.4))));
        nodes.add(new Node("foot", new Anchor.OnMember("H1L", "near", Vec3.ZERO)));
        List<Member> tubes = new ArrayList<>(JOB.cradle().members());
        tubes.add(Member.sound("C9", "stay", List.of("foot", "S3"), new Tube(0.02, 0.0015), "steel"));
        FrameInput frame =
                frame(JOB.withCradle(new Cradle(nodes, tubes, JOB.cradle().isolators())));
        FrameMember stay = frame.members().stream()
                .filter(member -> member.id().equals("C9"))
                .findFirst()
                .orElseThrow();
        assertThat(stay.i()).isEqualTo("BL");
        assertThat(stay.offsetI().distanceTo(new Vec3(0.0003, 0, 0))).isLessThan(1e-12);
    }

    private static FrameCase loaded(String id) {
        return frame(JOB).cases().stream()
                .filter(each -> each.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    /** Standing, from the other side and the other way round come by themselves. */
    @Test
    void everyCase_comesAsItReallyMay() {
        Job job = JOB.withCases(List.of(
                LoadCase.of("corner", "corner", new Vec3(0, 1, -1), 0), LoadCase.of("pull", "pull", Vec3.Z, 0.5)));
        assertThat(CaseVariants.of(job))
                .extracting(LoadCase::label)
                .containsExactly("standing", "corner", "corner, other side", "pull", "pull, overrun");
        assertThat(CaseVariants.of(job).get(2).field()).isEqualTo(new Vec3(0, -1, -1));
        assertThat(CaseVariants.of(job).get(4).drive()).isEqualTo(-0.25);
        // A machine that drives is looked at under full throttle though nobody asked.
        assertThat(CaseVariants.of(JOB.withCases(List.of())))
                .extracting(LoadCase::drive)
                .containsExactly(0.0, 1.0, -0.5);
    }

    @Test
    void chainPull_isTornFromTheAxleItPullsOn() {
        FrameCase pull = loaded("pull");
        Vec3 sum = pull.loads().stream().map(NodeLoad::force).reduce(Vec3.ZERO, Vec3::plus);
        assertThat(sum.length()).isLessThan(1e-9);
        NodeLoad onDonor = pull.loads().get(0);
        assertThat(onDonor.node()).isEqualTo("donor");
        assertThat(onDonor.force().length())
                .isCloseTo(Examination.of(JOB).line().stages().get(0).design(), withinPercentage(1));
        assertThat(onDonor.force().x()).isNegative();
        // The sprocket sits 0.12 m left of the middle of bearings 0.6 m apart: 70 % goes to the left one.
        Vec3 left = pull.loads().stream()
                .filter(load -> load.node().equals("BL"))
                .findFirst()
                .orElseThrow()
                .force();
        assertThat(left.length() / onDonor.force().length()).isCloseTo(0.7, within(1e-12));
    }

    @Test
    void fieldsAreInG_andMountsStandInTheMiddleOfTheirRubber() {
        FrameInput frame = frame(JOB);
        assertThat(loaded("bump").acceleration().z()).isCloseTo(-3 * 9.80665, within(1e-12));
        assertThat(frame.mounts()).hasSize(4);
        // The boss at 0.3 m; half a lug of 20 mm nobody has measured and half a pad of 20 mm under it, for the tube
        // leaves less.
        assertThat(frame.mounts().get(0).centre().distanceTo(new Vec3(0.65, 0.1, 0.25 + 0.015 + 0.01)))
                .isLessThan(1e-12);
        assertThat(frame.mounts().get(0).stiffness().x())
                .isGreaterThan(frame.mounts().get(0).stiffness().y());
        assertThat(frame.mounts().get(0).axes().row0()).isEqualTo(Vec3.Z);
    }

    @Test
    void nodesThatNothingTouches_areLeftOut() {
        List<Node> nodes = new ArrayList<>(JOB.cradle().nodes());
        nodes.add(new Node("idle", new Anchor.At(new Vec3(9, 9, 9))));
        FrameInput frame = frame(JOB.withCradle(
                new Cradle(nodes, JOB.cradle().members(), JOB.cradle().isolators())));
        assertThat(frame.nodes()).extracting(FrameNode::id).doesNotContain("idle");
    }
}
