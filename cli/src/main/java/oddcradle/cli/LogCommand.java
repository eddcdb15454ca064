package oddcradle.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.book.Book;
import oddcradle.core.job.book.LogEntry;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.units.Entry;
import oddcradle.core.units.Kind;
import oddcradle.files.handout.HandOut;
import oddcradle.files.handout.JobTables;
import oddcradle.files.job.JobStore;
import oddcradle.files.paper.CustomerPage;
import oddcradle.files.paper.PaperSize;
import oddcradle.files.report.RunJson;
import oddcradle.files.report.RunText;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

@Command(name = "log", description = "The logbook of a job: what is due, every line of it, and one more line.")
final class LogCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Mixin
    private JobFile file;

    @Mixin
    private Printed printed;

    @ArgGroup(exclusive = false)
    private Line line;

    @Option(names = "--out", paramLabel = "FILE", description = "job file to write the new line to; else the same")
    private Path out;

    @Option(names = "--csv", paramLabel = "FILE", description = "every line of the log as a table")
    private Path csv;

    @Option(names = "--customer", paramLabel = "PDF", description = "a page for the customer")
    private Path customer;

    /** One more line. */
    private static final class Line {
        @Option(
                names = "--add",
                required = true,
                paramLabel = "WORK",
                description =
                        "add a line: run, bolts, cracks, isolators, chain, belt, line-up, oil, filter, cables, exhaust, wires, jet, vibration,"
                                + " repair or note")
        private String work;

        @Option(names = "--date", description = "year, month and day; today where left out")
        private String date;

        @Option(names = "--hours", description = "run since the engine went in; as before where left out")
        private String hours;

        @Option(names = "--starts", description = "since it went in; as before where left out")
        private Integer starts;

        @Option(names = "--distance", description = "since it went in, such as 160km; as before where left out")
        private String distance;

        @Option(names = "--at", description = "mount, stage or part")
        private String place = "";

        @Option(names = "--found", description = "what was seen")
        private String found = "";

        @Option(names = "--changed", description = "what was done about it")
        private String changed = "";

        @Option(names = "--value", description = "what was measured, such as 0.4%% of a chain or 38mm of an isolator")
        private String value;
    }

    @Override
    public Integer call() throws IOException {
        Examination examination =
                OpenedJob.examine(file.path(), spec.commandLine().getErr());
        String today = LocalDate.now(Clock.systemDefaultZone()).toString();
        if (line != null) {
            Book book = examination.job().book().noted(entry(examination.job().book(), today));
            examination = Examination.of(examination.job().withBook(book), examination);
            JobStore store = new JobStore(Clock.systemUTC());
            store.save(out == null ? file.path() : out, store.open(file.path()).withJob(examination.job()));
        }
        if (csv != null) {
            HandOut.csv(examination, JobTables.LOG, printed.style(), csv);
        }
        if (customer != null) {
            Files.write(customer, CustomerPage.of(examination, printed.style(), PaperSize.A4, today));
        }
        spec.commandLine()
                .getOut()
                .print(
                        printed.json()
                                ? RunJson.of(examination, today) + System.lineSeparator()
                                : RunText.log(examination, today, printed.style()));
        spec.commandLine().getOut().flush();
        return 0;
    }

    private LogEntry entry(Book book, String today) {
        LogEntry.Work work = Arrays.stream(LogEntry.Work.values())
                .filter(each -> word(each).equals(line.work.toLowerCase(Locale.ROOT)))
                .findFirst()
                .orElseThrow(() -> new InvalidValue(
                        "--add",
                        "is \"" + line.work + "\", must be one of "
                                + Arrays.stream(LogEntry.Work.values())
                                        .map(LogCommand::word)
                                        .collect(Collectors.joining(", "))));
        Optional<LogEntry> last = book.last();
        return new LogEntry(
                line.date == null ? today : line.date,
                line.hours == null ? last.map(LogEntry::hours).orElse(0.0) : read("--hours", line.hours, Kind.DURATION),
                line.starts == null ? last.map(LogEntry::starts).orElse(0) : line.starts,
                line.distance == null
                        ? last.map(LogEntry::distance).orElse(0.0)
                        : read("--distance", line.distance, Kind.DISTANCE),
                work,
                line.place,
                line.found,
                line.changed,
                line.value == null ? 0 : read("--value", line.value, measured(work)),
                "");
    }

    private static Kind measured(LogEntry.Work work) {
        return work.measures()
                .orElseThrow(
                        () -> new InvalidValue("--value", "has no place: nothing is measured where " + work.word()));
    }

    private static String word(LogEntry.Work work) {
        return work.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    private double read(String option, String typed, Kind kind) {
        try {
            return Entry.read(typed, kind, printed.style()).si();
        } catch (InvalidValue wrong) {
            throw new InvalidValue(option, wrong.problem());
        }
    }
}
