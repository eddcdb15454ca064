package oddcradle.core.step.fit;

import java.util.Optional;
import oddcradle.core.job.fit.ShaftReading;
import oddcradle.core.structure.StageResult;

/**
 * How two wheels lie to each other by a straight-edge across both: the gap half way between its two ends, and their difference over the length.
 *
 * <p>Plane geometry; common practice asks that both wheels are as thick from their teeth to the face, or that the difference is taken off.
 *
 * @param offset of the driven wheel behind the driver's plane, m
 * @param angle in that plane, rad
 * @param centres between the two wheels, m
 */
public record EdgeFound(ShaftReading.StraightEdge reading, double offset, double angle, double centres) {
    static Optional<EdgeFound> of(ShaftReading reading, StageResult stage) {
        return reading instanceof ShaftReading.StraightEdge edge
                ? Optional.of(new EdgeFound(
                        edge,
                        (edge.near() + edge.far()) / 2,
                        Math.atan((edge.far() - edge.near()) / edge.apart()),
                        stage.alignment().centreDistance()))
                : Optional.empty();
    }

    /** Of the centre distance, a share. */
    public double share() {
        return centres > 0 ? Math.abs(offset) / centres : 0;
    }
}
