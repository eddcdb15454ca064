package oddcradle.core.around;

import oddcradle.core.math.Guard;

/**
 * What runs through a fuel line under a head: laminar or rough flow in a smooth bore, and what tap, filter and float needle take.
 *
 * <p>Source: Hagen and Poiseuille below a Reynolds number of 2300, Blasius above (White, Fluid Mechanics; from memory); petrol at 20 °C
 * from memory. The fittings are taken as {@value #FITTINGS} times the speed's own head, common practice for a tap, a filter and a float
 * needle together.
 */
public final class FuelFlow {
    /** Petrol, kg/m3. */
    public static final double DENSITY = 740;

    /** Petrol, Pa s. */
    static final double VISCOSITY = 0.6e-3;

    static final double FITTINGS = 12;

    private static final double GRAVITY = 9.80665;
    private static final double TURNS_ROUGH = 2300;
    private static final double FASTEST = 50;
    private static final int HALVINGS = 80;

    private FuelFlow() {}

    /**
     * Mass that runs in a second, kg/s.
     *
     * @param head of the fuel's surface over the needle, m; none runs where it is 0 or less
     * @param bore m
     * @param length m
     */
    public static double of(double head, double bore, double length) {
        Guard.finite("head", head);
        Guard.size("bore", bore);
        Guard.size("length", length);
        if (head <= 0) {
            return 0;
        }
        double slow = 0;
        double fast = FASTEST;
        for (int k = 0; k < HALVINGS; k++) {
            double speed = (slow + fast) / 2;
            if (lost(speed, bore, length) < DENSITY * GRAVITY * head) {
                slow = speed;
            } else {
                fast = speed;
            }
        }
        return DENSITY * slow * Math.PI / 4 * bore * bore;
    }

    /** Pressure lost at a speed, Pa. */
    private static double lost(double speed, double bore, double length) {
        double reynolds = DENSITY * speed * bore / VISCOSITY;
        double factor = reynolds < TURNS_ROUGH ? 64 / Math.max(reynolds, 1e-9) : 0.316 / Math.pow(reynolds, 0.25);
        return DENSITY * speed * speed / 2 * (factor * length / bore + FITTINGS);
    }
}
