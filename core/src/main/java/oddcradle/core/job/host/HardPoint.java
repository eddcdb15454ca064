package oddcradle.core.job.host;

import io.soabase.recordbuilder.core.RecordBuilder;
import oddcradle.core.math.Guard;

/** A place of the host that may take load. */
@RecordBuilder
public record HardPoint(String id, String label, String node) implements HardPointBuilder.With {
    public HardPoint {
        Guard.named("id", id);
        Guard.named("label", label);
        Guard.named("node", node);
    }
}
