package oddcradle.core.cure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.edit.BodyEdit;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.job.host.Support;
import oddcradle.core.mounting.Elastomer;
import oddcradle.core.placement.MountedDonor;
import oddcradle.core.placement.Seating;
import oddcradle.core.report.Cure;
import oddcradle.core.report.StepReport;
import oddcradle.core.step.shake.ShakeFinding;
import oddcradle.core.step.shake.ShakeReport;
import oddcradle.core.structure.EngineOrders;
import oddcradle.core.structure.Engines;
import oddcradle.core.structure.MachineOnFeet;
import oddcradle.core.structure.PropellerShaking;

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
        List<JobEdit> softer =
                MachineOnFeet.of(job, examination.seating()).isPresent() ? otherFeet(job) : otherIsolators(job);
        return softer.stream()
                .filter(edit -> isBetter(
                        examination.report(Step.SHAKE), shaken(edit.applyTo(job), examination.engineOrders()), finding))
                .limit(1)
                .map(Cure::of)
                .toList();
    }

    /** Hardest first. */
    private static List<JobEdit> otherIsolators(Job job) {
        List<String> all = job.cradle().isolators().stream().map(Isolator::id).toList();
        List<JobEdit> edits = new ArrayList<>();
        job.cradle().soldHardnesses().forEach(shore -> edits.add(0, new JobEdit.SetHardness(all, shore)));
        return edits;
    }

    /** Hardest first; feet are of one kind of rubber, or left as they are. */
    private static List<JobEdit> otherFeet(Job job) {
        List<Support> supports = job.host().supports();
        List<Elastomer> kinds = supports.stream()
                .flatMap(each -> each.foot().stream())
                .flatMap(foot -> foot.element().madeOf().stream())
                .distinct()
                .toList();
        List<JobEdit> edits = new ArrayList<>();
        if (kinds.size() == 1) {
            for (double shore : kinds.get(0).soldHardnesses()) {
                String words = "all feet " + Math.round(shore) + " Shore A";
                edits.add(
                        0,
                        new BodyEdit.ChangeHost(
                                job.host()
                                        .withSupports(supports.stream()
                                                .map(each -> each.withHardness(shore))
                                                .toList()),
                                words,
                                words));
            }
        }
        return edits;
    }

    private static StepReport shaken(Job job, List<EngineOrders> orders) {
        Seating seating = Seating.of(job);
        Optional<MachineOnFeet> feet = MachineOnFeet.of(job, seating);
        Engines engines = Engines.of(job, orders);
        ShakeReport.Mounted mounted = feet.map(each -> new ShakeReport.Mounted(
                        each.still(), each.shaking(), each.cold(), engines.shifted(each.donor()), Optional.empty()))
                .orElseGet(() -> new ShakeReport.Mounted(
                        MountedDonor.of(job),
                        MountedDonor.shaking(job),
                        MountedDonor.shakingCold(job),
                        engines,
                        PropellerShaking.propeller(job)));
        return ShakeReport.of(
                new ShakeReport.Input(engines.taken(), job.cradle(), seating, feet, false, ShakeReport.solve(mounted)));
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
