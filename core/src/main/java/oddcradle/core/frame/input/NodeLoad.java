package oddcradle.core.frame.input;

import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;

/** A force and a moment at a node, global axes; N, N m. */
public record NodeLoad(String node, Vec3 force, Vec3 moment) {
    public NodeLoad {
        Guard.named("node", node);
        Guard.present("force", force);
        Guard.present("moment", moment);
    }
}
