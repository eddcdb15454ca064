package oddcradle.core.search;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import oddcradle.core.control.Progress;
import oddcradle.core.engine.Throttle;
import oddcradle.core.job.Job;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.recording.OrderTrack;
import oddcradle.core.recording.Recording;
import oddcradle.core.recording.SpeedFinder;
import oddcradle.core.structure.Excitation;
import oddcradle.core.structure.OrderMap;
import oddcradle.core.structure.ShakeWatch;
import oddcradle.core.structure.ShakenFrame;

/**
 * A recording laid over what was predicted for its place, order by order, and what would explain the difference: each suspect alone, its factor by least squares of
 * the differences in decibels, how sure by how much they scatter (Gauss-Newton; Bevington, Data Reduction, from memory).
 */
public final class RecordStudy {
    /** An order with less than this share of the most is noise. */
    private static final double FAINT = 0.05;

    private static final int MOST_SPEEDS = 40;
    private static final double LEAST = 0.4;
    private static final double MOST = 2.5;
    private static final int TRIES = 13;
    private static final double SLOWEST = 0.8;
    private static final double FASTEST = 1.1;

    private RecordStudy() {}

    /**
     * One order at one speed, as the watch has it: m at the engine, m/s root mean square at the frame.
     *
     * @param speed of the crank, rad/s
     */
    public record Point(double time, double speed, double order, double measured, double predicted) {}

    /**
     * What would explain the difference if nothing else did.
     *
     * @param factor times as much as the job has
     * @param sigma standard uncertainty of the factor
     * @param left what differs then, dB root mean square
     */
    public record Explanation(Suspect suspect, double factor, double sigma, double left) {}

    /**
     * @param watch the place
     * @param points that are worth comparing
     * @param differs dB, root mean square
     * @param louder dB, mean; above 0 where more was measured than predicted
     * @param explanations the best first
     */
    public record Study(
            ShakeWatch watch,
            OrderTrack track,
            List<Point> points,
            double differs,
            double louder,
            List<Explanation> explanations) {
        public Study {
            points = List.copyOf(points);
            explanations = List.copyOf(explanations);
        }
    }

    /** Places that can be recorded, as indices of watches. */
    public static List<Integer> places(ShakeMaps.Machine machine) {
        List<Integer> places = new ArrayList<>();
        List<ShakeWatch> watches = machine.setting().watches();
        for (int k = 0; k < watches.size(); k++) {
            if (watches.get(k).kind() != ShakeWatch.Kind.MOUNT_FORCE) {
                places.add(k);
            }
        }
        return places;
    }

    /**
     * @param full map of the machine as it is, for where its speed has to be found
     * @param watch one of the {@link #places}
     * @throws InvalidValue where the record holds nothing that can be compared
     */
    public static Study of(
            Job job, ShakeMaps.Maps maps, int watch, Recording recording, Throttle throttle, Progress progress) {
        Engine engine = job.donor().engine();
        OrderMap full = maps.full();
        List<Double> orders = full.orders();
        ShakeWatch place = full.watches().get(watch);
        OrderTrack track = SpeedFinder.track(
                recording,
                orders,
                (order, speed) -> acceleration(
                        place, full.amplitude(watch, orders.indexOf(order), full.nearest(speed)), order * speed),
                SLOWEST * engine.idleSpeed(),
                FASTEST * full.speeds().get(full.speeds().size() - 1));
        List<OrderTrack.Block> blocks = few(track.blocks());
        Compared compared = Compared.of(maps.machine(), watch, blocks, orders, throttle);
        List<Point> points = compared.points(Suspect.MASS, 0);
        if (points.isEmpty()) {
            throw new InvalidValue(
                    "record", "holds no order that is predicted: look at the place, the speed and the units");
        }
        List<Explanation> explanations = new ArrayList<>();
        for (Suspect suspect : Suspect.values()) {
            progress.report((double) suspect.ordinal() / Suspect.values().length);
            explanations.add(compared.explained(suspect));
        }
        explanations.sort(Comparator.comparingDouble(Explanation::left));
        return new Study(place, track, points, rms(points), mean(points), explanations);
    }

    /** The acceleration that goes with a watch's value, m/s2. */
    static double acceleration(ShakeWatch watch, double value, double omega) {
        return watch.kind() == ShakeWatch.Kind.ENGINE_MOTION ? value * omega * omega : value * omega * Math.sqrt(2);
    }

    private static double value(ShakeWatch watch, double acceleration, double omega) {
        return acceleration / acceleration(watch, 1, omega);
    }

