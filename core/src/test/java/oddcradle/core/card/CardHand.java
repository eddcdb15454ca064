package oddcradle.core.card;

import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;

/** Adds things at a step and takes hold of their cards, as somebody at the window does. */
record CardHand(Step step) {
    Job added(Job job, String words) {
        return after(Cards.additions(job, step).stream()
                .filter(deed -> deed.words().equals(words))
                .findFirst()
                .orElseThrow());
    }

    Card card(Job job, String kind) {
        return Cards.of(job).stream()
                .filter(card -> card.step() == step && card.kind().equals(kind))
                .findFirst()
                .orElseThrow();
    }

    Job done(Job job, String kind, String words) {
        return after(card(job, kind).deeds().stream()
                .filter(deed -> deed.words().equals(words))
                .findFirst()
                .orElseThrow());
    }

    <F extends Field> F field(Job job, String kind, String name, Class<F> sort) {
        return card(job, kind).fields().stream()
                .filter(each -> each.name().equals(name) && sort.isInstance(each))
                .map(sort::cast)
                .findFirst()
                .orElseThrow();
    }

    private static Job after(Deed deed) {
        return deed.outcome().get().job();
    }
}
