package oddcradle.core.joint;

import java.util.Map;
import java.util.TreeMap;

/** Holes with room for their bolts, medium row of ISO 273 (from memory). */
public final class BoltHole {
    /** Bolt to hole, m. */
    private static final TreeMap<Double, Double> MEDIUM = new TreeMap<>(Map.of(
            0.005, 0.0055, 0.006, 0.0066, 0.008, 0.009, 0.010, 0.011, 0.012, 0.0135, 0.014, 0.0155, 0.016, 0.0175));

    private static final double ALIKE = 1e-6;

    private BoltHole() {}

    /** The thickest usual bolt that goes through a bore; the bore itself where none does. Diameters, m. */
    public static double boltOf(double bore) {
        Double bolt = MEDIUM.lowerKey(bore);
        return bolt == null ? bore : bolt;
    }

    /** The usual hole of a bolt; of one that is not in the row a tenth wider, common practice. Diameters, m. */
    public static double medium(double bolt) {
        Map.Entry<Double, Double> row = MEDIUM.floorEntry(bolt + ALIKE);
        return row != null && bolt - row.getKey() < ALIKE ? row.getValue() : bolt * 1.1;
    }
}
