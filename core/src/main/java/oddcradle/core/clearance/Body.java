package oddcradle.core.clearance;

import java.util.List;
import oddcradle.core.geometry.Aabb;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.distance.PreparedSolid;

/**
 * Something that takes room, in host axes.
 *
 * @param room least gap it wants around it, m
 * @param nature the word for why: fixed, moving, hot, people
 * @param prepared the same solids ready for distance queries
 * @param bounds box around all of them
 */
public record Body(
        String id,
        String label,
        double room,
        String nature,
        List<Solid> solids,
        List<PreparedSolid> prepared,
        Aabb bounds) {
    public Body {
        solids = List.copyOf(solids);
        prepared = List.copyOf(prepared);
    }

    public static Body of(String id, String label, double room, String nature, List<Solid> solids) {
        List<PreparedSolid> prepared = solids.stream().map(PreparedSolid::of).toList();
        Aabb bounds = prepared.get(0).bounds();
        for (PreparedSolid solid : prepared) {
            bounds = bounds.joined(solid.bounds());
        }
        return new Body(id, label, room, nature, solids, prepared, bounds);
    }
}
