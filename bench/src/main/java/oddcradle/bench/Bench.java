package oddcradle.bench;

import java.io.IOException;
import java.util.Collection;
import java.util.Locale;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.TimeValue;
import org.openjdk.jmh.runner.options.VerboseMode;

/** Runs every benchmark and prints the promised ratios. */
public final class Bench {
    private Bench() {}

    public static void main(String[] arguments) throws RunnerException, IOException {
        System.out.printf(
                Locale.ROOT,
                "%d processors, Java %s%n",
                Runtime.getRuntime().availableProcessors(),
                System.getProperty("java.version"));
        Collection<RunResult> results = new Runner(new OptionsBuilder()
                        .include("oddcradle.bench")
                        .forks(1)
                        .warmupIterations(5)
                        .warmupTime(TimeValue.seconds(2))
                        .measurementIterations(6)
                        .measurementTime(TimeValue.seconds(2))
                        .verbosity(VerboseMode.SILENT)
                        .build())
                .run();
        ratio(
                "demo job after a nudge / bare factorisation and solves",
                median(results, "nudge"),
                median(results, "bareFactorAndSolves"),
                "µs",
                3);
        ratio(
                "2,000 beams, 10 load cases / one bare factorisation",
                median(results, "wholeFrame"),
                median(results, "bareFactor"),
                "ms",
                3);
        StartUp.Times times = StartUp.measure();
        ratio("window usable / empty window of the same theme", times.program(), times.empty(), "s", 1.5);
    }

    /** Median over all calls: a machine that is shared stalls now and then, and an average would measure the stalls. */
    private static double median(Collection<RunResult> results, String name) {
        return results.stream()
                .filter(result -> result.getPrimaryResult().getLabel().equals(name))
                .findFirst()
                .orElseThrow()
                .getPrimaryResult()
                .getStatistics()
                .getPercentile(50);
    }

    private static void ratio(String what, double value, double reference, String unit, double promised) {
        double ratio = value / reference;
        System.out.printf(
                Locale.ROOT,
                "%-58s %9.2f %s / %9.2f %s = %5.2f  (at most %.1f%s)%n",
                what,
                value,
                unit,
                reference,
                unit,
                ratio,
                promised,
                ratio <= promised ? "" : ", MISSED");
    }
}
