package oddcradle.core.step.fit;

import static oddcradle.core.finding.Why.input;

import java.util.List;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.job.fit.PanelGap;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.units.Quantity;

/** What the gaps of panels say: panels seldom fit from the factory, so only what has changed can be the work of the new engine. */
final class PanelNotes {
    /** Panels come back to where they were no better than that, m; common practice. */
    private static final double PUT_BACK = 0.001;

    private PanelNotes() {}

    static void add(ReportBuilder report, List<PanelGap> panels) {
        panels.forEach(panel -> panel.now().ifPresent(now -> changed(report, panel, now)));
    }

    private static void changed(ReportBuilder report, PanelGap panel, double now) {
        Quantity by = Quantity.fine(Math.abs(now - panel.before()));
        Quantity before = Quantity.length(panel.before());
        Why why = new Why(
                "gap with the engine in, less the gap before",
                List.of(input("before", before), input("now", Quantity.length(now))),
                Source.commonPractice());
        report.atMost(
                FitFinding.PANEL,
                Severity.WATCH,
                by,
                Quantity.fine(PUT_BACK),
                Phrase.of("{}: its gap was {} before the engine went in, and is", panel.label(), before),
                Phrase.of(
                        now > panel.before()
                                ? "{}: its gap was {} and has opened by {} with the engine in; look what pushes it, or whether the frame was bent, before the panel is"
                                : "{}: its gap was {} and has closed by {} with the engine in; look what pulls it, or whether the frame was bent, before the panel is",
                        panel.label(),
                        before,
                        by),
                Place.of(Subject.HOST),
                why);
    }
}
