package oddcradle.bench;

import java.util.Arrays;
import java.util.Random;
import oddcradle.core.clearance.ClearanceLedger;
import oddcradle.core.clearance.Gap;
import oddcradle.core.examine.Examination;
import oddcradle.core.frame.FrameAnalysis;
import oddcradle.core.job.Job;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.math.SparseSymmetric;
import oddcradle.core.math.Vec3;
import oddcradle.core.vibration.RigidBodyModes;
import oddcradle.files.job.DemoJobs;

/** A hand's nudges of the seat, every step examined and every finding told, cures not: against a frame of the screen and bare kernels. */
final class NudgeMeasures {
    private static final double FRAME = 1e6 / 60;
    private static final int WARM = 400;

    private NudgeMeasures() {}

    /**
     * All in µs.
     *
     * @param median of a nudge
     * @param late a hundredth of them take longer
     * @param kernels median of one factorisation of the frame and a solution for each case, the exact distances of the near
     *     pairs, and the six-by-six modes of the same job, between the same nudges
     */
    record Nudges(double median, double late, double kernels) {
        Bench.Pair againstThirdOfFrame() {
            return new Bench.Pair(median, FRAME / 3);
        }

        Bench.Pair lateAgainstFrame() {
            return new Bench.Pair(late, FRAME);
        }

        Bench.Pair againstKernels() {
            return new Bench.Pair(median, kernels);
        }
    }

    static Nudges of(DemoJobs demo, int count) {
        Job job = demo.load().job();
        Random random = new Random(1);
        Examination latest = Examination.of(job);
        double[] nudges = new double[count];
        double[] kernels = new double[count];
        for (int k = -WARM; k < count; k++) {
            Vec3 by = new Vec3(random.nextGaussian(), random.nextGaussian(), random.nextGaussian()).times(1e-3);
            Job moved = new JobEdit.MoveSeat(by).applyTo(job);
            long begun = System.nanoTime();
            latest = Examination.of(moved, latest);
            int told = latest.findings().size();
            long ended = System.nanoTime();
            double bare = kernels(latest);
            if (k >= 0 && told > 0) {
                nudges[k] = (ended - begun) / 1e3;
                kernels[k] = bare;
            }
        }
        Arrays.sort(nudges);
        Arrays.sort(kernels);
        return new Nudges(nudges[count / 2], nudges[count - 1 - count / 100], kernels[count / 2]);
    }

    /** µs; what is made ready for the kernels is not timed. */
    private static double kernels(Examination examination) {
        SparseSymmetric stiffness = FrameAnalysis.stiffness(examination.frameInput());
        double[] load = new double[stiffness.size()];
        long begun = System.nanoTime();
        SparseSymmetric.Factor factor = stiffness.factor().orElseThrow();
        for (int k = 0; k < examination.frameInput().cases().size(); k++) {
            factor.solve(load);
        }
        for (Gap gap : examination.ledger().near()) {
            ClearanceLedger.separation(gap.donorPart(), gap.obstacle());
        }
        examination.mountedBody().ifPresent(RigidBodyModes::solve);
        return (System.nanoTime() - begun) / 1e3;
    }
}
