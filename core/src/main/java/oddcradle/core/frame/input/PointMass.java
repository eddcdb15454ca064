package oddcradle.core.frame.input;

import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;

/** Mass carried rigidly by a node; kg, global position in m. */
public record PointMass(String node, double mass, Vec3 position) {
    public PointMass {
        Guard.named("node", node);
        Guard.notNegative("mass", mass, "kg");
        Guard.present("position", position);
    }
}
