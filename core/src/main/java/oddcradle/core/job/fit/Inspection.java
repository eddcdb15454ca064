package oddcradle.core.job.fit;

import io.soabase.recordbuilder.core.RecordBuilder;
import oddcradle.core.math.Guard;

/**
 * Somebody looked at one thing before the engine runs.
 *
 * @param item of the list, by its mark
 * @param who in the shop's words
 * @param date may be empty
 * @param found what was seen; empty where all was well
 */
@RecordBuilder
public record Inspection(String item, String who, String date, String found) implements InspectionBuilder.With {
    public Inspection {
        Guard.named("item", item);
        Guard.named("who", who);
        date = Dates.checked("date", date);
        found = found == null ? "" : found;
    }
}
