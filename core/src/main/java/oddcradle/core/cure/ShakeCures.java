package oddcradle.core.cure;

import java.util.List;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Finding;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.placement.MountedDonor;
import oddcradle.core.report.Cure;
import oddcradle.core.step.shake.ShakeFinding;
import oddcradle.core.step.shake.ShakeReport;
import oddcradle.core.vibration.MountedBody;
import oddcradle.core.vibration.Transmissibility;

/** What would let less of the shaking through. */
final class ShakeCures {
    private ShakeCures() {}

    static List<Cure> of(Examination examination, Finding finding) {
        Job job = examination.job();
        return switch ((ShakeFinding) finding.code()) {
            case IDLE -> softer(job, job.donor().engine().idleSpeed(), ShakeReport.MOST_AT_IDLE);
            case CRUISE -> softer(job, job.donor().engine().cruiseSpeed(), ShakeReport.MOST_AT_CRUISE);
            default -> List.of();
        };
    }

    /** The hardest rubber sold that passes on no more than the limit. */
    private static List<Cure> softer(Job job, double speed, double limit) {
        List<String> all = job.cradle().isolators().stream().map(Isolator::id).toList();
        List<Double> sold = job.cradle().soldHardnesses();
        double firing = job.donor().engine().firingFrequency(speed);
        for (int k = sold.size() - 1; k >= 0; k--) {
            JobEdit edit = new JobEdit.SetHardness(all, sold.get(k));
            MountedBody body = MountedDonor.of(edit.applyTo(job));
            if (Transmissibility.vertical(body, firing) <= limit) {
                return List.of(Cure.of(edit));
            }
        }
        return List.of();
    }
}
