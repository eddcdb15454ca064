package oddcradle.files.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.Job;
import oddcradle.core.job.donor.CommonEnvelope;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.job.edit.CandidateEdit;
import oddcradle.core.math.InvalidValue;
import org.junit.jupiter.api.Test;

class CommonEnvelopeTest {
    private static final Job JOB = DemoJobs.SALTMARSH_RUNABOUT.load().job();

    /** Seated, it comes no farther from the frame than the nearest of the engines does, each seated for itself. */
    @Test
    void envelopeLeavesTheGapOfTheEngineThatLeavesLeast() {
        assertThat(JOB.candidates()).isNotEmpty();
        double least = leastToFrame(JOB);
        for (int k = 0; k < JOB.candidates().size(); k++) {
            least = Math.min(least, leastToFrame(new CandidateEdit.SeatCandidate(k).applyTo(JOB)));
        }
        Donor envelope = CommonEnvelope.of(all());
        assertThat(leastToFrame(JOB.withDonor(envelope))).isEqualTo(least);
        assertThat(envelope.bodies())
                .hasSize(all().stream().mapToInt(each -> each.bodies().size()).sum());
        assertThat(envelope.mass().mass())
                .isEqualTo(all().stream()
                        .mapToDouble(each -> each.mass().mass())
                        .max()
                        .orElseThrow());
    }

    private static List<Donor> all() {
        List<Donor> all = new ArrayList<>(List.of(JOB.donor()));
        all.addAll(JOB.candidates());
        return all;
    }

    private static double leastToFrame(Job job) {
        List<String> frame =
                job.host().members().stream().map(each -> each.id()).toList();
        return Examination.of(job).ledger().all().stream()
                .filter(row -> frame.contains(row.obstacle().id()))
                .mapToDouble(row -> row.separation().distance())
                .min()
                .orElseThrow();
    }

    @Test
    void oneEngine_isNoEnvelope() {
        assertThatThrownBy(() -> CommonEnvelope.of(List.of(JOB.donor())))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("two");
    }
}
