package oddcradle.core.job.body;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.motion.Motion;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;

/**
 * Room that the donor must not enter: axle, seat, tank.
 *
 * @param solids in host axes, where they stand at rest
 * @param motions what they do, the one nearest to the body first, such as steering and then travel; none where left out
 */
@RecordBuilder
public record KeepOut(String id, String label, Category category, List<Solid> solids, List<Motion> motions)
        implements KeepOutBuilder.With {
    public KeepOut {
        Guard.named("id", id);
        Guard.named("label", label);
        Guard.present("category", category);
        solids = List.copyOf(Guard.present("solids", solids));
        motions = motions == null ? List.of() : List.copyOf(motions);
        if (solids.isEmpty()) {
            throw new InvalidValue("solids", "is empty, a keep-out needs at least one solid");
        }
        Sizes.requireBodies(solids);
    }

    /** A keep-out that stands still. */
    public static KeepOut still(String id, String label, Category category, List<Solid> solids) {
        return new KeepOut(id, label, category, solids, List.of());
    }
}
