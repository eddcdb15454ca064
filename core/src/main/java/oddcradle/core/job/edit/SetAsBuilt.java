package oddcradle.core.job.edit;

import oddcradle.core.finding.Phrase;
import oddcradle.core.job.Job;
import oddcradle.core.job.fit.AsBuilt;

/**
 * What was found, done or looked at on the finished mount.
 *
 * @param words what was done, for undo
 */
public record SetAsBuilt(AsBuilt asBuilt, String words, String mergeKey) implements JobEdit {
    @Override
    public Job applyTo(Job job) {
        return job.withAsBuilt(asBuilt);
    }

    @Override
    public Phrase label() {
        return Phrase.of("{}", words);
    }
}
