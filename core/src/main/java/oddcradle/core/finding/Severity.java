package oddcradle.core.finding;

/** How much a finding matters, worst first. */
public enum Severity {
    /** Must be changed before metal is cut. */
    STOP("stop"),
    /** Works, but an experienced builder would look again. */
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

    public String word() {
        return word;
    }

    public boolean isWorseThan(Severity other) {
        return ordinal() < other.ordinal();
    }
}
