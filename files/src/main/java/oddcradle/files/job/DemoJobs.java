package oddcradle.files.job;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;

/** The demo jobs inside the program. */
public final class DemoJobs {
    private DemoJobs() {}

    /** The marsh buggy with its parallel twin. */
    public static JobDocument saltmarshRunabout() {
        return load("saltmarsh-runabout");
    }

    private static JobDocument load(String name) {
        String file = name + JobStore.EXTENSION;
        try (InputStream in = DemoJobs.class.getResourceAsStream("/demo/" + file)) {
            return JobCodec.read(file, in.readAllBytes());
        } catch (IOException unreadable) {
            throw new UncheckedIOException("the demo inside the program cannot be read", unreadable);
        }
    }
}
