package oddcradle.core.balance;

import java.util.List;
import oddcradle.core.math.Complex;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;

/**
 * Balance from readings before and with trial weights, by influence coefficients: the reading is linear in the unbalance. Den Hartog, Mechanical
 * Vibrations, 1956, section 6.5 (from memory).
 */
public final class TrialWeights {
    /** Less than this of the largest answer to a trial is no answer. */
    private static final double NOTHING = 1e-12;

    private TrialWeights() {}

    /**
     * A weight put on for a trial.
     *
     * @param mass kg, not 0
     * @param radius m
     * @param angle rad
     */
    public record Trial(double mass, double radius, double angle) {
        public Trial {
            Guard.finite("mass", mass);
            if (mass == 0) {
                throw new InvalidValue("mass", "is 0, a trial needs a weight");
            }
            Guard.positive("radius", radius, "m");
            Guard.finite("angle", angle);
        }

        private Complex unbalance() {
            return polar(mass * radius, angle);
        }
    }

    /**
     * @param influence reading per kg m
     * @param correction to be added
     */
    public record OnePlane(Complex influence, Unbalance correction) {}

    /**
     * @param influence reading per kg m; rows the readings, columns the planes
     * @param corrections to be added in each plane
     */
    public record TwoPlanes(List<List<Complex>> influence, List<Unbalance> corrections) {}

    /** A reading of amplitude and phase, in the sense of the angles of the rotor; the phase in rad. */
    public static Complex polar(double amplitude, double phase) {
        return new Complex(amplitude * Math.cos(phase), amplitude * Math.sin(phase));
    }

    /**
     * What makes the reading of one plane zero.
     *
     * @param initial reading before
     * @param withTrial reading with the trial on
     * @param trialLeftOn whether the trial stays
     * @throws InvalidValue where the trial changes nothing
     */
    public static OnePlane onePlane(Complex initial, Complex withTrial, Trial trial, boolean trialLeftOn) {
        Complex change = minus(withTrial, initial);
        requireChange("with_trial", change, initial.modulus() + withTrial.modulus());
        Complex influence = over(change, trial.unbalance());
        Complex left = trialLeftOn ? withTrial : initial;
        return new OnePlane(influence, Unbalance.of(over(left.times(-1), influence)));
    }

    /**
     * What makes the readings of two planes zero, with both trials taken off.
     *
     * @param initial two readings before
     * @param trials one in each plane
     * @param readings two readings for each trial
     * @param firstLeftOn whether the first trial stayed on during the second run
     * @throws InvalidValue where a trial changes nothing, or both change the readings alike
     */
    public static TwoPlanes twoPlanes(
            List<Complex> initial, List<Trial> trials, List<List<Complex>> readings, boolean firstLeftOn) {
        Complex[][] a = new Complex[2][2];
        for (int plane = 0; plane < 2; plane++) {
            List<Complex> base = plane == 1 && firstLeftOn ? readings.get(0) : initial;
            Complex first = minus(readings.get(plane).get(0), base.get(0));
            Complex second = minus(readings.get(plane).get(1), base.get(1));
            requireChange(
                    "trials[" + plane + "].readings",
                    first.modulus() > second.modulus() ? first : second,
                    base.get(0).modulus() + base.get(1).modulus());
            a[0][plane] = over(first, trials.get(plane).unbalance());
            a[1][plane] = over(second, trials.get(plane).unbalance());
        }
        Complex determinant = minus(a[0][0].times(a[1][1]), a[0][1].times(a[1][0]));
        double size = a[0][0].modulus() * a[1][1].modulus() + a[0][1].modulus() * a[1][0].modulus();
        if (!(determinant.modulus() > NOTHING * size)) {
            throw new InvalidValue(
                    "trials",
                    "change both readings in the same ratio: the two planes cannot be told apart, set them farther apart");
        }
        Complex r0 = initial.get(0).times(-1);
        Complex r1 = initial.get(1).times(-1);
        Complex u0 = over(minus(r0.times(a[1][1]), r1.times(a[0][1])), determinant);
        Complex u1 = over(minus(r1.times(a[0][0]), r0.times(a[1][0])), determinant);
        return new TwoPlanes(
                List.of(List.of(a[0][0], a[0][1]), List.of(a[1][0], a[1][1])),
                List.of(Unbalance.of(u0), Unbalance.of(u1)));
    }

    private static void requireChange(String field, Complex change, double size) {
        if (!(change.modulus() > NOTHING * size)) {
            throw new InvalidValue(field, "is as without the trial: take a heavier weight or read again");
        }
    }

    private static Complex minus(Complex a, Complex b) {
        return a.plus(b.times(-1));
    }

    private static Complex over(Complex a, Complex b) {
        double square = b.re() * b.re() + b.im() * b.im();
        return new Complex((a.re() * b.re() + a.im() * b.im()) / square, (a.im() * b.re() - a.re() * b.im()) / square);
    }
}
