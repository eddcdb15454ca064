package oddcradle.files.mesh;

import java.io.IOException;

/** A mesh file that cannot be read; the message names the file, the place and the cure. */
public final class UnreadableMesh extends IOException {
    public UnreadableMesh(String file, String problem) {
        super(file + " " + problem);
    }
}
