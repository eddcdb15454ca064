package oddcradle.core.proof;

import static oddcradle.core.finding.Why.input;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Why;
import oddcradle.core.frame.CaseResult;
import oddcradle.core.frame.EndForces;
import oddcradle.core.frame.MemberResult;
import oddcradle.core.frame.input.ElasticMount;
import oddcradle.core.frame.input.FrameMember;
import oddcradle.core.frame.input.MemberAxes;
import oddcradle.core.hardware.MountDesign;
import oddcradle.core.hardware.MountWall;
import oddcradle.core.job.Job;
import oddcradle.core.job.load.LoadCase;
import oddcradle.core.job.tube.Member;
import oddcradle.core.joint.DrilledTube;
import oddcradle.core.joint.Filler;
import oddcradle.core.joint.Tab;
import oddcradle.core.material.Material;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.RectTube;
import oddcradle.core.section.Section;
import oddcradle.core.section.Tube;
import oddcradle.core.strength.ChordWall;
import oddcradle.core.structure.CaseVariants;
import oddcradle.core.structure.CradleFrame;
import oddcradle.core.units.Quantity;

/** Where mounts hang on tubes: the weld of a tab and the wall it bends, or the tube that a bolt goes through. */
public final class MountJoints {
    private static final Source NET = Source.commonPractice();

    private final Job job;
    private final MountDesign design;
    private final Member tube;
    private final Section section;
    private final Material metal;
    private final MemberAxes axes;
    private final List<FrameMember> pieces;
    private final String node;
    private final MountWall wall;

    private MountJoints(Job job, CradleFrame.Built frame, ElasticMount mount, MountDesign design) {
        this.job = job;
        this.design = design;
        this.node = mount.frameNode();
        this.tube = job.member(design.tube().id()).orElse(design.tube());
        this.section = tube.remaining();
        this.metal = job.material(tube);
        this.pieces = frame.input().members().stream()
                .filter(piece -> frame.memberOfPiece()
                                .get(piece.id())
                                .equals(design.tube().id())
                        && (piece.i().equals(node) || piece.j().equals(node)))
                .toList();
        this.axes = MemberAxes.of(
                pieces.isEmpty() ? Vec3.X : frame.wayOf(pieces.get(0).id()));
        double lug = 2 * Math.abs(design.face().minus(design.at()).dot(design.axis()));
        this.wall = new MountWall(section, metal, axes, design.axis(), design.towards(), lug);
    }

    /**
     * Every mount that a tube carries, in its worst case.
     *
     * @param designs of the mounts; of a job with other sections their tabs and holes stand for its own
     */
    public static List<JointUse> of(
            Job job, CradleFrame.Built frame, List<MountDesign> designs, List<CaseResult> results) {
        Map<String, ElasticMount> mounts = new HashMap<>();
        frame.input().mounts().forEach(mount -> mounts.put(mount.id(), mount));
        Map<String, LoadCase> loads = new HashMap<>();
        CaseVariants.of(job).forEach(load -> loads.put(load.id(), load));
        List<MountJoints> joints = designs.stream()
                .map(design ->
                        new MountJoints(job, frame, mounts.get(design.isolator().id()), design))
                .filter(joint -> !joint.pieces.isEmpty())
                .toList();
        Map<String, JointUse> worst = new LinkedHashMap<>();
        for (CaseResult each : results) {
            Map<String, MemberResult> members = new HashMap<>();
            each.members().forEach(piece -> members.put(piece.id(), piece));
            Map<String, Vec3> forces = new HashMap<>();
            each.mounts().forEach(mount -> forces.put(mount.id(), mount.forceOnFrame()));
            for (MountJoints joint : joints) {
                String id = joint.design.isolator().id();
                joint.under(loads.get(each.id()), forces.get(id), members)
                        .forEach(use -> worst.merge(use.key(), use, JointUse::orWorse));
            }
        }
        return List.copyOf(worst.values());
    }

