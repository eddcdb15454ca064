package oddcradle.core.job.fit;

import io.soabase.recordbuilder.core.RecordBuilder;
import oddcradle.core.math.Guard;

/**
 * A piece that was cut off and is kept, so that the second cut is not made blind.
 *
 * @param date may be empty
 * @param from what it was cut from
 * @param length of it, m
 * @param why in the shop's words
 */
@RecordBuilder
public record CutAway(String date, String from, double length, String why) implements CutAwayBuilder.With {
    private static final double LONGEST = 100;

    public CutAway {
        date = Dates.checked("date", date);
        Guard.named("from", from);
        Guard.within("length", length, 0, LONGEST, "m");
        why = why == null ? "" : why;
    }
}
