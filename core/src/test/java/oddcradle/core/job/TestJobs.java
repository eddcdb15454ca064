package oddcradle.core.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.drive.Stage;
import oddcradle.core.frame.input.Fixity;
import oddcradle.core.geometry.Solid;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.body.Freedom;
import oddcradle.core.job.body.KeepOut;
import oddcradle.core.job.body.Part;
import oddcradle.core.job.cradle.Cradle;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.donor.BossHole;
import oddcradle.core.job.donor.Cycle;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.job.donor.Output;
import oddcradle.core.job.host.DrivenEnd;
import oddcradle.core.job.host.Host;
import oddcradle.core.job.host.Support;
import oddcradle.core.job.line.Datum;
import oddcradle.core.job.line.Line;
import oddcradle.core.job.load.LoadCase;
import oddcradle.core.job.make.Build;
import oddcradle.core.job.seat.Room;
import oddcradle.core.job.seat.Seat;
import oddcradle.core.job.tube.Anchor;
import oddcradle.core.job.tube.Member;
import oddcradle.core.job.tube.Node;
import oddcradle.core.material.Material;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.MassProperties;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.mounting.BondedPad;
import oddcradle.core.section.Tube;
import oddcradle.core.survey.Survey;

/** A small whole job: a block of an engine on two cross tubes between two rails, a chain to an axle behind. */
public final class TestJobs {
    private static final Tube RAIL = new Tube(0.04, 0.003);
    private static final Tube CROSS = new Tube(0.03, 0.002);
    private static final String STEEL = "steel";

    private TestJobs() {}

    public static Job plain() {
        return new Job(
                "test bench",
                List.of(Material.of(STEEL, 2.05e11, 0.29, 7850, 3.5e8)),
                donor(),
                host(),
                new Line(
                        Datum.FREE,
                        List.of(new Stage.Chain("S1", "chain", 0.015875, 14, 40, 30_000, 0.012, 0.95)),
                        List.of(),
                        1.5,
                        Optional.empty(),
                        Optional.empty()),
                new Seat(
                        new Vec3(0.5, 0, 0.4),
                        0,
                        0,
                        0,
                        List.of(Freedom.LEFT, Freedom.YAW, Freedom.PITCH, Freedom.ROLL)),
                cradle(),
                List.of(
                        LoadCase.of("bump", "3 g down", new Vec3(0, 0, -3), 0),
                        LoadCase.of("pull", "full throttle", new Vec3(0, 0, -1), 1)),
                new Build(0.002, 1.5, new Room(0.010, 0.015, 0.020, 0.050, 0.050, null), null, null, null, null),
                List.of(),
                Weights.EVEN,
                null,
                null,
                null,
                null);
    }

    private static Donor donor() {
        Engine engine = Engine.plain("single", 1, Cycle.FOUR_STROKE, 150, 500, 20, 400, 2.5, List.of(2.5, 1.2));
        List<Boss> bosses = new ArrayList<>();
        for (int k = 0; k < 4; k++) {
            Vec3 at = new Vec3(k < 2 ? 0.15 : -0.15, k % 2 == 0 ? 0.1 : -0.1, -0.1);
            bosses.add(new Boss("B" + (k + 1), "corner " + (k + 1), at, Vec3.Y, 0.0102, BossHole.UNKNOWN));
        }
        return Donor.plain(
                "block",
                engine,
                new MassProperties(30, new Vec3(0, 0, 0.05), Mat3.diagonal(0.5, 0.7, 0.6)),
                bosses,
                Output.sprocket(new Vec3(-0.12, 0.12, 0), Vec3.Y, 14),
                List.of(
                        new Part(
                                "D1",
                                "case",
                                Category.FIXED,
                                List.of(new Solid.Box(new Vec3(0.15, 0.1, 0.08), Pose.IDENTITY))),
                        new Part(
                                "D2",
                                "pipe",
                                Category.HOT,
                                List.of(new Solid.Capsule(new Vec3(0.1, -0.2, 0), new Vec3(-0.2, -0.2, 0), 0.02)))));
    }

