package oddcradle.core.frame;

import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;

/**
 * One elastic mount with loss between a rigid engine and a node of a frame, joined to the node by a rigid arm.
 *
 * @param position elastic centre, global axes, m
 * @param axes rows are the mount's own axes in global axes; unit and at right angles within 1e-6
 * @param stiffness along those axes, N/m, each 0 or more
 * @param loss structural loss factor, a ratio, 0 or more: complex stiffness k (1 + i loss)
 */
public record DampedMount(String name, String node, Vec3 position, Mat3 axes, Vec3 stiffness, double loss) {
    private static final double ORTHOGONALITY = 1e-6;

    public DampedMount {
        Guard.named("name", name);
        Guard.named("node", node);
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
}
