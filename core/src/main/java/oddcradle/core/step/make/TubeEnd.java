package oddcradle.core.step.make;

import java.util.List;
import java.util.Optional;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.Tube;
import oddcradle.core.shop.CopeBranch;
import oddcradle.core.shop.CopeHeader;
import oddcradle.core.shop.CopeResult;
import oddcradle.core.shop.FlatCuts;
import oddcradle.core.shop.Saddle;

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
    private static final double ALIKE = 1e-9;

    public TubeEnd {
        landsOn = List.copyOf(landsOn);
        headers = List.copyOf(headers);
    }

    /** How a hole-saw notcher is set for one of its headers; empty unless both are round. */
    public Optional<Saddle> saddle(int header) {
        return branch.filter(here -> here.section() instanceof Tube)
                .filter(here -> headers.get(header).endless() instanceof CopeHeader.Round)
                .map(here ->
                        Saddle.of(here, (CopeHeader.Round) headers.get(header).endless()));
    }

    /** What a saw alone can do for it: only of a round tube on one round tube that is no narrower. */
    public Optional<FlatCuts> flatCuts() {
        boolean sits =
                headers.size() == 1 && cope.filter(CopeResult::meetsAllRound).isPresent();
        if (!sits || saddle(0).isEmpty()) {
            return Optional.empty();
        }
        CopeHeader.Round header = (CopeHeader.Round) headers.get(0).endless();
        return branch.filter(here -> here.section().outerRadius() <= header.radius() * (1 + ALIKE))
                .map(here -> FlatCuts.of(here, header));
    }

    /** How far the finished tube's longest point reaches beyond the node, m; negative where it stops short. */
    public double reach() {
        return cope.map(cut -> -cut.deepest().orElse(0) - gap).orElse(extension);
    }
}
