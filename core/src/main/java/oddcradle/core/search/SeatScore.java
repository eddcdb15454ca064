package oddcradle.core.search;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.geometry.distance.SegmentDistance;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.body.Freedom;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.host.MachineWeight;
import oddcradle.core.job.host.Support;
import oddcradle.core.job.seat.Neighbour;
import oddcradle.core.job.seat.SeatWishes;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.placement.Seating;
import oddcradle.core.seating.GapFinder;
import oddcradle.core.step.seat.SpaceChecks;
import oddcradle.core.structure.HostMasses;

/**
 * How good a seat is: what the builder cares for, each in metres, weighed together; less is better. For one thread.
 */
public final class SeatScore {
    /** More leg room than that is no better, m. */
    private static final double ENOUGH_LEG_ROOM = 0.4;

    private static final double ENOUGH_ROOM = 0.1;

    private final Job job;
    private final SeatWishes wishes;
    private final Vec3 ownCg;
    private final double share;
    private final boolean hostKnown;
    private final Vec3 hostCg;
    private final double middle;
    private final GapFinder.Probe people;
    private final boolean anyPeople;
    private final GapFinder.Probe hot;
    private final boolean anyHot;
    private final Optional<GapFinder.Probe> intake;
    private final List<List<Vec3>> tubes = new ArrayList<>();

    public SeatScore(Job job, SeatGaps seatGaps) {
        this.job = job;
        this.wishes = job.plan().wishes();
        this.ownCg = job.donor().mass().cg();
        double own = job.donor().mass().mass();
        Optional<MachineWeight> host = HostMasses.of(job).whole();
        this.hostKnown = host.isPresent();
        this.share = own / (own + host.map(MachineWeight::mass).orElse(0.0));
        this.hostCg = host.map(MachineWeight::cg).orElse(Vec3.ZERO);
        this.middle = middle(job);
        GapFinder legs = seatGaps.distances(seatGaps.parts(), Category.PEOPLE);
        this.anyPeople = !legs.standing().isEmpty();
        this.people = legs.probe();
        this.anyHot = job.donor().bodies().stream().anyMatch(part -> part.category() == Category.HOT);
        this.hot = seatGaps.onlyParts(Category.HOT).probe();
        this.intake = job.plan().neighbours().stream()
                .filter(Neighbour.Intake.class::isInstance)
                .map(Neighbour.Intake.class::cast)
                .findFirst()
                .map(each -> seatGaps.distances(List.of(SpaceChecks.filter(each)), null)
                        .probe());
        Seating seating = Seating.of(job);
        for (Member member : job.host().members()) {
            tubes.add(seating.path(member));
        }
    }

    /** Between the wheels it stands on. */
    private static double middle(Job job) {
        Seating seating = Seating.of(job);
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        for (Support support : job.host().supports()) {
            double y = seating.node(support.node()).y();
            low = Math.min(low, y);
            high = Math.max(high, y);
        }
        return low > high ? 0 : (low + high) / 2;
    }

    public List<SeatAnswer.Aim> terms(Pose pose) {
        List<SeatAnswer.Aim> terms = new ArrayList<>(simple(pose));
        terms.add(new SeatAnswer.Aim(
                "leg room lacking", wishes.legRoom(), anyPeople ? lacks(people, pose, ENOUGH_LEG_ROOM) : 0));
        terms.add(new SeatAnswer.Aim(
                "room lacking round hot parts", wishes.pipeRoom(), anyHot ? lacks(hot, pose, ENOUGH_ROOM) : 0));
        terms.add(new SeatAnswer.Aim(
                "room lacking before the intake",
                wishes.intakeRoom(),
                intake.map(probe -> lacks(probe, pose, ENOUGH_ROOM)).orElse(0.0)));
        return terms;
    }

    /** The terms that need no distances between solids. */
    private List<SeatAnswer.Aim> simple(Pose pose) {
        Vec3 cg = pose.place(ownCg);
        Vec3 machine = hostCg.times(1 - share).plus(cg.times(share));
        return List.of(
                new SeatAnswer.Aim("weight low", wishes.low(), cg.z()),
                new SeatAnswer.Aim("left and right even", wishes.level(), Math.abs(machine.y() - middle)),
                new SeatAnswer.Aim(
                        "front and rear as the host",
                        wishes.foreAft(),
                        hostKnown ? Math.abs(machine.x() - hostCg.x()) : 0),
                new SeatAnswer.Aim(
                        "machine's weight where it was", wishes.shift(), hostKnown ? machine.distanceTo(hostCg) : 0),
                new SeatAnswer.Aim("short cradle", wishes.shortCradle(), cradle(pose)));
    }

    private static double lacks(GapFinder.Probe probe, Pose pose, double enough) {
        // What touches has no room; how deep does not matter, such a seat is refused anyhow.
        return enough - Math.max(0, probe.tightest(pose, 0, enough).margin());
    }

    /** Mean way from a boss to the nearest tube of the host. */
    private double cradle(Pose pose) {
        double sum = 0;
        for (Boss boss : job.donor().bosses()) {
            sum += nearestTube(pose.place(boss.position()));
        }
        return job.donor().bosses().isEmpty() ? 0 : sum / job.donor().bosses().size();
    }

    private double nearestTube(Vec3 point) {
        double least = Double.POSITIVE_INFINITY;
        for (List<Vec3> path : tubes) {
            for (int k = 1; k < path.size(); k++) {
                least = Math.min(
                        least,
                        SegmentDistance.closestOnSegment(point, path.get(k - 1), path.get(k))
                                .distanceTo(point));
            }
        }
        return Double.isFinite(least) ? least : 0;
    }

    /** Mean of the terms by their weights, m. */
    public double of(Pose pose) {
        return mean(terms(pose));
    }

    /** No more than the score: what is lacking of room is never less than nothing. */
    public double atLeast(Pose pose) {
        return mean(simple(pose));
    }

    private double mean(List<SeatAnswer.Aim> terms) {
        double sum = 0;
        for (SeatAnswer.Aim term : terms) {
            sum += term.weight() * term.amount();
        }
        double weights =
                wishes.weights().stream().mapToDouble(Double::doubleValue).sum();
        return weights == 0 ? 0 : sum / weights;
    }

    /** The score changes by no more than this for one unit of a number of the space. */
    public double slope(Freedom freedom, double speed) {
        boolean turns = !freedom.slides();
        double weights =
                wishes.weights().stream().mapToDouble(Double::doubleValue).sum();
        double sum = (turns || freedom == Freedom.UP ? wishes.low() : 0)
                + share
                        * ((turns || freedom == Freedom.LEFT ? wishes.level() : 0)
                                + (turns || freedom == Freedom.FORWARD ? wishes.foreAft() : 0)
                                + wishes.shift())
                + (anyPeople ? wishes.legRoom() : 0)
                + (anyHot ? wishes.pipeRoom() : 0)
                + (intake.isPresent() ? wishes.intakeRoom() : 0)
                + wishes.shortCradle();
        return weights == 0 ? 0 : speed * sum / weights;
    }
}
