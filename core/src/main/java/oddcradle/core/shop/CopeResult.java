package oddcradle.core.shop;

import java.util.List;
import java.util.OptionalDouble;

/**
 * The cut edge round the branch, in equal steps of the wrap angle.
 *
 * @param phi wrap angle, rad
 * @param outer where the outside surface ends, m along the branch from its point; empty where it misses every header
 * @param inner the same on the bore
 * @param fit the greater of both: cut to this and the tube sits without grinding
 * @param deepest least fit, m: where the longest tongue of the tube ends; empty if the tube misses everywhere
 * @param circumference of the outside, m: the length of the paper wrap
 * @param notchDepth of the outside edge, greatest less least, m
 */
public record CopeResult(
        List<Double> phi,
        List<OptionalDouble> outer,
        List<OptionalDouble> inner,
        List<OptionalDouble> fit,
        OptionalDouble deepest,
        double circumference,
        double notchDepth) {
    public CopeResult {
        phi = List.copyOf(phi);
        outer = List.copyOf(outer);
        inner = List.copyOf(inner);
        fit = List.copyOf(fit);
    }
}
