package oddcradle.core.drive;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.math.DenseAlgebra;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;

/**
 * Feet of a machine that do not all stand: what fills the gaps under them with the least metal in all. The best plane below all gaps goes
 * through three of them, so every three are tried: a linear programme in three unknowns has its optimum at a corner.
 *
 * @param plane a, b, c of the plane a + b x + c y that comes nearest all gaps, m and ratios
 * @param residuals of the gaps from it, m
 * @param shims under each foot, m, 0 or more
 */
public record SoftFoot(List<Double> plane, List<Double> residuals, List<Double> shims) {
    private static final int FEWEST = 3;
    private static final int MOST = 60;
    private static final double BELOW = 1e-12;
    private static final double FLAT = 1e-9;

    public SoftFoot {
        plane = List.copyOf(plane);
        residuals = List.copyOf(residuals);
        shims = List.copyOf(shims);
    }

    /**
     * @param feet x and y of each, m, three or more that are not in one line
     * @param gaps under each, m
     */
    public static SoftFoot of(List<Vec3> feet, List<Double> gaps) {
        Guard.within("feet", feet.size(), FEWEST, MOST, "feet");
        if (gaps.size() != feet.size()) {
            throw new InvalidValue(
                    "gaps", "has " + gaps.size() + " entries, must have " + feet.size() + ", one for each foot");
        }
        double[] best = null;
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < feet.size(); i++) {
            for (int j = i + 1; j < feet.size(); j++) {
                for (int k = j + 1; k < feet.size(); k++) {
                    double[] through = through(feet, gaps, i, j, k);
                    double total = through == null ? Double.POSITIVE_INFINITY : total(through, feet, gaps);
                    if (total < least) {
                        least = total;
                        best = through;
                    }
                }
            }
        }
        if (best == null) {
            throw new InvalidValue("feet", "lie in one line; a machine that stands has a foot beside it");
        }
        double[] nearest = nearest(feet, gaps);
        List<Double> residuals = new ArrayList<>();
        List<Double> shims = new ArrayList<>();
        for (int k = 0; k < feet.size(); k++) {
            residuals.add(gaps.get(k) - at(nearest, feet.get(k)));
            shims.add(Math.max(0, gaps.get(k) - at(best, feet.get(k))));
        }
        return new SoftFoot(List.of(nearest[0], nearest[1], nearest[2]), residuals, shims);
    }

    private static double at(double[] plane, Vec3 foot) {
        return plane[0] + plane[1] * foot.x() + plane[2] * foot.y();
    }

    /** Null where the three are in one line. */
    private static double[] through(List<Vec3> feet, List<Double> gaps, int i, int j, int k) {
        Vec3 first = feet.get(j).minus(feet.get(i));
        Vec3 second = feet.get(k).minus(feet.get(i));
        double twice = first.x() * second.y() - first.y() * second.x();
        if (Math.abs(twice) < FLAT * first.length() * second.length() || twice == 0) {
            return null;
        }
        double up = gaps.get(j) - gaps.get(i);
        double over = gaps.get(k) - gaps.get(i);
        double b = (up * second.y() - over * first.y()) / twice;
        double c = (over * first.x() - up * second.x()) / twice;
        return new double[] {gaps.get(i) - b * feet.get(i).x() - c * feet.get(i).y(), b, c};
    }

    /** Infinite for a plane that lies above some gap. */
    private static double total(double[] plane, List<Vec3> feet, List<Double> gaps) {
        double total = 0;
        for (int k = 0; k < feet.size(); k++) {
            double shim = gaps.get(k) - at(plane, feet.get(k));
            if (shim < -BELOW) {
                return Double.POSITIVE_INFINITY;
            }
            total += shim;
        }
        return total;
    }

    /** Least squares, about the middle of the feet. */
    private static double[] nearest(List<Vec3> feet, List<Double> gaps) {
        Vec3 middle = feet.stream().reduce(Vec3.ZERO, Vec3::plus).times(1.0 / feet.size());
        double mean = gaps.stream().mapToDouble(gap -> gap).average().orElseThrow();
        double[][] normal = new double[2][2];
        double[] right = new double[2];
        for (int k = 0; k < feet.size(); k++) {
            Vec3 arm = feet.get(k).minus(middle);
            double[] row = {arm.x(), arm.y()};
            for (int i = 0; i < 2; i++) {
                for (int j = 0; j < 2; j++) {
                    normal[i][j] += row[i] * row[j];
                }
                right[i] += row[i] * (gaps.get(k) - mean);
            }
        }
        double[] slopes = DenseAlgebra.solve(normal, right).orElseThrow();
        return new double[] {mean - slopes[0] * middle.x() - slopes[1] * middle.y(), slopes[0], slopes[1]};
    }
}
