package oddcradle.files.job;

import java.nio.file.Path;
import java.time.Instant;

/**
 * Work that was not saved when the program ended; it is kept until the user has answered for it.
 *
 * @param place the file that holds it
 * @param document what was being edited
 * @param keptAt when it was last changed
 */
public record Recovered(Path place, JobDocument document, Instant keptAt) {}
