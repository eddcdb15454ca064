package oddcradle.core.structure;

import java.util.List;
import java.util.Optional;
import oddcradle.core.frame.FrameAnalysis;
import oddcradle.core.frame.FrameResult;
import oddcradle.core.job.Job;
import oddcradle.core.placement.Seating;

/** The frame of a job alone, solved, for those who only ask how hard its tubes work. */
public record FrameOfJob(Job job, CradleFrame.Built built, FrameResult result) {
    /** One frame solution; empty where the frame cannot stand. */
    public static Optional<FrameOfJob> of(Job job) {
        return of(job, EngineTorques.of(job));
    }

    /** @param torques of the job's engine, which other tubes do not change */
    public static Optional<FrameOfJob> of(Job job, EngineTorques torques) {
        Seating seating = Seating.of(job);
        CradleFrame.Built built = CradleFrame.of(job, seating, LineResult.of(job, seating), torques);
        return FrameAnalysis.solve(built.input()).answer().map(result -> new FrameOfJob(job, built, result));
    }

    /** Every tube in its worst case, the hardest worked first. */
    public List<TubeStress> tubes() {
        return TubeStresses.of(TubeStresses.input(job, built, result));
    }
}
