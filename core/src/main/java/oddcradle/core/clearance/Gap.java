package oddcradle.core.clearance;

import java.util.List;
import oddcradle.core.geometry.distance.Separation;
import oddcradle.core.math.Normal;

/**
 * The shortest distance between two bodies, and what is left of it when they move.
 *
 * <p>Margin by sum and difference, by definition; the chance takes the distance as normally distributed.
 *
 * @param separation at rest, with the two closest points; negative when they overlap
 * @param rule the room the pair has to keep
 * @param allowances what they draw nearer by
 * @param sigma standard uncertainty of the distance, m
 */
public record Gap(
        Body donorPart, Body obstacle, Separation separation, Rule rule, List<Allowance> allowances, double sigma) {
    public Gap {
        allowances = List.copyOf(allowances);
    }

    /** Least gap the pair needs, m. */
    public double limit() {
        return rule.room();
    }

    /** Sum of the allowances, m. */
    public double movement() {
        double sum = 0;
        for (Allowance each : allowances) {
            sum += each.amount();
        }
        return sum;
    }

    /** What is left when everything has moved, m; negative when they touch. */
    public double left() {
        return separation.distance() - movement();
    }

    /** m, negative when too close. */
    public double margin() {
        return left() - limit();
    }

    /** Chance that the pair has less than its room as measured, 0 to 1; normal errors. */
    public double chanceShort() {
        if (sigma == 0) {
            return margin() < 0 ? 1 : 0;
        }
        return Normal.below(-margin() / sigma);
    }

    /** The word for the kind of pair. */
    public String nature() {
        return rule.kind();
    }
}
