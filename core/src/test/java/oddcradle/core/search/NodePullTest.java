package oddcradle.core.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.edit.CradleEdit;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.Seating;
import org.junit.jupiter.api.Test;

class NodePullTest {
    private static final Job JOB = TestJobs.plain();
    private static final Examination EXAMINATION = Examination.of(JOB);

    private static Seating pulled(String node, Vec3 to, boolean mirrored) {
        return Seating.of(NodePull.to(EXAMINATION, node, to, mirrored).applyTo(JOB));
    }

    @Test
    void landedEnd_staysOnItsHostTube_andItsTwinFollows() {
        Random random = new Random(5);
        for (int k = 0; k < 100; k++) {
            Vec3 to = new Vec3(0.2 + 0.6 * random.nextDouble(), random.nextGaussian(), random.nextGaussian());
            Seating after = pulled("PFL", to, true);
            Vec3 left = after.node("PFL");
            assertThat(left.y()).isCloseTo(0.3, within(1e-9));
            assertThat(left.z()).isCloseTo(0.25, within(1e-9));
            assertThat(left.x()).isCloseTo(to.x(), within(1e-9));
            assertThat(after.node("PFR").x()).isCloseTo(left.x(), within(1e-9));
        }
    }

    @Test
    void pulledPastTheEnd_stopsThere_andSnapsToTheNodesOfTheHost() {
        assertThat(pulled("PFL", new Vec3(5, 0.3, 0.25), false).node("PFL").x()).isCloseTo(1.1, within(1e-9));
        assertThat(pulled("PFL", new Vec3(0.056, 0.3, 0.25), false).node("PFL").x())
                .isCloseTo(0.05, within(1e-9));
    }

    @Test
    void freeNode_goesWhereItIsPulled_andKeepsToItsBoss() {
        Vec3 to = new Vec3(0.7, 0.12, 0.22);
        Job after = NodePull.to(EXAMINATION, "S1", to, false).applyTo(JOB);
        assertThat(Seating.of(after).node("S1").distanceTo(to)).isLessThan(1e-9);
        assertThat(Seating.of(after).node("S2").distanceTo(EXAMINATION.seating().node("S2")))
                .isLessThan(1e-12);
    }

    @Test
    void nodeThatGoesAlone_hasNoTwin() {
        assertThat(NodePull.twin(EXAMINATION, "S1")).contains("S2");
        Examination lone = Examination.of(new CradleEdit.SetLone("S2", true).applyTo(JOB));
        assertThat(NodePull.twin(lone, "S1")).isEmpty();
        assertThat(NodePull.twin(lone, "S3")).contains("S4");
    }
}
