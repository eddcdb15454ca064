package oddcradle.core.job.edit;

import oddcradle.core.finding.Phrase;
import oddcradle.core.job.Job;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.job.host.Host;

/** A change of what is written down about donor or host, described by whoever makes it. */
public sealed interface BodyEdit extends JobEdit {
    /**
     * @param words what the change is, for undo
     * @param mergeKey edits of one field follow each other as one
     */
    record ChangeDonor(Donor donor, String words, String mergeKey) implements BodyEdit {
        @Override
        public Job applyTo(Job job) {
            return job.withDonor(donor);
        }

        @Override
        public Phrase label() {
            return Phrase.of("{}", words);
        }
    }

    /** The same for the host. */
    record ChangeHost(Host host, String words, String mergeKey) implements BodyEdit {
        @Override
        public Job applyTo(Job job) {
            return job.withHost(host);
        }

        @Override
        public Phrase label() {
            return Phrase.of("{}", words);
        }
    }
}
