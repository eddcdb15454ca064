package oddcradle.files.job;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;

/** Reads what was kept of a job while it was edited. */
final class RecoveryFile {
    private RecoveryFile() {}

    /** Empty if there is none or if it cannot be read. */
    static Optional<Recovered> read(Path place) {
        try {
            if (!Files.isRegularFile(place) || Files.size(place) > JobStore.LARGEST) {
                return Optional.empty();
            }
            JobDocument document = JobCodec.read(place.getFileName().toString(), Files.readAllBytes(place));
            return Optional.of(new Recovered(
                    place, document, Files.getLastModifiedTime(place).toInstant()));
        } catch (IOException unreadable) {
            return Optional.empty();
        }
    }
}
