package oddcradle.core.drive;

import java.util.random.RandomGenerator;
import oddcradle.core.drive.ShaftDials.Dial;

/** Stands in for dials at two shafts whose lie is known: set to zero at the top, turned with the shafts, their noise added, rounded to their marks. */
public final class SimulatedDials {
    /** A mark of a usual dial, m. */
    private static final double MARK = 1e-5;

    private final ShaftDials truth;
    private final RandomGenerator noise;
    private final double sigma;

    /**
     * @param truth how the movable shaft lies
     * @param sigma of one reading, m; 0 for a dial that never errs
     */
    public SimulatedDials(ShaftDials truth, RandomGenerator noise, double sigma) {
        this.truth = truth;
        this.noise = noise;
        this.sigma = sigma;
    }

    /**
     * On a rim.
     *
     * @param x where it runs, m
     * @param onMovable whether its bracket sits on the movable shaft and it reads the fixed hub
     * @param sag of the bracket, bottom less top, m
     */
    public Dial rim(double x, boolean onMovable, double sag) {
        double side = onMovable ? -1 : 1;
        double height = side * (truth.vertical().offset() + truth.vertical().slope() * x);
        double aside = side * (truth.horizontal().offset() + truth.horizontal().slope() * x);
        double bottom = sag - 2 * height;
        return read(bottom / 2 + aside, bottom, bottom / 2 - aside);
    }

    /**
     * On a face, with its bracket on the fixed shaft and the face looking towards it.
     *
     * @param diameter of the circle it runs on, m
     */
    public Dial face(double diameter) {
        double up = -truth.vertical().slope() * diameter;
        double left = truth.horizontal().slope() * diameter;
        return read(up / 2 + left / 2, up, up / 2 - left / 2);
    }

    private Dial read(double left, double bottom, double right) {
        return new Dial(0, marked(left), marked(bottom), marked(right));
    }

    private double marked(double exact) {
        double noisy = sigma == 0 ? exact : exact + sigma * noise.nextGaussian();
        return Math.rint(noisy / MARK) * MARK;
    }
}
