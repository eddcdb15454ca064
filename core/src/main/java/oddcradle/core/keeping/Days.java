package oddcradle.core.keeping;

import java.util.Locale;
import oddcradle.core.job.fit.Dates;

/** Days counted and written as year, month and day; Gregorian. */
public final class Days {
    private static final int DAYS_OF_ERA = 146_097;
    private static final int EPOCH = 719_468;

    private Days() {}

    /**
     * Days since the first of January 1970. Source: Hinnant, civil from days; from memory.
     *
     * @param date such as 2026-03-09
     */
    public static long number(String date) {
        String checked = Dates.required("date", date);
        long year = Long.parseLong(checked.substring(0, 4));
        int month = Integer.parseInt(checked.substring(5, 7));
        int day = Integer.parseInt(checked.substring(8));
        long y = month <= 2 ? year - 1 : year;
        long era = Math.floorDiv(y, 400);
        long ofEra = y - era * 400;
        // A year that begins in March has its leap day last.
        int ofYear = (153 * (month + (month > 2 ? -3 : 9)) + 2) / 5 + day - 1;
        return era * DAYS_OF_ERA + ofEra * 365 + ofEra / 4 - ofEra / 100 + ofYear - EPOCH;
    }

    /** The day of a number. */
    public static String date(long number) {
        long shifted = number + EPOCH;
        long era = Math.floorDiv(shifted, DAYS_OF_ERA);
        long ofEra = shifted - era * DAYS_OF_ERA;
        long years = (ofEra - ofEra / 1460 + ofEra / 36_524 - ofEra / 146_096) / 365;
        long ofYear = ofEra - (365 * years + years / 4 - years / 100);
        long part = (5 * ofYear + 2) / 153;
        long day = ofYear - (153 * part + 2) / 5 + 1;
        long month = part < 10 ? part + 3 : part - 9;
        long year = years + era * 400 + (month <= 2 ? 1 : 0);
        return String.format(Locale.ROOT, "%04d-%02d-%02d", year, month, day);
    }

    /** Of the week; Monday is 0. */
    public static int weekday(long number) {
        // The first of January 1970 was a Thursday.
        return (int) Math.floorMod(number + 3, 7L);
    }
}
