package oddcradle.core.job.fit;

import io.soabase.recordbuilder.core.RecordBuilder;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;

/**
 * Play between the teeth of two gears, by a dial across a tooth with one gear held, all the way round.
 *
 * @param label which gears
 * @param least found round one turn, m
 * @param most found round one turn, m
 * @param module of the teeth, m
 * @param centres between both gears, m
 * @param date day it was read; may be empty
 */
@RecordBuilder
public record BackLash(String id, String label, double least, double most, double module, double centres, String date)
        implements BackLashBuilder.With {
    private static final double MOST = 0.01;

    public BackLash {
        Guard.named("id", id);
        Guard.named("label", label);
        Guard.within("least", least, 0, MOST, "m");
        Guard.within("most", most, 0, MOST, "m");
        if (most < least) {
            throw new InvalidValue("most", "is less than the least; write the larger of both here");
        }
        Guard.within("module", module, 0.0002, 0.05, "m");
        Guard.within("centres", centres, 0.005, 5, "m");
        date = Dates.checked("date", date);
    }
}
