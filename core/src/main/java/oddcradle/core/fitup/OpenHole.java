package oddcradle.core.fitup;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.job.Job;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.job.edit.ReplaceJob;
import oddcradle.core.job.seat.FitErrors;
import oddcradle.core.math.Vec3;

/**
 * A hole of a mount that was opened.
 *
 * @param diameter m
 * @param slot how much longer than wide, m
 * @param along way of the slot, host axes
 */
record OpenHole(String boss, double diameter, double slot, Vec3 along) {
    JobEdit edit(Job job) {
        FitErrors errors = job.plan().errors();
        List<FitErrors.Hole> holes = new ArrayList<>(errors.holes());
        holes.removeIf(each -> each.boss().equals(boss));
        holes.add(new FitErrors.Hole(boss, diameter, slot, along));
        return new ReplaceJob(
                job.withPlan(job.plan().withErrors(errors.withHoles(holes))), "hole of " + boss + " opened");
    }
}
