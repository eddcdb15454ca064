package oddcradle.core.job.make;

import io.soabase.recordbuilder.core.RecordBuilder;
import oddcradle.core.math.Guard;

/**
 * How long the shop's hands take, marking and cleaning in it, and what they cost. Common practice of a home shop where nothing is said.
 *
 * @param currency sign or word of the shop's money; empty where none is counted
 * @param hour price of an hour
 * @param cut one square cut, s
 * @param cope one tube end fitted, s
 * @param bend one bend, s
 * @param hole one hole drilled in steps, s
 * @param plate one plate cut out and dressed, s
 * @param weld a metre of weld, tacks and cooling in it, s
 * @param mount one mount put together, s
 * @param fitting one time the donor goes in and out, s
 */
@RecordBuilder
public record Pace(
        String currency,
        double hour,
        double cut,
        double cope,
        double bend,
        double hole,
        double plate,
        double weld,
        double mount,
        double fitting)
        implements PaceBuilder.With {
    private static final double MOST_HOUR = 1e5;
    private static final double LONGEST = 1e5;

    /** From memory of common practice: a careful hand with simple tools. */
    public static final Pace USUAL = new Pace("", 0, 300, 1200, 900, 480, 1500, 3600, 1200, 2700);

    public Pace {
        currency = currency == null ? "" : currency;
        Guard.within("hour", hour, 0, MOST_HOUR, "");
        double[] times = {cut, cope, bend, hole, plate, weld, mount, fitting};
        String[] names = {"cut", "cope", "bend", "hole", "plate", "weld", "mount", "fitting"};
        for (int k = 0; k < times.length; k++) {
            Guard.within(names[k], times[k], 0, LONGEST, "s");
        }
    }
}
