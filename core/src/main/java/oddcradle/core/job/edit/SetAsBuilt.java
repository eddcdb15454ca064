package oddcradle.core.job.edit;

import oddcradle.core.finding.Phrase;
import oddcradle.core.job.Job;
import oddcradle.core.job.fit.AsBuilt;

/** What was found, done or looked at on the finished mount. */
public record SetAsBuilt(AsBuilt asBuilt, Phrase label, String mergeKey) implements JobEdit {
    /** @param words what was done, for undo */
    public SetAsBuilt(AsBuilt asBuilt, String words, String mergeKey) {
        this(asBuilt, Phrase.of("{}", words), mergeKey);
    }

    @Override
    public Job applyTo(Job job) {
        return job.withAsBuilt(asBuilt);
    }
}
