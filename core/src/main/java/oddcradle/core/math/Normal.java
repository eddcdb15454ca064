package oddcradle.core.math;

/** The normal distribution with mean 0 and standard deviation 1. */
public final class Normal {
    private static final int TERMS = 60;
    private static final double FAR = 6;

    private Normal() {}

    /**
     * Chance of a value below {@code z}; by the series {@code phi(z) (z + z3/3 + z5/15 ...)} (Marsaglia, J. Statistical
     * Software 11, 2004, from memory), good to 1e-9 here; 0 or 1 beyond {@value #FAR}.
     */
    public static double below(double z) {
        if (z < -FAR) {
            return 0;
        }
        if (z > FAR) {
            return 1;
        }
        double term = z;
        double sum = z;
        for (int k = 1; k < TERMS; k++) {
            term *= z * z / (2 * k + 1);
            sum += term;
        }
        return 0.5 + sum * Math.exp(-z * z / 2) / Math.sqrt(2 * Math.PI);
    }
}
