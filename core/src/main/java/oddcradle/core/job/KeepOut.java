package oddcradle.core.job;

import java.util.List;
import oddcradle.core.geometry.Solid;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;

/** Room that the donor must not enter: axle, seat, tank; solids in host axes. */
public record KeepOut(String id, String label, Category category, List<Solid> solids) {
    public KeepOut {
        Guard.named("id", id);
        Guard.named("label", label);
        Guard.present("category", category);
        solids = List.copyOf(Guard.present("solids", solids));
        if (solids.isEmpty()) {
            throw new InvalidValue("solids", "is empty, a keep-out needs at least one solid");
        }
    }
}
