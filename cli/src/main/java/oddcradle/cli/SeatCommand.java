package oddcradle.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.util.Optional;
import java.util.concurrent.Callable;
import oddcradle.core.control.Progress;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.Job;
import oddcradle.core.job.edit.SeatEdit;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.search.SeatSearch;
import oddcradle.core.search.SharedSeat;
import oddcradle.core.search.WaysOut;
import oddcradle.core.units.UnitStyle;
import oddcradle.files.job.JobDocument;
import oddcradle.files.job.JobStore;
import oddcradle.files.report.SeatJson;
import oddcradle.files.report.SeatText;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

@Command(name = "seat", description = "Search where the donor sits best, and how it comes out.")
final class SeatCommand implements Callable<Integer> {
    private static final int NO_SEAT = 1;

    @Spec
    private CommandSpec spec;

    @Mixin
    private JobFile file;

    @Mixin
    private Printed printed;

    @Option(names = "--way", description = "also search how the donor comes out of its seat in the file")
    private boolean way;

    @Option(names = "--with", paramLabel = "NAME", description = "one seat for this candidate too")
    private String with;

    @Option(names = "--take", paramLabel = "N", description = "take the Nth answer; needs --out")
    private int take;

    @Option(names = "--out", paramLabel = "FILE", description = "job file to write with the answer taken")
    private Path out;

    @Override
    public Integer call() throws IOException {
        if ((take != 0) != (out != null)) {
            throw new InvalidValue("--take", "and --out go together: which answer, and where the job is written");
        }
        Examination examination =
                OpenedJob.examine(file.path(), spec.commandLine().getErr());
        SeatSearch.Result search = SeatSearch.run(examination, Progress.UNWATCHED);
        Optional<WaysOut.Result> ways =
                way ? Optional.of(WaysOut.find(examination, Progress.UNWATCHED)) : Optional.empty();
        Optional<SharedSeat.Result> shared =
                Optional.ofNullable(with).map(name -> SharedSeat.find(examination, name, Progress.UNWATCHED));
        UnitStyle style = printed.style();
        spec.commandLine()
                .getOut()
                .println(
                        printed.json()
                                ? SeatJson.answers(examination, search, ways, shared)
                                : SeatText.of(examination, search, ways, shared, style));
        if (out != null) {
            write(search);
        }
        return search.answers().isEmpty() ? NO_SEAT : 0;
    }

    private void write(SeatSearch.Result search) throws IOException {
        if (take < 1 || take > search.answers().size()) {
            throw new InvalidValue(
                    "--take", "is " + take + ", there are " + search.answers().size() + " answers");
        }
        JobStore store = new JobStore(Clock.systemUTC());
        JobDocument document = store.open(file.path());
        Job seated = new SeatEdit.TakeSeat(search.answers().get(take - 1).seat(), "found").applyTo(document.job());
        store.save(out, document.withJob(seated));
    }
}
