package oddcradle.core.job.fit;

import java.util.regex.Pattern;
import oddcradle.core.math.InvalidValue;

/** Days as they are written down: year, month, day, so that they sort by themselves. */
public final class Dates {
    private static final Pattern DAY = Pattern.compile("\\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])");

    private Dates() {}

    /** Empty where nobody wrote one. */
    public static String checked(String field, String date) {
        if (date == null || date.isBlank()) {
            return "";
        }
        if (!DAY.matcher(date).matches()) {
            throw new InvalidValue(field, "is \"" + date + "\", must be year, month and day such as 2026-03-09");
        }
        return date;
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
