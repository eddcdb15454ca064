package oddcradle.core.propose;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.Seating;
import oddcradle.core.section.Section;
import oddcradle.core.section.Tube;
import oddcradle.core.structure.TubeStress;
import org.junit.jupiter.api.Test;

class StockSizingTest {
    private static Job all(Section section) {
        Job job = TestJobs.plain();
        for (Member tube : TestJobs.plain().cradle().members()) {
            job = new JobEdit.SetSection(tube.id(), section).applyTo(job);
        }
        return job;
    }

    private static double metal(Job job) {
        Seating seating = Seating.of(job);
        return job.cradle().members().stream()
                .mapToDouble(tube -> {
                    List<Vec3> path = seating.path(tube);
                    return tube.section().area() * path.get(0).distanceTo(path.get(path.size() - 1));
                })
                .sum();
    }

    /** Whatever the search thought of it: examined anew, no tube works harder than it may. */
    private static void assertHolds(Job job) {
        assertThat(Examination.of(job).tubeStresses())
                .isNotEmpty()
                .extracting(TubeStress::utilisation)
                .allMatch(utilisation -> utilisation <= 1 + 1e-9);
    }

    @Test
    void stoutTubes_becomeLighterAndStillHold_withinFourHundredSolutions() {
        Job stout = all(new Tube(0.0508, 0.003048));
        StockSizing.Sized sized =
                StockSizing.of(Examination.of(stout), stout, false, true).orElseThrow();
        assertHolds(sized.job());
        assertThat(metal(sized.job())).isLessThan(0.7 * metal(stout));
        assertThat(sized.solutions()).isLessThanOrEqualTo(400);
        assertThat(sized.worst()).isLessThanOrEqualTo(1);
    }

    /** Tubes of one diameter stay of it, so that no gap changes, and no tube of the host is touched where it holds. */
    @Test
    void wallsAlone_changeNoSize() {
        Job thin = all(new Tube(0.03175, 0.001651));
        StockSizing.Sized sized =
                StockSizing.of(Examination.of(thin), thin, true, false).orElseThrow();
        assertThat(sized.job().cradle().members())
                .allSatisfy(tube -> assertThat(((Tube) tube.section()).od()).isEqualTo(0.03175));
        assertThat(metal(sized.job())).isGreaterThanOrEqualTo(metal(thin));
        double before = Examination.of(thin).tubeStresses().get(0).utilisation();
        assertThat(before).isGreaterThan(1);
        assertThat(Examination.of(sized.job()).tubeStresses().get(0).utilisation())
                .isLessThan(0.7 * before);
    }
}
