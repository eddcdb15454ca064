package oddcradle.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import oddcradle.core.asbuilt.Aim;
import oddcradle.core.asbuilt.BodyOnHoles;
import oddcradle.core.asbuilt.Hole;
import oddcradle.core.asbuilt.Room;
import oddcradle.core.asbuilt.ShimSearch;
import oddcradle.core.asbuilt.ShimStacks;
import oddcradle.core.control.Progress;
import oddcradle.core.math.Vec3;

/** The engine on its mounts as they came out. */
final class FitMeasures {
    private static final int ROUNDS = 15;
    private static final double FRAME = 1e3 / 60;

    private FitMeasures() {}

    private static List<Hole> holes(int count) {
        SplittableRandom random = new SplittableRandom(5);
        List<Hole> holes = new ArrayList<>();
        for (int k = 0; k < count; k++) {
            holes.add(new Hole("M" + k, vector(random, 0.5), Vec3.Z, vector(random, 0.003), 0.0005));
        }
        return holes;
    }

    private static Vec3 vector(SplittableRandom random, double size) {
        return new Vec3(random.nextDouble() - 0.5, random.nextDouble() - 0.5, random.nextDouble() - 0.5).times(size);
    }

    /** Sixty bosses bolted down, bolts in their play, against one frame of a screen. */
    static Bench.Pair sixty() {
        List<Hole> holes = holes(60);
        return new Bench.Pair(median(() -> BodyOnHoles.apart(holes, 1e7, 1e7).on(holes)), FRAME);
    }

    /** Ten thousand ways of shimming four mounts, held against four aims and twelve gaps, against a second. */
    static Bench.Pair shims() {
        List<Hole> holes = holes(4);
        SplittableRandom random = new SplittableRandom(6);
        List<Aim> aims = new ArrayList<>();
        List<Room> rooms = new ArrayList<>();
        for (int k = 0; k < 4; k++) {
            aims.add(new Aim(vector(random, 1), vector(random, 1), 0, 0.0005));
        }
        for (int k = 0; k < 12; k++) {
            rooms.add(new Room(vector(random, 1), vector(random, 1), 0.001));
        }
        ShimSearch.Input input = new ShimSearch.Input(
                BodyOnHoles.apart(holes, 1e7, 1e7),
                holes,
                List.of(0.0002, 0.0002, 0.0002, 0.0002),
                ShimStacks.of(List.of(0.00005, 0.0001, 0.0002, 0.0005, 0.001, 0.002)),
                aims,
                rooms);
        return new Bench.Pair(median(() -> ShimSearch.of(input, Progress.UNWATCHED)), 1e3);
    }

    private static double median(Runnable work) {
        List<Double> times = new ArrayList<>();
        for (int k = 0; k < ROUNDS; k++) {
            long before = System.nanoTime();
            work.run();
            times.add((System.nanoTime() - before) / 1e6);
        }
        times.sort(null);
        return times.get(ROUNDS / 2);
    }
}
