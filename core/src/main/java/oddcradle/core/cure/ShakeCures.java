package oddcradle.core.cure;

import java.util.List;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.placement.CrankPlace;
import oddcradle.core.placement.MountedDonor;
import oddcradle.core.placement.Seating;
import oddcradle.core.report.Cure;
import oddcradle.core.report.StepReport;
import oddcradle.core.step.shake.ShakeFinding;
import oddcradle.core.step.shake.ShakeReport;
import oddcradle.core.structure.EngineOrders;

/** What would let less of the shaking through. */
final class ShakeCures {
    private ShakeCures() {}

    static List<Cure> of(Examination examination, Finding finding) {
        return switch ((ShakeFinding) finding.code()) {
            case IDLE, IDLE_FORCE, CRUISE, CRUISE_FORCE -> otherHardness(examination, finding);
            default -> List.of();
        };
    }

    /** The hardest rubber sold with which this finding is good and nothing else at Shake is worse than before. */
    private static List<Cure> otherHardness(Examination examination, Finding finding) {
        Job job = examination.job();
        List<String> all = job.cradle().isolators().stream().map(Isolator::id).toList();
        List<Double> sold = job.cradle().soldHardnesses();
        for (int k = sold.size() - 1; k >= 0; k--) {
            JobEdit edit = new JobEdit.SetHardness(all, sold.get(k));
            if (isBetter(
                    examination.report(Step.SHAKE), shaken(edit.applyTo(job), examination.engineOrders()), finding)) {
                return List.of(Cure.of(edit));
            }
        }
        return List.of();
    }

    private static StepReport shaken(Job job, EngineOrders engine) {
        ShakeReport.Mounted mounted =
                new ShakeReport.Mounted(MountedDonor.of(job), MountedDonor.shaking(job), engine, CrankPlace.of(job));
        return ShakeReport.of(new ShakeReport.Input(
                engine.running().taken(), job.cradle(), Seating.of(job), ShakeReport.solve(mounted)));
    }

    private static boolean isBetter(StepReport before, StepReport after, Finding finding) {
        boolean gone = after.findings().stream()
                .filter(each -> each.code().equals(finding.code()))
                .noneMatch(each -> each.severity().isWorseThan(Severity.NOTE));
        return gone && troubles(after, finding) <= troubles(before, finding);
    }

    /** What else is wrong there, a stop counted above all that is to be watched. */
    private static int troubles(StepReport report, Finding but) {
        return report.findings().stream()
                .filter(each -> !each.code().equals(but.code()))
                .mapToInt(each -> each.severity() == Severity.STOP ? 100 : each.severity() == Severity.WATCH ? 1 : 0)
                .sum();
    }
}
