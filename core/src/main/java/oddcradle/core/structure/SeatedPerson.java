package oddcradle.core.structure;

import oddcradle.core.math.Complex;
import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;

/**
 * Somebody sitting on a frame: a small part of the body goes along with the seat, the rest hangs on it softly and loses much. A frame
 * that shakes faster than some ten times a second carries little of the weight and is held by the rest. Wei and Griffin, J. Sound and
 * Vibration 212 (1998), 855, model of one mass on a seat: 7.8 kg along with it, 43.4 kg on 44.1 kN/m and 1485 N s/m (from memory);
 * scaled by the weight, and taken for every direction.
 *
 * @param node that carries it
 * @param at host axes, m
 * @param mass of the person on that node, kg
 */
public record SeatedPerson(String node, Vec3 at, double mass) {
    private static final double ALONG = 7.8;
    private static final double HANGS = 43.4;
    private static final double STIFFNESS = 44_115;
    private static final double DAMPING = 1485;

    /** Of the weight what goes along with the seat, a ratio. */
    public static final double RIGID = ALONG / (ALONG + HANGS);

    public SeatedPerson {
        Guard.named("node", node);
        Guard.present("at", at);
        Guard.positive("mass", mass, "kg");
    }

    /** What the part that hangs on the seat resists it with, N/m: {@code -w² m (k + i w c) / (k + i w c - w² m)}. */
    public Complex resists(double omega) {
        double scale = mass / (ALONG + HANGS);
        double inertia = omega * omega * HANGS * scale;
        Complex holds = new Complex(STIFFNESS * scale, omega * DAMPING * scale);
        return holds.times(-inertia).over(new Complex(holds.re() - inertia, holds.im()));
    }
}
