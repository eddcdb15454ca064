package oddcradle.core.search;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.ToDoubleFunction;
import oddcradle.core.clearance.Body;
import oddcradle.core.clearance.ClearanceLedger;
import oddcradle.core.clearance.Gap;
import oddcradle.core.drive.Stage;
import oddcradle.core.engine.ShakingOrders;
import oddcradle.core.geometry.Aabb;
import oddcradle.core.job.Job;
import oddcradle.core.job.Weights;
import oddcradle.core.job.cradle.Cradle;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.job.donor.Output;
import oddcradle.core.job.donor.Pack;
import oddcradle.core.job.host.MachineWeight;
import oddcradle.core.job.seat.FitErrors;
import oddcradle.core.job.seat.Lifting;
import oddcradle.core.job.seat.Seat;
import oddcradle.core.job.seat.SeatPlan;
import oddcradle.core.job.seat.WayPlan;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.placement.Bodies;
import oddcradle.core.structure.HostMasses;

/**
 * The seated donor and the others side by side: each put into the same host with its output where the seated one's is, and
 * judged by what it brings. The order is the weighted mean of six marks between 0 and 1; each mark is linear between the best
 * and the worst of those compared, which is common practice and no more than that.
 */
public final class Candidates {
    private static final double FARTHEST = 0.150;
    private static final int HALVINGS = 8;
    private static final Vec3[] WAYS = {Vec3.X, Vec3.X.negated(), Vec3.Y, Vec3.Y.negated(), Vec3.Z, Vec3.Z.negated()};

    private Candidates() {}

    /**
     * One donor in the bay.
     *
     * @param worst its worst gap to the host; cradle tubes are not counted, they are made for the engine
     * @param room how far it could go forward, rearward, left, right, up and down before a gap is short, m, at most 150 mm;
     *     all zero if it does not fit where it is
     * @param size over everything, along forward, left and up of the host, m
     * @param machineMass with it, kg; 0 where the host's weight is not known
     * @param machineCg with it, host axes, m; where the host's weight is not known, of the donor alone
     * @param wheelTorque in first gear at most engine torque, N m; torque at the output where there is no wheel
     * @param shaking largest free force at cruise, N; NaN where the crank is not known
     * @param marks by criterion, 0 to 1
     * @param score weighted mean of the marks, 0 to 1
     */
    public record Candidate(
            Donor donor,
            Gap worst,
            List<Double> room,
            Vec3 size,
            double machineMass,
            Vec3 machineCg,
            double maxPower,
            double wheelTorque,
            double shaking,
            double price,
            List<Mark> marks,
            double score) {
        public Candidate {
            room = List.copyOf(room);
            marks = List.copyOf(marks);
        }

        public boolean fits() {
            return worst.margin() >= 0;
        }
    }

    /** One criterion: its word, the mark, and the weight the user gave it. */
    public record Mark(String word, double mark, double weight) {}

    /** @return best first; the order is reasoned in the marks of each */
    public static List<Candidate> of(Job job) {
        List<Donor> donors = new ArrayList<>(List.of(job.donor()));
        donors.addAll(job.candidates());
        List<Candidate> measured =
                donors.stream().map(donor -> measure(job, donor)).toList();
        List<Candidate> marked = new ArrayList<>();
        for (Candidate each : measured) {
            marked.add(marked(each, measured, job.weights(), job.donor().output()));
        }
        marked.sort(Comparator.comparing(each -> -each.score()));
        return marked;
    }

    private static Candidate measure(Job job, Donor donor) {
        Seat seat = job.seat().moved(seatFor(job, donor));
        Job swapped = inBay(job, donor, seat);
        Pose pose = seat.pose();
        List<Body> obstacles = Bodies.afresh().hostObstacles(swapped);
        List<Body> parts = Bodies.afresh().donorParts(swapped, pose);
        Gap worst = ClearanceLedger.of(parts, obstacles).worst(1).get(0);
        List<Double> room = new ArrayList<>();
        for (Vec3 way : WAYS) {
            room.add(worst.margin() < 0 ? 0 : room(swapped, seat, way, obstacles));
        }
        Aabb all = parts.stream().map(Body::bounds).reduce(Aabb::joined).orElseThrow();
        double donorMass = donor.mass().mass();
        Vec3 donorCg = pose.place(donor.mass().cg());
        double hostMass = HostMasses.of(job).whole().map(MachineWeight::mass).orElse(0.0);
        Vec3 hostMoment = job.host()
                .weight()
                .map(weight -> weight.cg().times(weight.mass()))
                .orElse(Vec3.ZERO);
        Vec3 cg = hostMoment.plus(donorCg.times(donorMass)).times(1 / (hostMass + donorMass));
        return new Candidate(
                donor,
                worst,
                room,
                all.high().minus(all.low()),
                hostMass == 0 ? 0 : hostMass + donorMass,
                cg,
                Pack.driving(donor).maxPower(),
                wheelTorque(job, donor),
                donor.engine()
                        .crank()
                        .map(crank -> ShakingOrders.of(
                                        crank.train(1), donor.engine().cruiseSpeed(), 1)
                                .peakForce())
                        .orElse(Double.NaN),
                donor.history().price() + donor.history().partsPrice(),
                List.of(),
                0);
    }

