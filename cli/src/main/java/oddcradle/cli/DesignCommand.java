package oddcradle.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.util.concurrent.Callable;
import oddcradle.core.catalog.Shelves;
import oddcradle.core.control.Progress;
import oddcradle.core.examine.Examination;
import oddcradle.core.propose.WholeDesign;
import oddcradle.files.report.DesignText;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;

@Command(
        name = "design",
        description =
                "Search seat, cradle, tubes and isolators together toward no stop anywhere; a few designs to choose from.")
final class DesignCommand implements Callable<Integer> {
    private static final int NOTHING_WITHOUT_A_STOP = 1;
    private static final double TOLD_EVERY = 0.1;

    @Spec
    private CommandSpec spec;

    @Mixin
    private JobFile file;

    @Mixin
    private Printed printed;

    @Mixin
    private Taken taken;

    @Override
    public Integer call() throws IOException {
        taken.requireBoth();
        PrintWriter err = spec.commandLine().getErr();
        Examination examination = OpenedJob.examine(file.path(), err);
        WholeDesign.Result result = WholeDesign.run(examination, Shelves.SHIPPED, told(err));
        spec.commandLine()
                .getOut()
                .println(
                        printed.json()
                                ? DesignText.json(result)
                                : DesignText.of(examination.job().name(), result, printed.style()));
        taken.write(file.path(), result.designs(), (job, design) -> design.job());
        boolean found = result.designs().stream().anyMatch(design -> design.stops() == 0);
        return found || printed.json() ? 0 : NOTHING_WITHOUT_A_STOP;
    }

    /** A minute or two is long without a word. */
    private static Progress told(PrintWriter err) {
        double[] next = {TOLD_EVERY};
        return share -> {
            if (share >= next[0] && share < 1) {
                next[0] = share + TOLD_EVERY;
                err.println(Math.round(100 * share) + " %");
                err.flush();
            }
            return true;
        };
    }
}
