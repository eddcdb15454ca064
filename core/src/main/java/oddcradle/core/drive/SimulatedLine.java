package oddcradle.core.drive;

import java.util.random.RandomGenerator;
import oddcradle.core.math.Guard;

/**
 * A laser line beside two wheels, as somebody sets it up: never quite true to either, read by a caliper held to each face.
 *
 * @param offset of the driven wheel behind the driver's plane, seen from the line, m
 * @param angle in that plane, rad
 * @param centres between the wheels, m
 * @param sigma of one reading, m; 0 for one that never errs
 */
public record SimulatedLine(double offset, double angle, double centres, double sigma) {
    /** The line stands about so far off the wheels, m, and so crooked, rad. */
    private static final double BESIDE = 0.03;

    private static final double CROOKED = 0.01;

    /** A mark of a usual caliper, m. */
    private static final double MARK = 5e-5;

    public SimulatedLine {
        Guard.finite("offset", offset);
        Guard.finite("angle", angle);
        Guard.positive("centres", centres, "m");
        Guard.notNegative("sigma", sigma, "m");
    }

    /** From the line to each face, m: at the rims that are nearer to the other wheel, and at the far ones. */
    public record Faces(double donorNear, double donorFar, double drivenNear, double drivenFar) {}

    /**
     * Sets the line up anew and reads it.
     *
     * @param donorApart between both places on the driver, m
     * @param drivenApart between both places on the driven wheel, m
     */
    public Faces read(double donorApart, double drivenApart, RandomGenerator noise) {
        double slope = CROOKED * noise.nextGaussian();
        double driven = BESIDE + slope * centres + offset;
        double drivenSlope = Math.tan(Math.atan(slope) + angle);
        return new Faces(
                marked(BESIDE + slope * donorApart / 2, noise),
                marked(BESIDE - slope * donorApart / 2, noise),
                marked(driven - drivenSlope * drivenApart / 2, noise),
                marked(driven + drivenSlope * drivenApart / 2, noise));
    }

    private double marked(double exact, RandomGenerator noise) {
        return sigma == 0 ? exact : Math.rint((exact + sigma * noise.nextGaussian()) / MARK) * MARK;
    }
}
