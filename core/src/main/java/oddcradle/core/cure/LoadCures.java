package oddcradle.core.cure;

import java.util.Comparator;
import java.util.List;
import oddcradle.core.catalog.SectionStock;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Step;
import oddcradle.core.finding.Subject;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.job.edit.LoadEdit;
import oddcradle.core.job.load.LoadSet;
import oddcradle.core.job.tube.Member;
import oddcradle.core.report.Cure;
import oddcradle.core.section.Tube;
import oddcradle.core.step.load.LoadFinding;
import oddcradle.core.structure.EngineTorques;
import oddcradle.core.structure.FrameOfJob;

/** What would mend a finding of the loaded frame. */
final class LoadCures {
    private LoadCures() {}

    static List<Cure> of(Examination examination, Finding finding) {
        Job job = examination.job();
        return switch ((LoadFinding) finding.code()) {
            case STRESS, COLUMN -> thicker(job, finding);
            case NO_CASES, WRONG_SET, MIXED_SETS ->
                job.line().end().stream()
                        .map(end -> Cure.of(new LoadEdit.TakeSet(LoadSet.usual(end))))
                        .toList();
            case MEETS_NOTHING ->
                List.of(Cure.of(new LoadEdit.SwitchCase(
                        finding.where().first(Subject.Kind.LOAD_CASE).orElseThrow(), false)));
            case MOVEMENT -> harder(job, finding.limit().orElseThrow().si());
            default -> List.of();
        };
    }

    /** The lightest stock tube that holds, by solving the frame again; a thicker wall of the same diameter first, so that gaps stay. */
    private static List<Cure> thicker(Job job, Finding finding) {
        String id = finding.where().first(Subject.Kind.TUBE).orElseThrow();
        Member tube = job.member(id).orElseThrow();
        double needed = finding.measured().orElseThrow().si()
                / finding.limit().orElseThrow().si();
        boolean column = finding.code() == LoadFinding.COLUMN;
        double stiffness = tube.remaining().secondMomentY();
        double modulus = stiffness / tube.remaining().outerRadius();
        List<Tube> tubes = SectionStock.tubes().stream()
                .sorted(Comparator.comparing((Tube stock) -> !isAsWide(stock, tube)))
                .toList();
        EngineTorques torques = EngineTorques.of(job);
        for (Tube stock : tubes) {
            // A stiffer tube draws more load, so less than the modulus needed at equal load cannot do. A column near
            // its end bends the more for it: there a little stiffness helps much.
            if (column
                    ? stock.secondMomentY() <= stiffness
                    : stock.secondMomentY() / stock.outerRadius() < 0.8 * needed * modulus) {
                continue;
            }
            JobEdit edit = new JobEdit.SetSection(id, stock);
            if (holds(edit.applyTo(job), torques, id)) {
                return List.of(Cure.of(edit));
            }
        }
        return List.of();
    }

    private static boolean isAsWide(Tube stock, Member tube) {
        return tube.section() instanceof Tube now && Math.abs(stock.od() - now.od()) < 1e-6;
    }

    /** The softest harder rubber that keeps the sprocket still enough, by solving the frame again. */
    private static List<Cure> harder(Job job, double limit) {
        List<String> all = job.cradle().isolators().stream().map(Isolator::id).toList();
        double now = job.cradle().isolators().stream()
                .flatMapToDouble(isolator -> isolator.element().shore().stream().mapToDouble(Double::doubleValue))
                .max()
                .orElse(Double.POSITIVE_INFINITY);
        for (double hardness : job.cradle().soldHardnesses()) {
            JobEdit edit = new JobEdit.SetHardness(all, hardness);
            if (hardness > now && movementWithin(edit.applyTo(job), limit)) {
                return List.of(Cure.of(edit));
            }
        }
        return List.of();
    }

    private static boolean movementWithin(Job job, double limit) {
        return Examination.of(job).report(Step.LOAD).findings().stream()
                .filter(finding -> finding.code().equals(LoadFinding.MOVEMENT))
                .allMatch(finding -> finding.measured().orElseThrow().si() <= limit);
    }

    private static boolean holds(Job job, EngineTorques torques, String tube) {
        return FrameOfJob.of(job, torques)
                .filter(frame -> frame.tubes().stream()
                        .filter(use -> use.tube().id().equals(tube))
                        .allMatch(use -> use.utilisation() <= 1))
                .isPresent();
    }
}
