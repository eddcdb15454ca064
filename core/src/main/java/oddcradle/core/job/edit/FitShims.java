package oddcradle.core.job.edit;

import java.util.List;
import oddcradle.core.finding.Phrase;
import oddcradle.core.job.Job;
import oddcradle.core.job.fit.AsBuilt;
import oddcradle.core.job.fit.Fitted;
import oddcradle.core.units.Quantity;

/**
 * Shims under some bosses, or taken off; whatever else was noted meanwhile stays.
 *
 * @param fitted what lies under each of them now
 */
public record FitShims(List<Fitted> fitted) implements JobEdit {
    public FitShims {
        fitted = List.copyOf(fitted);
    }

    @Override
    public Job applyTo(Job job) {
        AsBuilt built = job.asBuilt();
        for (Fitted each : fitted) {
            built = built.shimmed(each.mount(), each.thickness());
        }
        return job.withAsBuilt(built);
    }

    @Override
    public Phrase label() {
        if (fitted.size() != 1) {
            return Phrase.of(
                    "shims under {}",
                    String.join(", ", fitted.stream().map(Fitted::mount).toList()));
        }
        Fitted one = fitted.get(0);
        return Phrase.of(
                one.thickness() < 0 ? "trim {} by {}" : "shim {} by {}",
                one.mount(),
                Quantity.fine(Math.abs(one.thickness())));
    }

    @Override
    public String mergeKey() {
        return "shims." + fitted.stream().map(Fitted::mount).toList();
    }
}
