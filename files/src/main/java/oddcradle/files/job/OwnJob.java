package oddcradle.files.job;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;

/** Reads a job that ships inside the program. */
final class OwnJob {
    private OwnJob() {}

    static JobDocument load(String resource) {
        String name = resource.substring(resource.lastIndexOf('/') + 1);
        try (InputStream in = OwnJob.class.getResourceAsStream(resource)) {
            return JobCodec.read(name, in.readAllBytes());
        } catch (IOException unreadable) {
            throw new UncheckedIOException(name + " inside the program cannot be read", unreadable);
        }
    }
}
