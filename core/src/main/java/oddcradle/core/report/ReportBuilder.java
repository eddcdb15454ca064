package oddcradle.core.report;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import oddcradle.core.finding.Figure;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.FindingCode;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.finding.Why;
import oddcradle.core.units.Quantity;

/** Gathers the figures and findings of one step; every report is made by one. */
public final class ReportBuilder {
    private final Step step;
    private final List<Figure> figures = new ArrayList<>();
    private final List<Finding> findings = new ArrayList<>();

    public ReportBuilder(Step step) {
        this.step = step;
    }

    public StepReport report() {
        return new StepReport(step, figures, findings);
    }

    public void figure(String name, Quantity quantity, Why why) {
        figures.add(new Figure(name, quantity, why));
    }

    public void figures(Collection<Figure> more) {
        figures.addAll(more);
    }

    /** A statement without a limit. */
    public void say(FindingCode code, Severity severity, Phrase what, Place where, Why why) {
        findings.add(Finding.statement(code, step, severity, what, where, why));
    }

    /** Findings that are made already: why something has no answer, and what must follow the seat. */
    public void findings(Collection<Finding> more) {
        findings.addAll(more);
    }

    public boolean hasNoFinding() {
        return findings.isEmpty();
    }

    /** Whether there is nothing yet that somebody has to look at. */
    public boolean isAllGood() {
        return findings.stream().noneMatch(finding -> finding.severity().isWorseThan(Severity.NOT_CHECKED));
    }

    /** A value that must not exceed a limit, judged already. */
    public void atMost(
            FindingCode code, Severity severity, Phrase what, Quantity measured, Quantity limit, Place where, Why why) {
        findings.add(Finding.atMost(code, step, severity, what, measured, limit, where, why));
    }

    /** A value that must not fall below a limit, judged already. */
    public void atLeast(
            FindingCode code, Severity severity, Phrase what, Quantity measured, Quantity limit, Place where, Why why) {
        findings.add(Finding.atLeast(code, step, severity, what, measured, limit, where, why));
    }

    /**
     * Good if the size of a value is within a limit.
     *
     * @param bad how bad it is otherwise
     * @param within what to say then, and otherwise
     */
    public void atMost(
            FindingCode code,
            Severity bad,
            Quantity value,
            Quantity limit,
            Phrase within,
            Phrase beyond,
            Place where,
            Why why) {
        boolean good = Math.abs(value.si()) <= limit.si();
        atMost(code, good ? Severity.GOOD : bad, good ? within : beyond, value, limit, where, why);
    }

    /** Good if a value reaches a limit. */
    public void atLeast(
            FindingCode code,
            Severity bad,
            Quantity value,
            Quantity limit,
            Phrase reached,
            Phrase below,
            Place where,
            Why why) {
        boolean good = value.si() >= limit.si();
        atLeast(code, good ? Severity.GOOD : bad, good ? reached : below, value, limit, where, why);
    }
}
