package oddcradle.core.clearance;

import java.util.List;
import oddcradle.core.geometry.Aabb;
import oddcradle.core.geometry.Solid;

/**
 * Something that takes room, in host axes.
 *
 * @param room least gap it wants around it, m
 * @param nature the word for why: fixed, moving, hot, people
 * @param bounds box around all its solids
 */
public record Body(String id, String label, double room, String nature, List<Solid> solids, Aabb bounds) {
    public Body {
        solids = List.copyOf(solids);
    }

    public static Body of(String id, String label, double room, String nature, List<Solid> solids) {
        Aabb bounds = solids.get(0).bounds();
        for (Solid solid : solids) {
            bounds = bounds.joined(solid.bounds());
        }
        return new Body(id, label, room, nature, solids, bounds);
    }
}
