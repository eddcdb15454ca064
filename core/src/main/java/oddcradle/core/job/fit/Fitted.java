package oddcradle.core.job.fit;

import io.soabase.recordbuilder.core.RecordBuilder;
import oddcradle.core.math.Guard;

/**
 * What was put under a boss beyond what the drawing has there.
 *
 * @param thickness of all shims and washers together, m; negative where something was taken off
 */
@RecordBuilder
public record Fitted(String mount, double thickness) implements FittedBuilder.With {
    private static final double MOST = 0.1;

    public Fitted {
        Guard.named("mount", mount);
        Guard.within("thickness", thickness, -MOST, MOST, "m");
    }
}
