package oddcradle.core.math;

import org.hipparchus.special.Erf;

/** The normal distribution with mean 0 and standard deviation 1. */
public final class Normal {
    private Normal() {}

    /** Chance of a value below {@code z}, 0 to 1. */
    public static double below(double z) {
        return Erf.erfc(-z / Math.sqrt(2)) / 2;
    }
}
