package oddcradle.core.job.edit;

import oddcradle.core.finding.Phrase;
import oddcradle.core.job.Job;
import oddcradle.core.job.make.Shop;

/** What the shop buys and has on its shelf. */
public record SetShop(Shop shop) implements JobEdit {
    @Override
    public Job applyTo(Job job) {
        return job.withBuild(job.build().withShop(shop));
    }

    @Override
    public Phrase label() {
        return Phrase.of("the shop's stock");
    }

    @Override
    public String mergeKey() {
        return "shop";
    }
}
