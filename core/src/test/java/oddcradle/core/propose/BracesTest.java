package oddcradle.core.propose;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.cradle.Cradle;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.job.tube.Member;
import oddcradle.core.section.Tube;
import org.junit.jupiter.api.Test;

class BracesTest {
    private static Job weak() {
        Job job = TestJobs.plain();
        for (String tube : List.of("C1", "C2")) {
            job = new JobEdit.SetSection(tube, new Tube(0.02, 0.0015)).applyTo(job);
        }
        return job;
    }

    private static boolean joins(Member tube, Member brace) {
        return tube.nodes().containsAll(brace.nodes());
    }

    /** It goes between joints that there are and that no tube joins yet, and takes from what works hardest, examined anew. */
    @Test
    void brace_takesFromWhatWorksHardest_betweenJointsThatThereAre() {
        Job job = weak();
        Examination before = Examination.of(job);
        Braces.Braced braced = Braces.best(before).orElseThrow();
        assertThat(braced.job().cradle().members())
                .hasSize(job.cradle().members().size() + 1)
                .contains(braced.tube());
        assertThat(job.cradle().nodes()).isEqualTo(braced.job().cradle().nodes());
        assertThat(job.cradle().members()).noneMatch(tube -> joins(tube, braced.tube()));
        assertThat(job.host().members()).noneMatch(tube -> joins(tube, braced.tube()));
        assertThat(job.member(braced.tube().id())).isEmpty();
        assertThat(braced.worst())
                .isLessThan(TubeUse.of(job, before).orElseThrow().worst());
        assertThat(Examination.of(braced.job()).tubeStresses()).isNotEmpty();
    }

    @Test
    void cradleWithoutTubes_getsNone() {
        assertThat(Braces.best(Examination.of(TestJobs.plain().withCradle(Cradle.EMPTY))))
                .isEmpty();
    }
}
