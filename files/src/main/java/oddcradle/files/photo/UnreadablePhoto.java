package oddcradle.files.photo;

import java.io.IOException;

/** A photo that is not taken; the message names the file, what is wrong and the cure. */
public final class UnreadablePhoto extends IOException {
    public UnreadablePhoto(String file, String problem) {
        super(file + " " + problem);
    }
}
