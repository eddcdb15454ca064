package oddcradle.core.vibration;

import oddcradle.core.math.Guard;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.ThreeSprings;

/**
 * One elastic mount between the body and a rigid base.
 *
 * @param position elastic centre, body axes, m
 * @param axes rows are the mount's own axes in body axes; unit and at right angles within 1e-6
 * @param stiffness along those axes, N/m, each 0 or more
 * @param loss structural loss factor, a ratio, 0 or more: complex stiffness k (1 + i loss)
 */
public record Mount(String name, Vec3 position, Mat3 axes, Vec3 stiffness, double loss) {
    public Mount {
        Guard.named("name", name);
        Guard.present("position", position);
        ThreeSprings.require(axes, stiffness, loss);
    }

    /** Stiffness in body axes, N/m. */
    Mat3 inBodyAxes() {
        return axes.transposed()
                .times(Mat3.diagonal(stiffness.x(), stiffness.y(), stiffness.z()))
                .times(axes);
    }
}
