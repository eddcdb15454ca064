package oddcradle.core.frame;

import oddcradle.core.frame.input.ElasticMount;
import oddcradle.core.math.Vec3;

/** An elastic mount as a matrix on the motions of its body node and its frame node. */
final class MountElement {
    final ElasticMount mount;
    final int body;
    final int frame;
    private final Vec3 armBody;
    private final Vec3 armFrame;

    MountElement(ElasticMount mount, int body, int frame, Vec3 bodyPoint, Vec3 framePoint) {
        this.mount = mount;
        this.body = body;
        this.frame = frame;
        this.armBody = mount.centre().minus(bodyPoint);
        this.armFrame = mount.centre().minus(framePoint);
    }

    private Vec3 axis(int k) {
        return k == 0
                ? mount.axes().row0()
                : k == 1 ? mount.axes().row1() : mount.axes().row2();
    }

    double stiffness(int k) {
        return k == 0
                ? mount.stiffness().x()
                : k == 1 ? mount.stiffness().y() : mount.stiffness().z();
    }

    /** Deflection along axis k for unit node motions, body less frame. */
    double[] deflectionRow(int k) {
        Vec3 a = axis(k);
        Vec3 turnBody = armBody.cross(a);
        Vec3 turnFrame = armFrame.cross(a);
        return new double[] {
            a.x(),
            a.y(),
            a.z(),
            turnBody.x(),
            turnBody.y(),
            turnBody.z(),
            -a.x(),
            -a.y(),
            -a.z(),
            -turnFrame.x(),
            -turnFrame.y(),
            -turnFrame.z()
        };
    }

    double[] globalStiffness() {
        double[] k = new double[144];
        for (int axis = 0; axis < 3; axis++) {
            double[] row = deflectionRow(axis);
            for (int i = 0; i < 12; i++) {
                for (int j = 0; j < 12; j++) {
                    k[12 * i + j] += stiffness(axis) * row[i] * row[j];
                }
            }
        }
        return k;
    }

    MountResult result(double[] u) {
        double[] deflection = new double[3];
        Vec3 force = Vec3.ZERO;
        for (int axis = 0; axis < 3; axis++) {
            double[] row = deflectionRow(axis);
            for (int j = 0; j < 12; j++) {
                deflection[axis] += row[j] * u[j];
            }
            double stopped = mount.stop().isPresent() ? mount.stop().get().force(axis, deflection[axis]) : 0;
            force = force.along(axis(axis), stiffness(axis) * deflection[axis] + stopped);
        }
        return new MountResult(mount.id(), force, new Vec3(deflection[0], deflection[1], deflection[2]));
    }
}
