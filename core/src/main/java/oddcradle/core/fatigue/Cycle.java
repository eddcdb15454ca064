package oddcradle.core.fatigue;

import oddcradle.core.math.Guard;

/**
 * Cycles that are alike.
 *
 * @param range from lowest to highest, 0 or more, Pa
 * @param mean Pa
 * @param count of them, a ratio to whole ones, 0 or more; halves for those that never close
 */
public record Cycle(double range, double mean, double count) {
    public Cycle {
        Guard.notNegative("range", range, "Pa");
        Guard.finite("mean", mean);
        Guard.notNegative("count", count, "");
    }
}
