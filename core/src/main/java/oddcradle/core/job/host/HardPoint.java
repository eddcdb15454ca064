package oddcradle.core.job.host;

import oddcradle.core.math.Guard;

/** A place of the host that may take load. */
public record HardPoint(String id, String label, String node) {
    public HardPoint {
        Guard.named("id", id);
        Guard.named("label", label);
        Guard.named("node", node);
    }
}
