package oddcradle.core.frame;

import oddcradle.core.math.Guard;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.ThreeSprings;

/**
 * One elastic mount with loss between a rigid engine and a node of a frame, joined to the node by a rigid arm.
 *
 * @param position elastic centre, global axes, m
 * @param axes rows are the mount's own axes in global axes; unit and at right angles within 1e-6
 * @param stiffness along those axes, N/m, each 0 or more
 * @param loss structural loss factor, a ratio, 0 or more: complex stiffness k (1 + i loss)
 */
public record DampedMount(String name, String node, Vec3 position, Mat3 axes, Vec3 stiffness, double loss) {
    public DampedMount {
        Guard.named("name", name);
        Guard.named("node", node);
        Guard.present("position", position);
        ThreeSprings.require(axes, stiffness, loss);
    }
}
