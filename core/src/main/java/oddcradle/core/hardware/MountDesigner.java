package oddcradle.core.hardware;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import oddcradle.core.catalog.BoltGrade;
import oddcradle.core.catalog.ScrewThread;
import oddcradle.core.frame.CaseResult;
import oddcradle.core.frame.FrameResult;
import oddcradle.core.frame.MountResult;
import oddcradle.core.frame.input.MemberAxes;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.cradle.MountChoices;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.load.Level;
import oddcradle.core.job.tube.Member;
import oddcradle.core.joint.BoltStack;
import oddcradle.core.joint.BoltStrength;
import oddcradle.core.joint.Collar;
import oddcradle.core.joint.Filler;
import oddcradle.core.joint.Tab;
import oddcradle.core.joint.ThreadReach;
import oddcradle.core.material.Material;
import oddcradle.core.math.Vec3;
import oddcradle.core.mounting.BondedBush;
import oddcradle.core.mounting.BondedPad;
import oddcradle.core.mounting.MeasuredMount;
import oddcradle.core.placement.ElasticCentre;
import oddcradle.core.placement.Seating;
import oddcradle.core.structure.CaseVariants;
import oddcradle.core.structure.DonorMovement;
import oddcradle.core.structure.MountSeat;

/** Works out every mount from boss, bolt, tube, what the rubber moves and what the frame's solution puts on it. */
public final class MountDesigner {

    /** Plate of a bracket on the engine, m; common practice. */
    private static final double EAR = 0.006;

    /** Room a lug takes to each side of its hole, in bolt diameters; common practice. */
    private static final double LUG_REACH = 1.5;

    /** Least width that a seat of a pad overhangs its tube, m. */
    private static final double LEAST_OVERHANG = 0.005;

    private static final double IN_LINE = 0.7;
    /** A wider hole leaves too little of the tube: share of its width. */
    private static final double WIDEST_HOLE = 0.55;

    private final Job job;
    private final Seating seating;
    private final DonorMovement movement;
    private final Optional<FrameResult> load;
    private final Map<String, Level> levels = new HashMap<>();

    private MountDesigner(Job job, Seating seating, DonorMovement movement, Optional<FrameResult> load) {
        this.job = job;
        this.seating = seating;
        this.movement = movement;
        this.load = load;
        CaseVariants.of(job).forEach(each -> levels.put(each.id(), each.level()));
    }

    /** Everything that decides the mounts. */
    public record Input(Job job, Seating seating, DonorMovement movement, Optional<FrameResult> load) {}

    /** Mounts that no tube carries are left out: that is a finding of its own. */
    public static List<MountDesign> of(Input input) {
        Job job = input.job();
        MountDesigner designs = new MountDesigner(job, input.seating(), input.movement(), input.load());
        List<MountDesign> all = new ArrayList<>();
        job.cradle().isolators().forEach(isolator -> MountSeat.of(job, input.seating(), isolator)
                .map(designs::design)
                .ifPresent(all::add));
        return all;
    }

    /** The thread of a mount's bolt: decided, cut in the boss, or the thickest that goes through. */
    static ScrewThread thread(Job job, Isolator isolator) {
        Boss boss = job.donor().boss(isolator.boss()).orElseThrow();
        return ScrewThread.find(isolator.choices().thread())
                .or(() -> ScrewThread.find(boss.hole().thread()))
                .or(() -> ScrewThread.forBore(boss.bore(), job.build().shop().inch()))
                .orElse(ScrewThread.all().get(0));
    }

