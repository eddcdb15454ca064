package oddcradle.core.frame;

/**
 * What one component of the force or moment at a member's end is for a unit of each free motion: N/m, N/rad, N m/m or N m/rad. Few
 * motions strain an end, so that only those are kept.
 *
 * @param at free equations
 * @param weights in their order
 */
record EndReading(int[] at, double[] weights) {
    double of(double[] motions) {
        double sum = 0;
        for (int k = 0; k < at.length; k++) {
            sum += weights[k] * motions[at[k]];
        }
        return sum;
    }
}
