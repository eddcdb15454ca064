package oddcradle.core.structure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import oddcradle.core.frame.FactoredFrame;
import oddcradle.core.frame.FrameFlexibility;
import oddcradle.core.frame.input.ElasticMount;
import oddcradle.core.frame.input.EndJoint;
import oddcradle.core.frame.input.Fixity;
import oddcradle.core.frame.input.FrameCase;
import oddcradle.core.frame.input.FrameInput;
import oddcradle.core.frame.input.FrameMember;
import oddcradle.core.frame.input.FrameNode;
import oddcradle.core.frame.input.FrameSupport;
import oddcradle.core.frame.input.MemberAxes;
import oddcradle.core.frame.input.PointMass;
import oddcradle.core.frame.input.Theory;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Detail;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.cradle.MountChoices;
import oddcradle.core.job.cradle.TubeJoint;
import oddcradle.core.job.host.Support;
import oddcradle.core.job.load.LoadCase;
import oddcradle.core.job.tube.Member;
import oddcradle.core.job.tube.Node;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.ElasticCentre;
import oddcradle.core.placement.MountedDonor;
import oddcradle.core.placement.Seating;
import oddcradle.core.section.Rect;
import oddcradle.core.section.Section;
import oddcradle.core.vibration.LinkedBodies;
import oddcradle.core.vibration.RigidBodyModes;

/** The job's tubes, isolators and donor as one frame to be solved. */
public final class CradleFrame {
    public static final String DONOR = "donor";
    private static final double STANDARD_GRAVITY = 9.80665;
    /** A landing closer than this to a host node is welded to that node through a rigid arm. */
    private static final double SAME_JOINT = 1e-3;

    /** Of a machine on the springs that stand for its own inertia, rad/s: far under whatever it shakes with. */
    private static final double AFLOAT = 2;

    private final Job job;
    private final Seating seating;
    private final EngineTorques torques;
    private final Map<String, FrameNode> nodes = new LinkedHashMap<>();
    /** Cradle node to the frame node it is part of. */
    private final Map<String, String> joined = new HashMap<>();

    /** Host tube to the cradle nodes that land on it between its own nodes. */
    private final Map<String, List<String>> landings = new HashMap<>();

    private final Map<String, String> memberOfPiece = new HashMap<>();
    private final Map<String, Ends> ends = new HashMap<>();
    private final List<FrameMember> pieces = new ArrayList<>();

    private CradleFrame(Job job, Seating seating, EngineTorques torques) {
        this.torques = torques;
        this.job = job;
        this.seating = seating;
    }

    /** The input, and which tube each of its pieces is part of. */
    public record Built(FrameInput input, Map<String, String> memberOfPiece, Map<String, Ends> ends) {
        /** A point along a piece, by its share of the length; host axes, m. */
        Vec3 pointOn(String piece, double share) {
            return ends.get(piece).from().towards(ends.get(piece).to(), share);
        }

        /** From a piece's first end to its second, unit. */
        public Vec3 wayOf(String piece) {
            return ends.get(piece).to().minus(ends.get(piece).from()).unit();
        }

        /** Empty where there is no tube. */
        public Optional<Alone> alone() {
            if (input.members().isEmpty()) {
                return Optional.empty();
            }
            List<FrameFlexibility.Probe> probes = new ArrayList<>();
            for (ElasticMount mount : input.mounts()) {
                for (Vec3 direction : List.of(Vec3.X, Vec3.Y, Vec3.Z)) {
                    probes.add(new FrameFlexibility.Probe(mount.frameNode(), mount.centre(), direction));
                }
            }
            return Optional.of(new Alone(
                    new FrameInput(
                            input.theory(),
                            input.nodes().stream()
                                    .filter(node -> !node.id().equals(DONOR))
                                    .toList(),
                            input.members(),
                            input.supports().stream().map(CradleFrame::held).toList(),
                            List.of(),
                            List.of(),
                            List.of()),
                    probes));
        }
    }

    /** What a frame gives counts from its feet. */
    private static FrameSupport held(FrameSupport support) {
        return support.springs().equals(Vec3.ZERO) ? support : new FrameSupport(support.node(), Fixity.POSITION);
    }

    /** Where a piece begins and ends, m. */
    record Ends(Vec3 from, Vec3 to) {}

    /**
     * The frame without donor, mounts and loads.
     *
     * @param mounts where it carries each mount: three probes each, along the host's axes
     */
    public record Alone(FrameInput input, List<FrameFlexibility.Probe> mounts) {}

    /** A frame that stands without its donor, and what it gives at the mounts. */
    public record Standing(FactoredFrame factored, FrameFlexibility flexibility) {}

    /** Empty where it holds only with the donor in it. */
    public static Optional<Standing> standing(Alone alone) {
        return FactoredFrame.of(alone.input())
                .answer()
                .map(factored -> new Standing(factored, factored.flexibility(alone.mounts())));
    }

    public static Built of(Job job, Seating seating, LineResult line) {
        return of(job, seating, line, EngineTorques.of(job));
    }

