package oddcradle.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Severity;
import oddcradle.core.units.UnitStyle;
import oddcradle.files.report.ResultsJson;
import oddcradle.files.report.ResultsText;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(name = "check", description = "Examine a job and print every figure and finding.")
final class CheckCommand implements Callable<Integer> {
    private static final int HAS_STOPS = 1;

    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "FILE", description = "job file, *.cradle.json")
    private Path file;

    @Option(names = "--json", description = "print JSON, SI units, as docs/schema/results.schema.json")
    private boolean json;

    @Option(names = "--inch", description = "print lengths in decimal inches")
    private boolean inch;

    @Override
    public Integer call() throws IOException {
        Examination examination = OpenedJob.examine(file, spec.commandLine().getErr());
        UnitStyle style = inch ? UnitStyle.DECIMAL_INCHES : UnitStyle.MILLIMETRES;
        spec.commandLine().getOut().println(json ? ResultsJson.of(examination) : ResultsText.of(examination, style));
        boolean stopped = examination.findings().get(0).severity() == Severity.STOP;
        return stopped && !json ? HAS_STOPS : 0;
    }
}
