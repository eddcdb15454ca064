package oddcradle.bench;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import java.util.function.Supplier;
import oddcradle.core.control.Progress;
import oddcradle.core.examine.Examination;
import oddcradle.core.geometry.MemberSolid;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.distance.PreparedSolid;
import oddcradle.core.geometry.distance.SolidDistance;
import oddcradle.core.geometry.motion.Sweep;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.KeepOut;
import oddcradle.core.job.body.Part;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.job.seat.Seat;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.search.OddsOfFit;
import oddcradle.core.search.SeatSearch;
import oddcradle.core.search.WaysOut;
import oddcradle.files.job.DemoJobs;

/** What is promised of the Seat step, measured on the demo with most bodies and pairs of its ledger held close together. */
final class SeatMeasures {
    private static final int ROUNDS = 5;
    private static final int SEATS = 60;
    private static final int LEDGERS = 200;
    private static final double THIRD_OF_A_FRAME = 1e6 / 60 / 3;
    private static final double WAY_LIMIT = 30;

    private SeatMeasures() {}

    private static Job job() {
        return DemoJobs.SALTMARSH_RUNABOUT.load().job();
    }

    /** Median of some rounds after as many to warm up, s. */
    static double seconds(Supplier<?> work) {
        double[] times = new double[2 * ROUNDS];
        for (int k = 0; k < times.length; k++) {
            long start = System.nanoTime();
            work.get();
            times[k] = (System.nanoTime() - start) / 1e9;
        }
        double[] last = Arrays.copyOfRange(times, ROUNDS, times.length);
        Arrays.sort(last);
        return last[ROUNDS / 2];
    }

    /** The whole examination after a nudge, the ledger within it, beside a third of a frame; µs. */
    static Bench.Pair ledger() {
        return new Bench.Pair(nudge() * 1e6, THIRD_OF_A_FRAME);
    }

    private static double nudge() {
        Job here = job();
        Job there = new JobEdit.MoveSeat(new Vec3(0.001, 0, 0.001)).applyTo(here);
        Examination[] latest = {Examination.of(here)};
        return seconds(() -> {
                    for (int k = 0; k < LEDGERS; k++) {
                        latest[0] = Examination.of(k % 2 == 0 ? there : here, latest[0]);
                        latest[0].ledger();
                    }
                    return latest[0];
                })
                / LEDGERS;
    }

    /** One pose of the search beside one ledger of every pair, with neither bounds nor trees, at poses of the same box; µs. */
    static Bench.Pair visit() {
        Job job = job();
        Examination examination = Examination.of(job);
        int visits = SeatSearch.run(examination, Progress.UNWATCHED).visits();
        double search = seconds(() -> SeatSearch.run(examination, Progress.UNWATCHED)) / visits;
        List<Seat> seats = new ArrayList<>();
        SplittableRandom random = new SplittableRandom(1);
        for (int k = 0; k < SEATS; k++) {
            seats.add(job.seat().moved(new Vec3(2 * random.nextDouble() - 0.3, 0, 0.15 + random.nextDouble())));
        }
        List<Member> members = job.host().members();
        double brute = seconds(() -> seats.stream()
                        .mapToDouble(seat -> everyPair(job, examination, members, seat.pose()))
                        .sum())
                / SEATS;
        return new Bench.Pair(search * 1e6, brute * 1e6);
    }

    private static double everyPair(Job job, Examination examination, List<Member> members, Pose pose) {
        double least = Double.POSITIVE_INFINITY;
        for (Part part : job.donor().bodies()) {
            for (Solid own : part.solids()) {
                PreparedSolid here = PreparedSolid.of(own.placed(pose));
                for (KeepOut keepOut : job.host().keepOuts()) {
                    for (Solid solid : keepOut.solids()) {
                        least = Math.min(
                                least,
                                Sweep.of(solid, keepOut.motions())
                                        .nearest(here)
                                        .separation()
                                        .distance());
                    }
                }
                for (Member member : members) {
                    List<Vec3> path = examination.seating().path(member);
                    for (int k = 1; k < path.size(); k++) {
                        PreparedSolid tube =
                                PreparedSolid.of(MemberSolid.between(path.get(k - 1), path.get(k), member.section()));
                        least = Math.min(
                                least, SolidDistance.between(here, tube).distance());
                    }
                }
            }
        }
        return least;
    }

    /** Ten thousand draws beside two hundred nudges with their ledgers; ms. */
    static Bench.Pair odds() {
        Examination examination = Examination.of(job());
        double odds = seconds(() -> OddsOfFit.chances(examination, OddsOfFit.DRAWS, Progress.UNWATCHED));
        return new Bench.Pair(odds * 1e3, nudge() * LEDGERS * 1e3);
    }

    /** The slowest way out of the four demos beside what is promised; s. */
    static Bench.Pair way() {
        double slowest = 0;
        for (DemoJobs demo : DemoJobs.values()) {
            Examination examination = Examination.of(demo.load().job());
            long start = System.nanoTime();
            WaysOut.find(examination, Progress.UNWATCHED);
            slowest = Math.max(slowest, (System.nanoTime() - start) / 1e9);
        }
        return new Bench.Pair(slowest, WAY_LIMIT);
    }
}
