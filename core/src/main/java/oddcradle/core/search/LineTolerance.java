package oddcradle.core.search;

import java.util.List;
import oddcradle.core.drive.Stage;
import oddcradle.core.job.Job;
import oddcradle.core.job.line.Datum;
import oddcradle.core.math.Vec3;
import oddcradle.core.step.line.DatumSeat;
import oddcradle.core.step.line.PlaneNotes;

/** How far off its line the donor may lie. What a coupling takes is its maker's; all else is common practice. */
public final class LineTolerance {
    private static final double OFF_LINE = 0.002;
    private static final double OFF_PIVOT = 0.0005;

    private LineTolerance() {}

    /**
     * In m.
     *
     * @param at where the donor's end of the line is, host axes, m
     */
    public static double of(Job job, Vec3 at, DatumSeat line) {
        if (job.line().datum().rule() == Datum.Rule.PIVOT_BOLT) {
            return OFF_PIVOT;
        }
        List<Stage> stages = job.line().stages();
        if (!stages.isEmpty() && stages.get(0) instanceof Stage.Coupling coupling) {
            return coupling.radialAllowance();
        }
        return line.plane() && !stages.isEmpty() && stages.get(0).isInPlane()
                ? PlaneNotes.offsetShare(stages.get(0)) * at.distanceTo(line.point())
                : OFF_LINE;
    }
}
