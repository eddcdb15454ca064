package oddcradle.core.job.fit;

import java.time.DateTimeException;
import java.time.LocalDate;
import oddcradle.core.math.InvalidValue;

/** Days as they are written down: year, month, day, so that they sort by themselves. */
public final class Dates {
    private static final int LETTERS = 10;

    private Dates() {}

    /** Empty where nobody wrote one. */
    public static String checked(String field, String date) {
        if (date == null || date.isBlank()) {
            return "";
        }
        if (!isDay(date)) {
            throw new InvalidValue(field, "is \"" + date + "\", must be year, month and day such as 2026-03-09");
        }
        return date;
    }

    /** Of a year of four digits: others would not sort. */
    private static boolean isDay(String date) {
        try {
            LocalDate.parse(date);
            return date.length() == LETTERS;
        } catch (DateTimeException noDay) {
            return false;
        }
    }

    /** One that nobody may leave out. */
    public static String required(String field, String date) {
        String checked = checked(field, date);
        if (checked.isEmpty()) {
            throw new InvalidValue(field, "is empty, must be year, month and day such as 2026-03-09");
        }
        return checked;
    }
}
