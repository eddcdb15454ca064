package oddcradle.core.math;

/** A complex number, for amplitudes with phase. */
public record Complex(double re, double im) {
    public static final Complex ZERO = new Complex(0, 0);
    public static final Complex ONE = new Complex(1, 0);

    public Complex plus(Complex other) {
        return new Complex(re + other.re, im + other.im);
    }

    public Complex times(Complex other) {
        return new Complex(re * other.re - im * other.im, re * other.im + im * other.re);
    }

    public Complex times(double factor) {
        return new Complex(re * factor, im * factor);
    }

    /** Divided by another that is not 0. */
    public Complex over(Complex other) {
        double square = other.re * other.re + other.im * other.im;
        return new Complex((re * other.re + im * other.im) / square, (im * other.re - re * other.im) / square);
    }

    public double modulus() {
        return Math.hypot(re, im);
    }
}
