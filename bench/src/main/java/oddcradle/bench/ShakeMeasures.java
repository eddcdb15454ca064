package oddcradle.bench;

import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import oddcradle.core.catalog.Shelves;
import oddcradle.core.engine.Throttle;
import oddcradle.core.examine.Examination;
import oddcradle.core.math.ComplexEnvelope;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.MassProperties;
import oddcradle.core.search.MountRanking;
import oddcradle.core.search.ShakeMaps;
import oddcradle.core.structure.Excitation;
import oddcradle.core.structure.OrderMap;
import oddcradle.core.structure.ShakenFrame;
import oddcradle.core.vibration.LinkedBodies;
import oddcradle.core.vibration.LinkedBodiesInTime;
import oddcradle.files.job.DemoJobs;

/** The map of orders and the ranking of isolators on the largest demo; medians. */
final class ShakeMeasures {
    private static final int RUNS = 9;
    private static final int SPEEDS = 400;
    private static final double REAL = 20;

    private ShakeMeasures() {}

    /** Every order at 400 speeds beside the bare dense systems of the same number and size, ms. */
    static Bench.Pair map() {
        ShakeMaps.Setting setting = ShakeMaps.setting(
                        Examination.of(DemoJobs.SALTMARSH_RUNABOUT.load().job()))
                .orElseThrow();
        ShakenFrame frame = setting.shaken().orElseThrow();
        double limit = 1.3 * setting.donor().get(0).cruiseSpeed();
        List<Double> speeds = IntStream.range(0, SPEEDS)
                .mapToObj(k -> limit * (0.1 + 0.9 * k / SPEEDS))
                .toList();
        Excitation excitation = Excitation.of(setting.engines(), setting.donor(), speeds, Throttle.FULL);
        int systems = excitation.at().stream().mapToInt(List::size).sum();
        int size = 6 + 3 * setting.mounts().size();
        double[] whole = new double[RUNS];
        double[] bare = new double[RUNS];
        double kept = 0;
        for (int run = 0; run < RUNS; run++) {
            long start = System.nanoTime();
            OrderMap map = frame.map(setting.mounts(), setting.body(), excitation);
            whole[run] = (System.nanoTime() - start) / 1e6;
            kept += map.together(0, 0);
            start = System.nanoTime();
            kept += bare(systems, size);
            bare[run] = (System.nanoTime() - start) / 1e6;
        }
        if (Double.isNaN(kept)) {
            throw new IllegalStateException("a map of nothing");
        }
        return new Bench.Pair(median(whole), median(bare));
    }

    /** Systems as full as those of the map, made, factored and solved. */
    private static double bare(int systems, int size) {
        double sum = 0;
        double[] right = new double[size];
        Arrays.fill(right, 1);
        for (int k = 0; k < systems; k++) {
            ComplexEnvelope z = new ComplexEnvelope(new int[size]);
            for (int i = 0; i < size; i++) {
                for (int j = 0; j <= i; j++) {
                    z.add(i, j, i == j ? size + k : 1.0 / (1 + i + j), 0.1);
                }
            }
            sum += z.factor().solve(right, right)[0][0];
        }
        return sum;
    }

    /** Twenty seconds of one body on four mounts with snubbers, shaken by an order that rises to 40 Hz, beside the twenty seconds, s. */
    static Bench.Pair runUp() {
        List<LinkedBodies.Link> mounts = IntStream.range(0, 4)
                .mapToObj(k -> new LinkedBodies.Link(
                        "m" + k,
                        0,
                        LinkedBodies.GROUND,
                        new Vec3(k < 2 ? 0.2 : -0.2, k % 2 == 0 ? 0.15 : -0.15, -0.1),
                        Mat3.IDENTITY,
                        new Vec3(6e4, 3e4, 3e4),
                        0.1,
                        OptionalDouble.of(0.004)))
                .toList();
        MassProperties body = new MassProperties(40, Vec3.ZERO, Mat3.diagonal(1.2, 1.6, 2));
        LinkedBodiesInTime system =
                LinkedBodiesInTime.of(new LinkedBodies(List.of(body), mounts)).orElseThrow();
        double[] times = new double[RUNS];
        for (int run = 0; run < RUNS; run++) {
            double[] most = {0};
            long start = System.nanoTime();
            system.follow(
                    (t, loads) -> {
                        double speed = 4 * Math.PI * t;
                        loads[2] = 0.05 * speed * speed * Math.sin(2 * Math.PI * t * t);
                    },
                    REAL,
                    2 * Math.PI * 40,
                    (t, state) -> most[0] = Math.max(most[0], state.stretch(0).z()));
            times[run] = (System.nanoTime() - start) / 1e9;
            if (most[0] <= 0) {
                throw new IllegalStateException("a run-up of nothing");
            }
        }
        return new Bench.Pair(median(times), REAL);
    }

    /** A hundred isolators of the shelf beside one full map: 5,000 are promised below the time of fifty, s. */
    static Bench.Pair ranking() {
        Examination examination =
                Examination.of(DemoJobs.SALTMARSH_RUNABOUT.load().job());
        double[] ranked = new double[RUNS / 2];
        double[] maps = new double[RUNS / 2];
        for (int run = 0; run < ranked.length; run++) {
            long start = System.nanoTime();
            MountRanking.Result result =
                    MountRanking.of(examination, Shelves.SHIPPED, share -> true).orElseThrow();
            ranked[run] =
                    (System.nanoTime() - start) / 1e9 * 100 / result.choices().size();
            start = System.nanoTime();
            ShakeMaps.of(examination).orElseThrow();
            maps[run] = (System.nanoTime() - start) / 1e9;
        }
        return new Bench.Pair(median(ranked), median(maps));
    }

    private static double median(double[] values) {
        Arrays.sort(values);
        return values[values.length / 2];
    }
}
