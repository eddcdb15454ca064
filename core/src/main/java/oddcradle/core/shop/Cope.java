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

    private Cope() {}

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
        List<Double> phi = new ArrayList<>(steps);
        List<OptionalDouble> outer = new ArrayList<>(steps);
        List<OptionalDouble> inner = new ArrayList<>(steps);
        List<OptionalDouble> fit = new ArrayList<>(steps);
        double least = Double.POSITIVE_INFINITY;
        double greatest = Double.NEGATIVE_INFINITY;
        for (int k = 0; k < steps; k++) {
            double angle = 2 * Math.PI * k / steps;
            Vec3 side = branch.side(angle);
            OptionalDouble onOutside = end(branch, side, branch.radius(), crossings);
            OptionalDouble onBore = end(branch, side, branch.radius() - branch.wall(), crossings);
            phi.add(angle);
            outer.add(onOutside);
            inner.add(onBore);
            fit.add(greater(onOutside, onBore));
            if (onOutside.isPresent()) {
                least = Math.min(least, onOutside.getAsDouble());
                greatest = Math.max(greatest, onOutside.getAsDouble());
            }
        }
        double depth = greatest >= least ? greatest - least : 0;
        return new CopeResult(phi, outer, inner, fit, 2 * Math.PI * branch.radius(), depth);
    }

    private static OptionalDouble greater(OptionalDouble a, OptionalDouble b) {
        if (a.isEmpty() || b.isEmpty()) {
            return a.isPresent() ? a : b;
        }
        return OptionalDouble.of(Math.max(a.getAsDouble(), b.getAsDouble()));
    }

    private static OptionalDouble end(CopeBranch branch, Vec3 side, double radius, List<Crossing> crossings) {
        Vec3 start = branch.point().along(side, radius);
        double greatest = Double.NEGATIVE_INFINITY;
        for (Crossing crossing : crossings) {
            greatest = Math.max(greatest, crossing.outermostRoot(start));
        }
        return greatest > Double.NEGATIVE_INFINITY ? OptionalDouble.of(greatest) : OptionalDouble.empty();
    }

    /** A header seen from a branch: the quadratic of line and cylinder with what all lines share worked out. */
    private record Crossing(Vec3 across, double a, Vec3 headerPoint, Vec3 headerDirection, double radius) {
        static Crossing of(CopeBranch branch, CopeHeader header) {
            Vec3 across = branch.direction().withoutPartAlong(header.direction());
            return new Crossing(across, across.squaredLength(), header.point(), header.direction(), header.radius());
        }

        /** Greatest s at which start + s direction lies on the header's surface; minus infinity if nowhere. */
        double outermostRoot(Vec3 start) {
            if (a < PARALLEL) {
                // The branch runs along the header and never crosses its surface.
                return Double.NEGATIVE_INFINITY;
            }
            Vec3 from = start.minus(headerPoint).withoutPartAlong(headerDirection);
            double half = across.dot(from);
            double root = half * half - a * (from.squaredLength() - radius * radius);
            return root < 0 ? Double.NEGATIVE_INFINITY : (Math.sqrt(root) - half) / a;
        }
    }
}
