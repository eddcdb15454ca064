package oddcradle.core.joint;

/**
 * A turned ring that fits a bolt to a bore too large for it.
 *
 * <p>It slides on the bolt and is pressed into the bore. Pressure of the press fit and the ring's hoop stress by Lamé's thick
 * cylinders, both of one metal: {@code p = E u (o² - r²)(r² - i²) / (2 r³ (o² - i²))}, u half the overlap. Source: Shigley,
 * Mechanical Engineering Design, press fits (from memory).
 *
 * @param inside m
 * @param outside m
 * @param length m
 * @param slide what is left round the bolt
 * @param press what is over in the bore
 */
public record Collar(double inside, double outside, double length, IsoFit slide, IsoFit press) {
    /** A thinner wall cannot be turned and pressed without going oval, m; common practice. */
    public static final double LEAST_WALL = 0.0015;

    /** Below this difference bolt and bore count as fitting, m; common practice. */
    public static final double FITS = 0.0005;

    /** Diameters of bolt and bore, and length, m. */
    public static Collar between(double bolt, double bore, double length) {
        return new Collar(bolt, bore, length, IsoFit.sliding(bolt), IsoFit.pressed(bore));
    }

    /** How loose a bolt may be that only clamps, m: near ISO 273 medium in metal, coarse where rubber gives; from memory. */
    public static double clearance(double bolt, boolean hard) {
        return hard ? 0.1 * bolt + 0.0002 + 1e-9 : 0.2 * bolt + 1e-9;
    }

    /** m */
    public double wall() {
        return (outside - inside) / 2;
    }

    public boolean isTooThin() {
        return wall() < LEAST_WALL;
    }

    /**
     * Between a ring and the bore it is pressed into, Pa.
     *
     * @param overlap of the diameters, m
     * @param inner radius of the ring's bore, m
     * @param at radius where they meet, m
     * @param outer radius of the part outside, m
     * @param modulus E of both, Pa
     */
    public static double pressure(double overlap, double inner, double at, double outer, double modulus) {
        double r2 = at * at;
        double o2 = outer * outer;
        double i2 = inner * inner;
        return modulus * (overlap / 2) / (2 * at * r2) * ((o2 - r2) * (r2 - i2)) / (o2 - i2);
    }

    /** In the ring at its bore, pressed together, Pa. */
    public double hoopStress(double pressure) {
        double o2 = outside * outside;
        return 2 * pressure * o2 / (o2 - inside * inside);
    }
}
