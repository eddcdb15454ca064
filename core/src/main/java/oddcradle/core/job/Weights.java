package oddcradle.core.job;

import oddcradle.core.math.Guard;

/** What the user cares for when candidates are put in order; each 0 (not at all) to 10. */
public record Weights(double fit, double mass, double power, double shaking, double price, double shaft) {
    public static final Weights EVEN = new Weights(5, 5, 5, 5, 5, 5);
    private static final double MOST = 10;

    public Weights {
        Guard.within("fit", fit, 0, MOST, "");
        Guard.within("mass", mass, 0, MOST, "");
        Guard.within("power", power, 0, MOST, "");
        Guard.within("shaking", shaking, 0, MOST, "");
        Guard.within("price", price, 0, MOST, "");
        Guard.within("shaft", shaft, 0, MOST, "");
    }
}
