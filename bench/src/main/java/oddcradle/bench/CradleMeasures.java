package oddcradle.bench;

import oddcradle.core.control.Progress;
import oddcradle.core.examine.Examination;
import oddcradle.core.frame.FrameAnalysis;
import oddcradle.core.job.Job;
import oddcradle.core.math.Vec3;
import oddcradle.core.propose.Proposals;
import oddcradle.core.search.NodePull;
import oddcradle.files.job.DemoJobs;

/** What is promised of the Cradle step, measured on the demo with most tubes and bodies. */
final class CradleMeasures {
    private static final int PULLS = 100;
    private static final int SOLUTIONS = 200;
    private static final double FRAME = 1e6 / 60;
    private static final int PROPOSALS = 20;
    private static final int SOLUTIONS_ALLOWED = 400;

    private CradleMeasures() {}

    private static Job job() {
        return DemoJobs.SALTMARSH_RUNABOUT.load().job();
    }

    /** Everything examined anew after the end of a tube was pulled along its rail, its twin with it, beside one frame; µs. */
    static Bench.Pair pull() {
        Job here = job();
        Examination first = Examination.of(here);
        Vec3 end = first.seating().node("KL");
        Job there =
                NodePull.to(first, "KL", end.plus(new Vec3(0.004, 0, 0)), true).applyTo(here);
        Examination[] latest = {first};
        double each = SeatMeasures.seconds(() -> {
                    for (int k = 0; k < PULLS; k++) {
                        latest[0] = Examination.of(k % 2 == 0 ? there : here, latest[0]);
                    }
                    return latest[0];
                })
                / PULLS;
        return new Bench.Pair(each * 1e6, FRAME);
    }

    /** Twenty proposals, by what as many as suit the machine take, beside 400 solutions of its frame; ms. */
    static Bench.Pair proposals() {
        Examination examination = Examination.of(job());
        int count = Proposals.run(examination, Proposals.Wishes.ALL, Progress.UNWATCHED)
                .proposals()
                .size();
        double all = SeatMeasures.seconds(() -> Proposals.run(examination, Proposals.Wishes.ALL, Progress.UNWATCHED));
        double solution = SeatMeasures.seconds(() -> {
                    for (int k = 0; k < SOLUTIONS; k++) {
                        FrameAnalysis.solve(examination.frameInput());
                    }
                    return examination;
                })
                / SOLUTIONS;
        return new Bench.Pair(1e3 * all * PROPOSALS / count, 1e3 * SOLUTIONS_ALLOWED * solution);
    }

    /** The Cradle step's measures alone. */
    public static void main(String[] arguments) {
        Bench.print("tube end pulled, everything examined / one 60 Hz frame", "µs", 1, pull());
        Bench.print("twenty proposals / 400 frame solutions", "ms", 1, proposals());
    }
}
