package oddcradle.core.balance;

import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;

/**
 * What a balance grade allows a rotor: ISO 21940-11:2016, sections 6 and 7 (from memory).
 *
 * @param grade G, eccentricity times angular speed, m/s; G 6.3 is 0.0063
 * @param mass of the rotor, kg
 * @param omega highest angular speed, rad/s
 */
public record BalanceGrade(double grade, double mass, double omega) {
    private static final double LEAST_SHARE = 0.3;
    private static final double MOST_SHARE = 0.7;
    private static final double MOST_SHARE_OVERHUNG = 1.3;

    public BalanceGrade {
        Guard.positive("g", grade, "m/s");
        Guard.positive("mass", mass, "kg");
        Guard.positive("rpm", omega, "rad/s");
    }

    /** m. */
    public double eccentricity() {
        return grade / omega;
    }

    /** Of the whole rotor, kg m. */
    public double permissible() {
        return mass * eccentricity();
    }

    /**
     * Shares of two bearings, kg m.
     *
     * @param unlimited by the lever of the centre of gravity alone, kg m
     * @param limited held between the shares that the standard allows, kg m
     */
    public record Share(double unlimited, double limited) {}

    /**
     * Share of the bearing at {@code here}.
     *
     * @param here place along the shaft, m
     * @param other place of the other bearing, m
     * @param cg place of the centre of gravity, m
     */
    public Share share(double here, double other, double cg) {
        if (here == other) {
            throw new InvalidValue("bearing_b", "is where bearing_a is, two bearings must be apart");
        }
        double unlimited = permissible() * Math.abs(other - cg) / Math.abs(other - here);
        boolean outside = (cg - here) * (cg - other) > 0;
        double most = (outside ? MOST_SHARE_OVERHUNG : MOST_SHARE) * permissible();
        return new Share(unlimited, Math.max(LEAST_SHARE * permissible(), Math.min(most, unlimited)));
    }

    /** Grade that a rotor of this mass and speed reaches with what is left, m/s; {@code left} in kg m, 0 or more. */
    public double reached(double left) {
        Guard.notNegative("residual_gmm", left, "kg m");
        return left / mass * omega;
    }
}
