package oddcradle.core.search;

import static oddcradle.core.finding.Why.input;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Why;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.report.Answer;
import oddcradle.core.structure.EngineShaking;
import oddcradle.core.structure.OrderMap;
import oddcradle.core.structure.ShakeWatch;
import oddcradle.core.units.Quantity;

/**
 * What of the maps matters to a builder: what the frame gets at idle, what is felt at cruise, how far the engine moves, and which speeds are no speeds to stay
 * at.
 */
public final class ShakeAnswers {
    private static final double STANDARD_GRAVITY = 9.80665;
    /** A peak stands out when it is this many times the lower of the valleys beside it. */
    private static final double STANDS_OUT = 1.5;

    private static final int MOST_PEAKS = 4;
    /** Below this frequency whole-body weighting leaves acceleration as it is, above it falls with frequency, Hz. */
    private static final double BODY_CORNER = 8;

    private static final Source MODEL = Source.derived(
            "donor as a rigid body on mounts k (1 + i loss) as they are while they shake, on the frame with its mass and supports;"
                    + " every order of the crank train, and of a propeller on the donor's own shaft; drive and road are not in it");

    private ShakeAnswers() {}

    /**
     * A speed to pass through.
     *
     * @param watch index in the full map
     * @param order index in the full map
     * @param speed of the first crank, rad/s
     * @param value N, m or m/s there
     * @param beside how many times as much as at cruise, a ratio
     * @param isCruise whether it is the very speed that the engine mostly runs at
     */
    public record Peak(int watch, int order, double speed, double value, double beside, boolean isCruise) {}

    public static List<Answer> of(Examination examination, ShakeMaps.Maps maps) {
        return List.of(
                atIdle(examination, maps.idle()), atCruise(examination, maps.full()), engine(examination, maps.full()));
    }

    private static Answer atIdle(Examination examination, OrderMap idle) {
        int watch = idle.most(ShakeWatch.Kind.MOUNT_FORCE, 0).orElseThrow();
        int order = idle.leading(watch, 0);
        double force = idle.together(watch, 0);
        double weight = examination.job().donor().mass().mass()
                * STANDARD_GRAVITY
                / idle.of(ShakeWatch.Kind.MOUNT_FORCE).size();
        double hertz = hertz(idle, order, 0);
        return new Answer(
                "idle",
                "What does the frame get at idle?",
                Optional.of(Quantity.force(force)),
                Phrase.of(
                        "to and fro at {}, the worst; order {} at {} leads. A mount's share of the engine's weight is {}",
                        idle.watches().get(watch).label(),
                        name(idle, order),
                        Quantity.frequency(hertz),
                        Quantity.force(weight)),
                new Why(
                        "root of the sum of the squares of all orders at "
                                + idle.watches().get(watch).label() + ", without load; amplitude",
                        List.of(
                                input("order " + name(idle, order), Quantity.force(idle.amplitude(watch, order, 0))),
                                input("its frequency", Quantity.frequency(hertz))),
                        MODEL));
    }

    private static Answer atCruise(Examination examination, OrderMap map) {
        int speed = map.nearest(examination.job().donor().engine().cruiseSpeed());
        String question = "What is felt at cruise?";
        Optional<Integer> seat = map.most(ShakeWatch.Kind.FRAME_VELOCITY, speed);
        if (seat.isEmpty()) {
            return new Answer(
                    "cruise",
                    question,
                    Optional.empty(),
                    Phrase.of(
                            "nobody is on the machine, or sits where the model holds it still: list people at Host, Mass"),
                    new Why("the place that carries a person is watched", List.of(), MODEL));
        }
        int order = map.leading(seat.get(), speed);
        double weighted = weighted(map, seat.get(), speed);
        return new Answer(
                "cruise",
                question,
                Optional.of(Quantity.vibration(map.together(seat.get(), speed))),
                Phrase.of(
                        "where the machine carries the {}, full throttle; order {} leads. Weighted as a body feels it about {}; by 2002/44/EC"
                                + " action is due at {} over a working day",
                        map.watches().get(seat.get()).label(),
                        name(map, order),
                        Quantity.acceleration(weighted),
                        Quantity.acceleration(0.5)),
                new Why(
                        "root of the sum of the squares of all orders, root mean square; weighted: acceleration, above 8 Hz times 8 Hz / f;"
                                + " seat cushions left out, an orientation",
                        List.of(
                                input(
                                        "order " + name(map, order),
                                        Quantity.vibration(map.amplitude(seat.get(), order, speed))),
                                input("its frequency", Quantity.frequency(hertz(map, order, speed)))),
                        Source.fromMemory("ISO 2631-1, weighting Wk; " + MODEL.words())));
    }

