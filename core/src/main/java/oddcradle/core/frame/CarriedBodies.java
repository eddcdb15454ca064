package oddcradle.core.frame;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import oddcradle.core.math.DenseCholesky;
import oddcradle.core.math.Sums;

/**
 * Bodies on the elastic mounts of a frame that is factored already. Unknown are the force g in each spring of each mount and the
 * motions d of the bodies:
 *
 * <pre>
 * K u + B g = f        (D + B' K^-1 B) g - T' d = B' K^-1 f
 * T g       = f_d      D = 1/k of each spring, on the diagonal
 * </pre>
 *
 * <p>Source: Hager, Updating the Inverse of a Matrix, SIAM Review 31, 1989 (from memory). Checked in the tests against the
 * factor of frame, mounts and bodies together.
 */
final class CarriedBodies {
    private final FactoredFrame frame;
    /** B', one row a spring. */
    private final double[][] onFrame;
    /** K^-1 B, one column a row here. */
    private final double[][] given;
    /** T, one row a motion of the bodies. */
    private final double[][] onBodies;

    private final DenseCholesky springs;
    private final DenseCholesky bodies;

    private CarriedBodies(
            FactoredFrame frame,
            double[][] onFrame,
            double[][] given,
            double[][] onBodies,
            DenseCholesky springs,
            DenseCholesky bodies) {
        this.frame = frame;
        this.onFrame = onFrame;
        this.given = given;
        this.onBodies = onBodies;
        this.springs = springs;
        this.bodies = bodies;
    }

    /** @return empty if the mounts leave a body free to move */
    static Optional<CarriedBodies> on(FactoredFrame frame, FrameModel model) {
        List<double[]> rows = new ArrayList<>();
        List<Double> soft = new ArrayList<>();
        for (MountElement mount : model.mounts) {
            for (int axis = 0; axis < 3; axis++) {
                if (mount.stiffness(axis) > 0) {
                    rows.add(model.equations(mount, mount.deflectionRow(axis)));
                    soft.add(1 / mount.stiffness(axis));
                }
            }
        }
        int own = frame.model.equations;
        int count = rows.size();
        double[][] onFrame = new double[count][];
        double[][] given = new double[count][];
        double[][] onBodies = new double[model.equations - own][count];
        double[][] give = new double[count][count];
        for (int s = 0; s < count; s++) {
            onFrame[s] = Arrays.copyOf(rows.get(s), own);
            given[s] = frame.factor.solve(onFrame[s]);
            for (int k = 0; k < onBodies.length; k++) {
                onBodies[k][s] = rows.get(s)[own + k];
            }
            for (int t = 0; t <= s; t++) {
                give[s][t] = Sums.dot(onFrame[s], given[t]);
            }
            give[s][s] += soft.get(s);
        }
        return DenseCholesky.of(give).flatMap(springs -> DenseCholesky.of(onMounts(onBodies, springs))
                .filter(bodies -> bodies.smallestPivotRatio() > FrameAnalysis.SINGULAR)
                .map(bodies -> new CarriedBodies(frame, onFrame, given, onBodies, springs, bodies)));
    }

    /** Stiffness of the bodies on mounts and frame, T (D + B' K^-1 B)^-1 T'. */
    private static double[][] onMounts(double[][] onBodies, DenseCholesky springs) {
        double[][] stiffness = new double[onBodies.length][onBodies.length];
        for (int i = 0; i < onBodies.length; i++) {
            double[] pulled = springs.solve(onBodies[i]);
            for (int j = 0; j < onBodies.length; j++) {
                stiffness[i][j] = Sums.dot(onBodies[j], pulled);
            }
        }
        return stiffness;
    }

    /** @param applied loads in the order of the equations */
    double[] solve(double[] applied) {
        int own = frame.model.equations;
        double[] alone = frame.factor.solve(Arrays.copyOf(applied, own));
        double[] pulled = new double[onFrame.length];
        for (int s = 0; s < pulled.length; s++) {
            pulled[s] = Sums.dot(onFrame[s], alone);
        }
        double[] held = springs.solve(pulled);
        double[] pushed = new double[onBodies.length];
        for (int k = 0; k < pushed.length; k++) {
            pushed[k] = applied[own + k] - Sums.dot(onBodies[k], held);
        }
        double[] motion = bodies.solve(pushed);
        for (int s = 0; s < pulled.length; s++) {
            for (int k = 0; k < motion.length; k++) {
                pulled[s] += onBodies[k][s] * motion[k];
            }
        }
        double[] force = springs.solve(pulled);
        double[] u = Arrays.copyOf(alone, own + motion.length);
        for (int s = 0; s < force.length; s++) {
            for (int k = 0; k < own; k++) {
                u[k] -= force[s] * given[s][k];
            }
        }
        System.arraycopy(motion, 0, u, own, motion.length);
        return u;
    }
}
