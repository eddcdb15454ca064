package oddcradle.core.frame;

import java.util.Arrays;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.MassProperties;

/** A rigid engine on its mounts on a {@link MovingFrame}. */
final class MovingWhole {
    private static final int BODY = 6;

    final MovingFrame frame;
    private final MassProperties engine;
    private final int engineAt;

    MovingWhole(ResponseInput input) {
        this.frame = new MovingFrame(input.frame(), input.loss(), input.pieces(), BODY);
        this.engine = input.engine();
        this.engineAt = frame.carriedAt;
        addEngine();
        input.mounts().forEach(this::addMount);
        frame.holdIdle();
    }

    private void addEngine() {
        Mat3 inertia = engine.inertia();
        for (int i = 0; i < 3; i++) {
            frame.link(engineAt + i, engineAt + i, 0, 0, engine.mass());
            for (int j = 0; j < 3; j++) {
                frame.link(engineAt + 3 + i, engineAt + 3 + j, 0, 0, inertia.get(i, j));
            }
        }
    }

    private void addMount(DampedMount mount) {
        for (int axis = 0; axis < 3; axis++) {
            double[] stretch = stretch(mount, axis);
            int[] at = mountEquations(mount);
            for (int i = 0; i < 12; i++) {
                for (int j = 0; j < 12; j++) {
                    frame.link(at[i], at[j], stiffness(mount, axis) * stretch[i] * stretch[j], mount.loss(), 0);
                }
            }
        }
    }

    private int[] mountEquations(DampedMount mount) {
        int[] at = new int[2 * BODY];
        int node = frame.model.nodeIndex.get(mount.node());
        for (int k = 0; k < 6; k++) {
            at[k] = engineAt + k;
            at[6 + k] = frame.equationOf(node, k);
        }
        return at;
    }

    /** What a mount stretches along one of its axes as engine and node move: six of the engine, six of the node. */
    private double[] stretch(DampedMount mount, int axis) {
        Vec3 direction = axis(mount, axis);
        double[] body = MovingFrame.sixOf(direction, mount.position().minus(engine.cg()));
        double[] node = MovingFrame.sixOf(
                direction, mount.position().minus(frame.model.position(frame.model.nodeIndex.get(mount.node()))));
        double[] stretch = Arrays.copyOf(body, 12);
        for (int k = 0; k < 6; k++) {
            stretch[6 + k] = -node[k];
        }
        return stretch;
    }

    private static Vec3 axis(DampedMount mount, int k) {
        return k == 0
                ? mount.axes().row0()
                : k == 1 ? mount.axes().row1() : mount.axes().row2();
    }

    private static double stiffness(DampedMount mount, int k) {
        return k == 0
                ? mount.stiffness().x()
                : k == 1 ? mount.stiffness().y() : mount.stiffness().z();
    }

    /** A force and a moment at a point of the engine, on the free equations. */
    double[] onEngine(Vec3 force, Vec3 moment, Vec3 point) {
        Vec3 about = moment.plus(point.minus(engine.cg()).cross(force));
        double[] f = new double[frame.free];
        double[] six = {force.x(), force.y(), force.z(), about.x(), about.y(), about.z()};
        System.arraycopy(six, 0, f, engineAt, 6);
        return f;
    }

    Vec3 enginePoint(double[] u, Vec3 point) {
        Vec3 shift = new Vec3(u[engineAt], u[engineAt + 1], u[engineAt + 2]);
        Vec3 turn = new Vec3(u[engineAt + 3], u[engineAt + 4], u[engineAt + 5]);
        return shift.plus(turn.cross(point.minus(engine.cg())));
    }

    /** Force on the frame along the global axes; rows 0: real, 1: imaginary part. */
    Vec3[] mountForce(DampedMount mount, double[][] u) {
        Vec3[] force = {Vec3.ZERO, Vec3.ZERO};
        int[] at = mountEquations(mount);
        for (int axis = 0; axis < 3; axis++) {
            double[] stretch = stretch(mount, axis);
            double re = 0;
            double im = 0;
            for (int k = 0; k < 12; k++) {
                if (at[k] < frame.free) {
                    re += stretch[k] * u[0][at[k]];
                    im += stretch[k] * u[1][at[k]];
                }
            }
            double k = stiffness(mount, axis);
            force[0] = force[0].along(axis(mount, axis), k * (re - mount.loss() * im));
            force[1] = force[1].along(axis(mount, axis), k * (im + mount.loss() * re));
        }
        return force;
    }
}
