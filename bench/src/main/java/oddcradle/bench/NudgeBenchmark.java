package oddcradle.bench;

import java.util.concurrent.TimeUnit;
import oddcradle.core.examine.Examination;
import oddcradle.core.frame.FrameAnalysis;
import oddcradle.core.job.Job;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.math.SparseSymmetric;
import oddcradle.core.math.Vec3;
import oddcradle.files.job.DemoJobs;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;

/** The demo job after a nudge of the seat, beside the bare factorisation and solves of the same stiffness matrix. */
@State(Scope.Thread)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class NudgeBenchmark {
    private Job here;
    private Job there;
    private boolean away;
    private Examination latest;
    private SparseSymmetric stiffness;
    private int cases;

    @Setup
    public void prepare() {
        here = DemoJobs.SALTMARSH_RUNABOUT.load().job();
        there = new JobEdit.MoveSeat(new Vec3(0.001, 0, 0.001)).applyTo(here);
        latest = Examination.of(here);
        stiffness = FrameAnalysis.stiffness(latest.frameInput());
        cases = latest.frameInput().cases().size();
    }

    @Benchmark
    public Examination nudge() {
        away = !away;
        latest = Examination.of(away ? there : here, latest);
        return latest;
    }

    @Benchmark
    public double[] bareFactorAndSolves() {
        SparseSymmetric.Factor factor = stiffness.factor().orElseThrow();
        double[] last = new double[0];
        for (int k = 0; k < cases; k++) {
            last = factor.solve(new double[stiffness.size()]);
        }
        return last;
    }
}
