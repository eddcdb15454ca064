package oddcradle.core.report;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.finding.Figure;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.finding.Why;
import oddcradle.core.units.Quantity;

/** Figures and findings of one step while they are gathered. */
public final class Notes {
    private final Step step;
    private final List<Figure> figures = new ArrayList<>();
    private final List<Finding> findings = new ArrayList<>();

    public Notes(Step step) {
        this.step = step;
    }

    public StepReport report() {
        return new StepReport(step, figures, findings);
    }

    public void figure(String name, Quantity quantity, Why why) {
        figures.add(new Figure(name, quantity, why));
    }

    public void say(String code, Severity severity, Phrase what, Place where, Why why) {
        findings.add(Finding.statement(code, step, severity, what, where, why));
    }

    /**
     * Good if the size of a value is within a limit.
     *
     * @param bad how bad it is otherwise
     * @param within what to say then, and otherwise
     */
    public void atMost(
            String code,
            Severity bad,
            Quantity value,
            Quantity limit,
            Phrase within,
            Phrase beyond,
            Place where,
            Why why) {
        boolean good = Math.abs(value.si()) <= limit.si();
        findings.add(Finding.atMost(
                code, step, good ? Severity.GOOD : bad, good ? within : beyond, value, limit, where, why));
    }

    /** Good if a value reaches a limit. */
    public void atLeast(
            String code,
            Severity bad,
            Quantity value,
            Quantity limit,
            Phrase reached,
            Phrase below,
            Place where,
            Why why) {
        boolean good = value.si() >= limit.si();
        findings.add(Finding.atLeast(
                code, step, good ? Severity.GOOD : bad, good ? reached : below, value, limit, where, why));
    }
}
