package oddcradle.core.balance;

import oddcradle.core.math.Complex;

/**
 * Mass times radius on a rotor, with its direction: ISO 21940-11 (from memory).
 *
 * @param x along angle 0, kg m
 * @param y along a quarter turn, kg m
 */
public record Unbalance(double x, double y) {
    public static final Unbalance NONE = new Unbalance(0, 0);

    /**
     * @param amount kg m; less than 0 for mass that is taken away
     * @param angle of the place, rad
     */
    public static Unbalance at(double amount, double angle) {
        return new Unbalance(amount * Math.cos(angle), amount * Math.sin(angle));
    }

    static Unbalance of(Complex value) {
        return new Unbalance(value.re(), value.im());
    }

    public Unbalance plus(Unbalance other) {
        return new Unbalance(x + other.x, y + other.y);
    }

    /** kg m, 0 or more. */
    public double amount() {
        return Math.hypot(x, y);
    }

    /** Of its heavy side, rad, -pi to pi. */
    public double angle() {
        return Math.atan2(y, x);
    }
}
