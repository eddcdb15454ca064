package oddcradle.core.shop;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;

/**
 * The saddle cut that lets one tube sit on others: each straight line of the branch's surface is followed inwards until it
 * first meets a header. For one header at angle t with offset e this is {@code z = (sqrt(R^2 - (r sin f + e)^2) + r cos f
 * cos t) / sin t}; the general form here solves the quadratic of line and cylinder and takes the greatest root over the
 * headers. Plane geometry; checked by ray casting in the tests.
 */
public final class Cope {
    private static final int FEWEST = 8;
    private static final int MOST = 100_000;
    /** Squared sine of the angle between branch and header below which they count as parallel. */
    private static final double PARALLEL = 1e-18;

    /** Steps of a wrap that nobody asked to be finer: 5 degrees, about a millimetre of paper. */
    public static final int USUAL_STEPS = 72;

    private static final Circle USUAL = Circle.of(USUAL_STEPS);

    private Cope() {}

    /** The wrap angles with their cosines and sines. */
    private record Circle(List<Double> phi, double[] cos, double[] sin) {
        static Circle of(int steps) {
            List<Double> phi = new ArrayList<>(steps);
            double[] cos = new double[steps];
            double[] sin = new double[steps];
            for (int k = 0; k < steps; k++) {
                double angle = 2 * Math.PI * k / steps;
                phi.add(angle);
                cos[k] = Math.cos(angle);
                sin[k] = Math.sin(angle);
            }
            return new Circle(List.copyOf(phi), cos, sin);
        }
    }

    /**
     * @param headers at least one
     * @param steps round the branch, 8 to 100,000
     */
    public static CopeResult of(CopeBranch branch, List<CopeHeader> headers, int steps) {
        if (headers.isEmpty()) {
            throw new InvalidValue("headers", "is empty, the branch must sit on at least one tube");
        }
        if (steps < FEWEST || steps > MOST) {
            throw new InvalidValue("n", "is " + steps + ", must lie between " + FEWEST + " and " + MOST);
        }
        List<Crossing> crossings =
                headers.stream().map(header -> Crossing.of(branch, header)).toList();
        Circle circle = steps == USUAL_STEPS ? USUAL : Circle.of(steps);
        List<OptionalDouble> outer = new ArrayList<>(steps);
        List<OptionalDouble> inner = new ArrayList<>(steps);
        List<OptionalDouble> fit = new ArrayList<>(steps);
        double least = Double.POSITIVE_INFINITY;
        double greatest = Double.NEGATIVE_INFINITY;
        double deepest = Double.POSITIVE_INFINITY;
        for (int k = 0; k < steps; k++) {
            double cos = circle.cos()[k];
            double sin = circle.sin()[k];
            OptionalDouble onOutside = end(crossings, branch.radius() * cos, branch.radius() * sin);
            double bore = branch.radius() - branch.wall();
            OptionalDouble onBore = end(crossings, bore * cos, bore * sin);
            outer.add(onOutside);
            inner.add(onBore);
            OptionalDouble greater = greater(onOutside, onBore);
            fit.add(greater);
            if (greater.isPresent()) {
                deepest = Math.min(deepest, greater.getAsDouble());
            }
            if (onOutside.isPresent()) {
                least = Math.min(least, onOutside.getAsDouble());
                greatest = Math.max(greatest, onOutside.getAsDouble());
            }
        }
        double depth = greatest >= least ? greatest - least : 0;
        return new CopeResult(
                circle.phi(),
                outer,
                inner,
                fit,
                Double.isFinite(deepest) ? OptionalDouble.of(deepest) : OptionalDouble.empty(),
                2 * Math.PI * branch.radius(),
                depth);
    }

    private static OptionalDouble greater(OptionalDouble a, OptionalDouble b) {
        if (a.isEmpty() || b.isEmpty()) {
            return a.isPresent() ? a : b;
        }
        return a.getAsDouble() >= b.getAsDouble() ? a : b;
    }

    /** @param c radius times the cosine of the wrap angle; {@code s} with its sine, m */
    private static OptionalDouble end(List<Crossing> crossings, double c, double s) {
        double greatest = Double.NEGATIVE_INFINITY;
        for (Crossing crossing : crossings) {
            greatest = Math.max(greatest, crossing.outermostRoot(c, s));
        }
        return greatest > Double.NEGATIVE_INFINITY ? OptionalDouble.of(greatest) : OptionalDouble.empty();
    }

    /**
     * A header seen from a branch. A line of the branch starts at {@code P + c u + s v}; across the header's axis it starts
     * at {@code f = f0 + c fu + s fv} and runs along {@code w}, so that {@code |f + t w| = R} is a quadratic in t whose
     * coefficients are polynomials in c and s. They are worked out once.
     */
    private record Crossing(
            double ww,
            double wf0,
            double wfu,
            double wfv,
            double ff,
            double f0u,
            double f0v,
            double uu,
            double vv,
            double uv) {
        static Crossing of(CopeBranch branch, CopeHeader header) {
            Vec3 axis = header.direction();
            Vec3 w = branch.direction().withoutPartAlong(axis);
            Vec3 f0 = branch.point().minus(header.point()).withoutPartAlong(axis);
            Vec3 fu = branch.reference().withoutPartAlong(axis);
            Vec3 fv = branch.direction().cross(branch.reference()).withoutPartAlong(axis);
            return new Crossing(
                    w.squaredLength(),
                    w.dot(f0),
                    w.dot(fu),
                    w.dot(fv),
                    f0.squaredLength() - header.radius() * header.radius(),
                    f0.dot(fu),
                    f0.dot(fv),
                    fu.squaredLength(),
                    fv.squaredLength(),
                    fu.dot(fv));
        }

        /** Greatest t on the header's surface; minus infinity where the line misses or runs along the header. */
        double outermostRoot(double c, double s) {
            if (ww < PARALLEL) {
                return Double.NEGATIVE_INFINITY;
            }
            double half = wf0 + c * wfu + s * wfv;
            double square = ff + 2 * (c * f0u + s * f0v + c * s * uv) + c * c * uu + s * s * vv;
            double root = half * half - ww * square;
            return root < 0 ? Double.NEGATIVE_INFINITY : (Math.sqrt(root) - half) / ww;
        }
    }
}
