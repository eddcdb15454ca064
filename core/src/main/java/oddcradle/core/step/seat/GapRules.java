package oddcradle.core.step.seat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import oddcradle.core.clearance.Allowance;
import oddcradle.core.clearance.Body;
import oddcradle.core.clearance.PairRules;
import oddcradle.core.clearance.Rule;
import oddcradle.core.drive.JackShaft;
import oddcradle.core.drive.Stage;
import oddcradle.core.finding.Source;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.distance.Separation;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.seat.Clearances;
import oddcradle.core.job.seat.Room;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.Seating;
import oddcradle.core.placement.Surveyed;
import oddcradle.core.structure.DonorMovement;
import oddcradle.core.structure.DriveBodies;
import oddcradle.core.structure.LineResult;
import oddcradle.core.structure.RunWhip;
import oddcradle.core.structure.StageResult;

/**
 * The rules of the ledger for one job: which pairs count, the room each keeps, what it draws nearer by, and how well its
 * distance is known.
 */
public final class GapRules implements PairRules {
    private final Input input;
    private final Set<String> ofDonor;
    private final Map<String, StageResult> runs = new HashMap<>();
    private final Set<String> ofDrive;
    private final String first;
    private final Map<String, Category> kinds = new HashMap<>();
    /** Asked for by very many pairs. */
    private final Map<Integer, Rule> hardRules = new HashMap<>();

    private final Map<Integer, Rule> isolatedRules = new HashMap<>();
    private final Map<String, Double> mosts = new HashMap<>();

    /**
     * What decides the rules besides the bodies themselves.
     *
     * @param soft whether the donor stands on anything soft
     * @param line the drive where it lies
     * @param shafts ids of its jackshafts
     * @param onShafts ids of what sits on one of its shafts
     * @param cradle ids of its tubes
     * @param cg the donor's centre of gravity in its seat, m
     */
    public record Input(
            Clearances clearances,
            Room room,
            boolean soft,
            LineResult line,
            List<String> shafts,
            Set<String> onShafts,
            Set<String> cradle,
            Vec3 cg,
            DonorMovement movement,
            Surveyed surveyed) {}

    /** @param obstacles of host and cradle */
    public static Input input(
            Job job,
            Seating seating,
            LineResult line,
            DonorMovement movement,
            Surveyed surveyed,
            List<Body> obstacles) {
        return new Input(
                job.build().clearances(),
                job.build().room(),
                job.cradle().isSoft(),
                line,
                job.line().shafts().stream().map(JackShaft::id).toList(),
                DriveBodies.onShafts(job, line, obstacles),
                job.cradle().members().stream().map(Member::id).collect(Collectors.toSet()),
                seating.mass().cg(),
                movement,
                surveyed);
    }

    /**
     * @param parts of the donor
     * @param obstacles of host and cradle
     */
    public GapRules(Input input, List<Body> parts, List<Body> obstacles) {
        this.input = input;
        this.ofDonor = parts.stream().map(Body::id).collect(Collectors.toSet());
        List<StageResult> stages = input.line().stages();
        stages.forEach(stage -> runs.put(stage.stage().id(), stage));
        this.ofDrive = new HashSet<>(runs.keySet());
        ofDrive.addAll(input.shafts());
        this.first = stages.isEmpty() ? "" : stages.get(0).stage().id();
        parts.forEach(each -> kinds.put(each.id(), Category.of(each.nature())));
        obstacles.forEach(each -> kinds.put(each.id(), Category.of(each.nature())));
    }

    /**
     * The drive is held against everything of host and cradle but what its wheels sit on; and against the donor, but for the
     * first stage, whose wheel sits on it: there only against what is hot.
     */
    @Override
    public boolean counts(Body part, Body other) {
        boolean partDrives = ofDrive.contains(part.id());
        boolean otherDrives = ofDrive.contains(other.id());
        if (partDrives || !otherDrives) {
            return !partDrives || !otherDrives && !input.onShafts().contains(other.id());
        }
        return !other.id().equals(first) || kind(part) == Category.HOT;
    }

    private Category kind(Body body) {
        Category known = kinds.get(body.id());
        if (known != null) {
            return known;
        }
        return ofDrive.contains(body.id()) ? Category.MOVING : Category.of(body.nature());
    }

    /** Whether one of the two stands on rubber and the other does not. */
    private boolean isolated(Body part) {
        return ofDonor.contains(part.id()) && input.soft();
    }

