package oddcradle.core.job.body;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import oddcradle.core.geometry.Solid;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;

/** A piece of the donor that takes room: one or more solids in donor axes; a pipe is a chain of capsules. */
@RecordBuilder
public record Part(String id, String label, Category category, List<Solid> solids) implements PartBuilder.With {
    public Part {
        Guard.named("id", id);
        Guard.named("label", label);
        Guard.present("category", category);
        solids = List.copyOf(Guard.present("solids", solids));
        if (solids.isEmpty()) {
            throw new InvalidValue("solids", "is empty, a part needs at least one solid");
        }
        Sizes.requireBodies(solids);
    }
}
