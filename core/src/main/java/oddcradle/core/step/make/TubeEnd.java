package oddcradle.core.step.make;

import java.util.List;
import java.util.Optional;
import oddcradle.core.math.Vec3;
import oddcradle.core.shop.CopeBranch;
import oddcradle.core.shop.CopeHeader;
import oddcradle.core.shop.CopeResult;

/**
 * One end of a cut tube.
 *
 * @param node cradle or host node where it ends
 * @param at that node, host axes, m
 * @param landsOn ids of the tubes that its cut touches; of a square end, that it comes to
 * @param headers the same as metal, in the same order, host axes
 * @param branch the end as it comes to them, host axes; empty where it has no length
 * @param cope the cut; empty for a square end
 * @param bolted whether it is bolted: cut square where it first meets what it lies at
 * @param extension how far a square end runs on past the node so that others can sit on it, m; less than 0 where it stops short
 * @param gap left open at a cope for the weld, m
 * @param marks where the wrap's angle starts, in words
 */
public record TubeEnd(
        String node,
        Vec3 at,
        List<String> landsOn,
        List<CopeHeader> headers,
        Optional<CopeBranch> branch,
        Optional<CopeResult> cope,
        boolean bolted,
        double extension,
        double gap,
        String marks) {
    public TubeEnd {
        landsOn = List.copyOf(landsOn);
        headers = List.copyOf(headers);
    }

    /** How far the finished tube's longest point reaches beyond the node, m; negative where it stops short. */
    public double reach() {
        return cope.map(cut -> -cut.deepest().orElse(0) - gap).orElse(extension);
    }
}
