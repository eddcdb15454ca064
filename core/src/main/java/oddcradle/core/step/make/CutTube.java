package oddcradle.core.step.make;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import oddcradle.core.job.tube.Member;
import oddcradle.core.shop.BendPlan;

/**
 * One line of the cut list.
 *
 * @param nodeLength from node to node along the centre line, m
 * @param cutLength of the finished tube over its longest points, m; of a bent one before it is bent
 * @param corner greatest change of direction at an inner node that is not bent, rad; 0 where there is none
 * @param mass of the finished tube, about, kg
 * @param bends from its first node; empty for a straight tube
 */
public record CutTube(
        Member tube,
        double nodeLength,
        double cutLength,
        double corner,
        double mass,
        Optional<BendPlan> bends,
        TubeEnd first,
        TubeEnd last) {
    /** Of the finished tube along the line that its cuts leave least of, m; 0 or less where they meet. */
    public double shortestSide() {
        return sides().stream().mapToDouble(Double::doubleValue).min().orElse(0);
    }

    /** Of the lines along the tube the share of which its cuts leave nothing, 0 to 1. */
    public double cutAway() {
        List<Double> sides = sides();
        return (double) sides.stream().filter(side -> side <= 0).count() / sides.size();
    }

    /** What is left of each line along the tube, m. */
    private List<Double> sides() {
        double straight = bends.map(BendPlan::developedLength).orElse(nodeLength);
        if (bends.isPresent() || first.cope().isEmpty() || last.cope().isEmpty()) {
            return List.of(straight - deepest(first) - deepest(last));
        }
        // Seen into the tube, one end's wrap runs the other way round than the other's.
        List<OptionalDouble> here = first.cope().get().fit();
        List<OptionalDouble> there = last.cope().get().fit();
        List<Double> sides = new ArrayList<>();
        for (int k = 0; k < here.size(); k++) {
            sides.add(straight
                    - here.get(k).orElse(0)
                    - there.get((here.size() - k) % here.size()).orElse(0)
                    - first.gap()
                    - last.gap());
        }
        return sides;
    }

    /** How far an end's cut reaches into the tube from its node, m. */
    private static double deepest(TubeEnd end) {
        return end.cope()
                        .map(cope -> cope.fit().stream()
                                .mapToDouble(each -> each.orElse(0))
                                .max()
                                .orElse(0))
                        .orElse(-end.extension())
                + end.gap();
    }

    public List<TubeEnd> ends() {
        return List.of(first, last);
    }
}
