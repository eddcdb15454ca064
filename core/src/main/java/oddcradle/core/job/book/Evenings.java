package oddcradle.core.job.book;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.DayOfWeek;
import oddcradle.core.job.fit.Dates;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;

/**
 * When there is time to work.
 *
 * @param from first day; empty where nobody said
 * @param monday s, and so on through the week
 */
@RecordBuilder
public record Evenings(
        String from,
        double monday,
        double tuesday,
        double wednesday,
        double thursday,
        double friday,
        double saturday,
        double sunday)
        implements EveningsBuilder.With {
    private static final double DAY = 86_400;
    private static final double HOUR = 3600;

    /** Two evenings and a Saturday. */
    public static final Evenings USUAL = new Evenings("", 0, 3 * HOUR, 0, 3 * HOUR, 0, 6 * HOUR, 0);

    public Evenings {
        from = Dates.checked("from", from);
        double[] week = {monday, tuesday, wednesday, thursday, friday, saturday, sunday};
        String[] names = {"monday", "tuesday", "wednesday", "thursday", "friday", "saturday", "sunday"};
        double sum = 0;
        for (int k = 0; k < week.length; k++) {
            sum += Guard.within(names[k], week[k], 0, DAY, "s");
        }
        if (sum == 0) {
            throw new InvalidValue("monday", "is 0 and so is every other day: give at least one day some time");
        }
    }

    /** Time on a day of the week, s. */
    public double on(DayOfWeek weekday) {
        return switch (weekday) {
            case MONDAY -> monday;
            case TUESDAY -> tuesday;
            case WEDNESDAY -> wednesday;
            case THURSDAY -> thursday;
            case FRIDAY -> friday;
            case SATURDAY -> saturday;
            case SUNDAY -> sunday;
        };
    }
}
