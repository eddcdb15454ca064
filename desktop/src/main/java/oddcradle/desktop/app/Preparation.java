package oddcradle.desktop.app;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.function.Consumer;
import oddcradle.core.examine.Examination;
import oddcradle.desktop.store.Recents;
import oddcradle.files.job.DemoJobs;
import oddcradle.files.job.EmptyBench;
import oddcradle.files.job.JobDocument;
import oddcradle.files.job.JobStore;
import oddcradle.files.settings.Settings;

/**
 * Reads and examines the first job while the toolkit starts: the two take about as long, and nobody waits for their sum.
 */
final class Preparation {
    private static CompletableFuture<First> first;
    private static CompletableFuture<Examination> examined;

    private Preparation() {}

    /**
     * @param file that is asked for
     * @param trouble why it could not be opened; an empty bench stands in for it
     */
    record First(JobDocument document, Optional<Path> file, Optional<IOException> trouble) {
        /** Nothing was asked for and nothing was open before. */
        boolean isNothing() {
            return document.job().equals(EmptyBench.load().job()) && file.isEmpty();
        }
    }

    static void begin(String[] arguments) {
        first = CompletableFuture.supplyAsync(() -> read(List.of(arguments)));
        examined = first.thenApply(read -> Examination.of(read.document().job()));
    }

    /** As soon as the job is read; on any thread. */
    static void whenRead(Consumer<First> then) {
        first.thenAccept(then);
    }

    /** The first job examined, to be lent to the window. */
    static CompletableFuture<Examination> examined() {
        return examined;
    }

    private static First open(Path file) {
        try {
            return new First(new JobStore(Clock.systemUTC()).open(file), Optional.of(file), Optional.empty());
        } catch (IOException unreadable) {
            return new First(EmptyBench.load(), Optional.of(file), Optional.of(unreadable));
        }
    }

    private static First read(List<String> arguments) {
        if (arguments.size() >= 2 && arguments.get(0).equals("open")) {
            return open(Path.of(arguments.get(1)));
        }
        if (arguments.contains("window")) {
            return new Recents(Settings.ofThisUser())
                    .list().stream()
                            .findFirst()
                            .map(Preparation::open)
                            .orElseGet(() -> new First(EmptyBench.load(), Optional.empty(), Optional.empty()));
        }
        DemoJobs demo = arguments.size() >= 2 && arguments.get(0).equals("demo")
                ? DemoJobs.named(arguments.get(1)).orElse(DemoJobs.SALTMARSH_RUNABOUT)
                : DemoJobs.SALTMARSH_RUNABOUT;
        return new First(demo.load(), Optional.empty(), Optional.empty());
    }
}
