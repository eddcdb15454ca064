package oddcradle.core.geometry;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.math.DenseAlgebra;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;

/**
 * The rigid move that lays one set of points on another with the least squares of what remains. Where the points lie on one
 * line the turn about that line is any.
 *
 * <p>Source: Horn, Closed-form solution of absolute orientation using unit quaternions, J. Opt. Soc. Am. A 4 (1987) (from
 * memory).
 *
 * @param pose moves the first set onto the second
 * @param residuals distance that remains at each point, m
 */
public record BestFit(Pose pose, List<Double> residuals) {
    public BestFit {
        residuals = List.copyOf(residuals);
    }

    /**
     * @param from points, m; at least two
     * @param to the same points elsewhere, in the same order
     * @throws InvalidValue if there are fewer than two, or not as many of one as of the other
     */
    public static BestFit of(List<Vec3> from, List<Vec3> to) {
        if (from.size() != to.size() || from.size() < 2) {
            throw new InvalidValue(
                    "points",
                    "are " + from.size() + " and " + to.size()
                            + ", must be as many of one as of the other, at least 2");
        }
        Vec3 fromMiddle = middle(from);
        Vec3 toMiddle = middle(to);
        Mat3 rotation = turn(from, fromMiddle, to, toMiddle);
        Pose pose = new Pose(rotation, toMiddle.minus(rotation.times(fromMiddle)));
        List<Double> residuals = new ArrayList<>();
        for (int k = 0; k < from.size(); k++) {
            residuals.add(pose.place(from.get(k)).distanceTo(to.get(k)));
        }
        return new BestFit(pose, residuals);
    }

    private static Vec3 middle(List<Vec3> points) {
        Vec3 sum = Vec3.ZERO;
        for (Vec3 point : points) {
            sum = sum.plus(point);
        }
        return sum.times(1.0 / points.size());
    }

    /** The unit quaternion that belongs to the largest eigenvalue of Horn's matrix. */
    private static Mat3 turn(List<Vec3> from, Vec3 fromMiddle, List<Vec3> to, Vec3 toMiddle) {
        double[][] s = new double[3][3];
        for (int k = 0; k < from.size(); k++) {
            double[] a = components(from.get(k).minus(fromMiddle));
            double[] b = components(to.get(k).minus(toMiddle));
            for (int i = 0; i < 3; i++) {
                for (int j = 0; j < 3; j++) {
                    s[i][j] += a[i] * b[j];
                }
            }
        }
        double[][] n = {
            {s[0][0] + s[1][1] + s[2][2], s[1][2] - s[2][1], s[2][0] - s[0][2], s[0][1] - s[1][0]},
            {s[1][2] - s[2][1], s[0][0] - s[1][1] - s[2][2], s[0][1] + s[1][0], s[2][0] + s[0][2]},
            {s[2][0] - s[0][2], s[0][1] + s[1][0], s[1][1] - s[0][0] - s[2][2], s[1][2] + s[2][1]},
            {s[0][1] - s[1][0], s[2][0] + s[0][2], s[1][2] + s[2][1], s[2][2] - s[0][0] - s[1][1]}
        };
        double[] q = DenseAlgebra.symmetric(n).vector(3);
        double w = q[0];
        double x = q[1];
        double y = q[2];
        double z = q[3];
        return new Mat3(
                new Vec3(w * w + x * x - y * y - z * z, 2 * (x * y - w * z), 2 * (x * z + w * y)),
                new Vec3(2 * (x * y + w * z), w * w - x * x + y * y - z * z, 2 * (y * z - w * x)),
                new Vec3(2 * (x * z - w * y), 2 * (y * z + w * x), w * w - x * x - y * y + z * z));
    }

    private static double[] components(Vec3 v) {
        return new double[] {v.x(), v.y(), v.z()};
    }

    /** Root of the mean square of what remains, m. */
    public double rms() {
        double sum = 0;
        for (double residual : residuals) {
            sum += residual * residual;
        }
        return Math.sqrt(sum / residuals.size());
    }

    /** Index of the point that fits worst. */
    public int worst() {
        int worst = 0;
        for (int k = 1; k < residuals.size(); k++) {
            if (residuals.get(k) > residuals.get(worst)) {
                worst = k;
            }
        }
        return worst;
    }
}
