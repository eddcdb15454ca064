package oddcradle.core.job.around;

import io.soabase.recordbuilder.core.RecordBuilder;
import oddcradle.core.around.Opening;
import oddcradle.core.math.Guard;

/**
 * A guard before something that turns.
 *
 * @param over what turns behind it, by its mark: a stage, a shaft, or {@value #OUTPUT}
 * @param shape of its holes
 * @param opening width of a slot, side of a square, diameter of a round hole, m; 0 for closed sheet
 * @param distance from the guard to what turns, m
 */
@RecordBuilder
public record RotatingGuard(String id, String label, String over, Opening shape, double opening, double distance)
        implements RotatingGuardBuilder.With {
    /** The donor's own output, where no stage stands on it. */
    public static final String OUTPUT = "output";

    public RotatingGuard {
        Guard.named("id", id);
        Guard.named("label", label);
        Guard.named("over", over);
        Guard.present("shape", shape);
        Guard.within("opening", opening, 0, 1, "m");
        Guard.within("distance", distance, 0, 5, "m");
    }
}
