package oddcradle.core.structure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import oddcradle.core.engine.Throttle;
import oddcradle.core.frame.FrameFlexibility;
import oddcradle.core.frame.FrameInput;
import oddcradle.core.frame.FrameReceptance;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.math.Complex;
import oddcradle.core.math.ComplexEnvelope;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.MassProperties;
import oddcradle.core.vibration.HarmonicWrench;
import oddcradle.core.vibration.Mount;

/**
 * What every order of the engine does at every speed: the donor as a rigid body on mounts as they are while they shake, on the frame with
 * its own mass, supports and losses. The donor is exact, the frame by its own modes ({@link FrameReceptance}). Forces of a propeller and of the drive are not
 * in it.
 */
public final class OrderMap {
    /** Welded tubes lose little, common practice; a ratio. */
    public static final double FRAME_LOSS = 0.02;

    private static final double HIGHEST = 6;
    private static final int PIECES = 2;
    private static final int BODY = 6;
    private static final double SAME_ORDER = 1e-6;

    private final List<Double> speeds;
    private final List<Double> orders;
    private final List<ShakeWatch> watches;
    /** By watch, order, speed. */
    private final double[][][] amplitudes;

    private OrderMap(List<Double> speeds, List<Double> orders, List<ShakeWatch> watches, double[][][] amplitudes) {
        this.speeds = List.copyOf(speeds);
        this.orders = List.copyOf(orders);
        this.watches = List.copyOf(watches);
        this.amplitudes = amplitudes;
    }

    /**
     * Everything that decides it.
     *
     * @param frame with the masses that its nodes carry and supports as stiff as they are while they shake, without the donor
     * @param frameNodes of the mounts, in their order
     * @param mounts places from the donor's centre of gravity, m
     * @param body of the donor, global axes
     * @param engines where they lie
     * @param donor engines of the donor in the same order
     */
    public record Input(
            FrameInput frame,
            List<String> frameNodes,
            List<Mount> mounts,
            MassProperties body,
            Engines engines,
            List<Engine> donor,
            List<ShakeWatch> watches) {}

    /** @return empty where the frame alone can move without strain */
    public static Optional<Model> model(Input input) {
        List<Pull> pulls = pulls(input);
        List<FrameFlexibility.Probe> probes = new ArrayList<>();
        pulls.forEach(pull -> probes.add(pull.probe()));
        for (ShakeWatch watch : input.watches()) {
            if (watch.kind() == ShakeWatch.Kind.FRAME_VELOCITY) {
                for (Vec3 direction : List.of(Vec3.X, Vec3.Y, Vec3.Z)) {
                    probes.add(new FrameFlexibility.Probe(watch.id(), watch.at(), direction));
                }
            }
        }
        // A probe that a support holds gives nothing and calls up no mode.
        return probes.isEmpty()
                ? Optional.empty()
                : FrameReceptance.of(input.frame(), FRAME_LOSS, PIECES, probes)
                        .map(receptance -> new Model(input, pulls, receptance));
    }

    /** One direction in which a mount is stiff. */
    private record Pull(int mount, FrameFlexibility.Probe probe, double[] onBody, double stiffness, double loss) {}

    private static List<Pull> pulls(Input input) {
        List<Pull> pulls = new ArrayList<>();
        for (int k = 0; k < input.mounts().size(); k++) {
            Mount mount = input.mounts().get(k);
            Mat3 axes = mount.axes();
            List<Vec3> directions = List.of(axes.row0(), axes.row1(), axes.row2());
            List<Double> stiffness = List.of(
                    mount.stiffness().x(),
                    mount.stiffness().y(),
                    mount.stiffness().z());
            for (int axis = 0; axis < 3; axis++) {
                if (stiffness.get(axis) > 0) {
                    Vec3 d = directions.get(axis);
                    Vec3 turn = mount.position().cross(d);
                    pulls.add(new Pull(
                            k,
                            new FrameFlexibility.Probe(
                                    input.frameNodes().get(k), input.body().cg().plus(mount.position()), d),
                            new double[] {d.x(), d.y(), d.z(), turn.x(), turn.y(), turn.z()},
                            stiffness.get(axis),
                            mount.loss()));
                }
            }
        }
        return pulls;
    }

    /** Engine, mounts and frame ready to be shaken. */
    public static final class Model {
        private final Input input;
        private final List<Pull> pulls;
        private final FrameReceptance receptance;

