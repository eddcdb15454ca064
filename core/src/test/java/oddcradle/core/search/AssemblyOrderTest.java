package oddcradle.core.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import oddcradle.core.control.Progress;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.edit.CradleEdit;
import oddcradle.core.job.tube.Anchor;
import oddcradle.core.job.tube.Member;
import oddcradle.core.job.tube.Node;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.Tube;
import org.junit.jupiter.api.Test;

class AssemblyOrderTest {
    private static final Job JOB = TestJobs.plain();
    private static final String STEEL = JOB.materials().get(0).name();

    private static Job with(String id, Vec3 from, Vec3 to) {
        return new CradleEdit.AddTube(
                        Member.sound(id, "tube " + id, List.of(id + "a", id + "b"), new Tube(0.025, 0.002), STEEL),
                        List.of(new Node(id + "a", new Anchor.At(from)), new Node(id + "b", new Anchor.At(to))))
                .applyTo(JOB);
    }

    private static List<AssemblyOrder.Step> order(Job job) {
        return AssemblyOrder.of(Examination.of(job), Progress.UNWATCHED);
    }

    @Test
    void everyTubeGoesInOnce_whatCarriesTheLugsFirst() {
        Vec3 seat = Examination.of(JOB).seating().node("S1");
        Job job = with("C9", seat.plus(new Vec3(0.3, 0.2, 0.2)), seat.plus(new Vec3(0.3, -0.4, 0.2)));
        List<AssemblyOrder.Step> order = order(job);
        assertThat(order).hasSize(3);
        assertThat(order.stream().map(step -> step.tube().id())).containsExactlyInAnyOrder("C1", "C2", "C9");
        assertThat(order.get(2).tube().id()).isEqualTo("C9");
        assertThat(order).allSatisfy(step -> assertThat(step.beforeEngine()).isFalse());
    }

    /** A tube through the crankcase has no way in once the engine is there, and says so. */
    @Test
    void tubeInTheEnginesPlace_hasToBeThereBefore() {
        Vec3 cg = Examination.of(JOB).seating().mass().cg();
        List<AssemblyOrder.Step> order =
                order(with("C9", cg.plus(new Vec3(0.05, 0.02, -0.05)), cg.plus(new Vec3(-0.05, -0.02, -0.05))));
        assertThat(order.get(0).tube().id()).isEqualTo("C9");
        assertThat(order.get(0).beforeEngine()).isTrue();
    }

    @Test
    void watcherCanEndIt() {
        Examination examination = Examination.of(JOB);
        assertThatThrownBy(() -> AssemblyOrder.of(examination, share -> false)).isInstanceOf(Progress.Cancelled.class);
        assertThat(order(TestJobs.withTubes(List.of()))).isEmpty();
    }
}
