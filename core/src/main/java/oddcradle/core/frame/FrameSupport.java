package oddcradle.core.frame;

import oddcradle.core.math.Guard;

/** A node held by the ground. */
public record FrameSupport(String node, Fixity fix) {
    public FrameSupport {
        Guard.named("node", node);
        Guard.present("fix", fix);
    }
}
