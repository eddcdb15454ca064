package oddcradle.files.job;

import java.nio.file.Path;

/** The folder that this system gives a program for its data. */
public final class UserFolder {
    private UserFolder() {}

    /** A folder of the program's own in it; whoever writes there makes it. */
    public static Path of(String name) {
        String data = System.getenv("XDG_DATA_HOME");
        Path base = data == null || data.isBlank()
                ? Path.of(System.getProperty("user.home"), ".local", "share")
                : Path.of(data);
        return base.resolve("oddcradle").resolve(name);
    }
}
