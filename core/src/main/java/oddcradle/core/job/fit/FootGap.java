package oddcradle.core.job.fit;

import io.soabase.recordbuilder.core.RecordBuilder;
import oddcradle.core.math.Guard;

/**
 * What a feeler found at a mount with its bolt loose.
 *
 * @param gap m
 */
@RecordBuilder
public record FootGap(String mount, double gap) implements FootGapBuilder.With {
    private static final double MOST = 0.1;

    public FootGap {
        Guard.named("mount", mount);
        Guard.within("gap", gap, 0, MOST, "m");
    }
}
