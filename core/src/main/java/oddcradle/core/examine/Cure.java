package oddcradle.core.examine;

import oddcradle.core.finding.Phrase;
import oddcradle.core.job.JobEdit;

/** A computed change that mends a finding. */
public record Cure(Phrase label, JobEdit edit) {
    static Cure of(JobEdit edit) {
        return new Cure(edit.label(), edit);
    }
}
