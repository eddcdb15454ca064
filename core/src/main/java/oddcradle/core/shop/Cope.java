package oddcradle.core.shop;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeSet;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;

/**
 * The saddle cut that lets one tube sit on others: each straight line of the branch's surface is followed inwards until it
 * first meets a header. For a round tube on one header at angle t with offset e this is {@code z = (sqrt(R^2 - (r sin f + e)^2) + r cos f
 * cos t) / sin t}; the general form here takes the greatest root over all headers, whatever their shape. Plane geometry; checked by ray
 * casting in the tests.
 */
public final class Cope {
    private static final int FEWEST = 8;
    private static final int MOST = 100_000;

    /** Steps of a wrap that nobody asked to be finer: 5 degrees, about a millimetre of paper. */
    public static final int USUAL_STEPS = 72;

    private Cope() {}

    /**
     * @param headers at least one
     * @param steps round the branch, 8 to 100,000; of a box about as many
     */
    public static CopeResult of(CopeBranch branch, List<CopeHeader> headers, int steps) {
        if (headers.isEmpty()) {
            throw new InvalidValue("headers", "is empty, the branch must sit on at least one tube");
        }
        if (steps < FEWEST || steps > MOST) {
            throw new InvalidValue("n", "is " + steps + ", must lie between " + FEWEST + " and " + MOST);
        }
        List<CopeCrossing> crossings =
                headers.stream().map(header -> CopeCrossing.of(branch, header)).toList();
        CopeEdge edge = CopeEdge.of(branch.section(), steps);
        Set<Integer> touched = new TreeSet<>();
        List<OptionalDouble> outer = ends(crossings, edge.outer(), touched);
        List<OptionalDouble> inner = ends(crossings, edge.inner(), touched);
        List<OptionalDouble> fit = new ArrayList<>(outer.size());
        // A flat cut is sawn through the wall as it lies; a saddle is cut square through it.
        boolean sawn = headers.size() == 1 && headers.get(0) instanceof CopeHeader.Face;
        double least = Double.POSITIVE_INFINITY;
        double greatest = Double.NEGATIVE_INFINITY;
        double deepest = Double.POSITIVE_INFINITY;
        for (int k = 0; k < outer.size(); k++) {
            OptionalDouble greater = sawn ? outer.get(k) : greater(outer.get(k), inner.get(k));
            fit.add(greater);
            if (greater.isPresent()) {
                deepest = Math.min(deepest, greater.getAsDouble());
            }
            if (outer.get(k).isPresent()) {
                least = Math.min(least, outer.get(k).getAsDouble());
                greatest = Math.max(greatest, outer.get(k).getAsDouble());
            }
        }
        return new CopeResult(
                edge.around(),
                outer,
                inner,
                fit,
                Double.isFinite(deepest) ? OptionalDouble.of(deepest) : OptionalDouble.empty(),
                edge.perimeter(),
                greatest >= least ? greatest - least : 0,
                List.copyOf(touched));
    }

    /**
     * How far the branch's cut edge reaches along a direction from the branch's point, m, 0 or more: a header that ends there must run on so
     * far for the whole weld to lie on it.
     *
     * Followed on the same lines as a cope, and exact there.
     *
     * @param alone the header that it sits on there
     * @param way along that header, unit
     */
    public static double reach(CopeBranch branch, CopeHeader alone, Vec3 way) {
        CopeCrossing crossing = CopeCrossing.of(branch, alone);
        double farthest = 0;
        for (CopeEdge.Place line : CopeEdge.of(branch.section(), USUAL_STEPS).outer()) {
            double end = crossing.outermost(line.c(), line.s());
            if (end > Double.NEGATIVE_INFINITY) {
                Vec3 edge = branch.at(line.c(), line.s(), end);
                farthest = Math.max(farthest, edge.minus(branch.point()).dot(way));
            }
        }
        return farthest;
    }

    private static OptionalDouble greater(OptionalDouble a, OptionalDouble b) {
        if (a.isEmpty() || b.isEmpty()) {
            return a.isPresent() ? a : b;
        }
        return a.getAsDouble() >= b.getAsDouble() ? a : b;
    }

    /** @param touched gets the number of each header that ends a line */
    private static List<OptionalDouble> ends(
            List<CopeCrossing> crossings, List<CopeEdge.Place> lines, Set<Integer> touched) {
        List<OptionalDouble> ends = new ArrayList<>(lines.size());
        for (CopeEdge.Place line : lines) {
            double greatest = Double.NEGATIVE_INFINITY;
            int first = -1;
            for (int k = 0; k < crossings.size(); k++) {
                double end = crossings.get(k).outermost(line.c(), line.s());
                if (end > greatest) {
                    greatest = end;
                    first = k;
                }
            }
            if (first < 0) {
                ends.add(OptionalDouble.empty());
            } else {
                ends.add(OptionalDouble.of(greatest));
                touched.add(first);
            }
        }
        return ends;
    }
}
