package oddcradle.core.job.around;

import io.soabase.recordbuilder.core.RecordBuilder;
import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;

/**
 * Where oil runs out: a drain plug, or a filter that spills.
 *
 * @param at its lowest point, donor axes, m
 * @param panWidth of the pan that is held under it, m
 * @param panHeight m
 */
@RecordBuilder
public record OilDrain(String id, String label, Vec3 at, double panWidth, double panHeight)
        implements OilDrainBuilder.With {
    public OilDrain {
        Guard.named("id", id);
        Guard.named("label", label);
        Guard.present("at", at);
        Guard.size("panWidth", panWidth);
        Guard.size("panHeight", panHeight);
    }
}
