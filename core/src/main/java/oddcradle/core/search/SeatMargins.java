package oddcradle.core.search;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import oddcradle.core.clearance.Body;
import oddcradle.core.drive.Stage;
import oddcradle.core.geometry.Aabb;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.distance.PreparedSolid;
import oddcradle.core.geometry.distance.Separation;
import oddcradle.core.geometry.distance.SolidDistance;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.body.Part;
import oddcradle.core.job.seat.Clearances;
import oddcradle.core.job.seat.Seat;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.placement.Bodies;
import oddcradle.core.placement.Seating;
import oddcradle.core.seating.BodyShape;
import oddcradle.core.seating.GapFinder;
import oddcradle.core.structure.DriveBodies;
import oddcradle.core.structure.LineResult;
import oddcradle.core.structure.RunWhip;
import oddcradle.core.structure.StageResult;

/**
 * The tightest gap of a seat by the ledger's rules: of the donor, and of the chain or belt that leaves it, to everything that
 * stands. For one thread.
 */
public final class SeatMargins {
    /** Margin of a drive that cannot be made though its wheels are apart, m. */
    private static final double IMPOSSIBLE = -0.001;

    private final Job job;
    private final SeatGaps seatGaps;
    private final GapFinder finder;
    private final GapFinder.Probe probe;
    private final List<Integer> gone;
    private final boolean runs;
    private final double[] runRooms;
    /** Boxes of what stands still; empty for what moves. */
    private final List<Optional<Aabb>> still;

    private final String run;
    private final Set<String> onDrivenShaft = new HashSet<>();
    private final List<HotPart> hot = new ArrayList<>();

    private record HotPart(String id, List<PreparedSolid> solids) {}

    /** The run as the ledger sees it: a moving body that whips. */
    private record RunNeeds(SeatMargins of, RunWhip whip) implements GapFinder.Needs {
        @Override
        public double room(int moved, int standing) {
            return of.runRooms[standing];
        }

        @Override
        public double draws(int moved, int standing, Separation apart, Pose pose) {
            Vec3 between = apart.pointB().minus(apart.pointA());
            if (between.length() < 1e-12) {
                return 0;
            }
            Optional<Aabb> still = of.still.get(standing);
            return still.map(box -> whip.at(box, between.unit())).orElseGet(() -> whip.anywhere(between.unit()));
        }

        @Override
        public double mostDraw(int moved, int standing) {
            return whip.most();
        }
    }

    /**
     * @param margin m
     * @param part label of what comes too near, the donor's or the run
     * @param standing its place among what stands, -1 where it is the donor itself or nothing
     */
    public record Tight(double margin, String part, int standing) {}

    public SeatMargins(Job job, SeatGaps seatGaps) {
        this(job, seatGaps, List.of(), false);
    }

    private SeatMargins(Job job, SeatGaps seatGaps, List<Integer> gone, boolean exact) {
        this.job = job;
        this.seatGaps = seatGaps;
        this.gone = gone;
        GapFinder all = exact ? seatGaps.finder().exact() : seatGaps.finder();
        this.finder = gone.isEmpty() ? all : all.without(List.of(), gone);
        this.probe = finder.probe();
        List<Stage> stages = job.line().stages();
        this.runs = !stages.isEmpty() && stages.get(0).isInPlane();
        this.run = runs ? stages.get(0).id() : "";
        if (runs) {
            Seating seating = Seating.of(job);
            List<Body> obstacles = Bodies.afresh().obstacles(job, seating);
            onDrivenShaft.addAll(DriveBodies.at(job, LineResult.driven(job, 0).sprocketCentre(), obstacles));
        }
        this.runRooms = runRooms();
        this.still = finder.standing().stream().map(SeatMargins::still).toList();
        for (Part part : job.donor().bodies()) {
            if (part.category() == Category.HOT) {
                hot.add(new HotPart(
                        part.id(), part.solids().stream().map(PreparedSolid::of).toList()));
            }
        }
    }

    GapFinder finder() {
        return finder;
    }

    /** The same with some of what stands taken away. */
    SeatMargins without(List<Integer> taken) {
        return new SeatMargins(job, seatGaps, taken, false);
    }

    /** The same where overlaps are told to their true depth. */
    SeatMargins exactWithout(List<Integer> taken) {
        return new SeatMargins(job, seatGaps, taken, true);
    }