    @Override
    public Rule rule(Body part, Body other) {
        for (Clearances.PairRule own : input.clearances().pairs()) {
            if (own.isFor(part.id(), other.id())) {
                return new Rule(own.room(), "this pair (" + own.reason() + ")", Source.measured());
            }
        }
        Category one = kind(part);
        Category two = kind(other);
        return isolated(part)
                ? isolatedRules.computeIfAbsent(pair(one, two), pair -> byKind(one, two, true))
                : hardRules.computeIfAbsent(pair(one, two), pair -> byKind(one, two, false));
    }

    private static int pair(Category one, Category two) {
        int kinds = Category.values().length;
        return Math.max(one.ordinal(), two.ordinal()) * kinds + Math.min(one.ordinal(), two.ordinal());
    }

    private Rule byKind(Category one, Category two, boolean isolated) {
        Clearances clearances = input.clearances();
        String words = one == two
                ? one.word()
                : one.ordinal() < two.ordinal() ? two.word() + " to " + one.word() : one.word() + " to " + two.word();
        return new Rule(
                clearances.room(one, two, isolated, input.room()),
                words,
                clearances.kind(one, two).isPresent() ? Source.measured() : Source.commonPractice());
    }

    @Override
    public List<Allowance> allowances(Body part, Body other, Separation apart) {
        List<Allowance> allowances = new ArrayList<>();
        Vec3 between = apart.pointB().minus(apart.pointA());
        if (between.length() < 1e-12) {
            return allowances;
        }
        // Overlapping, the points lie the other way round; what closes the gap is still from part to obstacle.
        Vec3 towards = apart.overlap() ? between.unit().negated() : between.unit();
        if (ofDonor.contains(part.id())) {
            Vec3 point = apart.pointA().minus(input.cg());
            (input.cradle().contains(other.id())
                            ? input.movement().towardsCradle(point, towards)
                            : input.movement().towards(point, towards))
                    .ifPresent(allowances::add);
        }
        growth(part, apart.pointA(), towards).ifPresent(allowances::add);
        growth(other, apart.pointB(), towards.negated()).ifPresent(allowances::add);
        whip(part, other, towards).ifPresent(allowances::add);
        whip(other, part, towards).ifPresent(allowances::add);
        return allowances;
    }

    /** A hot part grows evenly away from where its first piece begins, which is where it is held. */
    private Optional<Allowance> growth(Body body, Vec3 point, Vec3 towards) {
        if (kind(body) != Category.HOT || body.solids().isEmpty()) {
            return Optional.empty();
        }
        Clearances clearances = input.clearances();
        double grows = clearances.hotRise()
                * clearances.hotGrowth()
                * point.minus(heldAt(body.solids().get(0))).dot(towards);
        return grows > 0 ? Optional.of(new Allowance(body.label() + " grows hot", grows)) : Optional.empty();
    }

    public static Vec3 heldAt(Solid first) {
        if (first instanceof Solid.Capsule capsule) {
            return capsule.p0();
        }
        return first instanceof Solid.Cylinder cylinder ? cylinder.p0() : first.centre();
    }

    private Optional<Allowance> whip(Body body, Body beside, Vec3 towards) {
        StageResult run = runs.get(body.id());
        if (run == null || !run.stage().isInPlane()) {
            return Optional.empty();
        }
        RunWhip whip = RunWhip.of(run, input.clearances().chainWhip());
        double whips = beside.sweeps().isEmpty() ? whip.at(beside.bounds(), towards) : whip.anywhere(towards);
        String what = run.stage() instanceof Stage.Chain ? "chain whips" : "belt whips";
        return whips > 0 ? Optional.of(new Allowance(what, whips)) : Optional.empty();
    }

    @Override
    public double mostMovement(Body part, Body other) {
        return most(part) + most(other);
    }

    private double most(Body body) {
        return mosts.computeIfAbsent(body.id(), id -> mostOf(body));
    }

    private double mostOf(Body body) {
        double most = ofDonor.contains(body.id()) ? input.movement().most(reach(body)) : 0;
        if (kind(body) == Category.HOT) {
            Clearances clearances = input.clearances();
            most += clearances.hotRise()
                    * clearances.hotGrowth()
                    * body.bounds().size().length();
        }
        StageResult run = runs.get(body.id());
        return run == null
                ? most
                : most + RunWhip.of(run, input.clearances().chainWhip()).most();
    }

    private double reach(Body part) {
        return part.bounds().centre().distanceTo(input.cg())
                + part.bounds().size().length() / 2;
    }

    @Override
    public double sigma(Body part, Body other, Separation apart) {
        return input.surveyed().sigma(apart, ofDonor.contains(part.id()));
    }
}