        private Model(Input input, List<Pull> pulls, FrameReceptance receptance) {
            this.input = input;
            this.pulls = pulls;
            this.receptance = receptance;
        }

        /**
         * @param speeds of the first crank, rad/s, ascending, at least one
         * @param throttle at all of them
         */
        public OrderMap map(List<Double> speeds, Throttle throttle) {
            Map<Double, double[][]> byOrder = new TreeMap<>();
            Map<EngineOrders, EngineBySpeed> sources = sources(speeds, throttle);
            for (int s = 0; s < speeds.size(); s++) {
                double speed = speeds.get(s);
                for (Engines.Acting acting :
                        input.engines().acting(each -> sources.get(each).at(speed * ratio(each)))) {
                    if (acting.order() > HIGHEST + SAME_ORDER) {
                        continue;
                    }
                    double[] here = amplitudes(acting.whole(1), acting.order() * speed);
                    double key = Math.rint(acting.order() / SAME_ORDER) * SAME_ORDER;
                    double[][] row = byOrder.computeIfAbsent(
                            key, order -> new double[input.watches().size()][speeds.size()]);
                    for (int k = 0; k < here.length; k++) {
                        // Engines out of step meet at times.
                        row[k][s] += here[k];
                    }
                }
            }
            List<Double> orders = new ArrayList<>(byOrder.keySet());
            double[][][] amplitudes = new double[input.watches().size()][orders.size()][];
            for (int o = 0; o < orders.size(); o++) {
                for (int k = 0; k < amplitudes.length; k++) {
                    amplitudes[k][o] = byOrder.get(orders.get(o))[k];
                }
            }
            return new OrderMap(speeds, orders, input.watches(), amplitudes);
        }

        private Map<EngineOrders, EngineBySpeed> sources(List<Double> speeds, Throttle throttle) {
            Map<EngineOrders, EngineBySpeed> sources = new HashMap<>();
            for (int k = 0; k < input.donor().size(); k++) {
                EngineOrders engine = input.engines().all().get(k).orders();
                double ratio = ratio(engine);
                sources.put(
                        engine,
                        new EngineBySpeed(
                                engine.running().source(),
                                input.donor().get(k),
                                throttle,
                                speeds.get(0) * ratio,
                                speeds.get(speeds.size() - 1) * ratio));
            }
            return sources;
        }

        /** Of its speed to that of the first engine. */
        private double ratio(EngineOrders engine) {
            return engine.cruiseSpeed() / input.engines().first().cruiseSpeed();
        }

        /** At every watch, under a wrench about the centre of gravity that swings with {@code omega}, rad/s. */
        private double[] amplitudes(HarmonicWrench wrench, double omega) {
            double[][][] h = receptance.at(omega);
            int size = BODY + pulls.size();
            double[] re = new double[size];
            double[] im = new double[size];
            Complex[] parts = {wrench.fx(), wrench.fy(), wrench.fz(), wrench.mx(), wrench.my(), wrench.mz()};
            for (int k = 0; k < BODY; k++) {
                re[k] = parts[k].re();
                im[k] = parts[k].im();
            }
            double[][] x = system(h, omega).factor().solve(re, im);
            return input.watches().stream()
                    .mapToDouble(watch -> amplitude(watch, x, h, omega))
                    .toArray();
        }

        /** The donor's own motion first, then the pull of every mount along each of its axes: one symmetric system. */
        private ComplexEnvelope system(double[][][] h, double omega) {
            int size = BODY + pulls.size();
            ComplexEnvelope z = new ComplexEnvelope(new int[size]);
            MassProperties body = input.body();
            for (int i = 0; i < 3; i++) {
                z.add(i, i, -omega * omega * body.mass(), 0);
                for (int j = 0; j <= i; j++) {
                    z.add(3 + i, 3 + j, -omega * omega * body.inertia().get(i, j), 0);
                }
            }
            for (int p = 0; p < pulls.size(); p++) {
                Pull pull = pulls.get(p);
                for (int k = 0; k < BODY; k++) {
                    z.add(BODY + p, k, pull.onBody()[k], 0);
                }
                double square = pull.stiffness() * (1 + pull.loss() * pull.loss());
                z.add(BODY + p, BODY + p, -1 / square, pull.loss() / square);
                for (int q = 0; q <= p; q++) {
                    z.add(BODY + p, BODY + q, -h[0][p][q], -h[1][p][q]);
                }
            }
            return z;
        }