    SeatMargins withoutAlso(int standing) {
        List<Integer> taken = new ArrayList<>(gone);
        taken.add(standing);
        return without(taken);
    }

    private static Optional<Aabb> still(BodyShape shape) {
        return shape.motions().isEmpty()
                ? shape.solids().stream().map(Solid::bounds).reduce(Aabb::joined)
                : Optional.empty();
    }

    private double[] runRooms() {
        double[] rooms = new double[finder.standing().size()];
        for (int s = 0; s < rooms.length; s++) {
            rooms[s] = runRoom(s);
        }
        return rooms;
    }

    private double runRoom(int standing) {
        String id = finder.standing().get(standing).id();
        if (gone.contains(standing) || onDrivenShaft.contains(id)) {
            return Double.NaN;
        }
        Clearances clearances = job.build().clearances();
        return id.equals(SeatGaps.FLOOR)
                ? 0
                : clearances
                        .pair(run, id)
                        .map(Clearances.PairRule::room)
                        .orElseGet(() -> clearances.room(
                                Category.MOVING,
                                seatGaps.kindOfStanding(standing),
                                false,
                                job.build().room()));
    }

    public Tight tightest(Seat seat, double tooLittle, double enough) {
        Pose pose = seat.pose();
        GapFinder.Tightest donor = probe.tightest(pose, tooLittle, enough);
        Tight best = new Tight(
                donor.margin(),
                donor.moved() < 0 ? "" : finder.moved().get(donor.moved()).label(),
                donor.standing());
        if (best.margin() < tooLittle || !runs) {
            return best;
        }
        LineResult line = LineResult.of(job, seat);
        StageResult first = line.stages().get(0);
        if (first.problem().isPresent()) {
            double wheels = first.alignment().centreDistance()
                    - first.stage().driverRadius()
                    - first.stage().drivenRadius();
            return new Tight(
                    Math.min(best.margin(), Math.min(wheels, IMPOSSIBLE)),
                    first.stage().label(),
                    -1);
        }
        List<PreparedSolid> solids = DriveBodies.of(job, line).stream()
                .filter(part -> part.id().equals(run))
                .flatMap(part -> part.solids().stream())
                .map(PreparedSolid::of)
                .toList();
        RunNeeds needs =
                new RunNeeds(this, RunWhip.of(first, job.build().clearances().chainWhip()));
        GapFinder.Tightest outside = probe.tightestOf(solids, 0, needs, tooLittle, best.margin());
        if (outside.margin() < best.margin()) {
            best = new Tight(outside.margin(), first.stage().label(), outside.standing());
        }
        return best.margin() < tooLittle ? best : hottest(best, solids, needs, pose);
    }

    /** The run passes the donor's own hot parts. */
    private Tight hottest(Tight best, List<PreparedSolid> solids, RunNeeds needs, Pose pose) {
        Tight tight = best;
        Clearances clearances = job.build().clearances();
        for (HotPart part : hot) {
            double room = clearances
                    .pair(run, part.id())
                    .map(Clearances.PairRule::room)
                    .orElseGet(() -> clearances.room(
                            Category.MOVING, Category.HOT, true, job.build().room()));
            List<PreparedSolid> placed =
                    part.solids().stream().map(own -> own.placed(pose)).toList();
            Aabb box = placed.stream()
                    .map(PreparedSolid::bounds)
                    .reduce(Aabb::joined)
                    .orElseThrow();
            for (PreparedSolid here : placed) {
                Vec3 centre = here.centre();
                for (PreparedSolid solid : solids) {
                    double keep = room + needs.whip().most();
                    if (solid.noNearerThan(centre.x(), centre.y(), centre.z()) - here.ballRadius() - keep
                            >= tight.margin()) {
                        continue;
                    }
                    Separation apart = SolidDistance.quick(here, solid);
                    Vec3 between = apart.pointB().minus(apart.pointA());
                    double margin = apart.distance()
                            - room
                            - (between.length() < 1e-12
                                    ? 0
                                    : needs.whip().at(box, between.unit().negated()));
                    if (margin < tight.margin()) {
                        tight = new Tight(margin, "the drive's run at " + part.id(), -1);
                    }
                }
            }
        }
        return tight;
    }
}
