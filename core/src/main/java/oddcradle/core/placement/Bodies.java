package oddcradle.core.placement;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import oddcradle.core.clearance.Body;
import oddcradle.core.control.Remembered;
import oddcradle.core.geometry.MemberSolid;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.mesh.MeshTree;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.body.KeepOut;
import oddcradle.core.job.body.Part;
import oddcradle.core.job.edit.Side;
import oddcradle.core.job.seat.Room;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;

/** What the ledger of gaps holds against each other: the donor's parts where they sit, and all that stands round them. */
public final class Bodies {
    /** Id of the donor's scanned surface among the bodies. */
    public static final String SCAN = "SCAN";

    private final Remembered<Record, Body> known;

    private Bodies(Remembered<Record, Body> known) {
        this.known = known;
    }

    private record PlacedPart(Part part, Pose pose, double room) {}

    private record Fixed(KeepOut keepOut, double room) {}

    private record PlacedTube(Member member, List<Vec3> path, double room) {}

    /** Makes every body. */
    public static Bodies afresh() {
        return new Bodies(Remembered.nothing());
    }

    /** Bodies that are what they were in that place are not made again. */
    public Bodies next() {
        return new Bodies(known.next());
    }

    /** A body that the other floors make, by everything that decides it. */
    public <P extends Record> Body of(P placed, Function<? super P, Body> make) {
        return known.of(placed, same -> make.apply(placed));
    }

    /** The surfaces a scanner would see of one body, in its own axes: the parts of the donor, the tubes of the host, or those with the cradle's. */
    public static List<Solid> surfaces(Job job, Seating seating, Side side) {
        List<Solid> solids = new ArrayList<>();
        switch (side) {
            case DONOR -> job.donor().bodies().forEach(part -> solids.addAll(part.solids()));
            case HOST -> job.host().members().forEach(member -> solids.addAll(pieces(member, seating)));
            case MOUNT -> {
                job.host().members().forEach(member -> solids.addAll(pieces(member, seating)));
                job.cradle().members().forEach(member -> solids.addAll(pieces(member, seating)));
            }
        }
        return solids;
    }

    public static Body scanned(Job job, Seating seating, MeshTree scan, Pose onDonor) {
        return Body.scanned(
                SCAN,
                "scanned surface",
                job.build().room().fixed(),
                Category.FIXED.word(),
                scan,
                seating.pose().after(onDonor));
    }

    public List<Body> donorParts(Job job, Pose pose) {
        Room room = job.build().room();
        return job.donor().bodies().stream()
                .map(part -> of(new PlacedPart(part, pose, room.of(part.category())), Bodies::part))
                .toList();
    }

    private static Body part(PlacedPart here) {
        Part part = here.part();
        List<Solid> solids =
                part.solids().stream().map(solid -> solid.placed(here.pose())).toList();
        return Body.of(part.id(), part.label(), here.room(), part.category().word(), solids);
    }

    /** What the host brings; cradle tubes left out. */
    public List<Body> hostObstacles(Job job) {
        return obstacles(job, Seating.of(job));
    }

    public List<Body> obstacles(Job job, Seating seating) {
        Room room = job.build().room();
        List<Body> bodies = new ArrayList<>();
        for (KeepOut keepOut : job.host().keepOuts()) {
            bodies.add(of(new Fixed(keepOut, room.of(keepOut.category())), Bodies::keepOut));
        }
        for (Member member : job.host().members()) {
            bodies.add(tube(member, seating, room));
        }
        for (Member member : job.cradle().members()) {
            bodies.add(tube(member, seating, room));
        }
        return bodies;
    }

    private static Body keepOut(Fixed fixed) {
        KeepOut keepOut = fixed.keepOut();
        double room = fixed.room();
        return keepOut.motions().isEmpty()
                ? Body.of(
                        keepOut.id(), keepOut.label(), room, keepOut.category().word(), keepOut.solids())
                : Body.moving(
                        keepOut.id(),
                        keepOut.label(),
                        room,
                        keepOut.category().word(),
                        keepOut.solids(),
                        keepOut.motions());
    }

    private Body tube(Member member, Seating seating, Room room) {
        return of(new PlacedTube(member, seating.centreLine(member), room.of(Category.FIXED)), Bodies::tube);
    }

    private static Body tube(PlacedTube placed) {
        Member member = placed.member();
        return Body.of(
                member.id(), member.label(), placed.room(), Category.FIXED.word(), pieces(member, placed.path()));
    }

    /** The straight pieces of a tube. */
    public static List<Solid> pieces(Member member, Seating seating) {
        return pieces(member, seating.centreLine(member));
    }

    private static List<Solid> pieces(Member member, List<Vec3> path) {
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
}