    /** @param torques of the engine, for cases that ask for them */
    public static Built of(Job job, Seating seating, LineResult line, EngineTorques torques) {
        return new CradleFrame(job, seating, torques).build(line);
    }

    private Built build(LineResult line) {
        job.host().nodes().forEach(node -> addNode(node.id()));
        for (Node node : job.cradle().nodes()) {
            Optional<Member> landing = seating.landing(node.id());
            if (landing.isPresent()) {
                join(node.id(), landing.get());
            } else {
                addNode(node.id());
            }
        }
        job.host().members().forEach(member -> addPieces(member, withLandings(member)));
        job.cradle().members().forEach(member -> addPieces(member, member.nodes()));
        nodes.put(DONOR, new FrameNode(DONOR, seating.mass().cg()));
        FrameInput input = new FrameInput(
                Theory.TIMOSHENKO,
                usedNodes(),
                pieces,
                supports(),
                mounts(),
                masses(),
                CaseVariants.of(job).stream().map(load -> load(load, line)).toList());
        Built stiff = new Built(input, Map.copyOf(memberOfPiece), Map.copyOf(ends));
        return new Built(input.withMembers(JointGive.pieces(job, stiff)), stiff.memberOfPiece(), stiff.ends());
    }

    private void addNode(String id) {
        nodes.put(id, new FrameNode(id, seating.node(id)));
    }

    private void join(String landing, Member host) {
        for (String end : host.nodes()) {
            if (seating.node(end).distanceTo(seating.node(landing)) < SAME_JOINT) {
                joined.put(landing, end);
                return;
            }
        }
        addNode(landing);
        landings.computeIfAbsent(host.id(), id -> new ArrayList<>()).add(landing);
    }

    /** The host member's nodes with the cradle's landings on it put in where they fall. */
    private List<String> withLandings(Member member) {
        List<String> landed = landings.getOrDefault(member.id(), List.of());
        if (landed.isEmpty()) {
            return member.nodes();
        }
        List<String> run = new ArrayList<>();
        run.add(member.first());
        for (int k = 1; k < member.nodes().size(); k++) {
            Vec3 from = seating.node(member.nodes().get(k - 1));
            Vec3 to = seating.node(member.nodes().get(k));
            landed.stream()
                    .filter(landing -> !run.contains(landing) && isBetween(seating.node(landing), from, to))
                    .sorted(Comparator.comparingDouble(
                            landing -> seating.node(landing).distanceTo(from)))
                    .forEach(run::add);
            run.add(member.nodes().get(k));
        }
        return run;
    }

    private static boolean isBetween(Vec3 point, Vec3 from, Vec3 to) {
        return point.distanceTo(from) + point.distanceTo(to) <= from.distanceTo(to) * (1 + 1e-9);
    }

    private void addPieces(Member member, List<String> run) {
        for (int k = 1; k < run.size(); k++) {
            String from = joined.getOrDefault(run.get(k - 1), run.get(k - 1));
            String to = joined.getOrDefault(run.get(k), run.get(k));
            Vec3 start = seating.node(run.get(k - 1));
            Vec3 end = seating.node(run.get(k));
            if (start.distanceTo(end) < SAME_JOINT) {
                // Two landings in one place: nothing lies between them.
                joined.put(run.get(k), from);
                continue;
            }
            String id = run.size() == 2 ? member.id() : member.id() + "." + k;
            memberOfPiece.put(id, member.id());
            ends.put(id, new Ends(start, end));
            Vec3 way = end.minus(start).unit();
            pieces.add(new FrameMember(
                    id,
                    from,
                    to,
                    member.remaining(),
                    job.material(member),
                    k == 1 ? held(member, member.first(), way) : EndJoint.FIXED,
                    k == run.size() - 1 ? held(member, member.last(), way) : EndJoint.FIXED,
                    start.minus(nodes.get(from).position()),
                    end.minus(nodes.get(to).position())));
        }
    }

    /** One bolt lets its end turn about itself; a clamp pad grips as a weld does. */
    private EndJoint held(Member member, String end, Vec3 way) {
        return job.cradle()
                .joint(member.id(), end)
                .filter(joint -> joint.kind().isBolted())
                .filter(joint -> job.cradle().details(Detail.ClampPad.class).noneMatch(pad -> pad.node()
                        .equals(end)))
                .map(joint -> EndJoint.hinge(bolt(joint, member.section(), MemberAxes.of(way))))
                .orElse(EndJoint.FIXED);
    }

    /** Across the tube, in the member's own axes: as it is told, else level through a tube and square through a plate. */
    private static Vec3 bolt(TubeJoint joint, Section section, MemberAxes axes) {
        Optional<Vec3> told = joint.bolt()
                .map(axis -> axis.withoutPartAlong(axes.x()))
                .filter(axis -> axis.length() > TubeJoint.LEAST_ACROSS)
                .map(Vec3::unit);
        boolean liesFlat = section instanceof Rect plate && plate.h() < plate.b();
        return told.map(axis -> new Vec3(0, axis.dot(axes.y()), axis.dot(axes.z())))
                .orElse(liesFlat ? Vec3.Z : Vec3.Y);
    }

