package oddcradle.core.clearance;

import java.util.List;
import oddcradle.core.geometry.Aabb;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.distance.PreparedSolid;
import oddcradle.core.geometry.motion.Motion;
import oddcradle.core.geometry.motion.Sweep;

/**
 * Something that takes room, in host axes.
 *
 * @param room least gap it wants around it, m
 * @param nature the word for why: fixed, moving, hot, people
 * @param prepared the same solids ready for distance queries; empty for a body that moves
 * @param sweeps the solids with all the places they move to; empty for a body that stands still
 * @param bounds box around all of them
 */
public record Body(
        String id,
        String label,
        double room,
        String nature,
        List<Solid> solids,
        List<PreparedSolid> prepared,
        List<Sweep> sweeps,
        Aabb bounds) {
    public Body {
        solids = List.copyOf(solids);
        prepared = List.copyOf(prepared);
        sweeps = List.copyOf(sweeps);
    }

    public static Body of(String id, String label, double room, String nature, List<Solid> solids) {
        List<PreparedSolid> prepared = solids.stream().map(PreparedSolid::of).toList();
        Aabb bounds = prepared.get(0).bounds();
        for (PreparedSolid solid : prepared) {
            bounds = bounds.joined(solid.bounds());
        }
        return new Body(id, label, room, nature, solids, prepared, List.of(), bounds);
    }

    /** A body that moves; its gaps are the least over all its places. */
    public static Body moving(
            String id, String label, double room, String nature, List<Solid> solids, List<Motion> motions) {
        List<Sweep> sweeps =
                solids.stream().map(solid -> Sweep.of(solid, motions)).toList();
        Aabb bounds = sweeps.get(0).bounds();
        for (Sweep sweep : sweeps) {
            bounds = bounds.joined(sweep.bounds());
        }
        return new Body(id, label, room, nature, solids, List.of(), sweeps, bounds);
    }
}
