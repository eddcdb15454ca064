package oddcradle.core.report;

import java.util.Comparator;
import java.util.List;
import oddcradle.core.finding.Figure;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;

/** What one step has to say: its numbers, and its findings with the worst first. */
public record StepReport(Step step, List<Figure> figures, List<Finding> findings) {
    public StepReport {
        figures = List.copyOf(figures);
        findings = findings.stream()
                .sorted(Comparator.comparing(Finding::severity))
                .toList();
    }

    /** The worst severity; {@link Severity#GOOD} if there is nothing to say. */
    public Severity worst() {
        return findings.isEmpty() ? Severity.GOOD : findings.get(0).severity();
    }

    public long count(Severity severity) {
        return findings.stream().filter(each -> each.severity() == severity).count();
    }
}
