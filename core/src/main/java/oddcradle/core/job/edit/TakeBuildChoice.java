package oddcradle.core.job.edit;

import oddcradle.core.finding.Phrase;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Cradle;
import oddcradle.core.job.make.Shop;

/** One of the choices on which builders differ: the cradle built so, in the shop that builds it so. */
public record TakeBuildChoice(Cradle cradle, Shop shop, String words) implements JobEdit {
    @Override
    public Job applyTo(Job job) {
        return job.withCradle(cradle).withBuild(job.build().withShop(shop));
    }

    @Override
    public Phrase label() {
        return Phrase.of("{}", words);
    }

    @Override
    public String mergeKey() {
        return "choice";
    }
}
