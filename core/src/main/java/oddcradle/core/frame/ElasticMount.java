package oddcradle.core.frame;

import oddcradle.core.math.Guard;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;

/**
 * A spring without moment stiffness that joins two nodes through rigid arms that meet at its elastic centre.
 *
 * @param bodyNode node of the body that is held
 * @param frameNode node that holds it
 * @param centre elastic centre, global axes, m
 * @param axes rows are the mount's own axes in global axes
 * @param stiffness along those axes, N/m, each 0 or more
 */
public record ElasticMount(String id, String bodyNode, String frameNode, Vec3 centre, Mat3 axes, Vec3 stiffness) {
    public ElasticMount {
        Guard.named("id", id);
        Guard.named("bodyNode", bodyNode);
        Guard.named("frameNode", frameNode);
        Guard.present("centre", centre);
        Guard.present("axes", axes);
        Guard.present("stiffness", stiffness);
        Guard.notNegative("stiffness[0]", stiffness.x(), "N/m");
        Guard.notNegative("stiffness[1]", stiffness.y(), "N/m");
        Guard.notNegative("stiffness[2]", stiffness.z(), "N/m");
    }
}
