package oddcradle.core.seating;

import java.util.List;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.motion.Motion;
import oddcradle.core.math.Guard;

/**
 * A body of solids: the one that is moved about, in its own axes, or one that stands round it, in the host's.
 *
 * @param motions that what stands may make while the other stands too; none where left out
 */
public record BodyShape(String id, String label, List<Solid> solids, List<Motion> motions) {
    public BodyShape {
        Guard.named("id", id);
        Guard.named("label", label);
        solids = List.copyOf(Guard.present("solids", solids));
        motions = motions == null ? List.of() : List.copyOf(motions);
    }

    public static BodyShape still(String id, String label, List<Solid> solids) {
        return new BodyShape(id, label, solids, List.of());
    }
}
