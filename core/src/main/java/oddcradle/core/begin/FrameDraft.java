package oddcradle.core.begin;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.drive.Stage;
import oddcradle.core.frame.input.Fixity;
import oddcradle.core.geometry.Aabb;
import oddcradle.core.geometry.Solid;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.body.KeepOut;
import oddcradle.core.job.host.DrivenEnd;
import oddcradle.core.job.host.Foot;
import oddcradle.core.job.host.FrameSquare;
import oddcradle.core.job.host.Host;
import oddcradle.core.job.host.HostBuilder;
import oddcradle.core.job.host.HostMass;
import oddcradle.core.job.host.HostPlan;
import oddcradle.core.job.host.Support;
import oddcradle.core.job.line.Datum;
import oddcradle.core.job.line.Line;
import oddcradle.core.job.tube.Anchor;
import oddcradle.core.job.tube.Member;
import oddcradle.core.job.tube.Node;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.section.Section;
import oddcradle.core.survey.Survey;

/** Gathers nodes, tubes and all else of a machine while a {@link FramePlan} draws it. */
final class FrameDraft {
    /** Chain, brakes and road shake a line by half as much again; common practice. */
    private static final double DYNAMIC = 1.5;

    private static final double EFFICIENCY = 0.95;

    private final Map<String, Double> measures;
    private final Map<String, Vec3> nodes = new LinkedHashMap<>();
    private final List<Member> tubes = new ArrayList<>();
    private final List<KeepOut> keepOuts = new ArrayList<>();
    private final List<Support> supports = new ArrayList<>();
    private final List<HostMass> masses = new ArrayList<>();
    private final List<Dimension> dimensions = new ArrayList<>();
    private final List<FrameSquare> squares = new ArrayList<>();
    private String material = "";
    private Section section;
    private DrivenEnd end;
    private Line line;
    private Aabb bay;

    FrameDraft(Map<String, Double> measures) {
        this.measures = measures;
    }

    /** A measure by its id, m. */
    double get(String measure) {
        return measures.get(measure);
    }

    /** What the tubes that follow are made of. */
    void tubing(Section of, String named) {
        section = of;
        material = named;
    }

    void node(String id, double x, double y, double z) {
        nodes.put(id, new Vec3(x, y, z));
    }

    /** A node on the left and its twin on the right. */
    void pair(String id, double x, double y, double z) {
        node(id + "L", x, y, z);
        node(id + "R", x, -y, z);
    }

    void tube(String label, String... through) {
        tubes.add(new Member(
                "H" + (tubes.size() + 1),
                label,
                List.of(through),
                section,
                material,
                Optional.empty(),
                Optional.empty()));
    }

    /** The same tube on the left and on the right. */
    void sides(String label, String... through) {
        tube("left " + label, on("L", through));
        tube("right " + label, on("R", through));
    }

    private static String[] on(String side, String... through) {
        return Arrays.stream(through).map(each -> each + side).toArray(String[]::new);
    }

    /** From a left node to its twin. */
    void cross(String label, String pair) {
        tube(label, pair + "L", pair + "R");
    }

    /** @param centre host axes, m */
    void box(String label, Category category, Vec3 centre, Vec3 half) {
        keepOut(label, category, new Solid.Box(half, new Pose(Mat3.IDENTITY, centre)));
    }

    void wheel(String label, double x, double y, double radius, double width) {
        keepOut(
                label,
                Category.MOVING,
                new Solid.Cylinder(new Vec3(x, y - width / 2, radius), new Vec3(x, y + width / 2, radius), radius));
    }

    void keepOut(String label, Category category, Solid solid) {
        keepOuts.add(KeepOut.still("K" + (keepOuts.size() + 1), label, category, List.of(solid)));
    }

    /**
     * The axle's bearings on both sides: hung from a pair of the rails and braced to another, or on the rails themselves where the axle
     * is as good as level with them, for a hanger shorter than a tube is thick is none.
     *
     * @param height of the axle, m
     * @return the nodes of the bearings
     */
    String[] axleHangers(String rail, String brace, double height, double thickness) {
        Vec3 at = nodes.get(rail + "L");
        if (Math.abs(height - at.z()) < thickness) {
            return both(rail);
        }
        pair("G", at.x(), at.y(), height);
        sides("axle hanger", rail, "G");
        sides("hanger brace", brace, "G");
        return both("G");
    }

