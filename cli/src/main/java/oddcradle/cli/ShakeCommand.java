package oddcradle.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import oddcradle.core.catalog.Shelves;
import oddcradle.core.control.Progress;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.search.MountRanking;
import oddcradle.core.search.ShakeMaps;
import oddcradle.files.job.JobDocument;
import oddcradle.files.job.JobStore;
import oddcradle.files.report.ShakeJson;
import oddcradle.files.report.ShakeText;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

@Command(
        name = "shake",
        description = "What frame and people feel of the engine, and which speeds are no speeds to stay at.")
final class ShakeCommand implements Callable<Integer> {
    private static final int NOTHING = 1;

    @Spec
    private CommandSpec spec;

    @Mixin
    private JobFile file;

    @Mixin
    private Printed printed;

    @Option(names = "--choose", description = "try every isolator of the shelf and name the best")
    private boolean choose;

    @Option(names = "--take", paramLabel = "N", description = "take the Nth isolator named by --choose; needs --out")
    private int take;

    @Option(names = "--out", paramLabel = "FILE", description = "job file to write with the isolator taken")
    private Path out;

    @Override
    public Integer call() throws IOException {
        if ((take != 0) != (out != null)) {
            throw new InvalidValue("--take", "and --out go together: which isolator, and where the job is written");
        }
        Examination examination =
                OpenedJob.examine(file.path(), spec.commandLine().getErr());
        Optional<ShakeMaps.Maps> maps = ShakeMaps.of(examination);
        if (maps.isEmpty()) {
            spec.commandLine()
                    .getErr()
                    .println(
                            "Nothing shakes here yet: mount the engine on a frame that stands without it (Cradle, Mounts).");
            return NOTHING;
        }
        Optional<MountRanking.Result> ranked = choose || out != null
                ? MountRanking.of(examination, Shelves.SHIPPED, Progress.UNWATCHED)
                : Optional.empty();
        List<MountRanking.Named> named = ranked.map(MountRanking.Result::named).orElse(List.of());
        if (printed.json()) {
            spec.commandLine().getOut().println(ShakeJson.of(examination, maps.get(), named));
        } else {
            spec.commandLine().getOut().println(ShakeText.of(examination, maps.get(), printed.style()));
            ranked.ifPresent(result -> spec.commandLine()
                    .getOut()
                    .println(ShakeText.of(result.named(), result.person(), printed.style())));
        }
        if (out != null) {
            write(named);
        }
        return 0;
    }

    private void write(List<MountRanking.Named> named) throws IOException {
        if (take < 1 || take > named.size()) {
            throw new InvalidValue("--take", "is " + take + ", there are " + named.size() + " isolators named");
        }
        JobStore store = new JobStore(Clock.systemUTC());
        JobDocument document = store.open(file.path());
        List<String> mounts =
                document.job().cradle().isolators().stream().map(Isolator::id).toList();
        Job taken = named.get(take - 1).choice().taking(mounts).applyTo(document.job());
        store.save(out, document.withJob(taken));
    }
}
