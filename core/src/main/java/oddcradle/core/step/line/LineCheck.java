package oddcradle.core.step.line;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import oddcradle.core.control.Remembered;
import oddcradle.core.drive.JackShaft;
import oddcradle.core.job.Job;
import oddcradle.core.placement.CrankPlace;
import oddcradle.core.placement.Seating;
import oddcradle.core.report.StepReport;
import oddcradle.core.structure.DonorMovement;
import oddcradle.core.structure.EngineOrders;
import oddcradle.core.structure.LineResult;

/**
 * The whole line of a job: where it lies, its chart, and what is to be said of it.
 *
 * @param line every stage where it lies
 * @param chart empty where no wheel is driven
 * @param report figures and findings
 */
public record LineCheck(LineResult line, Optional<RoadChart> chart, StepReport report) {
    /** Everything that decides the check. */
    public record Input(Job job, Seating seating, LineResult line, DonorMovement movement, EngineOrders engine) {}

    /** Everything afresh. */
    public static LineCheck of(Job job) {
        return of(
                job,
                EngineOrders.of(EngineOrders.Input.of(
                        job.donor().engine(), CrankPlace.of(job).turns())));
    }

    /** With an engine that is worked out already. */
    public static LineCheck of(Job job, EngineOrders engine) {
        Seating seating = Seating.of(job);
        LineResult line = LineResult.of(job, seating);
        return of(new Input(job, seating, line, DonorMovement.of(job, seating, line), engine), Remembered.nothing());
    }

    /** @param criticalSpeeds of jackshafts with what their wheels weigh, rad/s, those that are known already among them */
    public static LineCheck of(Input input, Remembered<JackShaft, Optional<Double>> criticalSpeeds) {
        Job job = input.job();
        Optional<RoadChart> chart = RoadChart.of(job, input.line());
        Map<JackShaft, Double> speeds = new HashMap<>();
        for (int k = 0; k < job.line().shafts().size(); k++) {
            JackShaft shaft = job.line().shafts().get(k);
            JackShaft weighed = JackShaftResult.weighed(
                    shaft, input.line().stages().get(k), input.line().stages().get(k + 1));
            criticalSpeeds.of(weighed, JackShaftResult::criticalSpeed).ifPresent(speed -> speeds.put(shaft, speed));
        }
        return new LineCheck(
                input.line(),
                chart,
                LineReport.report(job, input.seating(), input.line(), chart, speeds, input.movement(), input.engine()));
    }
}
