package oddcradle.core.shop;

import java.util.List;
import java.util.OptionalDouble;

/**
 * The cut edge round the branch, line by line.
 *
 * @param around where each line is on the paper wrap, m from its beginning
 * @param outer where the outside surface ends, m along the branch from its point; empty where it misses every header
 * @param inner the same on the bore
 * @param fit the greater of both: cut to this and the tube sits without grinding; of one flat cut the outside, since a saw goes through as it
 *     lies
 * @param deepest least fit, m: where the longest tongue of the tube ends; empty if the tube misses everywhere
 * @param perimeter of the outside, m: the length of the paper wrap
 * @param notchDepth of the outside edge, greatest less least, m
 * @param touched numbers of the headers that shape the cut; the rest lie behind them
 */
public record CopeResult(
        List<Double> around,
        List<OptionalDouble> outer,
        List<OptionalDouble> inner,
        List<OptionalDouble> fit,
        OptionalDouble deepest,
        double perimeter,
        double notchDepth,
        List<Integer> touched) {
    public CopeResult {
        around = List.copyOf(around);
        outer = List.copyOf(outer);
        inner = List.copyOf(inner);
        fit = List.copyOf(fit);
        touched = List.copyOf(touched);
    }

    /** How far the cut reaches into the tube from its longest tongue, m; 0 where the tube misses everywhere. By definition. */
    public double depth() {
        double least = deepest.orElse(0);
        return fit.stream()
                .filter(OptionalDouble::isPresent)
                .mapToDouble(at -> at.getAsDouble() - least)
                .max()
                .orElse(0);
    }

    /** Length of the cut edge and so of the weld round it, on the unrolled outside, m: derived, chord by chord. */
    public double edgeLength() {
        double length = 0;
        int steps = around.size();
        for (int k = 0; k < steps; k++) {
            double next = k + 1 < steps ? around.get(k + 1) : perimeter;
            double rise = fit.get((k + 1) % steps).orElse(0) - fit.get(k).orElse(0);
            length += Math.hypot(next - around.get(k), rise);
        }
        return length;
    }

    /** Whether each line meets a header. */
    public boolean meetsAllRound() {
        return fit.stream().allMatch(OptionalDouble::isPresent);
    }
}