    private static List<OrderTrack.Block> few(List<OrderTrack.Block> blocks) {
        if (blocks.size() <= MOST_SPEEDS) {
            return blocks;
        }
        List<OrderTrack.Block> few = new ArrayList<>();
        for (int k = 0; k < MOST_SPEEDS; k++) {
            few.add(blocks.get(k * (blocks.size() - 1) / (MOST_SPEEDS - 1)));
        }
        return few;
    }

    private static double decibels(Point point) {
        return 20 * Math.log10(point.measured() / point.predicted());
    }

    private static double mean(List<Point> points) {
        return points.stream().mapToDouble(RecordStudy::decibels).average().orElse(0);
    }

    private static double rms(List<Point> points) {
        return Math.sqrt(points.stream()
                .mapToDouble(point -> decibels(point) * decibels(point))
                .average()
                .orElse(0));
    }

    /** The same blocks held against one machine after another. */
    private record Compared(
            ShakeMaps.Machine machine,
            int watch,
            List<OrderTrack.Block> rising,
            List<Double> orders,
            Excitation excitation,
            ShakenFrame.Known known) {
        static Compared of(
                ShakeMaps.Machine machine,
                int watch,
                List<OrderTrack.Block> blocks,
                List<Double> orders,
                Throttle throttle) {
            List<OrderTrack.Block> rising = blocks.stream()
                    .sorted(Comparator.comparingDouble(OrderTrack.Block::speed))
                    .toList();
            return new Compared(
                    machine,
                    watch,
                    rising,
                    orders,
                    machine.excitation(
                            rising.stream().map(OrderTrack.Block::speed).toList(), throttle),
                    new ShakenFrame.Known());
        }

        /** With a suspect otherwise by the logarithm of a factor. */
        List<Point> points(Suspect suspect, double logFactor) {
            double factor = Math.exp(logFactor);
            ShakeWatch place = machine.setting().watches().get(watch);
            OrderMap map = machine.map(
                    suspect.mounts(machine.setting(), factor),
                    suspect.body(machine.setting(), factor),
                    excitation,
                    known);
            double most = 0;
            for (OrderTrack.Block block : rising) {
                for (double each : block.amplitudes()) {
                    most = Double.isNaN(each) ? most : Math.max(most, each);
                }
            }
            List<Point> points = new ArrayList<>();
            for (int s = 0; s < rising.size(); s++) {
                OrderTrack.Block block = rising.get(s);
                for (int o = 0; o < orders.size(); o++) {
                    double measured = block.amplitudes().get(o);
                    int at = map.orders().indexOf(orders.get(o));
                    double predicted = at < 0 ? 0 : map.amplitude(watch, at, s);
                    if (measured > FAINT * most && predicted > 0) {
                        double omega = orders.get(o) * block.speed();
                        points.add(new Point(
                                block.time(), block.speed(), orders.get(o), value(place, measured, omega), predicted));
                    }
                }
            }
            return points;
        }

        private double left(Suspect suspect, double logFactor) {
            return rms(points(suspect, logFactor));
        }

        Explanation explained(Suspect suspect) {
            double from = Math.log(LEAST);
            double step = (Math.log(MOST) - from) / (TRIES - 1);
            double best = 0;
            double least = left(suspect, 0);
            for (int k = 0; k < TRIES; k++) {
                double here = left(suspect, from + k * step);
                if (here < least) {
                    least = here;
                    best = from + k * step;
                }
            }
            // Halving towards the least, from both sides.
            for (double half = step / 2; half > 0.004; half /= 2) {
                for (double side : new double[] {best - half, best + half}) {
                    double here = left(suspect, side);
                    if (here < least) {
                        least = here;
                        best = side;
                    }
                }
            }
            return new Explanation(suspect, Math.exp(best), Math.exp(best) * sigma(suspect, best, least), least);
        }

        /** Of the logarithm: scatter over how quickly the differences change with it, neighbouring blocks taken as half alike. */
        private double sigma(Suspect suspect, double best, double least) {
            double step = 0.02;
            List<Point> above = points(suspect, best + step);
            List<Point> below = points(suspect, best - step);
            double square = 0;
            int count = Math.min(above.size(), below.size());
            for (int k = 0; k < count; k++) {
                double slope = (decibels(above.get(k)) - decibels(below.get(k))) / (2 * step);
                square += slope * slope;
            }
            return square > 0 ? least * Math.sqrt(2 / square) : Double.POSITIVE_INFINITY;
        }
    }
}
