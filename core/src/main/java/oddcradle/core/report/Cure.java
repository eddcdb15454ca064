package oddcradle.core.report;

import oddcradle.core.finding.Phrase;
import oddcradle.core.job.edit.JobEdit;

/** A computed change that mends a finding. */
public record Cure(Phrase label, JobEdit edit) {
    public static Cure of(JobEdit edit) {
        return new Cure(edit.label(), edit);
    }
}
