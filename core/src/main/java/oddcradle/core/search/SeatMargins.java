package oddcradle.core.search;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import oddcradle.core.clearance.Body;
import oddcradle.core.drive.Stage;
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
import oddcradle.core.seating.GapFinder;
import oddcradle.core.structure.DriveBodies;
import oddcradle.core.structure.LineResult;
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
    private final String run;
    private final Set<String> onDrivenShaft = new HashSet<>();
    private final List<HotPart> hot = new ArrayList<>();

    private record HotPart(String id, List<PreparedSolid> solids) {}

    /** The run as the ledger sees it: a moving body that whips in its plane. */
    private record RunNeeds(SeatMargins of, double whip, Vec3 axis) implements GapFinder.Needs {
        @Override
        public double room(int moved, int standing) {
            return of.runRooms[standing];
        }

        @Override
        public double draws(int moved, int standing, Separation apart, Pose pose) {
            Vec3 between = apart.pointB().minus(apart.pointA());
            return between.length() < 1e-12
                    ? 0
                    : whip * between.unit().withoutPartAlong(axis).length();
        }

        @Override
        public double mostDraw(int moved, int standing) {
            return whip;
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
        double free = first.driving().sprocketCentre().distanceTo(first.driven().sprocketCentre());
        RunNeeds needs = new RunNeeds(
                this,
                free * job.build().clearances().chainWhip(),
                first.driving().direction().unit());
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
            for (PreparedSolid own : part.solids()) {
                PreparedSolid here = own.placed(pose);
                Vec3 centre = here.centre();
                for (PreparedSolid solid : solids) {
                    double keep = room + needs.whip();
                    if (solid.noNearerThan(centre.x(), centre.y(), centre.z()) - here.ballRadius() - keep
                            >= tight.margin()) {
                        continue;
                    }
                    Separation apart = SolidDistance.quick(here, solid);
                    double margin = apart.distance() - room - needs.draws(0, 0, apart, pose);
                    if (margin < tight.margin()) {
                        tight = new Tight(margin, "the drive's run at " + part.id(), -1);
                    }
                }
            }
        }
        return tight;
    }
}
