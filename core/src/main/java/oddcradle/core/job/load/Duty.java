package oddcradle.core.job.load;

import io.soabase.recordbuilder.core.RecordBuilder;
import oddcradle.core.math.Guard;

/**
 * What a machine goes through in an hour of running; the usual of a family is common practice.
 *
 * @param openings times the throttle is opened wide, an hour
 * @param starts of the engine, an hour
 * @param jolts as hard as a working load case of the job, an hour; lighter ones come the oftener, tenfold for every third less
 * @param cruise share of the time at cruise, 0 to 1
 * @param idle share of the time at idle, 0 to 1; with cruise no more than 1
 * @param hoursAYear that it runs
 */
@RecordBuilder
public record Duty(double openings, double starts, double jolts, double cruise, double idle, double hoursAYear)
        implements DutyBuilder.With {
    private static final double MOST_AN_HOUR = 100_000;
    private static final double HOURS_IN_A_YEAR = 8766;
    private static final double ROUNDING = 1e-9;

    public Duty {
        Guard.within("openings", openings, 0, MOST_AN_HOUR, "an hour");
        Guard.within("starts", starts, 0, MOST_AN_HOUR, "an hour");
        Guard.within("jolts", jolts, 0, MOST_AN_HOUR, "an hour");
        Guard.within("cruise", cruise, 0, 1, "");
        // Eighty and twenty in a hundred are a whole, whatever the rounding.
        Guard.within("idle", idle, 0, 1 - cruise + ROUNDING, "");
        Guard.within("hoursAYear", hoursAYear, 1, HOURS_IN_A_YEAR, "h");
    }

    /** What is usual of a family. */
    public static Duty usual(LoadSet.Family family) {
        return switch (family) {
            case GROUND -> new Duty(200, 2, 1, 0.5, 0.2, 100);
            case SKID -> new Duty(10, 0.2, 0.01, 0.9, 0.05, 500);
            case AIRCRAFT -> new Duty(6, 1, 0.5, 0.85, 0.1, 100);
        };
    }
}
