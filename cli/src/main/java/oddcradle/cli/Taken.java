package oddcradle.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.function.BiFunction;
import oddcradle.core.job.Job;
import oddcradle.core.math.InvalidValue;
import oddcradle.files.job.JobDocument;
import oddcradle.files.job.JobStore;
import picocli.CommandLine.Option;

/** Which answer of a command is taken, and the job file that is written with it. */
final class Taken {
    @Option(names = "--take", paramLabel = "N", description = "take the Nth answer; needs --out")
    private int number;

    @Option(names = "--out", paramLabel = "FILE", description = "job file to write with the answer taken")
    private Path out;

    /** Before anything is worked out. */
    void requireBoth() {
        if ((number != 0) != (out != null)) {
            throw new InvalidValue("--take", "and --out go together: which answer, and where the job is written");
        }
    }

    boolean isAsked() {
        return out != null;
    }

    /**
     * Writes the job with the answer taken, where that is asked for.
     *
     * @param from file of the job
     * @param answers as they are numbered
     * @param taking the job with one of them
     */
    <T> void write(Path from, List<T> answers, BiFunction<Job, T, Job> taking) throws IOException {
        if (out == null) {
            return;
        }
        if (number < 1 || number > answers.size()) {
            throw new InvalidValue("--take", "is " + number + ", there are " + answers.size() + " answers");
        }
        JobStore store = new JobStore(Clock.systemUTC());
        JobDocument document = store.open(from);
        store.save(out, document.withJob(taking.apply(document.job(), answers.get(number - 1))));
    }
}
