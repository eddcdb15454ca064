package oddcradle.core.examine;

import static oddcradle.core.finding.Why.input;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import oddcradle.core.clearance.Body;
import oddcradle.core.clearance.ClearanceLedger;
import oddcradle.core.clearance.Gap;
import oddcradle.core.finding.Figure;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Stop;
import oddcradle.core.finding.Why;
import oddcradle.core.geometry.MemberSolid;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.mesh.MeshTree;
import oddcradle.core.job.Category;
import oddcradle.core.job.Job;
import oddcradle.core.job.KeepOut;
import oddcradle.core.job.Member;
import oddcradle.core.job.Part;
import oddcradle.core.job.Room;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.units.Quantity;

/** Where the donor sits: gaps all round and the height of its weight. */
final class SeatStop {
    private static final int GOOD_GAPS_TOLD = 3;
    /** Id of the donor's scanned surface among the bodies. */
    static final String SCAN = "SCAN";

    private SeatStop() {}

    static ClearanceLedger solve(Job job, Seating seating, LineResult line) {
        return ledger(donorParts(job, seating.pose()), job, seating, line);
    }

    /**
     * The drive is held against everything of host and cradle but what its wheels sit on; and against the donor, but for the
     * first stage, whose wheel sits on it: there only against what is hot.
     */
    private static ClearanceLedger ledger(List<Body> donor, Job job, Seating seating, LineResult line) {
        List<Body> obstacles = obstacles(job, seating);
        List<Body> drive = DriveBodies.bodies(job, line);
        Set<String> ofDrive = drive.stream().map(Body::id).collect(Collectors.toSet());
        String first =
                job.line().stages().isEmpty() ? "" : job.line().stages().get(0).id();
        Set<String> onShafts = DriveBodies.onShafts(job, line, obstacles);
        List<Body> parts = new ArrayList<>(donor);
        parts.addAll(drive);
        List<Body> others = new ArrayList<>(obstacles);
        others.addAll(drive);
        return ClearanceLedger.of(parts, others, (part, other) -> {
            boolean partDrives = ofDrive.contains(part.id());
            boolean otherDrives = ofDrive.contains(other.id());
            if (partDrives || !otherDrives) {
                return !partDrives || !otherDrives && !onShafts.contains(other.id());
            }
            return !other.id().equals(first) || part.nature().equals(Category.HOT.word());
        });
    }

    /** With the donor's scan as one more body. */
    static ClearanceLedger solve(Job job, Seating seating, LineResult line, MeshTree scan, Pose onDonor) {
        List<Body> parts = new ArrayList<>(donorParts(job, seating.pose()));
        parts.add(Body.scanned(
                SCAN,
                "scanned surface",
                job.build().room().fixed(),
                Category.FIXED.word(),
                scan,
                seating.pose().after(onDonor)));
        return ledger(parts, job, seating, line);
    }

    static List<Body> donorParts(Job job, Pose pose) {
        List<Body> parts = new ArrayList<>();
        for (Part part : job.donor().bodies()) {
            List<Solid> placed =
                    part.solids().stream().map(solid -> solid.placed(pose)).toList();
            parts.add(body(part.id(), part.label(), part.category(), job.build().room(), placed));
        }
        return parts;
    }

    /** What the host brings; cradle tubes left out. */
    static List<Body> hostObstacles(Job job) {
        return obstacles(job, Seating.of(job));
    }

    static List<Body> obstacles(Job job, Seating seating) {
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
        return body(member.id(), member.label(), Category.FIXED, room, pieces);
    }

    private static Body body(String id, String label, Category category, Room room, List<Solid> solids) {
        return Body.of(id, label, room.of(category), category.word(), solids);
    }

    static StopReport report(Job job, Seating seating, ClearanceLedger ledger) {
        List<Figure> figures = new ArrayList<>();
        List<Finding> findings = new ArrayList<>();
        int tooNear =
                (int) ledger.near().stream().filter(gap -> gap.margin() < 0).count();
        List<Gap> told = ledger.worst(tooNear + GOOD_GAPS_TOLD);
        told.forEach(gap -> findings.add(finding(gap)));
        findings.addAll(ServiceRoom.findings(job, seating, ledger.obstacles()));
        if (told.isEmpty()) {
            findings.add(Finding.statement(
                    "seat.no-pairs",
                    Stop.SEAT,
                    Severity.NOT_CHECKED,
                    Phrase.of("no gap can be measured: the donor has no solids, or there is nothing round it"),
                    Place.NOWHERE,
                    new Why("number of pairs = 0", List.of(), Source.derived("parts and obstacles"))));
        } else {
            figures.add(new Figure("worst gap", length(told.get(0)), why(told.get(0))));
        }
        Vec3 cg = seating.mass().cg();
        figures.add(new Figure(
                "weight sits above datum",
                Quantity.length(cg.z()),
                new Why("z of R cg + t", List.of(), Source.derived("pose of the donor"))));
        figures.add(new Figure(
                "donor mass",
                Quantity.mass(seating.mass().mass()),
                new Why("as weighed", List.of(), Source.measured())));
        return new StopReport(Stop.SEAT, figures, findings);
    }

    private static Quantity length(Gap gap) {
        return Quantity.length(gap.separation().distance());
    }

    private static Why why(Gap gap) {
        return new Why(
                "shortest distance of the two solids; the pair needs the greater room of its two kinds ("
                        + gap.donorPart().nature() + ", " + gap.obstacle().nature() + ")",
                List.of(input("distance", length(gap)), input("room", Quantity.length(gap.limit()))),
                Source.commonPractice());
    }

    private static Finding finding(Gap gap) {
        boolean clash = gap.separation().overlap();
        boolean short_ = gap.margin() < 0;
        boolean half = gap.separation().distance() < gap.limit() / 2;
        Severity severity = !short_ ? Severity.GOOD : clash || half ? Severity.STOP : Severity.WATCH;
        String part = gap.donorPart().label();
        String obstacle = gap.obstacle().label();
        Quantity limit = Quantity.length(gap.limit());
        Phrase what = clash
                ? Phrase.of(
                        "{} runs {} into {}",
                        part,
                        Quantity.length(-gap.separation().distance()),
                        obstacle)
                : Phrase.of(
                        short_ ? "{} to {} {}; {} needs {}" : "{} to {} {}, {} needs {}",
                        part,
                        obstacle,
                        length(gap),
                        gap.nature(),
                        limit);
        return Finding.atLeast(
                "seat.gap",
                Stop.SEAT,
                severity,
                what,
                length(gap),
                limit,
                Place.between(
                        gap.donorPart().id(),
                        gap.separation().pointA(),
                        gap.obstacle().id(),
                        gap.separation().pointB()),
                why(gap));
    }
}
