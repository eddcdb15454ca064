package oddcradle.core.job.seat;

/** What the holes of the mounts are made to; common practice. */
public enum MadeTo {
    /** Measures on paper: whatever the survey does not know is in the holes. */
    DRAWING("the drawing"),
    /** A plate or dummy drilled off the engine's own bosses: only marking, drilling and welding are between them. */
    TEMPLATE("a template or dummy"),
    /** The engine itself, bolted to its mounts while they are welded: only what the welds draw when it is let go. */
    ENGINE("the engine itself");

    private final String words;

    MadeTo(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
