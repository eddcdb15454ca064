package oddcradle.core.mounting;

import java.util.List;
import oddcradle.core.math.Guard;

/**
 * A round natural-rubber pad bonded between two plates.
 *
 * <p>Compression {@code Ec A / h} with {@code Ec = E (1 + 2 k s^2)}, shape factor s = one loaded area over the force-free
 * area; shear {@code G A / h}. E, G and k by hardness: Lindley, Engineering Design with Natural Rubber (from memory).
 * Good for small strain; under creep and cold the rubber differs by 20 % and more.
 *
 * @param diameter m
 * @param height of the rubber, m
 * @param hardness IRHD, 40 to 75, near enough Shore A
 */
public record BondedPad(double diameter, double height, double hardness) {
    /** Hardness, E in Pa, G in Pa, k. */
    private static final List<double[]> LINDLEY = List.of(
            new double[] {40, 1.50e6, 0.45e6, 0.85},
            new double[] {45, 1.80e6, 0.54e6, 0.80},
            new double[] {50, 2.20e6, 0.64e6, 0.73},
            new double[] {55, 3.25e6, 0.81e6, 0.64},
            new double[] {60, 4.45e6, 1.06e6, 0.57},
            new double[] {65, 5.85e6, 1.37e6, 0.54},
            new double[] {70, 7.35e6, 1.73e6, 0.53},
            new double[] {75, 9.40e6, 2.22e6, 0.52});

    /** Softest and hardest rubber of the table, IRHD. */
    public static final double SOFTEST = 40;

    public static final double HARDEST = 75;

    public BondedPad {
        Guard.size("diameter", diameter);
        Guard.size("height", height);
        Guard.within("hardness", hardness, SOFTEST, HARDEST, "Shore A");
    }

    /** The hardnesses rubber is commonly sold in, softest first. */
    public static List<Double> soldHardnesses() {
        return LINDLEY.stream().map(row -> row[0]).toList();
    }

    /** N/m along the pad's axis. */
    public double compressionStiffness() {
        double s = shapeFactor();
        return property(1) * (1 + 2 * property(3) * s * s) * area() / height;
    }

    /** N/m across the pad's axis. */
    public double shearStiffness() {
        return property(2) * area() / height;
    }

    public double shapeFactor() {
        return diameter / (4 * height);
    }

    private double area() {
        return Math.PI / 4 * diameter * diameter;
    }

    /** Straight line between the table's rows. */
    private double property(int column) {
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
