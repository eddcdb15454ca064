package oddcradle.core.structure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import oddcradle.core.examine.Examination;
import oddcradle.core.frame.CaseResult;
import oddcradle.core.frame.FrameAnalysis;
import oddcradle.core.frame.FrameResult;
import oddcradle.core.frame.input.EndJoint;
import oddcradle.core.frame.input.FrameInput;
import oddcradle.core.frame.input.FrameMember;
import oddcradle.core.frame.input.FrameNode;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.load.LoadCase;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.Test;

class BentFrameTest {
    /** Every tube cut in two: the solver's own node in the middle lies on the line that was drawn, but for shear and its own weight. */
    @Test
    void drawnLine_goesThroughWhereTheSolverPutsTheMiddle() {
        Job job = TestJobs.plain();
        Examination examination = Examination.of(job);
        CradleFrame.Built built = examination.frame();
        List<CaseResult> results = examination.load().answer().orElseThrow().cases();
        BentFrame bent = CaseVariants.of(job).stream()
                .map(load -> BentFrame.of(load, built, result(results, load)))
                .max(Comparator.comparingDouble(BentFrame::most))
                .orElseThrow();
        CaseResult fine = result(halved(built.input()).cases(), bent.load());
        assertThat(bent.pieces()).hasSizeGreaterThan(5);
        double most = bent.most();
        assertThat(most).isGreaterThan(1e-4);
        for (int k = 0; k < bent.pieces().size(); k++) {
            BentFrame.Piece piece = bent.pieces().get(k);
            Vec3 middle = fine.node(built.input().members().get(k).id() + "/middle")
                    .orElseThrow()
                    .displacement();
            assertThat(piece.moves().get(4).minus(middle).length())
                    .as(piece.tube())
                    .isLessThan(0.02 * most);
        }
    }

    private static CaseResult result(List<CaseResult> results, LoadCase load) {
        return results.stream()
                .filter(each -> each.id().equals(load.id()))
                .findFirst()
                .orElseThrow();
    }

    private static FrameResult halved(FrameInput input) {
        List<FrameNode> nodes = new ArrayList<>(input.nodes());
        List<FrameMember> members = new ArrayList<>();
        for (FrameMember member : input.members()) {
            Vec3 from = place(input, member.i()).plus(member.offsetI());
            Vec3 to = place(input, member.j()).plus(member.offsetJ());
            String middle = member.id() + "/middle";
            nodes.add(new FrameNode(middle, from.towards(to, 0.5)));
            members.add(new FrameMember(
                    member.id() + "/1",
                    member.i(),
                    middle,
                    member.section(),
                    member.material(),
                    member.jointI(),
                    EndJoint.FIXED,
                    member.offsetI(),
                    Vec3.ZERO));
            members.add(new FrameMember(
                    member.id() + "/2",
                    middle,
                    member.j(),
                    member.section(),
                    member.material(),
                    EndJoint.FIXED,
                    member.jointJ(),
                    Vec3.ZERO,
                    member.offsetJ()));
        }
        return FrameAnalysis.solve(new FrameInput(
                        input.theory(),
                        nodes,
                        members,
                        input.supports(),
                        input.mounts(),
                        input.masses(),
                        input.cases()))
                .answer()
                .orElseThrow();
    }

    private static Vec3 place(FrameInput input, String id) {
        return input.nodes().stream()
                .filter(each -> each.id().equals(id))
                .findFirst()
                .orElseThrow()
                .position();
    }
}
