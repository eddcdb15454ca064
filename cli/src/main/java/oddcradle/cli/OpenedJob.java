package oddcradle.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.time.Clock;
import java.util.Optional;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.Job;
import oddcradle.core.search.ShakeMaps;
import oddcradle.files.job.JobStore;
import oddcradle.files.mesh.JobScans;
import oddcradle.files.mesh.UnreadableMesh;

/** A job file read and examined, with the scan beside it. */
final class OpenedJob {
    private OpenedJob() {}

    /** A scan that cannot be read is told to {@code err}, and the job examined without it. */
    static Examination examine(Path file, PrintWriter err) throws IOException {
        Job job = new JobStore(Clock.systemUTC()).open(file).job();
        try {
            return Examination.of(job, JobScans.read(job, file));
        } catch (UnreadableMesh unreadable) {
            err.println(unreadable.getMessage());
            return Examination.of(job);
        }
    }

    /** Its maps; where nothing shakes yet that is said. */
    static Optional<ShakeMaps.Maps> shaking(Examination examination, PrintWriter err) {
        Optional<ShakeMaps.Maps> maps = ShakeMaps.of(examination);
        if (maps.isEmpty()) {
            err.println(
                    "Nothing shakes here yet: mount the engine on a frame that stands without it (Cradle, Mounts).");
        }
        return maps;
    }
}
