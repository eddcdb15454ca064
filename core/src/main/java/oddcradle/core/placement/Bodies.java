package oddcradle.core.placement;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.clearance.Body;
import oddcradle.core.geometry.MemberSolid;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.mesh.MeshTree;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.body.KeepOut;
import oddcradle.core.job.body.Part;
import oddcradle.core.job.seat.Room;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;

/** What the ledger of gaps holds against each other: the donor's parts where they sit, and all that stands round them. */
public final class Bodies {
    /** Id of the donor's scanned surface among the bodies. */
    public static final String SCAN = "SCAN";

    private Bodies() {}

    public static Body scanned(Job job, Seating seating, MeshTree scan, Pose onDonor) {
        return Body.scanned(
                SCAN,
                "scanned surface",
                job.build().room().fixed(),
                Category.FIXED.word(),
                scan,
                seating.pose().after(onDonor));
    }

    public static List<Body> donorParts(Job job, Pose pose) {
        List<Body> parts = new ArrayList<>();
        for (Part part : job.donor().bodies()) {
            List<Solid> placed =
                    part.solids().stream().map(solid -> solid.placed(pose)).toList();
            parts.add(body(part.id(), part.label(), part.category(), job.build().room(), placed));
        }
        return parts;
    }

    /** What the host brings; cradle tubes left out. */
    public static List<Body> hostObstacles(Job job) {
        return obstacles(job, Seating.of(job));
    }

    public static List<Body> obstacles(Job job, Seating seating) {
        Room room = job.build().room();
        List<Body> bodies = new ArrayList<>();
        for (KeepOut keepOut : job.host().keepOuts()) {
            bodies.add(
                    keepOut.motions().isEmpty()
                            ? body(keepOut.id(), keepOut.label(), keepOut.category(), room, keepOut.solids())
                            : Body.moving(
                                    keepOut.id(),
                                    keepOut.label(),
                                    room.of(keepOut.category()),
                                    keepOut.category().word(),
                                    keepOut.solids(),
                                    keepOut.motions()));
        }
        job.host().members().forEach(member -> bodies.add(tube(member, seating, room)));
        job.cradle().members().forEach(member -> bodies.add(tube(member, seating, room)));
        return bodies;
    }

    private static Body tube(Member member, Seating seating, Room room) {
        return body(member.id(), member.label(), Category.FIXED, room, pieces(member, seating));
    }

    /** The straight pieces of a tube. */
    public static List<Solid> pieces(Member member, Seating seating) {
        List<Vec3> path = seating.path(member);
        List<Solid> pieces = new ArrayList<>();
        for (int k = 1; k < path.size(); k++) {
            if (!path.get(k - 1).equals(path.get(k))) {
                pieces.add(MemberSolid.between(path.get(k - 1), path.get(k), member.section()));
            }
        }
        if (pieces.isEmpty()) {
            pieces.add(new Solid.Sphere(path.get(0), member.section().outerRadius()));
        }
        return pieces;
    }

    private static Body body(String id, String label, Category category, Room room, List<Solid> solids) {
        return Body.of(id, label, room.of(category), category.word(), solids);
    }
}
