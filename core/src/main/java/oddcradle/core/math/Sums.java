package oddcradle.core.math;

/** Sums over rows of numbers. */
public final class Sums {
    private Sums() {}

    /** Sum of the products; {@code b} is at least as long as {@code a}. */
    public static double dot(double[] a, double[] b) {
        double sum = 0;
        for (int k = 0; k < a.length; k++) {
            sum += a[k] * b[k];
        }
        return sum;
    }
}