    private List<JointUse> under(LoadCase load, Vec3 force, Map<String, MemberResult> members) {
        if (design.through()) {
            return drilled(load, members).stream().toList();
        }
        List<JointUse> uses = new ArrayList<>();
        Tab.Load onTab = Tab.Load.of(
                load.id(),
                force,
                design.towards(),
                design.axis(),
                1,
                load.level().onWeld());
        double filler = Filler.allowed(metal);
        Optional<ChordWall> bears = wall.bears(design.tab(), strength(load));
        uses.add(use(
                "tab of",
                "tab",
                load,
                JointUse.Limit.THROAT,
                onTab.onWeld() * design.tab().throat(onTab) / filler,
                bears.isPresent(),
                new Why(
                        "line force of the weld at the tab's root over its throat, against what the filler is allowed",
                        List.of(
                                input("leg", Quantity.length(design.tab().leg())),
                                input(
                                        "hole off the tube",
                                        Quantity.length(design.tab().standoff())),
                                input("force on the mount", Quantity.force(force.length())),
                                input("allowed", Quantity.stress(filler))),
                        ProofAnswers.THROAT)));
        bears.ifPresent(each -> uses.add(wallUse(load, onTab, each)));
        return uses;
    }

    private JointUse wallUse(LoadCase load, Tab.Load onTab, ChordWall bears) {
        MountWall.Asked asked = wall.asked(onTab, design.tab().standoff());
        return use(
                "tab of",
                "tab",
                load,
                JointUse.Limit.WALL,
                bears.utilisation(asked.pull(), asked.inPlane(), asked.outOfPlane()),
                true,
                new Why(
                        "N/Nr + Mi/Mir + Mo/Mor of the tube's wall under the tab; plates alone on a tube, out of their plane by half"
                                + " of what they bear over their width",
                        List.of(
                                input("N", Quantity.force(asked.pull())),
                                input("Nr", Quantity.force(bears.axial())),
                                input("Mi, along the tube", Quantity.torque(asked.inPlane())),
                                input("Mir", Quantity.torque(bears.inPlane())),
                                input("Mo, across it", Quantity.torque(asked.outOfPlane())),
                                input("Mor", Quantity.torque(bears.outOfPlane()))),
                        ProofAnswers.WALL));
    }

    private JointUse use(
            String what,
            String mark,
            LoadCase load,
            JointUse.Limit limit,
            double utilisation,
            boolean checked,
            Why why) {
        String id = design.isolator().id();
        return new JointUse(
                mark + " " + id,
                what + " mount " + id + " on " + tube.named(),
                mark + " " + id,
                tube,
                Optional.empty(),
                design.at(),
                load,
                limit,
                utilisation,
                limit == JointUse.Limit.NET_SECTION ? 0 : design.tab().leg(),
                checked,
                why);
    }

    /** Of the tube's metal beside the weld, Pa. */
    private double strength(LoadCase load) {
        return metal.yieldBesideWeld() / load.level().onYield(job.build().yieldFactor(), metal.ultimateOverYield());
    }

    /** Empty for a solid bar. */
    private Optional<JointUse> drilled(LoadCase load, Map<String, MemberResult> members) {
        double hole = design.stack().hole();
        boolean sideways = axes.isSideways(design.axis());
        DrilledTube left;
        if (section instanceof Tube tube) {
            left = DrilledTube.of(tube, Math.min(hole, tube.od() - 2 * tube.wall()));
        } else if (section instanceof RectTube tube) {
            double inside = (sideways ? tube.h() : tube.b()) - 2 * tube.wall();
            left = DrilledTube.of(tube, Math.min(hole, inside), sideways);
        } else {
            return Optional.empty();
        }
        JointUse worst = null;
        for (FrameMember piece : pieces) {
            MemberResult result = members.get(piece.id());
            EndForces end = piece.i().equals(node) ? result.endI() : result.endJ();
            Vec3 bends = axes.y()
                    .times(end.moment().y())
                    .plus(axes.z().times(end.moment().z()));
            double along = bends.dot(design.axis());
            double across = bends.withoutPartAlong(design.axis()).length();
            double stress = left.stress(end.force().x(), across, along);
            JointUse here = use(
                    "hole of",
                    "hole",
                    load,
                    JointUse.Limit.NET_SECTION,
                    stress / strength(load),
                    true,
                    new Why(
                            "N/A + Ma/Wa + Mb/Wb of what a hole through both walls leaves, against yield beside the weld of its seat",
                            List.of(
                                    input("hole", Quantity.length(hole)),
                                    input("N", Quantity.force(end.force().x())),
                                    input("Ma, on the drilled walls", Quantity.torque(across)),
                                    input("Mb, beside them", Quantity.torque(along)),
                                    input("stress", Quantity.stress(stress))),
                            NET));
            worst = worst == null ? here : worst.orWorse(here);
        }
        return Optional.ofNullable(worst);
    }
}
