package oddcradle.core.fatigue;

import java.util.List;
import java.util.OptionalDouble;
import oddcradle.core.math.Guard;

/**
 * What cycles use up of a detail's life, summed as Palmgren and Miner do. EN 1993-1-9, annex A (from memory).
 *
 * @param sum a share: at 1 it fails
 * @param equivalentRange one range of the same number of cycles that harms as much, Pa; empty where nothing is harmed
 */
public record Damage(double sum, OptionalDouble equivalentRange) {
    /** @param loadFactor a ratio that ranges, Pa, are multiplied by, gamma Ff */
    public static Damage of(List<Cycle> cycles, DetailCurve curve, double loadFactor) {
        Guard.positive("load_factor", loadFactor, "");
        double sum = 0;
        double count = 0;
        for (Cycle each : cycles) {
            sum += each.count() / curve.cycles(loadFactor * each.range());
            count += each.count();
        }
        return new Damage(
                sum, sum > 0 ? OptionalDouble.of(curve.rangeOf(sum / count) / loadFactor) : OptionalDouble.empty());
    }

    /** How often all of it can come before the detail fails; empty where it never does. */
    public OptionalDouble passes() {
        return sum > 0 ? OptionalDouble.of(1 / sum) : OptionalDouble.empty();
    }
}
