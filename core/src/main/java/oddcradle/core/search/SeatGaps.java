package oddcradle.core.search;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import oddcradle.core.clearance.Allowance;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.distance.Separation;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.body.KeepOut;
import oddcradle.core.job.body.Part;
import oddcradle.core.job.seat.Clearances;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.placement.Bodies;
import oddcradle.core.placement.Seating;
import oddcradle.core.seating.BodyShape;
import oddcradle.core.seating.GapFinder;
import oddcradle.core.step.seat.GapRules;
import oddcradle.core.structure.DonorMovement;

/**
 * The donor and what stands round it, with the ledger's rules and movements, for very many seats. The cradle is left out: it
 * follows the seat. The floor counts, with the ground clearance that is wanted.
 */
public final class SeatGaps implements GapFinder.Needs {
    static final String FLOOR = "FLOOR";
    private static final double FLOOR_SIZE = 50;
    private static final double TOUCH = 1e-7;

    private final Job job;
    private final DonorMovement movement;
    private final Vec3 ownCg;
    private final List<BodyShape> parts = new ArrayList<>();
    private final List<Category> partKinds = new ArrayList<>();
    private final List<BodyShape> standing = new ArrayList<>();
    private final List<Category> standingKinds = new ArrayList<>();
    private final boolean isolated;
    private final Map<Integer, Double> mostByPart = new HashMap<>();

    public SeatGaps(Job job, DonorMovement movement) {
        this.job = job;
        this.movement = movement;
        this.ownCg = job.donor().mass().cg();
        this.isolated = job.cradle().isSoft();
        for (Part part : job.donor().bodies()) {
            parts.add(BodyShape.still(part.id(), part.label(), part.solids()));
            partKinds.add(part.category());
        }
        for (KeepOut keepOut : job.host().keepOuts()) {
            standing.add(new BodyShape(keepOut.id(), keepOut.label(), keepOut.solids(), keepOut.motions()));
            standingKinds.add(keepOut.category());
        }
        Seating seating = Seating.of(job);
        for (Member member : job.host().members()) {
            standing.add(BodyShape.still(member.id(), member.label(), Bodies.pieces(member, seating)));
            standingKinds.add(Category.FIXED);
        }
        standing.add(BodyShape.still(
                FLOOR,
                "floor",
                List.of(new Solid.Box(
                        new Vec3(FLOOR_SIZE, FLOOR_SIZE, FLOOR_SIZE / 2),
                        new Pose(Pose.IDENTITY.rotation(), new Vec3(0, 0, -FLOOR_SIZE / 2))))));
        standingKinds.add(Category.FIXED);
    }

    GapFinder finder() {
        return new GapFinder(parts, standing, this);
    }

    /** Plain distances of some of the donor to some of what stands. */
    GapFinder distances(List<BodyShape> some, Category standingOf) {
        List<BodyShape> others = new ArrayList<>();
        for (int k = 0; k < standing.size(); k++) {
            if (standingOf == null || standingKinds.get(k) == standingOf) {
                others.add(standing.get(k));
            }
        }
        return new GapFinder(some, others, GapFinder.NONE);
    }

    /** The rows of one kind of the donor's parts, as the ledger holds them. */
    GapFinder onlyParts(Category kind) {
        List<Integer> gone = new ArrayList<>();
        for (int m = 0; m < parts.size(); m++) {
            if (partKinds.get(m) != kind) {
                gone.add(m);
            }
        }
        return finder().without(gone, List.of());
    }

    Category kindOfStanding(int standingAt) {
        return standingKinds.get(standingAt);
    }

    List<BodyShape> parts() {
        return parts;
    }

    @Override
    public double room(int moved, int other) {
        BodyShape part = parts.get(moved);
        BodyShape obstacle = standing.get(other);
        if (obstacle.id().equals(FLOOR)) {
            return job.plan().wishes().ground();
        }
        Clearances clearances = job.build().clearances();
        return clearances
                .pair(part.id(), obstacle.id())
                .map(Clearances.PairRule::room)
                .orElseGet(() -> clearances.room(
                        partKinds.get(moved),
                        standingKinds.get(other),
                        isolated,
                        job.build().room()));
    }

    @Override
    public double draws(int moved, int other, Separation apart, Pose pose) {
        Vec3 between = apart.pointB().minus(apart.pointA());
        if (standing.get(other).id().equals(FLOOR)) {
            return 0;
        }
        if (between.length() < TOUCH) {
            // Where they just touch no direction is told.
            return mostDraw(moved, other);
        }
        Vec3 towards = apart.overlap() ? between.unit().negated() : between.unit();
        double draws = movement.towards(apart.pointA().minus(pose.place(ownCg)), towards)
                .map(Allowance::amount)
                .orElse(0.0);
        if (partKinds.get(moved) == Category.HOT) {
            Vec3 held = pose.place(GapRules.heldAt(parts.get(moved).solids().get(0)));
            draws += Math.max(0, growth() * apart.pointA().minus(held).dot(towards));
        }
        if (standingKinds.get(other) == Category.HOT) {
            Vec3 held = GapRules.heldAt(standing.get(other).solids().get(0));
            draws += Math.max(0, -growth() * apart.pointB().minus(held).dot(towards));
        }
        return draws;
    }

    private double growth() {
        Clearances clearances = job.build().clearances();
        return clearances.hotRise() * clearances.hotGrowth();
    }

    @Override
    public double mostDraw(int moved, int other) {
        if (standing.get(other).id().equals(FLOOR)) {
            return 0;
        }
        double hot = standingKinds.get(other) == Category.HOT
                ? growth() * size(standing.get(other).solids())
                : 0;
        return hot + mostByPart.computeIfAbsent(moved, this::most);
    }

    private double most(int moved) {
        List<Solid> solids = parts.get(moved).solids();
        double reach = 0;
        for (Solid solid : solids) {
            reach = Math.max(
                    reach,
                    solid.centre().distanceTo(ownCg) + solid.bounds().size().length() / 2);
        }
        return movement.most(reach) + (partKinds.get(moved) == Category.HOT ? growth() * size(solids) : 0);
    }

    private static double size(List<Solid> solids) {
        return solids.stream()
                .map(Solid::bounds)
                .reduce((a, b) -> a.joined(b))
                .orElseThrow()
                .size()
                .length();
    }
}
