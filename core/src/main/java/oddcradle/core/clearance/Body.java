package oddcradle.core.clearance;

import java.util.List;
import java.util.Optional;
import oddcradle.core.geometry.Aabb;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.distance.PreparedSolid;
import oddcradle.core.geometry.distance.SolidDistance;
import oddcradle.core.geometry.mesh.MeshTree;
import oddcradle.core.geometry.mesh.Tessellation;
import oddcradle.core.geometry.motion.Motion;
import oddcradle.core.geometry.motion.Sweep;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;

/**
 * Something that takes room, in host axes.
 *
 * @param room least gap it wants around it, m
 * @param nature the word for why: fixed, moving, hot, people
 * @param prepared the same solids ready for distance queries; empty for a body that moves
 * @param sweeps the solids with all the places they move to; empty for a body that stands still
 * @param scan a surface of triangles in place of solids
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
        Optional<Scanned> scan,
        Aabb bounds) {
    /** Sides of a round bar where it is held against a scan: a tube of 32 mm is 0.03 mm thinner at its flats. */
    public static final int ROUND = 48;

    private static final int PLACES = 8;
    private static final double FLAT = 1e-6;

    public Body {
        solids = List.copyOf(solids);
        prepared = List.copyOf(prepared);
        sweeps = List.copyOf(sweeps);
    }

    /** Room in m, solids in host axes, m. */
    public static Body of(String id, String label, double room, String nature, List<Solid> solids) {
        List<PreparedSolid> prepared = solids.stream().map(PreparedSolid::of).toList();
        Aabb bounds = prepared.get(0).bounds();
        for (PreparedSolid solid : prepared) {
            bounds = bounds.joined(solid.bounds());
        }
        return new Body(id, label, room, nature, solids, prepared, List.of(), Optional.empty(), bounds);
    }

    /** A mesh and where it stands. */
    public record Scanned(MeshTree tree, Pose pose) {}

    /** A body known by its scanned surface; its gaps are held against obstacles as many-sided as {@link #ROUND}. Room in m. */
    public static Body scanned(String id, String label, double room, String nature, MeshTree tree, Pose pose) {
        Vec3 half = tree.mesh().most().minus(tree.mesh().least()).times(0.5);
        Solid box = new Solid.Box(
                new Vec3(Math.max(half.x(), FLAT), Math.max(half.y(), FLAT), Math.max(half.z(), FLAT)),
                new Pose(Mat3.IDENTITY, tree.mesh().least().plus(half)));
        return new Body(
                id,
                label,
                room,
                nature,
                List.of(),
                List.of(),
                List.of(),
                Optional.of(new Scanned(tree, pose)),
                box.placed(pose).bounds());
    }

    /** The solids as triangles, for distances to a scan; where they move, in the places they are drawn in. */
    MeshTree surface() {
        return MeshTree.of(Tessellation.of(places(), ROUND));
    }

    private List<Solid> places() {
        return sweeps.isEmpty()
                ? solids
                : sweeps.stream()
                        .flatMap(sweep -> sweep.ghosts(PLACES).stream())
                        .toList();
    }

    /** Whether a point lies within one of the solids. */
    boolean holds(Vec3 point) {
        PreparedSolid here = PreparedSolid.of(new Solid.Sphere(point, FLAT));
        return places().stream()
                .anyMatch(solid ->
                        SolidDistance.between(here, PreparedSolid.of(solid)).distance() < -FLAT);
    }

    /** A body that moves; its gaps are the least over all its places. Room in m, solids in host axes, m. */
    public static Body moving(
            String id, String label, double room, String nature, List<Solid> solids, List<Motion> motions) {
        List<Sweep> sweeps =
                solids.stream().map(solid -> Sweep.of(solid, motions)).toList();
        Aabb bounds = sweeps.get(0).bounds();
        for (Sweep sweep : sweeps) {
            bounds = bounds.joined(sweep.bounds());
        }
        return new Body(id, label, room, nature, solids, List.of(), sweeps, Optional.empty(), bounds);
    }
}
