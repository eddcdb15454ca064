package oddcradle.core.vibration;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.math.DenseAlgebra;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;

/**
 * Natural frequencies of a body on mounts that stand on a frame which gives too: the flexibility of the frame at the mounts and of
 * the mounts themselves add up, {@code K = A' (C + D)^-1 A}. The frame's own mass is left out, so its own ringing is not seen.
 *
 * <p>Springs in series, derived; checked in the tests against SciPy.
 */
public final class ModesOnFrame {
    private ModesOnFrame() {}

    /** Flexibility of the frame: what coordinate i of the mounts moves under 1 N at j, m/N; x, y, z of each mount in turn. */
    @FunctionalInterface
    public interface Flexibility {
        double at(int i, int j);
    }

    /** @return Hz, ascending, six, 0 for a motion that the mounts leave free; empty if the flexibility has no inverse */
    public static Optional<List<Double>> frequencies(MountedBody body, Flexibility frame) {
        int n = 3 * body.mounts().size();
        double[][] soft = new double[n][n];
        double[][] arms = new double[6][n];
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                soft[i][j] = frame.at(i, j);
            }
        }
        for (int m = 0; m < body.mounts().size(); m++) {
            Mount mount = body.mounts().get(m);
            addMount(soft, mount, 3 * m);
            addArm(arms, mount.position().minus(body.body().cg()), 3 * m);
        }
        double[][] k = new double[6][6];
        for (int j = 0; j < 6; j++) {
            Optional<double[]> forces = DenseAlgebra.solve(soft, arms[j]);
            if (forces.isEmpty()) {
                return Optional.empty();
            }
            for (int i = 0; i < 6; i++) {
                for (int at = 0; at < n; at++) {
                    k[i][j] += arms[i][at] * forces.get()[at];
                }
            }
        }
        symmetrise(k);
        return DenseAlgebra.generalised(k, RigidBodyModes.mass(body)).map(eigen -> {
            List<Double> frequencies = new ArrayList<>();
            for (int i = 0; i < 6; i++) {
                frequencies.add(Math.sqrt(Math.max(0, eigen.value(i))) / (2 * Math.PI));
            }
            return List.copyOf(frequencies);
        });
    }

    /** Its own flexibility, turned into the body's axes. A direction without stiffness carries nothing. */
    private static void addMount(double[][] soft, Mount mount, int at) {
        Mat3 axes = mount.axes();
        Vec3 k = mount.stiffness();
        Vec3[] rows = {axes.row0(), axes.row1(), axes.row2()};
        double[] stiff = {k.x(), k.y(), k.z()};
        for (int r = 0; r < 3; r++) {
            double give = 1 / Math.max(stiff[r], 1e-6);
            double[] row = {rows[r].x(), rows[r].y(), rows[r].z()};
            for (int i = 0; i < 3; i++) {
                for (int j = 0; j < 3; j++) {
                    soft[at + i][at + j] += give * row[i] * row[j];
                }
            }
        }
    }

    /** What the body's six motions move the mount along x, y and z. */
    private static void addArm(double[][] arms, Vec3 arm, int at) {
        for (int axis = 0; axis < 3; axis++) {
            arms[axis][at + axis] = 1;
        }
        arms[3][at + 1] = -arm.z();
        arms[3][at + 2] = arm.y();
        arms[4][at] = arm.z();
        arms[4][at + 2] = -arm.x();
        arms[5][at] = -arm.y();
        arms[5][at + 1] = arm.x();
    }

    private static void symmetrise(double[][] k) {
        for (int i = 0; i < 6; i++) {
            for (int j = 0; j < i; j++) {
                k[i][j] = (k[i][j] + k[j][i]) / 2;
                k[j][i] = k[i][j];
            }
        }
    }
}
