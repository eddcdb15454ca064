package oddcradle.core.vibration;

import oddcradle.core.math.Complex;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;

/**
 * A force and a moment that swing at one frequency, each part with its own phase, by definition; body axes, about the centre of
 * gravity. Forces in N, moments in N m.
 */
public record HarmonicWrench(Complex fx, Complex fy, Complex fz, Complex mx, Complex my, Complex mz) {
    /**
     * In step everywhere.
     *
     * @param force N
     * @param moment about the centre of gravity, N m
     */
    public static HarmonicWrench inStep(Vec3 force, Vec3 moment) {
        return new HarmonicWrench(
                real(force.x()),
                real(force.y()),
                real(force.z()),
                real(moment.x()),
                real(moment.y()),
                real(moment.z()));
    }

    /**
     * @param axes columns are the axes in which force and moment are told, in body axes
     * @param force along those axes, N
     * @param moment about the place, N m
     * @param place where they act, from the centre of gravity, m
     */
    public static HarmonicWrench at(Mat3 axes, Complex[] force, Complex[] moment, Vec3 place) {
        Complex[] f = turned(axes, force);
        Complex[] m = turned(axes, moment);
        return new HarmonicWrench(
                f[0],
                f[1],
                f[2],
                m[0].plus(f[2].times(place.y())).plus(f[1].times(-place.z())),
                m[1].plus(f[0].times(place.z())).plus(f[2].times(-place.x())),
                m[2].plus(f[1].times(place.x())).plus(f[0].times(-place.y())));
    }

    private static Complex[] turned(Mat3 axes, Complex[] v) {
        Complex[] turned = new Complex[3];
        for (int i = 0; i < 3; i++) {
            turned[i] =
                    v[0].times(axes.get(i, 0)).plus(v[1].times(axes.get(i, 1))).plus(v[2].times(axes.get(i, 2)));
        }
        return turned;
    }

    /** Both at once, each with its own phase. */
    public HarmonicWrench plus(HarmonicWrench other) {
        return new HarmonicWrench(
                fx.plus(other.fx),
                fy.plus(other.fy),
                fz.plus(other.fz),
                mx.plus(other.mx),
                my.plus(other.my),
                mz.plus(other.mz));
    }

    private static Complex real(double value) {
        return new Complex(value, 0);
    }

    Complex[] parts() {
        return new Complex[] {fx, fy, fz, mx, my, mz};
    }

    static HarmonicWrench of(Complex[] parts) {
        return new HarmonicWrench(parts[0], parts[1], parts[2], parts[3], parts[4], parts[5]);
    }

    /** Root of the sum of the squared amplitudes along three axes, N. */
    public double force() {
        return Math.sqrt(square(fx) + square(fy) + square(fz));
    }

    /** Amplitude of the moment about a unit axis through the centre of gravity, N m. */
    public double momentAbout(Vec3 axis) {
        return mx.times(axis.x())
                .plus(my.times(axis.y()))
                .plus(mz.times(axis.z()))
                .modulus();
    }

    private static double square(Complex value) {
        return value.re() * value.re() + value.im() * value.im();
    }
}
