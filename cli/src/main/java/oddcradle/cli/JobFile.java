package oddcradle.cli;

import java.nio.file.Path;
import picocli.CommandLine.Parameters;

/** The job that a command is about. */
final class JobFile {
    @Parameters(paramLabel = "FILE", description = "job file, *.cradle.json")
    private Path file;

    Path path() {
        return file;
    }
}
