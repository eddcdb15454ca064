package oddcradle.core.structure;

import java.util.List;
import oddcradle.core.frame.FrameAnalysis;
import oddcradle.core.job.Job;
import oddcradle.core.placement.Seating;

/** The frame of a job alone, for those who only ask how hard its tubes work. */
public final class FrameOfJob {
    private FrameOfJob() {}

    /** Every tube in its worst case, the hardest worked first; none where the frame cannot stand. One frame solution. */
    public static List<TubeStress> uses(Job job) {
        Seating seating = Seating.of(job);
        CradleFrame.Built built = CradleFrame.of(job, seating, LineResult.of(job, seating));
        return FrameAnalysis.solve(built.input())
                .answer()
                .map(result -> TubeStresses.of(TubeStresses.input(job, built, result)))
                .orElse(List.of());
    }
}
