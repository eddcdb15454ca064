package oddcradle.core.seating;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.math.DenseAlgebra;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Sums;
import oddcradle.core.math.Vec3;

/**
 * A body hung from one hook by straps: it hangs with its centre of gravity under the hook, so the straps are as long as their
 * points are from the hook when the body stands at the angle wanted. Strap loads from equilibrium; with four straps, one of which
 * is always slack or shares by its stretch, those of least squares. Statics; working limits are the slings' maker's.
 */
public final class Sling {
    private static final double STANDARD_GRAVITY = 9.80665;
    private static final double UNBALANCED = 1e-6;

    private Sling() {}

    /**
     * @param length from hook to point, m
     * @param load N; negative where the strap would have to push
     * @param fromVertical its lean, rad
     */
    public record Strap(String point, double length, double load, double fromVertical) {}

    /**
     * @param balanced whether the straps can hold it at this angle; two hold it only where hook, weight and points lie in one
     *     plane
     * @param hook place of the hook, m
     */
    public record Hang(List<Strap> straps, Vec3 hook, boolean balanced) {
        public Hang {
            straps = List.copyOf(straps);
        }
    }

    /**
     * @param names of the points
     * @param points where the body stands at the angle wanted, m
     * @param cg there, m
     * @param mass kg
     * @param height of the hook over the centre of gravity, m
     */
    public static Hang of(List<String> names, List<Vec3> points, Vec3 cg, double mass, double height) {
        Guard.positive("mass", mass, "kg");
        Guard.positive("height", height, "m");
        Vec3 hook = cg.plus(Vec3.Z.times(height));
        double weight = mass * STANDARD_GRAVITY;
        int n = points.size();
        double[][] directions = new double[n][3];
        for (int k = 0; k < n; k++) {
            Vec3 way = hook.minus(points.get(k));
            if (way.z() <= 0 || way.length() < 1e-6) {
                throw new InvalidValue(
                        "points[" + k + "]",
                        "\"" + names.get(k) + "\" lies no lower than the hook; hang the hook higher");
            }
            Vec3 unit = way.unit();
            directions[k] = new double[] {unit.x(), unit.y(), unit.z()};
        }
        double[] loads = loads(directions, weight);
        Vec3 sum = Vec3.ZERO;
        List<Strap> straps = new ArrayList<>();
        for (int k = 0; k < n; k++) {
            Vec3 unit = new Vec3(directions[k][0], directions[k][1], directions[k][2]);
            sum = sum.plus(unit.times(loads[k]));
            straps.add(new Strap(
                    names.get(k), hook.distanceTo(points.get(k)), loads[k], Math.acos(Math.min(1, unit.z()))));
        }
        boolean holds = sum.minus(Vec3.Z.times(weight)).length() < UNBALANCED * weight;
        boolean pulls = straps.stream().allMatch(strap -> strap.load() > -UNBALANCED * weight);
        return new Hang(straps, hook, holds && pulls);
    }

    /** Least loads that sum up to the weight: forces through one hook leave three equations. */
    private static double[] loads(double[][] d, double weight) {
        int n = d.length;
        double[] loads = new double[n];
        if (n >= 3) {
            // t = D' (D D')^-1 w, the smallest of all that balance.
            double[][] square = new double[3][3];
            for (double[] each : d) {
                for (int i = 0; i < 3; i++) {
                    for (int j = 0; j < 3; j++) {
                        square[i][j] += each[i] * each[j];
                    }
                }
            }
            Optional<double[]> solved = DenseAlgebra.solve(square, new double[] {0, 0, weight});
            if (solved.isPresent()) {
                for (int k = 0; k < n; k++) {
                    for (int i = 0; i < 3; i++) {
                        loads[k] += d[k][i] * solved.get()[i];
                    }
                }
                return loads;
            }
        }
        // In one plane: the normal equations of what is left.
        double aa = Sums.dot(d[0], d[0]);
        double bb = Sums.dot(d[1], d[1]);
        double ab = Sums.dot(d[0], d[1]);
        double det = aa * bb - ab * ab;
        if (det < 1e-12) {
            loads[0] = weight / 2;
            loads[1] = weight / 2;
            return loads;
        }
        double wa = d[0][2] * weight;
        double wb = d[1][2] * weight;
        loads[0] = (bb * wa - ab * wb) / det;
        loads[1] = (aa * wb - ab * wa) / det;
        return loads;
    }
}
