package oddcradle.cli;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import oddcradle.core.catalog.Shelves;
import oddcradle.core.control.Progress;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.search.MountRanking;
import oddcradle.core.search.ShakeInTime;
import oddcradle.core.search.ShakeMaps;
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

    @Mixin
    private Taken taken;

    @Override
    public Integer call() throws IOException {
        taken.requireBoth();
        Examination examination =
                OpenedJob.examine(file.path(), spec.commandLine().getErr());
        Optional<ShakeMaps.Maps> maps =
                OpenedJob.shaking(examination, spec.commandLine().getErr());
        if (maps.isEmpty()) {
            return NOTHING;
        }
        Optional<MountRanking.Result> ranked = choose || taken.isAsked()
                ? MountRanking.of(examination, Shelves.SHIPPED, Progress.UNWATCHED)
                : Optional.empty();
        List<MountRanking.Named> named = ranked.map(MountRanking.Result::named).orElse(List.of());
        List<ShakeInTime.Event> inTime =
                ShakeInTime.of(examination, Progress.UNWATCHED).orElse(List.of());
        if (printed.json()) {
            spec.commandLine().getOut().println(ShakeJson.of(examination, maps.get(), named, inTime));
        } else {
            spec.commandLine().getOut().println(ShakeText.of(examination, maps.get(), printed.style()));
            if (!inTime.isEmpty()) {
                spec.commandLine().getOut().println(ShakeText.of(inTime, printed.style()));
            }
            ranked.ifPresent(result -> spec.commandLine()
                    .getOut()
                    .println(ShakeText.of(result.named(), result.person(), printed.style())
                            + result.isolation().in(printed.style())));
        }
        taken.write(file.path(), named, (job, isolator) -> isolator.choice()
                .taking(job.cradle().isolators().stream().map(Isolator::id).toList())
                .applyTo(job));
        return 0;
    }
}
