package oddcradle.core.card;

import java.util.List;
import java.util.function.Supplier;
import oddcradle.core.job.Job;
import oddcradle.core.removal.Removal;

/**
 * Something that can be done with a thing.
 *
 * @param words for its button
 * @param away whether it takes the thing out of the job
 * @param outcome the job after it, and what else changes by it
 */
public record Deed(String words, boolean away, Supplier<Removal> outcome) {
    /** Adds or changes something; nothing else goes along. */
    public static Deed of(String words, Supplier<Job> after) {
        return new Deed(words, false, () -> new Removal(after.get(), List.of()));
    }

    public static Deed away(Supplier<Removal> removal) {
        return new Deed("Take it away", true, removal);
    }

    /** Takes something away that nothing else names. */
    public static Deed simplyAway(Supplier<Job> after) {
        return away(() -> new Removal(after.get(), List.of()));
    }
}
