package oddcradle.core.finding;

/** How much a finding matters, worst first; one rule for every step. */
public enum Severity {
    /**
     * Must be changed before metal is cut: a part carries more than is allowed (utilisation over 100 %), two bodies
     * touch or come nearer than half their room, something comes loose or cannot be built, or a reading contradicts the others.
     */
    STOP("stop"),
    /** Holds, but wear, life, comfort, room or good practice fall short: an experienced builder would look again. */
    WATCH("watch"),
    /** Could not be worked out; not the same as good. */
    NOT_CHECKED("not checked"),
    /** Something to know. */
    NOTE("note"),
    /** Looked at and within its limit. */
    GOOD("good");

    private final String word;

    Severity(String word) {
        this.word = word;
    }

    /**
     * Of a part by its utilisation, the share of what is allowed that it carries. What is no number is not good.
     *
     * @param utilisation 1 where it carries all that is allowed
     */
    public static Severity ofUtilisation(double utilisation) {
        return utilisation <= 1 ? GOOD : STOP;
    }

    public String word() {
        return word;
    }

    public boolean isWorseThan(Severity other) {
        return ordinal() < other.ordinal();
    }
}
