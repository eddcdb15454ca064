package oddcradle.core.frame;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import oddcradle.core.math.Sums;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;
import org.ejml.dense.row.factory.LinearSolverFactory_DDRM;
import org.ejml.interfaces.linsol.LinearSolverDense;

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
    /** A pivot this much smaller than the largest is a motion that the mounts leave free. */
    private static final double SINGULAR = 1e-12;

    private final FactoredFrame frame;
    private final FrameModel model;
    /** B', one row a spring. */
    private final List<double[]> onFrame = new ArrayList<>();
    /** K^-1 B, one column a row here. */
    private final List<double[]> given = new ArrayList<>();
    /** T, bodies' motions by springs. */
    private final DMatrixRMaj onBodies;

    private final LinearSolverDense<DMatrixRMaj> springs;
    private final LinearSolverDense<DMatrixRMaj> bodies;
    /** Whether the mounts hold the bodies every way. */
    private final boolean held;

    private CarriedBodies(FactoredFrame frame, FrameModel model) {
        this.frame = frame;
        this.model = model;
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
        onBodies = new DMatrixRMaj(model.equations - own, count);
        for (int s = 0; s < count; s++) {
            double[] row = Arrays.copyOf(rows.get(s), own);
            onFrame.add(row);
            given.add(frame.factor.solve(row));
            for (int k = own; k < model.equations; k++) {
                onBodies.set(k - own, s, rows.get(s)[k]);
            }
        }
        DMatrixRMaj give = new DMatrixRMaj(count, count);
        for (int i = 0; i < count; i++) {
            for (int j = 0; j <= i; j++) {
                double both = Sums.dot(onFrame.get(i), given.get(j));
                give.set(i, j, both);
                give.set(j, i, both);
            }
            give.add(i, i, soft.get(i));
        }
        springs = LinearSolverFactory_DDRM.symmPosDef(count);
        bodies = LinearSolverFactory_DDRM.symmPosDef(onBodies.numRows);
        held = springs.setA(give) && bodies.setA(onMounts()) && bodies.quality() > SINGULAR;
    }

    /** @return empty if the mounts leave a body free to move */
    static Optional<CarriedBodies> on(FactoredFrame frame, FrameModel model) {
        CarriedBodies carried = new CarriedBodies(frame, model);
        return carried.held ? Optional.of(carried) : Optional.empty();
    }

    /** Stiffness of the bodies on mounts and frame, T (D + B' K^-1 B)^-1 T'. */
    private DMatrixRMaj onMounts() {
        DMatrixRMaj turned = CommonOps_DDRM.transpose(onBodies, null);
        springs.solve(turned.copy(), turned);
        return CommonOps_DDRM.mult(onBodies, turned, null);
    }

    /** @param applied loads in the order of the equations */
    double[] solve(double[] applied) {
        int own = frame.model.equations;
        double[] alone = frame.factor.solve(Arrays.copyOf(applied, own));
        DMatrixRMaj pulled = new DMatrixRMaj(onFrame.size(), 1);
        for (int s = 0; s < pulled.numRows; s++) {
            pulled.set(s, 0, Sums.dot(onFrame.get(s), alone));
        }
        DMatrixRMaj force = new DMatrixRMaj(pulled.numRows, 1);
        springs.solve(pulled.copy(), force);
        DMatrixRMaj motion = new DMatrixRMaj(onBodies.numRows, 1);
        CommonOps_DDRM.mult(-1, onBodies, force, motion);
        for (int k = 0; k < motion.numRows; k++) {
            motion.add(k, 0, applied[own + k]);
        }
        bodies.solve(motion.copy(), motion);
        CommonOps_DDRM.multAddTransA(onBodies, motion, pulled);
        springs.solve(pulled, force);
        double[] u = new double[model.equations];
        System.arraycopy(alone, 0, u, 0, own);
        for (int s = 0; s < force.numRows; s++) {
            double g = force.get(s, 0);
            double[] column = given.get(s);
            for (int k = 0; k < own; k++) {
                u[k] -= g * column[k];
            }
        }
        System.arraycopy(motion.data, 0, u, own, motion.numRows);
        return u;
    }
}
