package oddcradle.core.vibration;

import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;

/**
 * One elastic mount between the body and a rigid base.
 *
 * @param position elastic centre, body axes, m
 * @param axes rows are the mount's own axes in body axes; unit and at right angles within 1e-6
 * @param stiffness along those axes, N/m, each 0 or more
 * @param loss structural loss factor, a ratio, 0 or more: complex stiffness k (1 + i loss)
 */
public record Mount(String name, Vec3 position, Mat3 axes, Vec3 stiffness, double loss) {
    private static final double ORTHOGONALITY = 1e-6;

    public Mount {
        Guard.named("name", name);
        Guard.present("position", position);
        Guard.present("axes", axes);
        Guard.present("k", stiffness);
        Guard.notNegative("k[0]", stiffness.x(), "N/m");
        Guard.notNegative("k[1]", stiffness.y(), "N/m");
        Guard.notNegative("k[2]", stiffness.z(), "N/m");
        Guard.notNegative("loss", loss, "");
        if (!axes.isOrthogonal(ORTHOGONALITY)) {
            throw new InvalidValue("axes", "rows must be unit vectors at right angles to each other");
        }
    }

    /** Stiffness in body axes, N/m. */
    Mat3 inBodyAxes() {
        return axes.transposed()
                .times(Mat3.diagonal(stiffness.x(), stiffness.y(), stiffness.z()))
                .times(axes);
    }
}
