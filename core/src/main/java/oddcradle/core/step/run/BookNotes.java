package oddcradle.core.step.run;

import static oddcradle.core.finding.Why.input;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.job.Job;
import oddcradle.core.job.book.Book;
import oddcradle.core.job.book.LogEntry;
import oddcradle.core.job.book.LogEntry.Work;
import oddcradle.core.job.book.Purchase;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;

/** What the logbook says: what is due, what wears, what shakes more than it did, what the money does. */
final class BookNotes {
    /** A chain that is this much longer climbs its teeth; common practice for two fixed sprockets. */
    static final double WORN_CHAIN = 0.015;
    /** Of a belt below the rim of its pulley, m. */
    private static final double SUNK_BELT = 0.002;

    /** Rubber that has lost this share of its height has little left; common practice. */
    static final double SETTLED = 0.1;

    /** Growth that means something has changed: a grade of ISO 20816 is 2.5, half of that in ratio is seen early; common practice. */
    static final double GROWN = 1.6;

    private final Job job;
    private final Book book;
    private final ReportBuilder report;

    private BookNotes(Job job, ReportBuilder report) {
        this.job = job;
        this.book = job.book();
        this.report = report;
    }

    static void say(Job job, ReportBuilder report) {
        BookNotes notes = new BookNotes(job, report);
        notes.due();
        notes.chain();
        notes.belt();
        notes.isolators();
        notes.vibration();
        notes.budget();
    }

    private void due() {
        if (book.log().isEmpty()) {
            return;
        }
        DueList due = DueList.of(job, Optional.empty());
        report.figure(
                "run since the engine went in",
                Quantity.hours(book.hours() / 3600),
                new Why("the newest line of the log", List.of(), Source.measured()));
        for (DueList.Due each : due.now()) {
            report.say(
                    RunFinding.DUE,
                    Severity.WATCH,
                    Phrase.of(
                            "due: {}, at {} of running; {}",
                            each.work().word(),
                            Quantity.hours(each.dueAt() / 3600),
                            each.why()),
                    Place.of(Subject.MACHINE),
                    new Why(
                            "hours run against hours of the last time",
                            List.of(
                                    input("run", Quantity.hours(due.hours() / 3600)),
                                    input("last", Quantity.hours(each.lastAt().orElse(0.0) / 3600))),
                            Source.commonPractice()));
        }
    }

    private void chain() {
        worn(
                Work.CHAIN,
                WORN_CHAIN,
                "the chain is {} longer than new",
                "the chain is {} longer than new: it climbs its teeth and takes the sprockets along; renew all three");
    }

    private void belt() {
        worn(
                Work.BELT,
                SUNK_BELT,
                "the belt lies {} below the rim of its pulley",
                "the belt lies {} below the rim of its pulley: it is worn and soon rides on the bottom of the groove, where it slips and burns; renew it, and look at the groove");
    }

    /** What was measured last of something that wears. */
    private void worn(Work work, double most, String good, String bad) {
        book.last(work).filter(each -> each.value() > 0).ifPresent(entry -> {
            Quantity measured = new Quantity(entry.value(), work.measures().orElseThrow());
            report.atMost(
                    RunFinding.WEAR,
                    Severity.WATCH,
                    measured,
                    new Quantity(most, measured.kind()),
                    Phrase.of(good, measured),
                    Phrase.of(bad, measured),
                    Place.of(Subject.LINE),
                    new Why("as measured; limit common practice", List.of(), Source.commonPractice()));
        });
    }

    private void isolators() {
        for (List<LogEntry> of : byPlace(Work.ISOLATORS).values()) {
            LogEntry first = of.get(0);
            LogEntry now = of.get(of.size() - 1);
            double lost = 1 - now.value() / first.value();
            if (of.size() > 1 && lost > SETTLED) {
                report.atMost(
                        RunFinding.WEAR,
                        Severity.WATCH,
                        Phrase.of(
                                "isolator {} has settled from {} to {}: measure the line and the gaps again, and renew it with its neighbours",
                                now.place(),
                                Quantity.length(first.value()),
                                Quantity.length(now.value())),
                        Quantity.share(lost),
                        Quantity.share(SETTLED),
                        job.cradle().isolators().stream()
                                        .anyMatch(each -> each.id().equals(now.place()))
                                ? Place.of(Subject.mount(now.place()))
                                : Place.of(Subject.MACHINE),
                        new Why(
                                "1 - height now / first height",
                                List.of(
                                        input("first", Quantity.length(first.value())),
                                        input("now", Quantity.length(now.value()))),
                                Source.commonPractice()));
            }
        }
    }

    /** Lines of one kind that hold a number, by the place they were measured at. */
    private Map<String, List<LogEntry>> byPlace(Work work) {
        Map<String, List<LogEntry>> by = new LinkedHashMap<>();
        book.log().stream()
                .filter(each -> each.work() == work && each.value() > 0)
                .forEach(each -> by.computeIfAbsent(each.place(), place -> new ArrayList<>())
                        .add(each));
        return by;
    }

    private void vibration() {
        for (List<LogEntry> of : byPlace(Work.VIBRATION).values()) {
            LogEntry first = of.get(0);
            LogEntry now = of.get(of.size() - 1);
            double grown = now.value() / first.value();
            if (of.size() > 1 && grown > GROWN) {
                report.atMost(
                        RunFinding.VIBRATION,
                        Severity.WATCH,
                        Phrase.of(
                                "it shakes {} at {}, {} when it was first measured: look for a loose bolt, a crack, settled rubber, before it runs on",
                                new Quantity(now.value(), Kind.VIBRATION),
                                now.place().isEmpty() ? "the same place" : now.place(),
                                new Quantity(first.value(), Kind.VIBRATION)),
                        Quantity.ratio(grown),
                        Quantity.ratio(GROWN),
                        Place.of(Subject.MACHINE),
                        new Why(
                                "newest over first at one place",
                                List.of(
                                        input("first", new Quantity(first.value(), Kind.VIBRATION)),
                                        input("now", new Quantity(now.value(), Kind.VIBRATION))),
                                Source.commonPractice()));
            }
        }
    }

    private void budget() {
        double budget = book.money().budget();
        if (budget == 0) {
            return;
        }
        double parts = book.purchases().stream().mapToDouble(Purchase::cost).sum();
        double work = book.tasks().stream()
                        .mapToDouble(each -> each.worked() + each.left())
                        .sum()
                / 3600
                * book.money().hourPrice();
        double all = parts + work;
        report.atMost(
                RunFinding.BUDGET,
                Severity.WATCH,
                Quantity.count(all),
                Quantity.count(budget),
                Phrase.of(
                        "parts of the book and work come to {} of a budget of {}",
                        Quantity.count(Math.rint(all)),
                        Quantity.count(budget)),
                Phrase.of(
                        "parts of the book and work come to {}, {} over the budget: speak with the customer before the next order",
                        Quantity.count(Math.rint(all)),
                        Quantity.count(Math.rint(all - budget))),
                Place.of(Subject.MACHINE),
                new Why(
                        "all parts of the book + hours worked and left x price of an hour",
                        List.of(input("parts", Quantity.count(parts)), input("work", Quantity.count(work))),
                        Source.derived("the book")));
    }
}
