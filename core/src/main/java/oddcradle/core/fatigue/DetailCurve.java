package oddcradle.core.fatigue;

import oddcradle.core.math.Guard;

/**
 * How many cycles a welded or bolted detail bears: two slopes and a range below which nothing is harmed. EN 1993-1-9, 7.1 (from
 * memory).
 *
 * @param category range at two million cycles, Pa
 * @param slopeHigh exponent, a ratio, above the knee at five million cycles
 * @param slopeLow the same below it, a ratio
 * @param strengthFactor a ratio that the category is divided by, gamma Mf
 */
public record DetailCurve(double category, double slopeHigh, double slopeLow, double strengthFactor) {
    private static final double AT_CATEGORY = 2e6;
    private static final double AT_KNEE = 5e6;
    private static final double AT_LIMIT = 1e8;
    private static final double MOST_SLOPE = 100;

    public DetailCurve {
        Guard.positive("category", category, "Pa");
        Guard.within("slope_1", slopeHigh, 1, MOST_SLOPE, "");
        Guard.within("slope_2", slopeLow, 1, MOST_SLOPE, "");
        Guard.positive("strength_factor", strengthFactor, "");
    }

    /** Slopes 3 and 5, of steel; category in Pa, factor a ratio. */
    public static DetailCurve steel(double category, double strengthFactor) {
        return new DetailCurve(category, 3, 5, strengthFactor);
    }

    /** Pa. */
    public double strength() {
        return category / strengthFactor;
    }

    /** Range at five million cycles, Pa. */
    public double knee() {
        return strength() * Math.pow(AT_CATEGORY / AT_KNEE, 1 / slopeHigh);
    }

    /** Range that harms nothing, Pa. */
    public double cutOff() {
        return knee() * Math.pow(AT_KNEE / AT_LIMIT, 1 / slopeLow);
    }

    /** Cycles to failure of a range in Pa; infinite below {@link #cutOff}. */
    public double cycles(double range) {
        if (range >= knee()) {
            return AT_CATEGORY * Math.pow(strength() / range, slopeHigh);
        }
        return range >= cutOff() ? AT_KNEE * Math.pow(knee() / range, slopeLow) : Double.POSITIVE_INFINITY;
    }

    /** The range of two million cycles that does a given damage with one of them, Pa. @param each damage of one cycle */
    double rangeOf(double each) {
        return strength() * Math.pow(each * AT_CATEGORY, 1 / slopeHigh);
    }
}
