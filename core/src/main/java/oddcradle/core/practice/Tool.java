package oddcradle.core.practice;

/**
 * Something to read with.
 *
 * @param words what is read with what
 * @param time one reading takes, s
 */
public record Tool(String key, String words, double time) {
    private static final double MINUTE = 60;

    static Tool taking(String key, String words, double minutes) {
        return new Tool(key, words, minutes * MINUTE);
    }

    /** A time in whole minutes, as a shop tells it. @param time s */
    public static String minutes(double time) {
        return Math.round(time / MINUTE) + " min";
    }
}
