package oddcradle.core.survey;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.math.DenseAlgebra;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;

/**
 * How measured points are turned and shifted to lie on nominal ones as well as they can, without stretching or mirroring: least squares of
 * {@code w |R measured + t - nominal|²}. Horn, Journal of the Optical Society of America A 4 (1987), by unit quaternions (from memory).
 *
 * @param rotation from measured to nominal
 * @param translation m
 * @param residuals R measured + t - nominal of each point, m
 */
public record RigidFit(Mat3 rotation, Vec3 translation, List<Vec3> residuals, List<Double> weights) {
    private static final int FEWEST = 3;
    /** Second spread of the points over their first, below which they are one line; squares. */
    private static final double ONE_LINE = 1e-14;

    public RigidFit {
        residuals = List.copyOf(residuals);
        weights = List.copyOf(weights);
    }

    /**
     * @param nominal m
     * @param measured in the same order, m
     * @param weights ratios, 0 or more, three at least above 0
     * @throws InvalidValue for points in one line, which may turn about it
     */
    public static RigidFit of(List<Vec3> nominal, List<Vec3> measured, List<Double> weights) {
        require(nominal, measured, weights);
        Vec3 from = middle(measured, weights);
        Vec3 to = middle(nominal, weights);
        requireNoLine("nominal", nominal, to, weights);
        requireNoLine("measured", measured, from, weights);
        double[][] s = new double[3][3];
        for (int k = 0; k < nominal.size(); k++) {
            double[] a = numbers(measured.get(k).minus(from));
            double[] b = numbers(nominal.get(k).minus(to));
            for (int i = 0; i < 3; i++) {
                for (int j = 0; j < 3; j++) {
                    s[i][j] += weights.get(k) * a[i] * b[j];
                }
            }
        }
        Mat3 rotation = rotation(DenseAlgebra.symmetric(new double[][] {
                    {s[0][0] + s[1][1] + s[2][2], s[1][2] - s[2][1], s[2][0] - s[0][2], s[0][1] - s[1][0]},
                    {s[1][2] - s[2][1], s[0][0] - s[1][1] - s[2][2], s[0][1] + s[1][0], s[2][0] + s[0][2]},
                    {s[2][0] - s[0][2], s[0][1] + s[1][0], s[1][1] - s[0][0] - s[2][2], s[1][2] + s[2][1]},
                    {s[0][1] - s[1][0], s[2][0] + s[0][2], s[1][2] + s[2][1], s[2][2] - s[0][0] - s[1][1]}
                })
                .vector(3));
        Vec3 translation = to.minus(rotation.times(from));
        List<Vec3> residuals = new ArrayList<>();
        for (int k = 0; k < nominal.size(); k++) {
            residuals.add(rotation.times(measured.get(k)).plus(translation).minus(nominal.get(k)));
        }
        return new RigidFit(rotation, translation, residuals, weights);
    }

    private static void require(List<Vec3> nominal, List<Vec3> measured, List<Double> weights) {
        Guard.within("nominal", nominal.size(), FEWEST, Integer.MAX_VALUE, "points");
        requireAsMany("measured", measured.size(), nominal.size());
        requireAsMany("weights", weights.size(), nominal.size());
        for (int k = 0; k < weights.size(); k++) {
            Guard.notNegative("weights[" + k + "]", weights.get(k), "");
        }
        long counted = weights.stream().filter(weight -> weight > 0).count();
        if (counted < FEWEST) {
            throw new InvalidValue("weights", "has " + counted + " above 0, must have 3 or more");
        }
    }

    private static void requireAsMany(String field, int has, int wanted) {
        if (has != wanted) {
            throw new InvalidValue(field, "has " + has + " entries, must have " + wanted + ", as many as nominal");
        }
    }

    private static Vec3 middle(List<Vec3> points, List<Double> weights) {
        Vec3 sum = Vec3.ZERO;
        double whole = 0;
        for (int k = 0; k < points.size(); k++) {
            sum = sum.along(points.get(k), weights.get(k));
            whole += weights.get(k);
        }
        return sum.times(1 / whole);
    }

    private static void requireNoLine(String field, List<Vec3> points, Vec3 middle, List<Double> weights) {
        double[][] spread = new double[3][3];
        for (int k = 0; k < points.size(); k++) {
            double[] arm = numbers(points.get(k).minus(middle));
            for (int i = 0; i < 3; i++) {
                for (int j = 0; j < 3; j++) {
                    spread[i][j] += weights.get(k) * arm[i] * arm[j];
                }
            }
        }
        DenseAlgebra.Eigen eigen = DenseAlgebra.symmetric(spread);
        if (!(eigen.value(1) > ONE_LINE * eigen.value(2))) {
            throw new InvalidValue(field, "lie in one line and may turn about it; add a point beside it");
        }
    }

    private static double[] numbers(Vec3 vector) {
        return new double[] {vector.x(), vector.y(), vector.z()};
    }

    private static Mat3 rotation(double[] quaternion) {
        double size = 0;
        for (double part : quaternion) {
            size += part * part;
        }
        double w = quaternion[0];
        double x = quaternion[1];
        double y = quaternion[2];
        double z = quaternion[3];
        double twice = 2 / size;
        return new Mat3(
                new Vec3(1 - twice * (y * y + z * z), twice * (x * y - w * z), twice * (x * z + w * y)),
                new Vec3(twice * (x * y + w * z), 1 - twice * (x * x + z * z), twice * (y * z - w * x)),
                new Vec3(twice * (x * z - w * y), twice * (y * z + w * x), 1 - twice * (x * x + y * y)));
    }

    /** Root of the mean of the squared lengths, every point alike, m. */
    public double rms() {
        return Math.sqrt(
                residuals.stream().mapToDouble(Vec3::squaredLength).average().orElse(0));
    }

    /** The same by weight, m. */
    public double weightedRms() {
        double sum = 0;
        double whole = 0;
        for (int k = 0; k < residuals.size(); k++) {
            sum += weights.get(k) * residuals.get(k).squaredLength();
            whole += weights.get(k);
        }
        return Math.sqrt(sum / whole);
    }
}
