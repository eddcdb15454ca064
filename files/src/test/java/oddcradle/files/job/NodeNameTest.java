package oddcradle.files.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.util.Set;
import oddcradle.core.drawn.NodeName;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.Job;
import oddcradle.core.math.InvalidValue;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class NodeNameTest {
    private static final String OTHER = "a name nobody has";

    /** Wherever the old name stood the new one stands: named back, the job is what it was, and nothing weighs or bends otherwise. */
    @ParameterizedTest
    @EnumSource(DemoJobs.class)
    void renamedAndNamedBack_isTheSameJob(DemoJobs demo) {
        Job job = demo.load().job();
        Set<String> nodes = job.host().places().keySet();
        assertThat(nodes).hasSizeGreaterThan(5);
        for (String node : nodes) {
            Job renamed = NodeName.renamed(job, node, OTHER);
            assertThat(renamed.host().places().get(OTHER))
                    .isEqualTo(job.host().places().get(node));
            assertThat(NodeName.renamed(renamed, OTHER, node)).isEqualTo(job);
            assertThat(mentions(renamed, OTHER)).isEqualTo(mentions(job, node) - otherThings(job, node));
        }
        Job first = NodeName.renamed(job, nodes.iterator().next(), OTHER);
        assertThat(Examination.of(first).tubeStresses().stream()
                        .map(each -> each.utilisation())
                        .toList())
                .isEqualTo(Examination.of(job).tubeStresses().stream()
                        .map(each -> each.utilisation())
                        .toList());
    }

    /** How often the file says it as a whole word in quotes. */
    private static int mentions(Job job, String word) {
        String text = new String(JobCodec.write(JobCodec.fresh(job)), StandardCharsets.UTF_8);
        return text.split("\"" + word + "\"", -1).length - 1;
    }

    /** Bosses and points of the donor may bear the name of a node; they keep it. */
    private static int otherThings(Job job, String node) {
        return mentions(NodeName.renamed(job, node, OTHER), node);
    }

    @ParameterizedTest
    @EnumSource(value = DemoJobs.class, names = "SALTMARSH_RUNABOUT")
    void nameThatIsTakenOrNone_isRefused(DemoJobs demo) {
        Job job = demo.load().job();
        String first = job.host().nodes().get(0).id();
        String second = job.host().nodes().get(1).id();
        assertThatThrownBy(() -> NodeName.renamed(job, first, second))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining(second);
        assertThatThrownBy(() -> NodeName.renamed(job, first, " ")).isInstanceOf(InvalidValue.class);
        assertThat(NodeName.renamed(job, first, first)).isEqualTo(job);
    }
}