    /** Nodes that nothing touches are no part of the frame. */
    private List<FrameNode> usedNodes() {
        Set<String> used = new HashSet<>(List.of(DONOR));
        pieces.forEach(piece -> used.addAll(List.of(piece.i(), piece.j())));
        job.host().supports().forEach(support -> used.add(support.node()));
        used.addAll(job.host().drivenEnd().bearings());
        job.line().shafts().forEach(shaft -> used.addAll(shaft.bearingNodes()));
        job.cradle().isolators().forEach(each -> used.add(joined.getOrDefault(each.node(), each.node())));
        return nodes.values().stream().filter(node -> used.contains(node.id())).toList();
    }

    /**
     * What holds the frame. A machine that stands nowhere is held by its own mass: springs under every node in proportion to the mass
     * there, so soft that they share what donor and drive put in as the mass would (inertia relief).
     */
    private List<FrameSupport> supports() {
        if (!job.host().supports().isEmpty()) {
            return job.host().supports().stream().map(CradleFrame::support).toList();
        }
        List<FrameSupport> afloat = new ArrayList<>();
        massOnNodes().forEach((node, mass) -> {
            double spring = mass * AFLOAT * AFLOAT;
            afloat.add(FrameSupport.on(node, new Vec3(spring, spring, spring)));
        });
        return afloat;
    }

    private static FrameSupport support(Support support) {
        return support.foot()
                .map(foot -> {
                    Vec3 stiffness = foot.element().stiffness();
                    return FrameSupport.on(support.node(), new Vec3(stiffness.y(), stiffness.z(), stiffness.x()));
                })
                .orElseGet(() -> new FrameSupport(support.node(), support.fix()));
    }

    /** Of host nodes: what they carry and half of each tube between them, kg. */
    private Map<String, Double> massOnNodes() {
        Map<String, Double> masses = new LinkedHashMap<>();
        for (Member member : job.host().members()) {
            double perMetre = member.remaining().area() * job.material(member).density();
            for (int k = 1; k < member.nodes().size(); k++) {
                String from = member.nodes().get(k - 1);
                String to = member.nodes().get(k);
                double half = seating.node(from).distanceTo(seating.node(to)) * perMetre / 2;
                masses.merge(joined.getOrDefault(from, from), half, Double::sum);
                masses.merge(joined.getOrDefault(to, to), half, Double::sum);
            }
        }
        HostMasses.of(job)
                .onNodes()
                .forEach(each -> masses.merge(joined.getOrDefault(each.node(), each.node()), each.mass(), Double::sum));
        return masses;
    }

    private List<ElasticMount> mounts() {
        List<ElasticMount> mounts = new ArrayList<>();
        Map<String, Vec3> centres = ElasticCentre.ofAll(job);
        Map<String, ElasticMount.Stop> stops = stops();
        for (Isolator isolator : job.cradle().isolators()) {
            mounts.add(new ElasticMount(
                    isolator.id(),
                    DONOR,
                    joined.getOrDefault(isolator.node(), isolator.node()),
                    seating.boss(isolator.boss()).plus(centres.get(isolator.id())),
                    MountedDonor.axes(isolator.axis()),
                    MountedDonor.stiffness(isolator),
                    Optional.ofNullable(stops.get(isolator.id()))));
        }
        return mounts;
    }

    /** Of mounts with a snubber, whose way counts from how the donor rests; on the frame as stiff, which shares its weight much as it is. */
    private Map<String, ElasticMount.Stop> stops() {
        Map<String, ElasticMount.Stop> stops = new HashMap<>();
        for (Isolator isolator : job.cradle().isolators()) {
            Vec3 stiffness = MountedDonor.stiffness(isolator);
            double most = Math.max(stiffness.x(), Math.max(stiffness.y(), stiffness.z()));
            isolator.choices()
                    .size(MountChoices.Item.SNUBBER)
                    .filter(way -> way > 0 && !isolator.element().isHard())
                    .ifPresent(way -> stops.put(
                            isolator.id(), new ElasticMount.Stop(way, LinkedBodies.Link.STOP * most, Vec3.ZERO)));
        }
        if (!stops.isEmpty()) {
            RigidBodyModes.solve(MountedDonor.of(job)).answer().ifPresent(modes -> modes.sag()
                    .mounts()
                    .forEach(load -> stops.computeIfPresent(
                            load.name(),
                            (id, stop) -> new ElasticMount.Stop(stop.freeWay(), stop.stiffness(), load.deflection()))));
        }
        return stops;
    }

    private List<PointMass> masses() {
        List<PointMass> masses = new ArrayList<>();
        for (PointMass mass : HostMasses.of(job).onNodes()) {
            masses.add(new PointMass(joined.getOrDefault(mass.node(), mass.node()), mass.mass(), mass.position()));
        }
        masses.add(
                new PointMass(DONOR, job.donor().mass().mass(), seating.mass().cg()));
        return masses;
    }

    private FrameCase load(LoadCase load, LineResult line) {
        DriveLoads drive = DriveLoads.of(job, seating, line, load, torques);
        return new FrameCase(
                load.id(), drive.loads(), load.field().times(STANDARD_GRAVITY).plus(drive.field()));
    }
}
