package oddcradle.core.step.make;

import java.util.List;
import java.util.Optional;
import oddcradle.core.math.Vec3;
import oddcradle.core.shop.CopeResult;

/**
 * One end of a cut tube.
 *
 * @param node cradle or host node where it ends
 * @param at that node, host axes, m
 * @param landsOn ids of the tubes it sits on
 * @param cope the cut; empty for a square end
 * @param extension how far a square end runs on past the node so that others can sit on it, m
 * @param marks where the wrap's angle starts, in words
 */
public record TubeEnd(
        String node, Vec3 at, List<String> landsOn, Optional<CopeResult> cope, double extension, String marks) {
    public TubeEnd {
        landsOn = List.copyOf(landsOn);
    }

    /** How far the finished tube's longest point reaches beyond the node, m; negative where it stops short. */
    public double reach() {
        return cope.map(cut -> -cut.deepest().orElse(0)).orElse(extension);
    }
}
