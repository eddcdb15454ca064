package oddcradle.core.job.donor;

/** Which way a shaft turns, seen from outside looking at its end. */
public enum Turn {
    CLOCKWISE("clockwise"),
    ANTICLOCKWISE("anticlockwise"),
    UNKNOWN("not looked at");

    private final String words;

    Turn(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
