package oddcradle.cli;

import java.io.IOException;
import java.util.concurrent.Callable;
import oddcradle.core.finding.Severity;
import oddcradle.core.proof.Proven;
import oddcradle.core.units.UnitStyle;
import oddcradle.files.report.ResultsJson;
import oddcradle.files.report.ResultsText;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

@Command(name = "check", description = "Examine a job and print every figure and finding.")
final class CheckCommand implements Callable<Integer> {
    private static final int HAS_STOPS = 1;

    @Spec
    private CommandSpec spec;

    @Mixin
    private JobFile file;

    @Mixin
    private Printed printed;

    @Option(names = "--good", description = "tell what is good one by one")
    private boolean good;

    @Override
    public Integer call() throws IOException {
        Proven proven =
                Proven.of(OpenedJob.examine(file.path(), spec.commandLine().getErr()));
        UnitStyle style = printed.style();
        spec.commandLine()
                .getOut()
                .println(printed.json() ? ResultsJson.of(proven) : ResultsText.of(proven, style, good));
        boolean stopped = proven.findings().get(0).severity() == Severity.STOP;
        return stopped && !printed.json() ? HAS_STOPS : 0;
    }
}
