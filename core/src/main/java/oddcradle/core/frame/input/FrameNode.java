package oddcradle.core.frame.input;

import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;

/** A joint of the frame, or a rigid body's reference point; metres, global axes. */
public record FrameNode(String id, Vec3 position) {
    public FrameNode {
        Guard.named("id", id);
        Guard.present("position", position);
    }
}
