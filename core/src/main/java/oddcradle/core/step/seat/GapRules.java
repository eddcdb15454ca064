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
import oddcradle.core.drive.Stage;
import oddcradle.core.finding.Source;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.distance.Separation;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.seat.Clearances;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.Seating;
import oddcradle.core.placement.Surveyed;
import oddcradle.core.structure.DonorMovement;
import oddcradle.core.structure.DriveBodies;
import oddcradle.core.structure.LineResult;
import oddcradle.core.structure.StageResult;

/**
 * The rules of the ledger for one job: which pairs count, the room each keeps, what it draws nearer by, and how well its
 * distance is known.
 */
public final class GapRules implements PairRules {
    private final Job job;
    private final DonorMovement movement;
    private final Vec3 cg;
    private final Surveyed surveyed;
    private final Set<String> ofDonor;
    private final Map<String, StageResult> runs = new HashMap<>();
    private final Set<String> ofDrive;
    private final Set<String> onShafts;
    private final String first;
    private final Map<String, Category> kinds = new HashMap<>();
    /** Asked for by very many pairs. */
    private final Map<Integer, Rule> hardRules = new HashMap<>();

    private final Map<Integer, Rule> isolatedRules = new HashMap<>();
    private final Map<String, Double> mosts = new HashMap<>();

    /**
     * @param parts of the donor
     * @param obstacles of host and cradle
     */
    public GapRules(
            Job job,
            Seating seating,
            LineResult line,
            DonorMovement movement,
            Surveyed surveyed,
            List<Body> parts,
            List<Body> obstacles) {
        this.job = job;
        this.movement = movement;
        this.surveyed = surveyed;
        this.cg = seating.mass().cg();
        this.ofDonor = parts.stream().map(Body::id).collect(Collectors.toSet());
        line.stages().forEach(stage -> runs.put(stage.stage().id(), stage));
        this.ofDrive = new HashSet<>(runs.keySet());
        job.line().shafts().forEach(shaft -> ofDrive.add(shaft.id()));
        this.onShafts = DriveBodies.onShafts(job, line, obstacles);
        this.first =
                job.line().stages().isEmpty() ? "" : job.line().stages().get(0).id();
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
            return !partDrives || !otherDrives && !onShafts.contains(other.id());
        }
        return !other.id().equals(first) || kind(part) == Category.HOT;
    }

    private Category kind(Body body) {
        return kinds.getOrDefault(
                body.id(), ofDrive.contains(body.id()) ? Category.MOVING : Category.of(body.nature()));
    }

    /** Whether one of the two stands on rubber and the other does not. */
    private boolean isolated(Body part) {
        return ofDonor.contains(part.id()) && job.cradle().isSoft();
    }

    @Override
    public Rule rule(Body part, Body other) {
        for (Clearances.PairRule own : job.build().clearances().pairs()) {
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
        Clearances clearances = job.build().clearances();
        String words = one == two
                ? one.word()
                : one.ordinal() < two.ordinal() ? two.word() + " to " + one.word() : one.word() + " to " + two.word();
        return new Rule(
                clearances.room(one, two, isolated, job.build().room()),
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
            movement.towards(apart.pointA().minus(cg), towards).ifPresent(allowances::add);
        }
        growth(part, apart.pointA(), towards).ifPresent(allowances::add);
        growth(other, apart.pointB(), towards.negated()).ifPresent(allowances::add);
        whip(part, towards).ifPresent(allowances::add);
        whip(other, towards).ifPresent(allowances::add);
        return allowances;
    }

    /** A hot part grows evenly away from where its first piece begins, which is where it is held. */
    private Optional<Allowance> growth(Body body, Vec3 point, Vec3 towards) {
        if (kind(body) != Category.HOT || body.solids().isEmpty()) {
            return Optional.empty();
        }
        Clearances clearances = job.build().clearances();
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

    /** A run swings in its own plane. */
    private Optional<Allowance> whip(Body body, Vec3 towards) {
        StageResult run = runs.get(body.id());
        if (run == null || !run.stage().isInPlane()) {
            return Optional.empty();
        }
        double inPlane =
                towards.withoutPartAlong(run.driving().direction().unit()).length();
        double whips = inPlane * free(run) * job.build().clearances().chainWhip();
        String what = run.stage() instanceof Stage.Chain ? "chain whips" : "belt whips";
        return whips > 0 ? Optional.of(new Allowance(what, whips)) : Optional.empty();
    }

    private static double free(StageResult run) {
        return run.driving().sprocketCentre().distanceTo(run.driven().sprocketCentre());
    }

    @Override
    public double mostMovement(Body part, Body other) {
        return most(part) + most(other);
    }

    private double most(Body body) {
        return mosts.computeIfAbsent(body.id(), id -> mostOf(body));
    }

    private double mostOf(Body body) {
        double most = ofDonor.contains(body.id()) ? movement.most(reach(body)) : 0;
        if (kind(body) == Category.HOT) {
            Clearances clearances = job.build().clearances();
            most += clearances.hotRise()
                    * clearances.hotGrowth()
                    * body.bounds().size().length();
        }
        StageResult run = runs.get(body.id());
        return run == null ? most : most + free(run) * job.build().clearances().chainWhip();
    }

    private double reach(Body part) {
        return part.bounds().centre().distanceTo(cg) + part.bounds().size().length() / 2;
    }

    @Override
    public double sigma(Body part, Body other, Separation apart) {
        return surveyed.sigma(apart, ofDonor.contains(part.id()));
    }
}
