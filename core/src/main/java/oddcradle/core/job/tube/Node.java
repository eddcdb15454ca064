package oddcradle.core.job.tube;

import oddcradle.core.math.Guard;

/** A point where tubes meet or something is carried. */
public record Node(String id, Anchor anchor) {
    public Node {
        Guard.named("id", id);
        Guard.present("anchor", anchor);
    }
}
