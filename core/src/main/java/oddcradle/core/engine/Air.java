package oddcradle.core.engine;

import oddcradle.core.math.Guard;

/**
 * Air that an engine breathes, as the standard atmosphere has it where nobody has measured. ISO 2533; the jet of a carburettor goes with the
 * root of the density for its area, as fuel flows with the root of its head: common practice.
 *
 * @param pressure Pa
 * @param temperature K
 */
public record Air(double pressure, double temperature) {
    private static final double GAS = 287.05287;
    private static final double GRAVITY = 9.80665;
    private static final double LAPSE = 0.0065;
    private static final double SEA_LEVEL_PRESSURE = 101_325;
    private static final double SEA_LEVEL_TEMPERATURE = 288.15;
    private static final double LOWEST = -2000;
    private static final double HIGHEST = 11_000;

    public Air {
        Guard.positive("pressure", pressure, "Pa");
        Guard.positive("temperature", temperature, "K");
    }

    /** @param altitude m, -2000 to 11 000 */
    public static Air standard(double altitude) {
        Guard.within("altitude", altitude, LOWEST, HIGHEST, "m");
        double share = 1 - LAPSE * altitude / SEA_LEVEL_TEMPERATURE;
        return new Air(
                SEA_LEVEL_PRESSURE * Math.pow(share, GRAVITY / (GAS * LAPSE)),
                SEA_LEVEL_TEMPERATURE - LAPSE * altitude);
    }

    /** kg/m3. */
    public double density() {
        return pressure / (GAS * temperature);
    }

    /** Of a jet that fitted other air, its diameter in m in this one. */
    public double jet(double diameter, Air fitted) {
        return Guard.size("jet_diameter", diameter) * Math.pow(density() / fitted.density(), 0.25);
    }
}
