package oddcradle.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Locale;
import java.util.concurrent.Callable;
import java.util.function.Function;
import java.util.stream.Collectors;
import oddcradle.core.examine.Examination;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.units.UnitStyle;
import oddcradle.files.drawing.View;
import oddcradle.files.handout.HandOut;
import oddcradle.files.handout.JobTables;
import oddcradle.files.handout.SolidsAsMesh;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;

@Command(
        name = "handout",
        description = "Write a view as SVG or DXF, solids as STL or a table as CSV; the ending of the file says which.")
final class HandOutCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Mixin
    private JobFile file;

    @Option(names = "--out", required = true, paramLabel = "FILE", description = "*.svg, *.dxf, *.stl or *.csv")
    private Path out;

    @Option(
            names = "--view",
            paramLabel = "VIEW",
            description = "left, above or behind, of a drawing (default ${DEFAULT-VALUE})")
    private String view = "left";

    @Option(
            names = "--of",
            paramLabel = "WHAT",
            description = "host, donor or cradle, of solids (default ${DEFAULT-VALUE})")
    private String of = "cradle";

    @Option(
            names = "--table",
            paramLabel = "TABLE",
            description = "figures, findings, gaps, cuts, hardware or nodes (default ${DEFAULT-VALUE})")
    private String table = "figures";

    @Option(names = "--inch", description = "a table in decimal inches")
    private boolean inch;

    @Override
    public Integer call() throws IOException {
        String name = out.getFileName().toString().toLowerCase(Locale.ROOT);
        Examination examination =
                OpenedJob.examine(file.path(), spec.commandLine().getErr());
        if (name.endsWith(".svg")) {
            HandOut.svg(examination, viewNamed().sight(), out);
        } else if (name.endsWith(".dxf")) {
            HandOut.dxf(examination, viewNamed().sight(), out);
        } else if (name.endsWith(".stl")) {
            solids(examination);
        } else if (name.endsWith(".csv")) {
            JobTables wanted = JobTables.named(table)
                    .orElseThrow(() -> unknown("--table", table, JobTables.values(), JobTables::word));
            HandOut.csv(examination, wanted, inch ? UnitStyle.DECIMAL_INCHES : UnitStyle.MILLIMETRES, out);
        } else {
            throw new ParameterException(
                    spec.commandLine(), "--out " + out + " ends in none of .svg, .dxf, .stl and .csv; end it in one");
        }
        spec.commandLine().getOut().println(out);
        return 0;
    }

    private void solids(Examination examination) throws IOException {
        SolidsAsMesh.Of wanted = SolidsAsMesh.Of.named(of)
                .orElseThrow(() -> unknown("--of", of, SolidsAsMesh.Of.values(), SolidsAsMesh.Of::word));
        try {
            HandOut.stl(examination, wanted, out);
        } catch (InvalidValue nothing) {
            throw new ParameterException(spec.commandLine(), nothing.getMessage());
        }
    }

    private View viewNamed() {
        return Arrays.stream(View.values())
                .filter(each -> word(each).equals(view))
                .findFirst()
                .orElseThrow(() -> unknown("--view", view, View.values(), HandOutCommand::word));
    }

    private static String word(View view) {
        return view.title().replace("from ", "");
    }

    private <T> ParameterException unknown(String option, String said, T[] all, Function<T, String> word) {
        String names = Arrays.stream(all).map(word).collect(Collectors.joining(", "));
        return new ParameterException(
                spec.commandLine(), option + " is \"" + said + "\", which there is none of; take one of " + names);
    }
}