        private double amplitude(ShakeWatch watch, double[][] x, double[][][] h, double omega) {
            return switch (watch.kind()) {
                case MOUNT_FORCE -> {
                    double sum = 0;
                    for (int p = 0; p < pulls.size(); p++) {
                        if (input.mounts().get(pulls.get(p).mount()).name().equals(watch.id())) {
                            sum += square(x[0][BODY + p]) + square(x[1][BODY + p]);
                        }
                    }
                    yield Math.sqrt(sum);
                }
                case ENGINE_MOTION -> {
                    double sum = 0;
                    for (double[] part : x) {
                        Vec3 shift = new Vec3(part[0], part[1], part[2]);
                        Vec3 turn = new Vec3(part[3], part[4], part[5]);
                        Vec3 moved = shift.plus(
                                turn.cross(watch.at().minus(input.body().cg())));
                        sum += moved.dot(moved);
                    }
                    yield Math.sqrt(sum);
                }
                case FRAME_VELOCITY -> omega * onFrame(watch, x, h) / Math.sqrt(2);
            };
        }

        private double onFrame(ShakeWatch watch, double[][] x, double[][][] h) {
            int first = pulls.size();
            for (ShakeWatch other : input.watches()) {
                if (other == watch) {
                    break;
                }
                first += other.kind() == ShakeWatch.Kind.FRAME_VELOCITY ? 3 : 0;
            }
            double sum = 0;
            for (int k = first; k < first + 3; k++) {
                double re = 0;
                double im = 0;
                for (int p = 0; p < pulls.size(); p++) {
                    re += h[0][k][p] * x[0][BODY + p] - h[1][k][p] * x[1][BODY + p];
                    im += h[0][k][p] * x[1][BODY + p] + h[1][k][p] * x[0][BODY + p];
                }
                sum += re * re + im * im;
            }
            return Math.sqrt(sum);
        }

        private static double square(double value) {
            return value * value;
        }
    }

    /** Of the first crank, rad/s, ascending. */
    public List<Double> speeds() {
        return speeds;
    }

    /** Ratios to the first crank's speed, ascending. */
    public List<Double> orders() {
        return orders;
    }

    public List<ShakeWatch> watches() {
        return watches;
    }

    /** What one order does at a watch at one speed; N, m or m/s by the kind of the watch. */
    public double amplitude(int watch, int order, int speed) {
        return amplitudes[watch][order][speed];
    }

    /** All orders together at one speed: the root of the sum of their squares; N, m or m/s. */
    public double together(int watch, int speed) {
        double sum = 0;
        for (double[] order : amplitudes[watch]) {
            sum += order[speed] * order[speed];
        }
        return Math.sqrt(sum);
    }

    /** The order that does most at a watch at one speed, as its index. */
    public int leading(int watch, int speed) {
        int most = 0;
        for (int o = 1; o < orders.size(); o++) {
            if (amplitudes[watch][o][speed] > amplitudes[watch][most][speed]) {
                most = o;
            }
        }
        return most;
    }

    /** Index of the speed nearest to one, rad/s. */
    public int nearest(double speed) {
        int best = 0;
        for (int s = 1; s < speeds.size(); s++) {
            if (Math.abs(speeds.get(s) - speed) < Math.abs(speeds.get(best) - speed)) {
                best = s;
            }
        }
        return best;
    }

    /**
     * Where it is worst, as an index.
     *
     * @param from slower speeds do not count, rad/s
     */
    public int worstSpeed(int watch, double from) {
        int worst = speeds.size() - 1;
        for (int s = 0; s < speeds.size(); s++) {
            if (speeds.get(s) < from) {
                continue;
            }
            if (together(watch, s) > together(watch, worst)) {
                worst = s;
            }
        }
        return worst;
    }

    /** Watches of a kind as indices, in their order. */
    public List<Integer> of(ShakeWatch.Kind kind) {
        List<Integer> found = new ArrayList<>();
        for (int k = 0; k < watches.size(); k++) {
            if (watches.get(k).kind() == kind) {
                found.add(k);
            }
        }
        return found;
    }

    /** The watch of a kind at which most happens at one speed; empty where none is of it. */
    public Optional<Integer> most(ShakeWatch.Kind kind, int speed) {
        return of(kind).stream().max(Comparator.comparingDouble(watch -> together(watch, speed)));
    }
}
