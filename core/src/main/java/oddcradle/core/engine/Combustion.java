package oddcradle.core.engine;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;

/**
 * What burns in a cylinder and when.
 *
 * @param bore m
 * @param compression ratio of the volumes over the piston, 3 to 30
 * @param ignition spark where left out
 * @param firingAngles crank angle of each cylinder's firing top dead centre, counted as the throws are, rad; empty for the most
 *     even that the crank allows
 * @param pressure absolute over one cycle from firing top dead centre, evenly, measured at full load, Pa; empty where none was
 */
@RecordBuilder
public record Combustion(
        double bore, double compression, Ignition ignition, List<Double> firingAngles, List<Double> pressure)
        implements CombustionBuilder.With {
    private static final double SMALLEST = 0.01;
    private static final double LARGEST = 1;
    private static final int FEWEST_SAMPLES = 72;
    private static final int MOST_SAMPLES = 20_000;
    private static final double HIGHEST = 5e7;
    /** Of the greatest pressure: a curve whose ends lie farther apart is cut in the wrong place. */
    private static final double CLOSES = 0.02;

    /** How the charge is lit. */
    public enum Ignition {
        SPARK("spark"),
        COMPRESSION("compression (diesel)");

        private final String words;

        Ignition(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public Combustion {
        Guard.within("bore", bore, SMALLEST, LARGEST, "m");
        Guard.within("compression", compression, 3, 30, "");
        ignition = ignition == null ? Ignition.SPARK : ignition;
        firingAngles = firingAngles == null ? List.of() : List.copyOf(firingAngles);
        for (int k = 0; k < firingAngles.size(); k++) {
            Guard.within("firingAngles[" + k + "]", firingAngles.get(k), 0, 4 * Math.PI, "rad");
        }
        pressure = pressure == null ? List.of() : List.copyOf(pressure);
        if (!pressure.isEmpty()) {
            requireCurve(pressure);
        }
    }

    public Combustion withPressure(List<Double> other) {
        return new Combustion(bore, compression, ignition, firingAngles, other);
    }

    private static void requireCurve(List<Double> pressure) {
        Guard.within("pressure", pressure.size(), FEWEST_SAMPLES, MOST_SAMPLES, "samples");
        double greatest = 0;
        double steepest = 0;
        for (int k = 0; k < pressure.size(); k++) {
            greatest = Math.max(greatest, Guard.within("pressure[" + k + "]", pressure.get(k), 0, HIGHEST, "Pa"));
            if (k > 0) {
                steepest = Math.max(steepest, Math.abs(pressure.get(k) - pressure.get(k - 1)));
            }
        }
        double open = Math.abs(pressure.get(pressure.size() - 1) - pressure.get(0));
        if (open > steepest + CLOSES * greatest) {
            throw new InvalidValue(
                    "pressure",
                    "does not close: it ends " + open
                            + " Pa from where it begins; give one whole cycle from firing top dead" + " centre");
        }
    }
}
