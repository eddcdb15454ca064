package oddcradle.core.engine;

import oddcradle.core.math.Complex;

/**
 * What a force that swings in a plane draws in one turn: the sum of one that turns forward and one that turns backward; Den Hartog, Mechanical Vibrations, ch. 5
 * (from memory).
 *
 * @param most half its long axis, N
 * @param least half its short axis, N; 0 where the force only goes to and fro
 * @param angle of the long axis from the second direction toward the first, rad, more than -pi/2 and at most pi/2
 */
public record ForceEllipse(double most, double least, double angle) {
    /**
     * @param y along the first direction, N
     * @param z along the second, N
     */
    public static ForceEllipse of(Complex y, Complex z) {
        // z + i y turning: forward part (z + i y) / 2, backward part conj(z) + i conj(y) over 2.
        Complex forward = new Complex((z.re() - y.im()) / 2, (z.im() + y.re()) / 2);
        Complex backward = new Complex((z.re() + y.im()) / 2, (-z.im() + y.re()) / 2);
        double f = forward.modulus();
        double b = backward.modulus();
        double angle = (Math.atan2(forward.im(), forward.re()) + Math.atan2(backward.im(), backward.re())) / 2;
        double half = Math.PI / 2;
        double folded = angle > half ? angle - Math.PI : angle <= -half ? angle + Math.PI : angle;
        return new ForceEllipse(f + b, Math.abs(f - b), folded);
    }
}