    private MountDesign design(MountSeat seat) {
        Isolator isolator = seat.isolator();
        Member tube = seat.tube();
        Boss boss = job.donor().boss(isolator.boss()).orElseThrow();
        Vec3 at = seat.at();
        Vec3 along = seat.along();
        Vec3 hole = seating.pose().turn(boss.axis()).unit();
        double half = seat.half();
        boolean through = seat.through();
        double standoff = seat.aside().length() - half;
        Vec3 towards = through ? Vec3.ZERO : seat.aside().negated().unit();
        boolean inLine = Math.abs(hole.dot(along)) > IN_LINE;
        ScrewThread thread = thread(job, isolator);
        Moves moves = moves(seat);
        MountChoices choices = isolator.choices();
        double lug = inLine
                ? choices.size(MountChoices.Item.LUG)
                        .orElse(boss.hole().depth() > 0 ? boss.hole().depth() : ElasticCentre.USUAL_LUG)
                : EAR;
        Tab tab = tab(isolator, boss, tube, thread, along, towards, standoff, half, lug, moves);
        double face = inLine ? lug / 2 : LUG_REACH * thread.diameter() + EAR;
        BoltGrade grade = BoltGrade.usual(thread.inch());
        boolean soft = !isolator.element().isHard();
        boolean bonded = soft && through && BoltStack.sleeveHole(thread, grade, moves.across) > WIDEST_HOLE * 2 * half;
        BoltStack stack = BoltStack.design(new BoltStack.Wanted(
                thread,
                grade,
                job.build().shop().nuts(),
                lug,
                inLine && !boss.hole().through() ? boss.hole().depth() : 0,
                ThreadReach.IN_CASTING,
                choices.size(MountChoices.Item.GAP).orElse(0.0),
                through ? tab.thickness() + 2 * half : tab.thickness(),
                tab.plates() == 2 && !through && isolator.element().isHard() ? 2 : 1,
                isolator.element().isHard() ? 0 : padHeight(isolator),
                padDiameter(isolator),
                moves.along,
                moves.across,
                through ? seat.reach() + half - face : Double.POSITIVE_INFINITY,
                through ? Double.POSITIVE_INFINITY : standoff,
                bonded,
                new BoltStack.Decided(
                        choices.size(MountChoices.Item.BOLT),
                        choices.size(MountChoices.Item.SLEEVE),
                        choices.size(MountChoices.Item.SPACER),
                        choices.size(MountChoices.Item.LARGE_WASHER))));
        return new MountDesign(
                isolator,
                tube,
                through,
                at,
                along,
                at.along(along, face),
                towards,
                moves.along,
                moves.across,
                tab,
                stack,
                bolt(isolator, thread, grade, along, !through && tab.plates() == 2),
                inLine ? Optional.empty() : Optional.of(ears(boss, choices)),
                collar(boss, isolator, thread, choices));
    }

    /** The bolt that holds a bracket to a lug whose hole lies across the mount. */
    private BoltStack ears(Boss boss, MountChoices choices) {
        ScrewThread thread = ScrewThread.find(boss.hole().thread())
                .or(() -> ScrewThread.forBore(boss.bore(), job.build().shop().inch()))
                .orElse(ScrewThread.all().get(0));
        return BoltStack.design(new BoltStack.Wanted(
                thread,
                BoltGrade.usual(thread.inch()),
                job.build().shop().nuts(),
                choices.size(MountChoices.Item.LUG).orElse(ElasticCentre.USUAL_LUG),
                boss.hole().through() ? 0 : boss.hole().depth(),
                ThreadReach.IN_CASTING,
                0,
                EAR,
                boss.hole().through() || boss.hole().depth() == 0 ? 2 : 1,
                0,
                0,
                0,
                0,
                Double.POSITIVE_INFINITY,
                Double.POSITIVE_INFINITY,
                false,
                BoltStack.Decided.NOTHING));
    }

    /** A bolt that has to place the engine may not be loose in its bore; one that only clamps may be. */
    private Optional<Collar> collar(Boss boss, Isolator isolator, ScrewThread thread, MountChoices choices) {
        double loose = boss.bore() - thread.diameter();
        boolean places = job.line()
                .datum()
                .pivot()
                .filter(pivot -> pivot.boss().equals(boss.id()))
                .isPresent();
        double allowed = places
                ? Collar.FITS
                : Collar.clearance(thread.diameter(), isolator.element().isHard());
        return !boss.hole().isThreaded() && loose > allowed
                ? Optional.of(Collar.between(
                        thread.diameter(),
                        boss.bore(),
                        choices.size(MountChoices.Item.LUG).orElse(ElasticCentre.USUAL_LUG)))
                : Optional.empty();
    }

    private record Moves(double along, double across) {}

    /** What the rubber gives under every case, and what it swings by while the engine starts. */
    private Moves moves(MountSeat seat) {
        Isolator isolator = seat.isolator();
        Vec3 along = seat.along();
        if (isolator.element().isHard()) {
            return new Moves(0, 0);
        }
        double axial = 0;
        double across = 0;
        for (CaseResult each : load.map(FrameResult::cases).orElse(List.of())) {
            double share = levels.get(each.id()).moves(seat.isCaught());
            Vec3 gives = each.mounts().stream()
                    .filter(mount -> mount.id().equals(isolator.id()))
                    .map(MountResult::deflection)
                    .findFirst()
                    .orElse(Vec3.ZERO);
            axial = Math.max(axial, share * Math.abs(gives.x()));
            across = Math.max(across, share * Math.hypot(gives.y(), gives.z()));
        }
        Vec3 point = seat.at().minus(seating.mass().cg());
        Vec3 first = along.anyPerpendicular();
        Vec3 second = along.cross(first);
        if (load.isEmpty()) {
            // A frame that does not stand yet: the mounts alone give.
            for (DonorMovement.Pushed each : movement.pushed()) {
                Vec3 goes = each.motion().at(point);
                axial = Math.max(axial, Math.abs(goes.dot(along)));
                across = Math.max(across, goes.withoutPartAlong(along).length());
            }
        }
        for (DonorMovement.Swinging swing : movement.swings()) {
            axial = Math.max(axial, swing.along(point, along));
            across = Math.max(across, Math.hypot(swing.along(point, first), swing.along(point, second)));
        }
        return new Moves(axial, across);
    }

