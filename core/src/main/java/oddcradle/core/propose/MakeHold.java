package oddcradle.core.propose;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import oddcradle.core.catalog.SectionStock;
import oddcradle.core.control.Progress;
import oddcradle.core.cure.Cures;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.job.tube.Member;
import oddcradle.core.proof.JointUse;
import oddcradle.core.proof.LoadProof;
import oddcradle.core.report.Cure;
import oddcradle.core.section.Section;

/**
 * Stouter tubes, one after the other, until no load case asks too much of a tube or of the weld at its end. Each is the lightest of the
 * stock that does at its place; a thicker wall of the same diameter comes first where a weld asks for it, so that gaps stay.
 */
public final class MakeHold {
    private static final int MOST_CHANGES = 40;

    private MakeHold() {}

    /**
     * @param changes in the order they were made
     * @param examination of the job with all of them
     * @param left what still asks too much and has no cure here; none where all holds
     */
    public record Result(List<Cure> changes, Examination examination, List<Finding> left) {
        public Result {
            changes = List.copyOf(changes);
            left = List.copyOf(left);
        }
    }

    /** Some tens of frame solutions for every tube that has to change. */
    public static Result of(Examination start, Progress progress) {
        List<Cure> changes = new ArrayList<>();
        Examination now = start;
        Optional<Cure> next = next(now);
        while (next.isPresent() && changes.size() < MOST_CHANGES) {
            changes.add(next.get());
            now = Examination.of(next.get().edit().applyTo(now.job()));
            progress.report(Math.min(0.95, changes.size() / (double) MOST_CHANGES));
            next = next(now);
        }
        return new Result(
                changes,
                now,
                now.report(Step.LOAD).findings().stream()
                        .filter(each -> each.severity() == Severity.STOP)
                        .toList());
    }

    private static Optional<Cure> next(Examination now) {
        for (Finding finding : now.report(Step.LOAD).findings()) {
            if (finding.severity() == Severity.STOP) {
                Optional<Cure> cure = Cures.of(now, finding).stream().findFirst();
                if (cure.isPresent()) {
                    return cure;
                }
            }
        }
        return LoadProof.joints(now).stream()
                .filter(use -> use.utilisation() > 1)
                .flatMap(use -> stouter(now.job(), use).stream())
                .findFirst();
    }

    /** For the tube at a weld: the same width first, then wider ones, the lightest that does. */
    private static Optional<Cure> stouter(Job job, JointUse use) {
        Member tube = use.tube();
        Section now = tube.section();
        double wide = now.halfSize(true) + now.halfSize(false);
        return SectionStock.of(now.getClass()).stream()
                .filter(each -> each.halfSize(true) >= now.halfSize(true) - 1e-6
                        && each.halfSize(false) >= now.halfSize(false) - 1e-6
                        && each.area() > now.area())
                .sorted(Comparator.comparing(
                        (Section each) -> each.halfSize(true) + each.halfSize(false) > wide + 1e-6))
                .map(each -> Cure.of(new JobEdit.SetSection(tube.id(), each)))
                .filter(cure -> holds(cure.edit().applyTo(job), use))
                .findFirst();
    }

    private static boolean holds(Job job, JointUse before) {
        return LoadProof.joints(Examination.of(job)).stream()
                .filter(use -> use.key().equals(before.key()))
                .allMatch(use -> use.utilisation() <= 1);
    }
}
