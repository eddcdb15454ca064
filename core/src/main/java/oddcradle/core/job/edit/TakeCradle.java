package oddcradle.core.job.edit;

import oddcradle.core.finding.Phrase;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Cradle;

/** Another cradle for a job; wishes for the seat that name tubes or nodes of the old one go with it. */
public record TakeCradle(Cradle cradle, String words) implements JobEdit {
    @Override
    public Job applyTo(Job job) {
        return of(job, cradle);
    }

    public static Job of(Job job, Cradle cradle) {
        return job.withOther(cradle);
    }

    @Override
    public Phrase label() {
        return Phrase.of("{}", words);
    }

    @Override
    public String mergeKey() {
        return "cradle";
    }
}
