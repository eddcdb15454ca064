package oddcradle.core.proof;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import oddcradle.core.control.Progress;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Step;
import oddcradle.core.report.StepReport;

/**
 * An examination with the slow studies of its loaded frame.
 *
 * @param proof empty where the frame does not stand
 */
public record Proven(Examination examination, Optional<LoadProof> proof) {
    public static Proven of(Examination examination) {
        return new Proven(examination, LoadProof.of(examination, Progress.UNWATCHED));
    }

    /** What the examination says of a step, and what the studies add to it. */
    public StepReport report(Step step) {
        StepReport own = examination.report(step);
        if (step != Step.LOAD || proof.isEmpty()) {
            return own;
        }
        StepReport more = ProofReport.of(examination.job(), proof.get());
        return new StepReport(
                step,
                Stream.concat(own.figures().stream(), more.figures().stream()).toList(),
                Stream.concat(own.findings().stream(), more.findings().stream()).toList());
    }

    /** All findings, worst first, then in the order of the work. */
    public List<Finding> findings() {
        List<Finding> all = new ArrayList<>();
        for (Step step : Step.values()) {
            all.addAll(report(step).findings());
        }
        all.sort(Comparator.comparing(Finding::severity));
        return all;
    }
}
