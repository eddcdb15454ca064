package oddcradle.core.step.line;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import oddcradle.core.drive.JackShaft;
import oddcradle.core.job.Job;
import oddcradle.core.placement.MountedDonor;
import oddcradle.core.placement.Seating;
import oddcradle.core.report.StepReport;
import oddcradle.core.structure.LineResult;
import oddcradle.core.vibration.MountedBody;

/**
 * The whole line of a job: where it lies, its chart, and what is to be said of it.
 *
 * @param line every stage where it lies
 * @param chart empty where no wheel is driven
 * @param criticalSpeeds of the jackshafts on bearings, rad/s; they do not change with the seat
 * @param report figures and findings
 */
public record LineCheck(
        LineResult line, Optional<RoadChart> chart, Map<JackShaft, Double> criticalSpeeds, StepReport report) {
    /** Everything afresh. */
    public static LineCheck of(Job job) {
        return of(job, Optional.empty());
    }

    /** The same answer, sooner, where {@code earlier} knows the jackshafts already. */
    public static LineCheck of(Job job, Optional<LineCheck> earlier) {
        Optional<MountedBody> mounted =
                job.cradle().isolators().isEmpty() ? Optional.empty() : Optional.of(MountedDonor.of(job));
        return of(job, Seating.of(job), mounted, earlier);
    }

    public static LineCheck of(Job job, Seating seating, Optional<MountedBody> mounted, Optional<LineCheck> earlier) {
        LineResult line = LineResult.of(job, seating);
        Optional<RoadChart> chart = RoadChart.of(job, line);
        Map<JackShaft, Double> speeds =
                criticalSpeeds(job, earlier.map(LineCheck::criticalSpeeds).orElse(Map.of()));
        return new LineCheck(line, chart, speeds, LineReport.report(job, seating, line, chart, speeds, mounted));
    }

    private static Map<JackShaft, Double> criticalSpeeds(Job job, Map<JackShaft, Double> known) {
        Map<JackShaft, Double> speeds = new HashMap<>();
        for (JackShaft shaft : job.line().shafts()) {
            if (known.containsKey(shaft)) {
                speeds.put(shaft, known.get(shaft));
            } else {
                JackShaftResult.model(shaft).ifPresent(model -> speeds.put(shaft, model.criticalSpeed()));
            }
        }
        return Map.copyOf(speeds);
    }
}
