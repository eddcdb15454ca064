package oddcradle.cli;

import java.io.IOException;
import java.util.Optional;
import java.util.concurrent.Callable;
import oddcradle.core.control.Progress;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.edit.SeatEdit;
import oddcradle.core.search.SeatSearch;
import oddcradle.core.search.SharedSeat;
import oddcradle.core.search.WaysOut;
import oddcradle.core.units.UnitStyle;
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

    @Mixin
    private Taken taken;

    @Override
    public Integer call() throws IOException {
        taken.requireBoth();
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
        taken.write(file.path(), search.answers(), (job, answer) -> new SeatEdit.TakeSeat(answer.seat(), "found")
                .applyTo(job));
        return search.answers().isEmpty() ? NO_SEAT : 0;
    }
}
