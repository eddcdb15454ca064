package oddcradle.cli;

import java.io.IOException;
import java.util.Optional;
import java.util.concurrent.Callable;
import oddcradle.core.examine.Examination;
import oddcradle.core.search.ShakeMaps;
import oddcradle.files.report.ShakeJson;
import oddcradle.files.report.ShakeText;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
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

    @Override
    public Integer call() throws IOException {
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
        spec.commandLine()
                .getOut()
                .println(
                        printed.json()
                                ? ShakeJson.of(examination, maps.get())
                                : ShakeText.of(examination, maps.get(), printed.style()));
        return 0;
    }
}
