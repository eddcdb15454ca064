package oddcradle.core.job.around;

import io.soabase.recordbuilder.core.RecordBuilder;
import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;

/**
 * What must stay dry and cool: ignition box, relay, regulator, battery.
 *
 * @param at its middle, host axes, m
 * @param size along the host's axes, m
 */
@RecordBuilder
public record DryBox(String id, String label, Vec3 at, Vec3 size) implements DryBoxBuilder.With {
    public DryBox {
        Guard.named("id", id);
        Guard.named("label", label);
        Guard.present("at", at);
        Guard.present("size", size);
        Guard.size("size.x", size.x());
        Guard.size("size.y", size.y());
        Guard.size("size.z", size.z());
    }
}
