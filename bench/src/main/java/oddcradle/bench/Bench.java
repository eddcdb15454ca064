package oddcradle.bench;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import oddcradle.files.job.DemoJobs;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.TimeValue;
import org.openjdk.jmh.runner.options.VerboseMode;

/** Runs every benchmark and prints the promised ratios. */
public final class Bench {
    private Bench() {}

    private static final double NO_LIMIT = Double.POSITIVE_INFINITY;
    private static final int ROUNDS = 3;

    /** Two benchmarks whose ratio is promised. */
    private record Claim(String what, String unit, double promised, String measured, String reference) {}

    private static final List<Claim> CLAIMS = List.of(
            new Claim("2,000 beams, 10 load cases / one bare factorisation", "ms", 3, "wholeFrame", "bareFactor"),
            // Promised is a tenth of a 60 Hz frame, 1667 us; the ratio is for the record.
            new Claim("whole line with charts / bare loop over its formulas", "µs", NO_LIMIT, "wholeLine", "bareLine"),
            new Claim("200 points, 800 readings / bare normal equations", "µs", 3, "survey", "bareNormalEquations"),
            new Claim("two million triangles opened / bytes into floats", "ms", 4, "openStl", "bytesIntoFloats"));

    /** @param arguments {@code --short} for less than two minutes: fewer calls, and nothing that opens windows or builds others' code */
    public static void main(String[] arguments) throws RunnerException, IOException {
        boolean quick = Arrays.asList(arguments).contains("--short");
        int rounds = quick ? 1 : ROUNDS;
        System.out.printf(
                Locale.ROOT,
                "%d processors, Java %s, medians of %d rounds%n",
                Runtime.getRuntime().availableProcessors(),
                System.getProperty("java.version"),
                rounds);
        for (DemoJobs demo : DemoJobs.values()) {
            NudgeMeasures.Nudges nudges = NudgeMeasures.of(demo, quick ? 150 : 1000);
            String name = demo.fileName();
            print(name + " nudge / a third of a 60 Hz frame", "µs", 1, nudges.againstThirdOfFrame());
            print(name + " slowest 1 in 100 / a whole frame", "µs", 1, nudges.lateAgainstFrame());
            print(name + " nudge / its bare kernels", "µs", 4, nudges.againstKernels());
        }
        for (Claim claim : CLAIMS) {
            List<Pair> pairs = new ArrayList<>();
            for (int round = 0; round < rounds; round++) {
                Collection<RunResult> results = measure(claim, quick);
                pairs.add(new Pair(median(results, claim.measured()), median(results, claim.reference())));
            }
            print(claim.what(), claim.unit(), claim.promised(), middle(pairs));
        }
        print("one pose of the seat search / a ledger of every pair", "µs", 0.05, SeatMeasures.visit());
        print("tube end pulled, everything examined / one 60 Hz frame", "µs", 1, CradleMeasures.pull());
        print("orders at 400 speeds / bare dense systems", "ms", 5, ShakeMeasures.map());
        print("all cases after one tube / bare factor and solutions", "ms", 2, LoadMeasures.cases());
        print("one weld lost, by update / the frame solved anew", "ms", 0.1, LoadMeasures.loss());
        print("packet of the runabout / as many pages and strokes bare", "ms", 3, MakeMeasures.packet());
        print("300 parts on bars / one second", "ms", 1, MakeMeasures.nesting());
        print("60 bosses bolted down / one frame", "ms", 1, FitMeasures.sixty());
        print("10,000 ways of shimming / one second", "ms", 1, FitMeasures.shims());
        print("what hangs from the seat / one frame", "ms", 0.1, RunMeasures.nudged());
        if (quick) {
            return;
        }
        print("2,000 beams, 10 cases / CalculiX", "s", 0.05, LoadMeasures.againstCalculix());
        print("nudge with its full ledger / a third of a 60 Hz frame", "µs", 1, SeatMeasures.ledger());
        print("10,000 odds / 200 nudges with their ledgers", "ms", 1, SeatMeasures.odds());
        print("slowest way out of the demos / 30 s", "s", 1, SeatMeasures.way());
        print("twenty proposals / 400 frame solutions", "ms", 1, CradleMeasures.proposals());
        print("distance of two 200,000-triangle meshes / FCL", "µs", 1, MeshAgainstFcl.measure());
        print("20 s of run-up with snubbers / real time", "s", 1.0 / 20, ShakeMeasures.runUp());
        print("100 isolators ranked / one full map", "s", 1, ShakeMeasures.ranking());
        DeskMeasures.print();
        print("window usable / empty window of the same theme", "s", 1.5, StartUp.measure());
    }

    /** What is promised about and what it is held against, measured close together. */
    record Pair(double value, double reference) {
        double ratio() {
            return value / reference;
        }
    }

    /** On a shared machine whole seconds run slower than others; the round in the middle is the fairest. */
    private static Pair middle(List<Pair> pairs) {
        return pairs.stream()
                .sorted(Comparator.comparingDouble(Pair::ratio))
                .toList()
                .get(pairs.size() / 2);
    }

    private static Collection<RunResult> measure(Claim claim, boolean quick) throws RunnerException {
        return new Runner(new OptionsBuilder()
                        .include("oddcradle\\.bench\\..*\\." + claim.measured() + "$")
                        .include("oddcradle\\.bench\\..*\\." + claim.reference() + "$")
                        .forks(1)
                        .warmupIterations(quick ? 2 : 8)
                        .warmupTime(TimeValue.milliseconds(quick ? 500 : 1500))
                        .measurementIterations(quick ? 2 : 3)
                        .measurementTime(TimeValue.milliseconds(quick ? 500 : 1500))
                        .verbosity(VerboseMode.SILENT)
                        .build())
                .run();
    }

    /** Over all calls: an average would measure the machine's stalls. */
    private static double median(Collection<RunResult> results, String name) {
        return results.stream()
                .filter(result -> result.getPrimaryResult().getLabel().equals(name))
                .findFirst()
                .orElseThrow()
                .getPrimaryResult()
                .getStatistics()
                .getPercentile(50);
    }

    static void print(String what, String unit, double promised, Pair pair) {
        System.out.printf(
                Locale.ROOT,
                "%-58s %9.2f %s / %9.2f %s = %5.2f  %s%n",
                what,
                pair.value(),
                unit,
                pair.reference(),
                unit,
                pair.ratio(),
                promised == NO_LIMIT
                        ? "(no ratio promised)"
                        : String.format(
                                Locale.ROOT, "(at most %.2f%s)", promised, pair.ratio() <= promised ? "" : ", MISSED"));
    }
}