    /** Held up and along. */
    void stands(String... at) {
        for (String node : at) {
            supports.add(new Support(node, Fixity.POSITION));
        }
    }

    /** Held up only. */
    void rests(String... at) {
        for (String node : at) {
            supports.add(new Support(node, new Fixity(false, false, true, false, false, false)));
        }
    }

    void standsOn(Foot foot, String... at) {
        for (String node : at) {
            supports.add(new Support(node, Fixity.POSITION, Optional.of(foot)));
        }
    }

    /** Something heavy that was not on the scales, carried by some nodes. */
    void carries(String label, HostMass.Sort sort, double mass, Vec3 at, String... by) {
        masses.add(new HostMass("W" + (masses.size() + 1), label, sort, mass, at, List.of(by), false));
    }

    void square(String label, String... corners) {
        squares.add(new FrameSquare("Q" + (squares.size() + 1), label, List.of(corners)));
    }

    /** Where a measure is taken; from and to may be any places. */
    void dimension(String measure, Vec3 from, Vec3 to) {
        dimensions.add(new Dimension(measure, from, to));
    }

    void bay(Vec3 low, Vec3 high) {
        bay = new Aabb(low, high);
    }

    /**
     * An axle on two nodes, driven by a chain.
     *
     * @param sprocketLeft how far left of the middle its sprocket sits, m
     * @param load on the driven tyres, N
     */
    void axle(double height, double sprocketLeft, double tyreRadius, double load, double grip, String... bearings) {
        end = new DrivenEnd(
                new Vec3(0, 0, height), Vec3.Y, sprocketLeft, 41, List.of(bearings), tyreRadius, load, grip, 0.015875);
        Stage chain = new Stage.Chain("S1", "chain", 0.015875, 14, 41, 22_000, 0.015, EFFICIENCY);
        drive(
                Datum.of(Datum.Rule.DRIVE_PLANE, "the axle sprocket is where it is; everything follows the chain"),
                List.of(chain),
                new LineEnd.Road(0.9, 0.03, Optional.empty()));
    }

    /** A driven machine whose shaft points rearward. */
    void coupledTo(LineEnd.Generator machine, Vec3 shaftEnd, String... bearings) {
        end = new DrivenEnd(shaftEnd, Vec3.X, 0, 0, List.of(bearings), 0, 0, 0, 0.0);
        drive(
                Datum.of(
                        Datum.Rule.SHAFT_COAXIAL,
                        "the driven machine is bolted down first; the engine is lined up with it"),
                List.of(new Stage.Coupling("S1", "rubber coupling", 0.0005, Math.toRadians(1), 0)),
                machine);
    }

    /** A propeller on the engine itself, on the line that the designer wants. */
    void propeller(LineEnd.Propeller propeller, Vec3 flange, String... bearings) {
        end = new DrivenEnd(flange, Vec3.X, 0, 0, List.of(bearings), 0, 0, 0, 0.0);
        drive(
                new Datum(
                        Datum.Rule.THRUST_LINE,
                        "the designer's thrust line; written down before the mount is drawn",
                        Optional.empty(),
                        Optional.of(new Datum.Thrust(flange, 0, 0, Math.toRadians(0.5)))),
                List.of(),
                propeller);
    }

    private void drive(Datum datum, List<Stage> stages, LineEnd driven) {
        line = new Line(datum, stages, List.of(), DYNAMIC, Optional.of(driven), Optional.empty());
    }

    PlannedMachine machine(String name, HostPlan plan) {
        Host host = HostBuilder.builder()
                .name(name)
                .nodes(nodes.entrySet().stream()
                        .map(each -> new Node(each.getKey(), new Anchor.At(each.getValue())))
                        .toList())
                .members(tubes)
                .keepOuts(keepOuts)
                .drivenEnd(end)
                .supports(supports)
                .survey(Survey.NONE)
                .hardPoints(List.of())
                .squares(squares)
                .masses(masses)
                .plan(Optional.of(plan))
                .build();
        return new PlannedMachine(host, bay, line, dimensions);
    }

    /** Every node of both sides of some pairs. */
    static String[] both(String... pairs) {
        return Stream.of(pairs)
                .flatMap(pair -> Stream.of(pair + "L", pair + "R"))
                .toArray(String[]::new);
    }
}
