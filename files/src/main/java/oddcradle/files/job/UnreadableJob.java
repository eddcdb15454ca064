package oddcradle.files.job;

import java.io.IOException;

/** A job file that cannot be opened; the message is one sentence that names the file, the field and the cure. */
public final class UnreadableJob extends IOException {
    private final String field;

    public UnreadableJob(String file, String field, String problem) {
        super(file + ": " + (field.isEmpty() ? "" : field + " ") + problem);
        this.field = field;
    }

    private UnreadableJob(String message, String field, UnreadableJob cause) {
        super(message, cause);
        this.field = field;
    }

    /** The same with more of the cure. */
    UnreadableJob with(String more) {
        return new UnreadableJob(getMessage() + more, field, this);
    }

    /** Path of the field, empty if the file as a whole is wrong. */
    public String field() {
        return field;
    }
}
