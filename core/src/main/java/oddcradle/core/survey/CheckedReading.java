package oddcradle.core.survey;

/**
 * A reading held against all the others.
 *
 * <p>Detectable errors by Baarda (1968), from memory.
 *
 * @param misfit reading less what the adjusted points make of it, m or rad
 * @param redundancy share of an error that shows in the residual, 0 to 1
 * @param standardised residual as a ratio to its own spread
 * @param used false if it was left out because it does not agree
 */
public record CheckedReading(Reading reading, double misfit, double redundancy, double standardised, boolean used) {
    /** Noticed four times out of five, one false alarm in a thousand: Baarda (1968) (from memory). */
    private static final double NONCENTRALITY = 4.13;

    private static final double WORST_HIDDEN_LENGTH = 0.005;
    private static final double WORST_HIDDEN_ANGLE = Math.toRadians(2);
    /** A coarse instrument cannot be held to a finer limit than this many of its uncertainties. */
    private static final double COARSE = 8;

    /** The smallest gross error that the other readings would show, m or rad; infinite where nothing checks it. */
    public double detectable() {
        return redundancy > 0 ? NONCENTRALITY * reading.sigma() / Math.sqrt(redundancy) : Double.POSITIVE_INFINITY;
    }

    /** Whether the other readings would notice an ordinary slip in this one: 5 mm, 2 degrees or eight uncertainties. */
    public boolean checked() {
        double ordinary = reading instanceof Reading.Slope ? WORST_HIDDEN_ANGLE : WORST_HIDDEN_LENGTH;
        return detectable() <= Math.max(ordinary, COARSE * reading.sigma());
    }
}
