package oddcradle.files.report;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Figure;
import oddcradle.core.finding.Why;
import oddcradle.core.job.book.LogEntry;
import oddcradle.core.keeping.EveningPlan;
import oddcradle.core.pocket.PocketAnswer;
import oddcradle.core.step.run.DueList;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;

/** The logbook and what is due, and answers to questions, in words. */
public final class RunText {
    private static final double HOUR = 3600;

    private RunText() {}

    public static String log(Examination examination, String today, UnitStyle style) {
        StringBuilder text = new StringBuilder(examination.job().name()).append('\n');
        DueList due = DueList.of(examination.job(), Optional.empty());
        text.append(String.format(Locale.ROOT, "run %.1f h since the engine went in%n", due.hours() / HOUR));
        for (DueList.Due each : due.items()) {
            double over = each.over(due.hours()) / HOUR;
            text.append(String.format(
                    Locale.ROOT,
                    over >= 0 ? "overdue by %.1f h: %s%n" : "in %.1f h: %s%n",
                    Math.abs(over),
                    each.work().word()));
        }
        for (LogEntry entry : examination.job().book().log()) {
            text.append(line(entry, style)).append('\n');
        }
        EveningPlan plan = EveningPlan.of(examination.job().book(), today);
        plan.ends()
                .ifPresent(
                        day -> text.append("planned work ends on ").append(day).append('\n'));
        plan.waiting().forEach(each -> text.append(each.task().label())
                .append(" waits for ")
                .append(String.join(", ", each.parts()))
                .append(", nobody knows till when\n"));
        return text.toString();
    }

    /** One line of the log. */
    public static String line(LogEntry entry, UnitStyle style) {
        StringBuilder text = new StringBuilder(String.format(
                Locale.ROOT,
                "%s  %.1f h  %d starts  %.0f km  %s",
                entry.date(),
                entry.hours() / HOUR,
                entry.starts(),
                entry.distance() / 1000,
                entry.work().word()));
        if (!entry.place().isEmpty()) {
            text.append(" at ").append(entry.place());
        }
        measured(entry, style).ifPresent(value -> text.append(": ").append(value));
        if (!entry.found().isEmpty()) {
            text.append("; found: ").append(entry.found());
        }
        if (!entry.changed().isEmpty()) {
            text.append("; changed: ").append(entry.changed());
        }
        return text.toString();
    }

    /** What was measured, with its unit; empty where nothing was. */
    public static Optional<String> measured(LogEntry entry, UnitStyle style) {
        return entry.value() == 0
                ? Optional.empty()
                : entry.work().measures().map(kind -> style.show(new Quantity(entry.value(), kind)));
    }

    public static String answer(PocketAnswer answer, UnitStyle style) {
        StringBuilder text = new StringBuilder();
        answer.says().forEach(each -> text.append(each.in(style)).append('\n'));
        for (Figure figure : answer.figures()) {
            text.append("  ")
                    .append(figure.name())
                    .append(": ")
                    .append(style.show(figure.quantity()))
                    .append('\n');
        }
        List<Why> whys = answer.figures().stream().map(Figure::why).distinct().toList();
        for (Why why : whys) {
            text.append("why: ")
                    .append(why.withNumbers(style))
                    .append("; ")
                    .append(why.source().words())
                    .append('\n');
        }
        return text.toString();
    }
}
