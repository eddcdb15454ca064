package oddcradle.files.job;

import java.nio.file.Path;

/** The folder that this system gives a program for what it keeps. */
public final class UserFolder {
    private UserFolder() {}

    /** A folder of the program's own in it; whoever writes there makes it. */
    public static Path of(String name) {
        return base("XDG_DATA_HOME", Path.of(".local", "share")).resolve(name);
    }

    /** The folder for what the user has set; whoever writes there makes it. */
    public static Path config() {
        return base("XDG_CONFIG_HOME", Path.of(".config"));
    }

    private static Path base(String variable, Path usual) {
        String named = System.getenv(variable);
        Path folder = named == null || named.isBlank()
                ? Path.of(System.getProperty("user.home")).resolve(usual)
                : Path.of(named);
        return folder.resolve("oddcradle");
    }
}
