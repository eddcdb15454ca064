package oddcradle.files.wire;

import java.io.IOException;

/** A drawing that cannot be taken; the message names the file, what is wrong and the cure. */
public final class UnreadableDrawing extends IOException {
    UnreadableDrawing(String file, String problem) {
        super(file + " " + problem);
    }
}
