package oddcradle.core.job;

import oddcradle.core.math.Guard;

/**
 * The chain from donor to host.
 *
 * @param pitch m
 * @param breakingLoad of the chain, N
 * @param tensionerTravel how much centre distance the slide or tensioner can take up, m
 * @param efficiency crank to chain, 0 to 1
 * @param dynamicFactor on the full-throttle pull, 1 to 5
 */
public record Line(double pitch, double breakingLoad, double tensionerTravel, double efficiency, double dynamicFactor) {
    private static final double MOST_DYNAMIC = 5;

    public Line {
        Guard.positive("pitch", pitch, "m");
        Guard.positive("breakingLoad", breakingLoad, "N");
        Guard.notNegative("tensionerTravel", tensionerTravel, "m");
        Guard.within("efficiency", efficiency, 0, 1, "");
        Guard.within("dynamicFactor", dynamicFactor, 1, MOST_DYNAMIC, "");
    }
}