    private static double weighted(OrderMap map, int watch, int speed) {
        double sum = 0;
        for (int order = 0; order < map.orders().size(); order++) {
            double f = hertz(map, order, speed);
            double a = 2 * Math.PI * Math.min(f, BODY_CORNER) * map.amplitude(watch, order, speed);
            sum += a * a;
        }
        return Math.sqrt(sum);
    }

    private static Answer engine(Examination examination, OrderMap map) {
        int watch = map.of(ShakeWatch.Kind.ENGINE_MOTION).get(0);
        Engine engine = examination.job().donor().engine();
        int worst = map.worstSpeed(watch, engine.idleSpeed());
        int order = map.leading(watch, worst);
        return new Answer(
                "engine",
                "How far does the engine shake?",
                Optional.of(Quantity.length(map.together(watch, worst))),
                Phrase.of(
                        "either way at the {}, at {}, from idle up; order {} leads. What load and start-up move comes on top: Seat, Gaps",
                        map.watches().get(watch).label(),
                        Quantity.rotationSpeed(map.speeds().get(worst)),
                        name(map, order)),
                new Why(
                        "root of the sum of the squares of all orders; amplitude at the speed where it is greatest",
                        List.of(
                                input("order " + name(map, order), Quantity.length(map.amplitude(watch, order, worst))),
                                input("its frequency", Quantity.frequency(hertz(map, order, worst)))),
                        MODEL));
    }

    /** Speeds from idle up at which the worst mount or a person gets more than beside them, the worst first. */
    public static List<Peak> peaks(Examination examination, OrderMap map) {
        Engine engine = examination.job().donor().engine();
        int cruise = map.nearest(engine.cruiseSpeed());
        List<Integer> watches = new ArrayList<>(map.of(ShakeWatch.Kind.FRAME_VELOCITY));
        int idle = map.nearest(engine.idleSpeed());
        map.of(ShakeWatch.Kind.MOUNT_FORCE).stream()
                .max(Comparator.comparingDouble(
                        watch -> map.together(watch, map.worstSpeed(watch, engine.idleSpeed()))))
                .ifPresent(watches::add);
        List<Peak> peaks = new ArrayList<>();
        for (int watch : watches) {
            for (int s = Math.max(1, idle); s < map.speeds().size() - 1; s++) {
                double here = map.together(watch, s);
                boolean top = here > map.together(watch, s - 1) && here >= map.together(watch, s + 1);
                if (top && here > STANDS_OUT * Math.max(valley(map, watch, s, -1), valley(map, watch, s, 1))) {
                    peaks.add(new Peak(
                            watch,
                            map.leading(watch, s),
                            map.speeds().get(s),
                            here,
                            here / map.together(watch, cruise),
                            s == cruise));
                }
            }
        }
        peaks.sort(Comparator.comparingDouble(Peak::beside).reversed());
        return List.copyOf(peaks.subList(0, Math.min(MOST_PEAKS, peaks.size())));
    }

    /** The lowest on the way to something higher, or to the end. */
    private static double valley(OrderMap map, int watch, int from, int step) {
        double lowest = map.together(watch, from);
        for (int s = from + step; s >= 0 && s < map.speeds().size(); s += step) {
            if (map.together(watch, s) > map.together(watch, from)) {
                break;
            }
            lowest = Math.min(lowest, map.together(watch, s));
        }
        return lowest;
    }

    /** A peak in words. */
    public static Phrase words(OrderMap map, Peak peak) {
        ShakeWatch watch = map.watches().get(peak.watch());
        Quantity speed = Quantity.rotationSpeed(peak.speed());
        Quantity frequency = Quantity.frequency(map.orders().get(peak.order()) * peak.speed() / (2 * Math.PI));
        String order = name(map, peak.order());
        Quantity value = quantity(watch, peak.value());
        if (peak.isCruise()) {
            return Phrase.of(
                    "{}: order {} at {}; {} gets {}, and that is the cruise speed",
                    speed,
                    order,
                    frequency,
                    watch.label(),
                    value);
        }
        return Phrase.of(
                "{}: order {} at {}; {} gets {}, {} times as much as at cruise",
                speed,
                order,
                frequency,
                watch.label(),
                value,
                Quantity.count(peak.beside() < 3 ? peak.beside() : Math.rint(peak.beside())));
    }

    /** A number of a watch with its unit. */
    public static Quantity quantity(ShakeWatch watch, double value) {
        return switch (watch.kind()) {
            case MOUNT_FORCE -> Quantity.force(value);
            case ENGINE_MOTION -> Quantity.length(value);
            case FRAME_VELOCITY, CARRIED_VELOCITY -> Quantity.vibration(value);
        };
    }

    private static double hertz(OrderMap map, int order, int speed) {
        return map.orders().get(order) * map.speeds().get(speed) / (2 * Math.PI);
    }

    /** Halves as builders write them. */
    public static String name(OrderMap map, int order) {
        return EngineShaking.words(map.orders().get(order));
    }
}
