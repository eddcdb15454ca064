package oddcradle.core.clearance;

import java.util.List;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.distance.PreparedSolid;

/**
 * Something that takes room, in host axes.
 *
 * @param room least gap it wants around it, m
 * @param nature the word for why: fixed, moving, hot, people
 * @param prepared the same solids ready for distance queries
 */
public record Body(
        String id, String label, double room, String nature, List<Solid> solids, List<PreparedSolid> prepared) {
    public Body {
        solids = List.copyOf(solids);
        prepared = List.copyOf(prepared);
    }

    public static Body of(String id, String label, double room, String nature, List<Solid> solids) {
        return new Body(
                id,
                label,
                room,
                nature,
                solids,
                solids.stream().map(PreparedSolid::of).toList());
    }
}
