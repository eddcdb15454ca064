package oddcradle.files.table;

import java.io.IOException;

/** A table that cannot be taken; the message names the file, the line and the cure. */
public final class UnreadableTable extends IOException {
    public UnreadableTable(String file, String problem) {
        super(file + " " + problem);
    }

    static UnreadableTable at(String file, long line, String problem) {
        return new UnreadableTable(file, "line " + line + ": " + problem);
    }
}
