package oddcradle.core.search;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import oddcradle.core.clearance.Gap;
import oddcradle.core.drive.Stage;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Severity;
import oddcradle.core.geometry.Solid;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Freedom;
import oddcradle.core.job.body.KeepOut;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.job.edit.LineEdit;
import oddcradle.core.job.seat.Seat;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.step.seat.SeatReport;

/** How far a seat can still go each way, what stops it there, and what that obstacle is worth if it were moved. */
public final class SeatLimits {
    private static final double FARTHEST = 0.5;
    private static final double CLOSE = 2e-5;
    private static final int FEWER_TEETH = 2;

    /** A slide past something brings it nearer by rounding only. */
    private static final double LEAST_NEARING = 0.02;

    private SeatLimits() {}

    /**
     * @param way in words: lower, forward
     * @param direction host axes
     * @param free m; 0 where a pair that is a STOP already would come nearer
     * @param tooNear by how much that is short already, m; 0 where nothing is
     * @param part of the donor, or the run of the drive
     * @param obstacle id of what stops it; empty where nothing does within half a metre
     * @param label of that obstacle
     * @param gone how much farther it could go without it, m
     * @param next label of what would stop it then
     * @param teeth how much farther with a driven sprocket that is two teeth smaller, where that is the obstacle
     */
    public record Limit(
            String way,
            Vec3 direction,
            double free,
            double tooNear,
            String part,
            String obstacle,
            String label,
            double gone,
            String next,
            Optional<Teeth> teeth) {}

    public record Teeth(int teeth, double more) {}

    /** For the ways that datum and holds leave open. */
    public static List<Limit> of(Examination examination) {
        Job job = examination.job();
        SeatMargins margins = withoutShort(job, new SeatMargins(job, new SeatGaps(job, examination.donorMovement())));
        List<Freedom> open = examination.openFreedoms();
        List<Limit> limits = new ArrayList<>();
        for (Freedom freedom : Freedom.values()) {
            if (freedom.slides() && open.contains(freedom) && !job.seat().isHeld(freedom)) {
                limits.add(limit(examination, margins, freedom.direction().negated(), back(freedom)));
                limits.add(limit(examination, margins, freedom.direction(), ahead(freedom)));
            }
        }
        return limits;
    }

    /** The pair that is most too near already, a STOP, of those that this way would bring nearer still. */
    private static Optional<Gap> nearing(Examination examination, Vec3 way) {
        return examination.ledger().near().stream()
                .filter(gap -> SeatReport.severity(gap) == Severity.STOP && nears(gap, way) > LEAST_NEARING)
                .min(Comparator.comparingDouble(Gap::margin));
    }

    /** How much the gap shrinks for each metre the donor goes this way. */
    private static double nears(Gap gap, Vec3 way) {
        Vec3 across = gap.separation().pointB().minus(gap.separation().pointA());
        if (across.length() < 1e-12) {
            return 0;
        }
        // The nearest points of an overlap lie the other way round.
        return way.dot(across.unit()) * Math.signum(gap.separation().distance());
    }

    /** What is too near already and comes clear does not stop a way; the ledger tells of it. */
    private static SeatMargins withoutShort(Job job, SeatMargins all) {
        List<Integer> gone = new ArrayList<>();
        SeatMargins margins = all;
        SeatMargins.Tight tight = margins.tightest(job.seat(), Double.NEGATIVE_INFINITY, FARTHEST);
        while (tight.margin() < 0 && tight.standing() >= 0) {
            gone.add(tight.standing());
            margins = all.without(gone);
            tight = margins.tightest(job.seat(), Double.NEGATIVE_INFINITY, FARTHEST);
        }
        return margins;
    }

    private static String back(Freedom freedom) {
        return switch (freedom) {
            case LEFT -> "to the right";
            case UP -> "lower";
            default -> freedom.opposite();
        };
    }

    private static String ahead(Freedom freedom) {
        return switch (freedom) {
            case FORWARD -> "forward";
            case LEFT -> "to the left";
            default -> "higher";
        };
    }

