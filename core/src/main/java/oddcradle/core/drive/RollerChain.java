package oddcradle.core.drive;

import oddcradle.core.math.Roots;

/**
 * Length, wrap and speed of a roller chain.
 *
 * <p>Pitch diameter {@code p / sin(pi / N)}, ISO 606; length = two straight spans in pitches plus the teeth in wrap; the
 * handbook's approximation {@code 2C/p + (N1+N2)/2 + ((N2-N1)/2pi)^2 p/C} beside it (ASME B29.1 and chain handbooks, from
 * memory). Assumes parallel shafts, a taut chain and no polygon effect.
 */
public final class RollerChain {
    private RollerChain() {}

    /** m, for a pitch in m. */
    public static double pitchDiameter(double pitch, int teeth) {
        return pitch / Math.sin(Math.PI / teeth);
    }

    /**
     * How much the chain's speed swings within one tooth, highest less lowest over the mean:
     * {@code (pi / N) (1 / sin(pi / N) - 1 / tan(pi / N))}. Shigley, Mechanical Engineering Design, roller chain (from memory).
     */
    public static double speedSwing(int teeth) {
        double half = Math.PI / teeth;
        return half * (1 / Math.sin(half) - 1 / Math.tan(half));
    }

    /** Height of the link plates, m: about 0.95 of the pitch in ISO 606 (from memory). */
    public static double plateHeight(double pitch) {
        return 0.95 * pitch;
    }

    /** Width over the pins of a single chain, m: about 1.4 pitches in ISO 606 (from memory). */
    public static double width(double pitch) {
        return 1.4 * pitch;
    }

    public static ChainResult solve(ChainInput input) {
        double length = lengthInPitches(input, input.centre());
        int links = nextEven(length);
        double half = Math.asin(radiusDifference(input) / input.centre());
        double difference = (input.teethDriven() - input.teethDriver()) / (2 * Math.PI);
        double perCentre = input.centre() / input.pitch();
        return new ChainResult(
                pitchDiameter(input.pitch(), input.teethDriver()),
                pitchDiameter(input.pitch(), input.teethDriven()),
                (double) input.teethDriven() / input.teethDriver(),
                length,
                2 * perCentre + (input.teethDriver() + input.teethDriven()) / 2.0 + difference * difference / perCentre,
                links,
                centreFor(input, links),
                Math.PI - 2 * half,
                Math.PI + 2 * half,
                input.teethDriver() * input.pitch() * input.rpmDriver() / 60);
    }

    /** Exact length of the chain in pitches at a given centre distance, m. */
    static double lengthInPitches(ChainInput input, double centre) {
        double half = Math.asin(radiusDifference(input) / centre);
        return 2 * centre * Math.cos(half) / input.pitch()
                + input.teethDriver() * (Math.PI - 2 * half) / (2 * Math.PI)
                + input.teethDriven() * (Math.PI + 2 * half) / (2 * Math.PI);
    }

    /** Driven less driver, m. */
    private static double radiusDifference(ChainInput input) {
        return (pitchDiameter(input.pitch(), input.teethDriven()) - pitchDiameter(input.pitch(), input.teethDriver()))
                / 2;
    }

    private static int nextEven(double length) {
        int whole = (int) Math.ceil(length - 1e-9);
        return whole + whole % 2;
    }

    /** Where as many links are just taut, m: no nearer than the centres asked for, and no farther than half of them reach. */
    private static double centreFor(ChainInput input, int links) {
        // A whole length may be over its links by rounding.
        double low = input.centre() * (1 - 1e-8);
        return Roots.between(low, links * input.pitch() / 2, centre -> lengthInPitches(input, centre) - links);
    }
}