    private Tab tab(
            Isolator isolator,
            Boss boss,
            Member tube,
            ScrewThread thread,
            Vec3 along,
            Vec3 towards,
            double standoff,
            double half,
            double lug,
            Moves moves) {
        boolean hard = isolator.element().isHard();
        boolean through = towards.equals(Vec3.ZERO);
        double rubber = padDiameter(isolator) / 2;
        double hole = hard ? thread.diameter() + 0.0005 : 2 * (thread.diameter() + moves.across);
        double rule = job.build().shop().thin() ? 2.0 : 1.5;
        double edge = isolator.choices()
                .size(MountChoices.Item.EDGE)
                .orElse(hard ? rule * hole : Math.max(rubber, hole / 2 + 0.006));
        Vec3 run = direction(tube, isolator.node());
        double root = Math.abs(run.dot(along)) > IN_LINE ? Math.min(2 * edge, 2 * half) : 2 * edge;
        Vec3 side = through ? along.anyPerpendicular() : towards;
        Material material = job.material(tube);
        double shopFactor = job.build().yieldFactor();
        List<Tab.Load> loads = new ArrayList<>();
        for (CaseResult each : load.map(FrameResult::cases).orElse(List.of())) {
            for (MountResult mount : each.mounts()) {
                if (mount.id().equals(isolator.id())) {
                    Level level = levels.get(each.id());
                    loads.add(Tab.Load.of(
                            each.id(),
                            mount.forceOnFrame(),
                            side,
                            along,
                            level.onYield(shopFactor, material.ultimateOverYield()) / shopFactor,
                            level.onWeld()));
                }
            }
        }
        int plates = through || hard && boss.hole().depth() == 0 ? 2 : 1;
        double allowed = material.yieldBesideWeld() / shopFactor;
        MountWall wall = new MountWall(tube.remaining(), material, MemberAxes.of(run), along, side, lug);
        return Tab.design(new Tab.Wanted(
                loads,
                plates,
                through ? Math.max(rubber - half, LEAST_OVERHANG) : Math.max(standoff, LEAST_OVERHANG),
                hole,
                hard ? thread.diameter() : 2 * Math.max(rubber, thread.diameter() / 2),
                root,
                edge,
                material.yieldBesideWeld(),
                Filler.allowed(material),
                shopFactor,
                job.build().shop().thicknesses(),
                isolator.choices().size(MountChoices.Item.TAB),
                isolator.choices().size(MountChoices.Item.LEG),
                tab -> through
                        ? 0
                        : loads.stream()
                                .mapToDouble(each -> wall.utilisation(tab, each, allowed))
                                .max()
                                .orElse(0)));
    }

    private Vec3 direction(Member tube, String node) {
        List<Vec3> path = seating.path(tube);
        int at = Math.max(0, Math.min(tube.nodes().indexOf(node), path.size() - 2));
        Vec3 run = path.get(at + 1).minus(path.get(at));
        return run.length() > 0 ? run.unit() : Vec3.X;
    }

    private BoltStrength bolt(Isolator isolator, ScrewThread thread, BoltGrade grade, Vec3 along, boolean twice) {
        BoltStrength worst = BoltStrength.of(thread, grade, 0, 0, 1, job.build().yieldFactor());
        for (CaseResult each : load.map(FrameResult::cases).orElse(List.of())) {
            for (MountResult mount : each.mounts()) {
                if (mount.id().equals(isolator.id())) {
                    double axial = mount.forceOnFrame().dot(along);
                    double across =
                            mount.forceOnFrame().minus(along.times(axial)).length();
                    BoltStrength here = BoltStrength.of(
                            thread,
                            grade,
                            axial,
                            across,
                            twice ? 2 : 1,
                            levels.get(each.id()).onYield(job.build().yieldFactor(), grade.tensileOverProof()));
                    worst = here.utilisation() > worst.utilisation() ? here : worst;
                }
            }
        }
        return worst;
    }

    private static double padHeight(Isolator isolator) {
        return isolator.element() instanceof BondedBush bush
                ? (bush.diameter() - bush.bore()) / 2
                : isolator.element().thickness();
    }

    private static double padDiameter(Isolator isolator) {
        return isolator.element() instanceof BondedPad pad
                ? pad.diameter()
                : isolator.element() instanceof BondedBush bush
                        ? bush.diameter()
                        : isolator.element() instanceof MeasuredMount own ? own.diameter() : 0;
    }

    /** From a section's middle to its outside along a direction, m. */
}
