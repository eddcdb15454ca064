package oddcradle.core.mounting;

import java.util.List;
import java.util.stream.DoubleStream;

/**
 * What soft mounts are made of. Hardness is Shore A, near enough IRHD.
 *
 * <p>Moduli: Lindley, Engineering Design with Natural Rubber, and Gent (1958), from memory; ranges are common practice.
 */
public enum Elastomer {
    /** Natural rubber; moduli by Lindley's table. */
    RUBBER("rubber", 40, 75, 0.10, 1.25),
    /** Cast polyurethane; harder, creeps little, poor above 80 °C. */
    URETHANE("urethane", 60, 95, 0.12, 1.6),
    /** Softer and heat-proof; tears easily and cracks at its edges within days, which is accepted where it is used. */
    SILICONE("silicone", 30, 60, 0.12, 1.05);

    /** Hardness, E in Pa, G in Pa, k: Lindley, Engineering Design with Natural Rubber (from memory). */
    private static final List<double[]> LINDLEY = List.of(
            new double[] {40, 1.50e6, 0.45e6, 0.85},
            new double[] {45, 1.80e6, 0.54e6, 0.80},
            new double[] {50, 2.20e6, 0.64e6, 0.73},
            new double[] {55, 3.25e6, 0.81e6, 0.64},
            new double[] {60, 4.45e6, 1.06e6, 0.57},
            new double[] {65, 5.85e6, 1.37e6, 0.54},
            new double[] {70, 7.35e6, 1.73e6, 0.53},
            new double[] {75, 9.40e6, 2.22e6, 0.52});

    private static final double STEP = 5;

    private final String word;
    private final double softest;
    private final double hardest;
    private final double usualLoss;
    private final double coldRatio;

    Elastomer(String word, double softest, double hardest, double usualLoss, double coldRatio) {
        this.word = word;
        this.softest = softest;
        this.hardest = hardest;
        this.usualLoss = usualLoss;
        this.coldRatio = coldRatio;
    }

    public String word() {
        return word;
    }

    /** Shore A. */
    public double softest() {
        return softest;
    }

    /** Shore A. */
    public double hardest() {
        return hardest;
    }

    /** Structural loss factor, a ratio, taken where nobody has measured it; common practice. */
    public double usualLoss() {
        return usualLoss;
    }

    /** How much stiffer it is at 10 degrees of frost than in a warm shop, a ratio; common practice. */
    double coldRatio() {
        return coldRatio;
    }

    /**
     * Dynamic over static stiffness, a ratio: natural rubber by straight lines between 40, 50, 60 and 70 Shore A and on beyond; urethane
     * stiffens half as much again, silicone half as much. Common practice.
     */
    double dynamicRatio(double hardness) {
        double more = rubberRatio(hardness) - 1;
        return switch (this) {
            case RUBBER -> 1 + more;
            case URETHANE -> 1 + 1.5 * more;
            case SILICONE -> 1 + 0.5 * more;
        };
    }

    private static double rubberRatio(double hardness) {
        double[] ratios = {1.1, 1.25, 1.4, 1.6};
        int row = (int) Math.max(0, Math.min(2, Math.floor((hardness - 40) / 10)));
        double share = (hardness - 40 - 10 * row) / 10;
        return Math.max(1, ratios[row] + share * (ratios[row + 1] - ratios[row]));
    }

    /** The hardnesses it is commonly sold in, Shore A, softest first. */
    public List<Double> soldHardnesses() {
        return DoubleStream.iterate(softest, hardness -> hardness <= hardest, hardness -> hardness + STEP)
                .boxed()
                .toList();
    }

    /** E, Pa. Rubber by Lindley's table, others by {@link #gent}. */
    public double youngsModulus(double hardness) {
        return this == RUBBER ? lindley(hardness, 1) : gent(hardness);
    }

    /** G, Pa. A third of E where there is no table: rubber-like stuff keeps its volume. */
    public double shearModulus(double hardness) {
        return this == RUBBER ? lindley(hardness, 2) : gent(hardness) / 3;
    }

    /** Lindley's factor k of the shape, dimensionless; for others than rubber the same is taken. */
    public double shapeConstant(double hardness) {
        return lindley(Math.max(LINDLEY.get(0)[0], Math.min(hardness, LINDLEY.get(LINDLEY.size() - 1)[0])), 3);
    }

    /**
     * E by hardness, Pa: {@code 0.0981 (56 + 7.62336 S) / (0.137505 (254 - 2.54 S))} MPa. Source: Gent, On the relation between
     * indentation hardness and Young's modulus, 1958 (from memory).
     *
     * @param hardness Shore A, below 100
     */
    public static double gent(double hardness) {
        return 0.0981e6 * (56 + 7.62336 * hardness) / (0.137505 * (254 - 2.54 * hardness));
    }

    /** Straight line between the table's rows. */
    private static double lindley(double hardness, int column) {
        int row = 0;
        while (row < LINDLEY.size() - 2 && hardness > LINDLEY.get(row + 1)[0]) {
            row++;
        }
        double[] low = LINDLEY.get(row);
        double[] high = LINDLEY.get(row + 1);
        double share = (hardness - low[0]) / (high[0] - low[0]);
        return low[column] + share * (high[column] - low[column]);
    }
}
