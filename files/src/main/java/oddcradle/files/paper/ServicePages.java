package oddcradle.files.paper;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.book.LogEntry;
import oddcradle.core.keeping.StartList;
import oddcradle.core.step.run.DueList;
import oddcradle.files.report.RunText;

/** The first start with room to tick, what is due and when, and the last lines of the log with room for the next. */
final class ServicePages {
    private static final String TO_WRITE = "__________";
    private static final double HOUR = 3600;
    private static final int LAST_LINES = 25;
    private static final int EMPTY_LINES = 8;

    private ServicePages() {}

    static void add(Book book, Examination examination) throws IOException {
        start(book, examination);
        service(book, examination);
    }

    private static void start(Book book, Examination examination) throws IOException {
        List<List<String>> rows = new ArrayList<>();
        for (StartList.Item item : StartList.of(examination.job()).items()) {
            rows.add(List.of(
                    item.when().word(),
                    item.what(),
                    item.looked().map(each -> each.who() + " " + each.date()).orElse(TO_WRITE)));
        }
        TablePages.add(
                book,
                "First start",
                "The maker's own instructions, local codes and whoever the law asks come first. Nobody alone.",
                List.of(new TablePages.Table(
                        "In this order",
                        List.of(
                                new TablePages.Column("when", 2),
                                new TablePages.Column("what", 6),
                                new TablePages.Column("seen by", 2)),
                        rows)));
    }

    private static void service(Book book, Examination examination) throws IOException {
        DueList due = DueList.of(examination.job(), Optional.empty());
        List<List<String>> dues = new ArrayList<>();
        for (DueList.Due each : due.items()) {
            dues.add(List.of(
                    each.work().word(),
                    String.format(Locale.ROOT, "%.0f h", each.dueAt() / HOUR),
                    each.lastAt()
                            .map(last -> String.format(Locale.ROOT, "%.1f h", last / HOUR))
                            .orElse("never"),
                    each.over(due.hours()) >= 0 ? "due" : "",
                    TO_WRITE));
        }
        List<LogEntry> log = examination.job().book().log();
        List<List<String>> lines = new ArrayList<>();
        for (LogEntry entry : log.subList(Math.max(0, log.size() - LAST_LINES), log.size())) {
            lines.add(List.of(
                    entry.date(),
                    String.format(Locale.ROOT, "%.1f", entry.hours() / HOUR),
                    entry.work().word() + (entry.place().isEmpty() ? "" : ", " + entry.place()),
                    RunText.measured(entry, book.style()).orElse("")
                            + (entry.found().isEmpty() ? "" : " " + entry.found()),
                    entry.changed()));
        }
        for (int k = 0; k < EMPTY_LINES; k++) {
            lines.add(List.of(TO_WRITE, "______", TO_WRITE + TO_WRITE, TO_WRITE + TO_WRITE, TO_WRITE));
        }
        TablePages.add(
                book,
                "Service sheet",
                String.format(
                        Locale.ROOT,
                        "%.1f h since the engine went in. Hours are common practice; the maker's own book comes first.",
                        due.hours() / HOUR),
                List.of(
                        new TablePages.Table(
                                "When",
                                List.of(
                                        new TablePages.Column("what", 4),
                                        new TablePages.Column("at", 1),
                                        new TablePages.Column("last", 1),
                                        new TablePages.Column("", 1),
                                        new TablePages.Column("done", 2)),
                                dues),
                        new TablePages.Table(
                                "Log",
                                List.of(
                                        new TablePages.Column("day", 1.4),
                                        new TablePages.Column("hours", 1),
                                        new TablePages.Column("what", 3),
                                        new TablePages.Column("found", 3),
                                        new TablePages.Column("changed", 2)),
                                lines)));
    }
}