    private static Host host() {
        List<Node> nodes = List.of(
                at("AL", -0.1, 0.3, 0.25),
                at("AR", -0.1, -0.3, 0.25),
                at("BL", 0.05, 0.3, 0.25),
                at("BR", 0.05, -0.3, 0.25),
                at("CL", 1.1, 0.3, 0.25),
                at("CR", 1.1, -0.3, 0.25));
        List<Member> members = List.of(
                Member.sound("H1L", "left rail", List.of("AL", "BL", "CL"), RAIL, STEEL),
                Member.sound("H1R", "right rail", List.of("AR", "BR", "CR"), RAIL, STEEL),
                Member.sound("H2", "rear cross", List.of("AL", "AR"), CROSS, STEEL),
                Member.sound("H3", "front cross", List.of("CL", "CR"), CROSS, STEEL));
        List<KeepOut> keepOuts = List.of(KeepOut.still(
                "K1",
                "axle",
                Category.MOVING,
                List.of(new Solid.Cylinder(new Vec3(0, -0.4, 0.3), new Vec3(0, 0.4, 0.3), 0.02))));
        return new Host(
                "two rails",
                nodes,
                members,
                keepOuts,
                new DrivenEnd(new Vec3(0, 0, 0.3), Vec3.Y, 0.12, 40, List.of("BL", "BR"), 0.28, 1500, 0.8, 0.0),
                List.of(
                        new Support("AL", Fixity.POSITION),
                        new Support("AR", new Fixity(true, false, true, false, false, false)),
                        new Support("CL", new Fixity(false, true, true, false, false, false)),
                        new Support("CR", new Fixity(false, false, true, false, false, false))),
                Survey.NONE,
                List.of(),
                List.of(),
                Optional.empty(),
                List.of(),
                Optional.empty(),
                Optional.empty());
    }

    private static Node at(String id, double x, double y, double z) {
        return new Node(id, new Anchor.At(new Vec3(x, y, z)));
    }

    private static Cradle cradle() {
        List<Node> nodes = new ArrayList<>();
        List<Isolator> isolators = new ArrayList<>();
        for (int k = 1; k <= 4; k++) {
            nodes.add(new Node("S" + k, new Anchor.FromBoss("B" + k, new Vec3(0, 0, -0.05))));
            isolators.add(new Isolator("M" + k, "B" + k, "S" + k, Vec3.Z, new BondedPad(0.05, 0.02, 50), 0.1));
        }
        nodes.add(new Node("PFL", new Anchor.OnMember("H1L", "S1", Vec3.ZERO)));
        nodes.add(new Node("PFR", new Anchor.OnMember("H1R", "S2", Vec3.ZERO)));
        nodes.add(new Node("PRL", new Anchor.OnMember("H1L", "S3", Vec3.ZERO)));
        nodes.add(new Node("PRR", new Anchor.OnMember("H1R", "S4", Vec3.ZERO)));
        List<Member> members = List.of(
                Member.sound("C1", "front cross tube", List.of("PFL", "S1", "S2", "PFR"), CROSS, STEEL),
                Member.sound("C2", "rear cross tube", List.of("PRL", "S3", "S4", "PRR"), CROSS, STEEL));
        return new Cradle(nodes, members, isolators);
    }

    /** The same job with its cradle's tubes replaced. */
    /** Pa, the most that a job takes. */
    private static final double STIFF = 2e12;

    /** The same in a stuff that hardly gives. */
    public static Job stiff() {
        Job job = plain();
        return job.withMaterials(job.materials().stream()
                .map(each -> Material.of(each.name(), STIFF, each.poissonRatio(), each.density(), each.yieldStrength()))
                .toList());
    }

    public static Job withTubes(List<Member> tubes) {
        Job job = plain();
        return job.withCradle(job.cradle().withMembers(tubes));
    }
}
