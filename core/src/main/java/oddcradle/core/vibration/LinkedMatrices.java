package oddcradle.core.vibration;

import java.util.Optional;
import oddcradle.core.math.DenseAlgebra;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.MassProperties;

/**
 * Mass, damping and arms of linked bodies, six coordinates a body about its centre of gravity. Damping is modal: each mode loses at its own frequency what its
 * mounts' loss factors take of it, {@code C = M Phi diag(loss omega) Phi' M}; Clough and Penzien, Dynamics of Structures (from memory).
 */
final class LinkedMatrices {
    private static final double FREE = 1e-12;

    /** Inverse of the mass, body by body. */
    final double[][] inverseMass;

    final double[][] damping;
    /** By link and axis: what the link stretches by for each coordinate. */
    final double[][][] stretch;
    /** Highest natural frequency with every stop met, rad/s. */
    final double quickest;

    private LinkedMatrices(double[][] inverseMass, double[][] damping, double[][][] stretch, double quickest) {
        this.inverseMass = inverseMass;
        this.damping = damping;
        this.stretch = stretch;
        this.quickest = quickest;
    }

    /** Empty where a body can move without a spring. */
    static Optional<LinkedMatrices> of(LinkedBodies system) {
        int n = 6 * system.bodies().size();
        double[][] mass = new double[n][n];
        for (int b = 0; b < system.bodies().size(); b++) {
            MassProperties body = system.bodies().get(b);
            for (int i = 0; i < 3; i++) {
                mass[6 * b + i][6 * b + i] = body.mass();
                for (int j = 0; j < 3; j++) {
                    mass[6 * b + 3 + i][6 * b + 3 + j] = body.inertia().get(i, j);
                }
            }
        }
        double[][][] stretch = new double[system.links().size()][3][n];
        double[][] stiffness = new double[n][n];
        double[][] lost = new double[n][n];
        double[][] stopped = new double[n][n];
        for (int l = 0; l < system.links().size(); l++) {
            LinkedBodies.Link link = system.links().get(l);
            for (int axis = 0; axis < 3; axis++) {
                double[] row = stretch[l][axis];
                addArm(row, system, link.of(), link, axis, 1);
                if (link.on() != LinkedBodies.GROUND) {
                    addArm(row, system, link.on(), link, axis, -1);
                }
                double k = along(link.stiffness(), axis);
                addSpring(stiffness, row, k);
                addSpring(lost, row, k * link.loss());
                addSpring(stopped, row, k + link.stop());
            }
        }
        DenseAlgebra.Eigen modes = DenseAlgebra.generalised(stiffness, mass).orElseThrow();
        if (!(modes.value(0) > FREE * modes.value(n - 1))) {
            return Optional.empty();
        }
        DenseAlgebra.Eigen hard = DenseAlgebra.generalised(stopped, mass).orElseThrow();
        return Optional.of(
                new LinkedMatrices(inverse(modes), damping(modes, mass, lost), stretch, Math.sqrt(hard.value(n - 1))));
    }

    static double along(Vec3 v, int axis) {
        return axis == 0 ? v.x() : axis == 1 ? v.y() : v.z();
    }

    private static void addArm(
            double[] row, LinkedBodies system, int body, LinkedBodies.Link link, int axis, double sign) {
        Mat3 axes = link.axes();
        Vec3 d = axis == 0 ? axes.row0() : axis == 1 ? axes.row1() : axes.row2();
        Vec3 turn = link.at().minus(system.bodies().get(body).cg()).cross(d);
        for (int i = 0; i < 3; i++) {
            row[6 * body + i] += sign * along(d, i);
            row[6 * body + 3 + i] += sign * along(turn, i);
        }
    }

    private static void addSpring(double[][] to, double[] row, double k) {
        for (int i = 0; i < row.length; i++) {
            for (int j = 0; j < row.length; j++) {
                to[i][j] += k * row[i] * row[j];
            }
        }
    }

    /** Modes are scaled to a mass of 1, so that their outer products add up to the inverse of the mass. */
    private static double[][] inverse(DenseAlgebra.Eigen modes) {
        int n = modes.count();
        double[][] sum = new double[n][n];
        for (int k = 0; k < n; k++) {
            addSpring(sum, modes.vector(k), 1);
        }
        return sum;
    }

    private static double[][] damping(DenseAlgebra.Eigen modes, double[][] mass, double[][] lost) {
        int n = modes.count();
        double[][] sum = new double[n][n];
        for (int k = 0; k < n; k++) {
            double[] shape = modes.vector(k);
            double omega = Math.sqrt(modes.value(k));
            double loss = quadratic(lost, shape) / modes.value(k);
            addSpring(sum, times(mass, shape), loss * omega);
        }
        return sum;
    }

    private static double quadratic(double[][] matrix, double[] v) {
        double[] product = times(matrix, v);
        double sum = 0;
        for (int i = 0; i < v.length; i++) {
            sum += v[i] * product[i];
        }
        return sum;
    }

    private static double[] times(double[][] matrix, double[] v) {
        double[] product = new double[v.length];
        for (int i = 0; i < v.length; i++) {
            for (int j = 0; j < v.length; j++) {
                product[i] += matrix[i][j] * v[j];
            }
        }
        return product;
    }
}