    private record Travel(double free, SeatMargins.Tight end) {}

    private static Limit limit(Examination examination, SeatMargins margins, Vec3 way, String words) {
        Optional<Gap> nearing = nearing(examination, way);
        if (nearing.isPresent()) {
            Gap gap = nearing.get();
            return new Limit(
                    words,
                    way,
                    0,
                    -gap.margin(),
                    gap.donorPart().label(),
                    gap.obstacle().id(),
                    gap.obstacle().label(),
                    0,
                    "",
                    Optional.empty());
        }
        Job job = examination.job();
        Travel travel = travel(margins, job.seat(), way);
        int stop = travel.end().standing();
        if (travel.free() >= FARTHEST || stop < 0) {
            return new Limit(words, way, travel.free(), 0, travel.end().part(), "", "", 0, "", Optional.empty());
        }
        String id = margins.finder().standing().get(stop).id();
        Travel without = travel(margins.withoutAlso(stop), job.seat(), way);
        String next = without.end().standing() < 0
                ? ""
                : margins.finder().standing().get(without.end().standing()).label();
        return new Limit(
                words,
                way,
                travel.free(),
                0,
                travel.end().part(),
                id,
                margins.finder().standing().get(stop).label(),
                without.free() - travel.free(),
                next,
                teeth(examination, id, way, travel.free()));
    }

    /** Goes on by what room is left: no point moves farther than the seat does. */
    private static Travel travel(SeatMargins margins, Seat seat, Vec3 way) {
        double free = 0;
        SeatMargins.Tight tight = margins.tightest(seat, Double.NEGATIVE_INFINITY, FARTHEST);
        while (tight.margin() > CLOSE && free < FARTHEST) {
            free += tight.margin();
            tight = margins.tightest(seat.moved(seat.position().along(way, free)), Double.NEGATIVE_INFINITY, FARTHEST);
        }
        return new Travel(Math.min(free, FARTHEST), tight);
    }

    /** The driven sprocket is what stops it: the room a smaller one takes. */
    private static Optional<Teeth> teeth(Examination examination, String obstacle, Vec3 way, double free) {
        Job job = examination.job();
        List<Stage> stages = job.line().stages();
        Optional<KeepOut> keepOut = job.host().keepOuts().stream()
                .filter(each -> each.id().equals(obstacle))
                .findFirst();
        if (stages.isEmpty() || keepOut.isEmpty() || !(stages.get(stages.size() - 1) instanceof Stage.Chain chain)) {
            return Optional.empty();
        }
        Vec3 centre = job.host().drivenEnd().sprocketCentre();
        List<Solid> solids = keepOut.get().solids();
        if (solids.size() != 1
                || !(solids.get(0) instanceof Solid.Cylinder disc)
                || disc.centre().distanceTo(centre) > disc.radius() / 2
                || Math.abs(disc.radius() - chain.drivenRadius()) > chain.pitch()) {
            return Optional.empty();
        }
        try {
            int fewer = chain.drivenTeeth() - FEWER_TEETH;
            JobEdit smaller = new LineEdit.SetTeeth(chain.id(), chain.driverTeeth(), fewer);
            double by = chain.drivenRadius() * (1 - (double) fewer / chain.drivenTeeth());
            KeepOut shrunk = new KeepOut(
                    keepOut.get().id(),
                    keepOut.get().label(),
                    keepOut.get().category(),
                    List.of(new Solid.Cylinder(disc.p0(), disc.p1(), disc.radius() - by)),
                    keepOut.get().motions());
            Job changed = smaller.applyTo(job);
            Job then = changed.withHost(changed.host()
                    .withKeepOuts(changed.host().keepOuts().stream()
                            .map(each -> each.id().equals(obstacle) ? shrunk : each)
                            .toList()));
            SeatMargins margins = new SeatMargins(then, new SeatGaps(then, examination.donorMovement()));
            return Optional.of(new Teeth(fewer, travel(margins, job.seat(), way).free() - free));
        } catch (InvalidValue impossible) {
            return Optional.empty();
        }
    }
}
