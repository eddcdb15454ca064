package oddcradle.core.search;

import java.util.List;
import java.util.Optional;
import oddcradle.core.geometry.Aabb;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.distance.PreparedSolid;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Freedom;
import oddcradle.core.job.body.Part;
import oddcradle.core.job.seat.Seat;
import oddcradle.core.job.seat.SeatWishes;
import oddcradle.core.job.tube.Node;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.Seating;
import oddcradle.core.step.line.DatumNotes;
import oddcradle.core.step.line.DatumSeat;

/** The seats that datum and holds leave open, each told by a few numbers within bounds. */
public final class SeatSpace {
    /** Where no range is given a turn is searched this far each way, rad. */
    private static final double USUAL_TURN = Math.toRadians(10);

    private static final double LEAST_WAY = 0.05;

    private final Seat start;
    private final Optional<DatumSeat> datum;
    private final List<Freedom> open;
    private final Aabb machine;
    private final Vec3 cg;
    private final double height;
    private final double[] low;
    private final double[] high;
    private final double[] speeds;

    /** Seats by the datum; held is held: a seat that was held off its datum on purpose is searched as it stands. */
    public static SeatSpace of(Job job) {
        return new SeatSpace(
                job, DatumSeat.of(job).filter(each -> each.heldOff(job.seat()).isEmpty()));
    }

    /** Seats on the datum, whatever is held. */
    static SeatSpace onDatum(Job job) {
        return new SeatSpace(job, DatumSeat.of(job));
    }

    private SeatSpace(Job job, Optional<DatumSeat> datum) {
        this.datum = datum;
        this.start = datum.map(each -> each.put(job.seat())).orElse(job.seat());
        this.open = DatumNotes.open(job, Seating.of(job)).stream()
                .filter(each -> !job.seat().isHeld(each))
                .toList();
        this.low = new double[open.size()];
        this.high = new double[open.size()];
        this.speeds = new double[open.size()];
        double reach = reach(job) + datum.map(each -> each.own().length()).orElse(0.0);
        this.machine = machine(job);
        this.height = height(job, start);
        this.cg = start.pose().turn(job.donor().mass().cg());
        for (int k = 0; k < low.length; k++) {
            Freedom freedom = open.get(k);
            SeatWishes.Range range = job.plan().wishes().range(freedom).orElseGet(() -> usual(freedom));
            low[k] = range.from();
            high[k] = range.to();
            speeds[k] = freedom.slides() ? 1 : reach;
        }
    }

    /** Bounds where none are given. */
    SeatWishes.Range usual(Freedom freedom) {
        if (!freedom.slides()) {
            return new SeatWishes.Range(freedom, start.value(freedom) - USUAL_TURN, start.value(freedom) + USUAL_TURN);
        }
        double from = machine.low().minus(cg).dot(freedom.direction());
        double to = machine.high().minus(cg).dot(freedom.direction());
        // On a flat frame the donor stands on top; a single tube still leaves some way to look.
        double way = freedom == Freedom.UP ? Math.max(LEAST_WAY, height) : LEAST_WAY;
        return new SeatWishes.Range(freedom, from, Math.max(to, from + way));
    }

    /** What the host is and what it drives hold the donor's centre of gravity. */
    private static Aabb machine(Job job) {
        Seating seating = Seating.of(job);
        Vec3 driven = job.host().drivenEnd().sprocketCentre();
        Aabb all = new Aabb(driven, driven);
        for (Node node : job.host().nodes()) {
            all = all.joined(new Aabb(seating.node(node.id()), seating.node(node.id())));
        }
        return all;
    }

    /** Of the donor as it sits, m. */
    private static double height(Job job, Seat seat) {
        return job.donor().bodies().stream()
                .flatMap(part -> part.solids().stream())
                .map(solid -> solid.placed(seat.pose()).bounds())
                .reduce(Aabb::joined)
                .map(bounds -> bounds.size().z())
                .orElse(0.0);
    }

    private static double reach(Job job) {
        double reach = 0;
        for (Part part : job.donor().bodies()) {
            for (Solid solid : part.solids()) {
                PreparedSolid prepared = PreparedSolid.of(solid);
                reach = Math.max(reach, prepared.centre().length() + prepared.ballRadius());
            }
        }
        return reach;
    }

    public List<Freedom> open() {
        return open;
    }

    /** Where the search starts: the job's seat, put right by the datum unless it is held off it. */
    Seat start() {
        return start;
    }

    double[] low() {
        return low;
    }

    double[] high() {
        return high;
    }

    /** The most that a point of the donor moves for one unit of each number, m. */
    double[] speeds() {
        return speeds;
    }

    /** The numbers of the start, drawn into the bounds. */
    double[] startPoint() {
        double[] point = new double[low.length];
        for (int k = 0; k < point.length; k++) {
            point[k] = Math.max(low[k], Math.min(high[k], start.value(open.get(k))));
        }
        return point;
    }

    public Seat seat(double[] point) {
        Seat seat = start;
        for (int k = 0; k < point.length; k++) {
            Freedom freedom = open.get(k);
            if (!freedom.slides()) {
                seat = datum.isPresent()
                        ? datum.get().spun(seat, point[k] - start.value(freedom))
                        : seat.with(freedom, point[k]);
            }
        }
        for (int k = 0; k < point.length; k++) {
            if (open.get(k).slides()) {
                seat = seat.with(open.get(k), point[k]);
            }
        }
        Seat slid = seat;
        return datum.map(each -> each.put(slid)).orElse(slid);
    }

    /** How far two seats are apart by the farthest that any point of the donor moves between them, m. */
    double apart(double[] one, double[] other) {
        double most = 0;
        for (int k = 0; k < one.length; k++) {
            most = Math.max(most, Math.abs(one[k] - other[k]) * speeds[k]);
        }
        return most;
    }
}
