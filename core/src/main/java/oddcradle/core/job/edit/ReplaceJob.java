package oddcradle.core.job.edit;

import oddcradle.core.finding.Phrase;
import oddcradle.core.job.Job;

/** Another job altogether. */
public record ReplaceJob(Job other, String words) implements JobEdit {
    @Override
    public Job applyTo(Job job) {
        return other;
    }

    @Override
    public Phrase label() {
        return Phrase.of(words);
    }

    @Override
    public String mergeKey() {
        return words;
    }
}
