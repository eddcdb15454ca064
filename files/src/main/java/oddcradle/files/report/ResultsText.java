package oddcradle.files.report;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import oddcradle.core.cure.Cures;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Figure;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.hardware.HardwareItem;
import oddcradle.core.proof.Proven;
import oddcradle.core.report.Cure;
import oddcradle.core.report.StepReport;
import oddcradle.core.units.UnitStyle;

/** An examination for a reader at a terminal. */
public final class ResultsText {
    private ResultsText() {}

    /**
     * By step: what is wrong first, then figures, then how much was found good.
     *
     * @param good whether what is good is told one by one
     */
    public static String of(Proven proven, UnitStyle style, boolean good) {
        Examination examination = proven.examination();
        StringBuilder text = new StringBuilder(examination.job().name()).append('\n');
        for (Step step : Step.values()) {
            StepReport report = proven.report(step);
            text.append('\n')
                    .append(step.number())
                    .append(' ')
                    .append(step.title())
                    .append(": ")
                    .append(report.worst().word())
                    .append('\n');
            report.findings().stream()
                    .filter(finding -> finding.severity() != Severity.GOOD)
                    .sorted(Comparator.comparing(Finding::severity))
                    .forEach(finding -> finding(text, examination, finding, style));
            for (Figure figure : report.figures()) {
                text.append(
                        String.format(Locale.ROOT, "    %-44s %14s%n", figure.name(), style.show(figure.quantity())));
            }
            if (step == Step.CRADLE) {
                hardware(text, examination, style);
            }
            good(text, examination, report, style, good);
        }
        return text.append("\nNumbers to build by only with your own judgement, the maker's data and local codes.\n")
                .toString();
    }

    private static void good(
            StringBuilder text, Examination examination, StepReport report, UnitStyle style, boolean told) {
        List<Finding> good = report.findings().stream()
                .filter(finding -> finding.severity() == Severity.GOOD)
                .toList();
        if (told) {
            good.forEach(finding -> finding(text, examination, finding, style));
        } else if (!good.isEmpty()) {
            text.append("  ")
                    .append(mark(Severity.GOOD))
                    .append(' ')
                    .append(good.size())
                    .append(good.size() == 1 ? " check" : " checks")
                    .append("; --good tells them\n");
        }
    }

    private static void finding(StringBuilder text, Examination examination, Finding finding, UnitStyle style) {
        text.append("  ").append(mark(finding.severity())).append(' ');
        text.append(finding.what().in(style)).append('\n');
        if (finding.severity().isWorseThan(Severity.NOT_CHECKED)) {
            text.append("      why: ").append(finding.why().withNumbers(style));
            text.append(" [").append(finding.why().source().words()).append("]\n");
            for (Cure cure : Cures.of(examination, finding)) {
                text.append("      cure: ").append(cure.label().in(style)).append('\n');
            }
        }
    }

    private static void hardware(StringBuilder text, Examination examination, UnitStyle style) {
        for (HardwareItem item : examination.hardware().items()) {
            text.append(String.format(
                    Locale.ROOT,
                    "    %-6s %2d x %-14s %s%n",
                    item.mount(),
                    item.count(),
                    item.kind().word(),
                    item.size().in(style)));
        }
    }

    private static String mark(Severity severity) {
        return switch (severity) {
            case STOP -> "STOP ";
            case WATCH -> "WATCH";
            case NOT_CHECKED -> "?    ";
            case NOTE -> "note ";
            case GOOD -> "good ";
        };
    }
}