    /** The seat at which this donor's output stands where the seated donor's does. */
    private static Vec3 seatFor(Job job, Donor donor) {
        Pose pose = job.seat().pose();
        Vec3 output = pose.place(job.donor().output().centre());
        return output.minus(pose.rotation().times(donor.output().centre()));
    }

    /** Only what the gaps need: the cradle hangs on the seated donor's bosses and is left out. */
    static Job inBay(Job job, Donor donor, Seat seat) {
        SeatPlan plan = job.plan();
        SeatPlan anyDonor =
                new SeatPlan(plan.wishes(), WayPlan.USUAL, Lifting.USUAL, FitErrors.USUAL, List.of(), List.of());
        return job.withPlan(anyDonor)
                .withCradle(new Cradle(List.of(), List.of(), List.of()))
                .withDonor(donor)
                .withSeat(seat);
    }

    private static double room(Job job, Seat seat, Vec3 way, List<Body> obstacles) {
        double free = 0;
        double step = FARTHEST;
        if (fitsAt(job, seat, way.times(FARTHEST), obstacles)) {
            return FARTHEST;
        }
        for (int k = 0; k < HALVINGS; k++) {
            step /= 2;
            if (fitsAt(job, seat, way.times(free + step), obstacles)) {
                free += step;
            }
        }
        return free;
    }

    private static boolean fitsAt(Job job, Seat seat, Vec3 by, List<Body> obstacles) {
        Pose pose = seat.moved(seat.position().plus(by)).pose();
        List<Body> parts = Bodies.afresh().donorParts(job, pose);
        return ClearanceLedger.of(parts, obstacles).near().stream().noneMatch(gap -> gap.margin() < 0);
    }

    private static double wheelTorque(Job job, Donor donor) {
        double torque = Pack.driving(donor).maxTorque()
                * donor.engine().primaryRatio()
                * donor.engine().gearRatios().get(0);
        double ratio = 1;
        for (int k = 0; k < job.line().stages().size(); k++) {
            Stage stage = job.line().stages().get(k);
            // A donor brings its own front sprocket.
            boolean own =
                    k == 0 && stage instanceof Stage.Chain && donor.output().teeth() > 0;
            ratio *= own
                    ? (double) ((Stage.Chain) stage).drivenTeeth()
                            / donor.output().teeth()
                    : stage.ratio();
        }
        return torque * ratio;
    }

    private static Candidate marked(Candidate each, List<Candidate> all, Weights weights, Output wanted) {
        List<Mark> marks = List.of(
                new Mark(
                        "fit",
                        each.fits()
                                ? 1
                                : mark(each, all, one -> Math.min(0, one.worst().margin())) * 0.5,
                        weights.fit()),
                new Mark("mass", mark(each, all, one -> -one.donor().mass().mass()), weights.mass()),
                new Mark("power", mark(each, all, Candidate::maxPower), weights.power()),
                new Mark(
                        "shaking",
                        Double.isNaN(each.shaking())
                                ? 0.5
                                : mark(each, all, one -> Double.isNaN(one.shaking()) ? Double.NaN : -one.shaking()),
                        weights.shaking()),
                new Mark("price", each.price() == 0 ? 0.5 : mark(each, all, one -> -one.price()), weights.price()),
                new Mark("shaft", each.donor().output().form() == wanted.form() ? 1 : 0, weights.shaft()));
        double sum = marks.stream().mapToDouble(Mark::weight).sum();
        double score = sum == 0
                ? 0
                : marks.stream()
                                .mapToDouble(mark -> mark.mark() * mark.weight())
                                .sum()
                        / sum;
        return new Candidate(
                each.donor(),
                each.worst(),
                each.room(),
                each.size(),
                each.machineMass(),
                each.machineCg(),
                each.maxPower(),
                each.wheelTorque(),
                each.shaking(),
                each.price(),
                marks,
                score);
    }

    /** 1 for the largest value of all, 0 for the least; 1 if they are alike. */
    private static double mark(Candidate each, List<Candidate> all, ToDoubleFunction<Candidate> value) {
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        for (Candidate one : all) {
            double v = value.applyAsDouble(one);
            if (!Double.isNaN(v)) {
                low = Math.min(low, v);
                high = Math.max(high, v);
            }
        }
        return high - low < 1e-12 ? 1 : (value.applyAsDouble(each) - low) / (high - low);
    }
}
