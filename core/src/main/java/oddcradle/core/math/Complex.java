package oddcradle.core.math;

/** A complex number, for amplitudes with phase. */
public record Complex(double re, double im) {
    public static final Complex ZERO = new Complex(0, 0);

    public Complex plus(Complex other) {
        return new Complex(re + other.re, im + other.im);
    }

    public Complex times(Complex other) {
        return new Complex(re * other.re - im * other.im, re * other.im + im * other.re);
    }

    public Complex times(double factor) {
        return new Complex(re * factor, im * factor);
    }

    public double modulus() {
        return Math.hypot(re, im);
    }
}
