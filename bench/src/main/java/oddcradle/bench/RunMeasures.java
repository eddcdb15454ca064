package oddcradle.bench;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.Job;
import oddcradle.core.step.run.RunCheck;
import oddcradle.files.job.DemoJobs;

/** What hangs from the seat, looked at again while a hand drags the engine. */
final class RunMeasures {
    private static final int ROUNDS = 60;
    private static final double FRAME = 1e3 / 60;

    private RunMeasures() {}

    /** Controls, guards, wires and the book of the runabout against one frame of a screen. */
    static Bench.Pair nudged() {
        Job job = DemoJobs.SALTMARSH_RUNABOUT.load().job();
        Examination examination = Examination.of(job);
        RunCheck.Input input =
                new RunCheck.Input(job, examination.seating(), examination.donorMovement(), examination.shake());
        List<Double> times = new ArrayList<>();
        for (int k = 0; k < ROUNDS; k++) {
            long before = System.nanoTime();
            RunCheck.of(input);
            times.add((System.nanoTime() - before) / 1e6);
        }
        times.sort(null);
        return new Bench.Pair(times.get(ROUNDS / 2), FRAME);
    }
}
