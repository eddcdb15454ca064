package oddcradle.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.util.HashMap;
import java.util.Map;
import java.util.concurrent.Callable;
import oddcradle.core.control.Progress;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.fitup.FitUp;
import oddcradle.core.job.Job;
import oddcradle.core.job.edit.Side;
import oddcradle.core.job.fit.AsBuilt;
import oddcradle.core.job.fit.Measuring;
import oddcradle.core.job.tube.Node;
import oddcradle.core.math.Vec3;
import oddcradle.files.job.JobStore;
import oddcradle.files.report.FitJson;
import oddcradle.files.report.FitText;
import oddcradle.files.table.ReadingTable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

@Command(
        name = "fit",
        description =
                "What was really built: where the mounts came out, how the engine lies on them, and the least work that makes it fit.")
final class FitCommand implements Callable<Integer> {
    private static final int DOES_NOT_FIT = 1;

    @Spec
    private CommandSpec spec;

    @Mixin
    private JobFile file;

    @Mixin
    private Printed printed;

    @Option(
            names = "--readings",
            paramLabel = "CSV",
            description = "readings to add: point, plane or to, reads [mm]; and with, within [mm] where they are known")
    private Path readings;

    @Option(
            names = "--again",
            paramLabel = "NAME",
            description = "begin a new time of measuring with these readings, such as \"welded\"")
    private String again;

    @Option(names = "--out", paramLabel = "FILE", description = "job file to write with the readings")
    private Path out;

    @Override
    public Integer call() throws IOException {
        Examination examination =
                OpenedJob.examine(file.path(), spec.commandLine().getErr());
        if (readings != null) {
            examination = Examination.of(read(examination), examination);
        }
        FitUp fitUp = FitUp.of(examination, Progress.UNWATCHED);
        spec.commandLine()
                .getOut()
                .print(
                        printed.json()
                                ? FitJson.of(examination, fitUp) + System.lineSeparator()
                                : FitText.of(examination, fitUp, printed.style()));
        spec.commandLine().getOut().flush();
        if (out != null) {
            JobStore store = new JobStore(Clock.systemUTC());
            store.save(out, store.open(file.path()).withJob(examination.job()));
        }
        boolean fits = examination.report(Step.FIT).worst() != Severity.STOP;
        return fits || printed.json() ? 0 : DOES_NOT_FIT;
    }

    private Job read(Examination examination) throws IOException {
        Job job = examination.job();
        AsBuilt built = again == null ? job.asBuilt() : job.asBuilt().again(again, Measuring.Made.WELDED, false, "");
        Map<String, Vec3> places = new HashMap<>();
        job.cradle().nodes().stream()
                .map(Node::id)
                .forEach(id -> places.put(id, examination.seating().node(id)));
        places.putAll(Side.MOUNT.places(job));
        return job.withAsBuilt(built.withNow(ReadingTable.addedTo(built.survey(), places, readings)));
    }
}
