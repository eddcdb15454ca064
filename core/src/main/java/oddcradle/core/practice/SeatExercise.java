package oddcradle.core.practice;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import java.util.random.RandomGenerator;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Source;
import oddcradle.core.practice.BenchPicture.Look;
import oddcradle.core.survey.Instrument;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;

/**
 * An engine on the hoist over a bay that is not as drawn.
 *
 * <p>Rooms of opposite sides add up, so the best seat shares what is beyond the needs. Across the machine it cannot: there the chain decides, and
 * the sides get what is left.
 *
 * @param sides all six
 * @param chain how far the engine's sprocket lies to the left of the other's plane as the engine is drawn, m
 */
record SeatExercise(List<Side> sides, double chain) implements Exercise {
    private static final String CHAIN = "chain";
    private static final String GAP = "gap-";
    private static final double HOIST = 20 * 60;
    private static final double FARTHEST = 0.1;
    /** A straight-edge over two sprockets, m. */
    private static final double EDGE_SIGMA = 0.0003;

    private static final double EDGE_STEP = 0.0005;
    /** 2 mm in 1 m of centre distance, at half a metre, m. */
    private static final double CHAIN_ALLOWED = 0.001;
    /** What a builder gives away by feel, m. */
    private static final double ALLOWED = 0.003;
    /** Least that opposite sides have beyond their needs, m. */
    private static final double SPARE = 0.008;

    /** A way the engine is moved, and its two sides. */
    private enum Way {
        FORWARD("forward"),
        LEFT("left"),
        UP("up");

        private final String key;

        Way(String key) {
            this.key = key;
        }
    }

    /**
     * One side of the bay.
     *
     * @param towards whether a move its way makes it nearer
     * @param drawn room as drawn, m
     * @param real room as built, with the engine as drawn, m
     * @param needed m
     */
    record Side(
            String key, String words, Way way, boolean towards, double drawn, double real, double needed, String why) {
        private Side built(double more) {
            return new Side(key, words, way, towards, drawn, drawn + more, needed, why);
        }

        /** What is left of a room after a move, m. */
        private double left(double room, double moved) {
            return towards ? room - moved : room + moved;
        }

        private double gap(Map<String, Double> set) {
            return left(real, set.get(way.key));
        }

        /** The room with the engine as drawn, from a reading, m. */
        private double fromRead(Taken taken) {
            return left(taken.value(), -taken.set().get(way.key));
        }
    }

    private static final List<Side> DRAWN = List.of(
            side("front", "front", Way.FORWARD, true, 0.045, 0.030, "the fan and its air"),
            side("rear", "rear", Way.FORWARD, false, 0.030, 0.015, "the bulkhead's bolts"),
            side("left", "left", Way.LEFT, true, 0.026, 0.012, "what the rubber lets it move"),
            side("right", "right", Way.LEFT, false, 0.026, 0.012, "what the rubber lets it move"),
            side("tank", "tank above", Way.UP, true, 0.055, 0.040, "the heat of the head"),
            side("skid", "skid plate below", Way.UP, false, 0.035, 0.020, "the spanner on the drain plug"));

    private static Side side(
            String key, String words, Way way, boolean towards, double drawn, double needed, String why) {
        return new Side(key, words, way, towards, drawn, drawn, needed, why);
    }

    static SeatExercise made(RandomGenerator chance) {
        List<Side> sides = new ArrayList<>();
        for (int k = 0; k < DRAWN.size(); k += 2) {
            Side one = DRAWN.get(k);
            Side other = DRAWN.get(k + 1);
            // One side is a good deal tighter than drawn, the other not enough wider to make it good.
            double shift = chance.nextDouble(0.006, 0.013) * (chance.nextBoolean() ? 1 : -1);
            double narrower = chance.nextDouble(0, 0.5) * (spare(one) + spare(other) - SPARE);
            sides.add(one.built(-narrower / 2 - shift));
            sides.add(other.built(-narrower / 2 + shift));
        }
        double middle = middle(sides.get(2), sides.get(3), Side::real);
        double room = (spare(sides.get(2)) + spare(sides.get(3))) / 2;
        // Off the middle of the bay, but not so far that a side would be short.
        double off = chance.nextDouble(0.2, 0.5) * room * (chance.nextBoolean() ? 1 : -1);
        return new SeatExercise(sides, -(middle + off));
    }

    private static double spare(Side side) {
        return side.real() - side.needed();
    }

    /** The move that leaves both sides of a way as much beyond their needs, m. */
    private static double middle(Side towards, Side away, ToDoubleFunction<Side> room) {
        return (room.applyAsDouble(towards) - towards.needed() - room.applyAsDouble(away) + away.needed()) / 2;
    }

    @Override
    public List<Phrase> task() {
        List<Phrase> task = new ArrayList<>();
        task.add(Phrase.of(
                "The engine hangs on the hoist in its bay. Set how far forward, left and up of its drawn place it is to stand, so that the tightest room has as much beyond its need as can be, and the chain runs in line to {}.",
                Quantity.length(CHAIN_ALLOWED)));
        task.add(Phrase.of(
                "No frame is quite as it was drawn. To set it otherwise takes {} on the hoist.", Tool.minutes(HOIST)));
        for (Side side : sides) {
            task.add(Phrase.of(
                    "{}: drawn {}, needs {} for {}.",
                    side.words(),
                    Quantity.length(side.drawn()),
                    Quantity.length(side.needed()),
                    side.why()));
        }
        return task;
    }

    @Override
    public List<Setting> settings() {
        return List.of(
                Setting.moved(Way.FORWARD.key, "forward of where it is drawn", Kind.LENGTH, -FARTHEST, FARTHEST, 0),
                Setting.moved(Way.LEFT.key, "left of where it is drawn", Kind.LENGTH, -FARTHEST, FARTHEST, 0),
                Setting.moved(Way.UP.key, "up from where it is drawn", Kind.LENGTH, -FARTHEST, FARTHEST, 0));
    }

    @Override
    public List<Tool> tools() {
        List<Tool> tools = new ArrayList<>();
        sides.forEach(side -> tools.add(Tool.taking(GAP + side.key(), "Rule into the gap: " + side.words(), 1)));
        tools.add(Tool.taking(CHAIN, "Straight-edge across both sprockets", 3));
        return tools;
    }

    @Override
    public double moving() {
        return HOIST;
    }

    @Override
    public Read read(String tool, Map<String, Double> set, RandomGenerator noise) {
        Optional<Side> met = sides.stream().filter(side -> side.gap(set) < 0).findFirst();
        if (met.isPresent()) {
            return new Read(
                    Phrase.of(
                            "It does not go in there: it stands against something, {}.",
                            met.get().words()),
                    List.of());
        }
        if (tool.equals(CHAIN)) {
            double shown = Marks.read(offLine(set) + EDGE_SIGMA * noise.nextGaussian(), EDGE_STEP);
            return new Read(
                    Phrase.of(
                            "the engine's sprocket lies {} {} of the other",
                            Quantity.length(Math.abs(shown)),
                            shown < 0 ? "right" : "left"),
                    List.of(shown));
        }
        Side side = side(tool);
        Instrument rule = Instrument.STEEL_RULE;
        double shown = Math.max(0, Marks.read(side.gap(set) + rule.lengthSigma() * noise.nextGaussian(), rule.step()));
        return new Read(Phrase.of("gap, {}: {}", side.words(), Quantity.length(shown)), List.of(shown));
    }

    private Side side(String tool) {
        return sides.stream()
                .filter(each -> tool.equals(GAP + each.key()))
                .findFirst()
                .orElseThrow();
    }

    /** Of the engine's sprocket to the left, m. */
    private double offLine(Map<String, Double> set) {
        return chain + set.get(Way.LEFT.key);
    }

    @Override
    public WorkedOut workedOut(Map<String, Double> set, List<Taken> paper) {
        List<Phrase> says = new ArrayList<>();
        Map<String, Double> best = new HashMap<>();
        for (Way way : List.of(Way.FORWARD, Way.UP)) {
            Side towards = side(way, true);
            Side away = side(way, false);
            OptionalDouble one = found(towards, paper);
            OptionalDouble other = found(away, paper);
            if (one.isPresent() && other.isPresent()) {
                double move = middle(towards, away, side -> side == towards ? one.getAsDouble() : other.getAsDouble());
                best.put(way.key, move);
                says.add(Phrase.of(
                        "{} by {}: what is beyond the needs is then the same at both ends",
                        way.key,
                        Quantity.length(move)));
            } else {
                says.add(Phrase.of("{}: both rooms must be read, {} and {}", way.key, towards.words(), away.words()));
            }
        }
        Optional<Taken> edge = last(CHAIN, paper);
        if (edge.isPresent()) {
            double move = edge.get().set().get(Way.LEFT.key) - edge.get().value();
            best.put(Way.LEFT.key, move);
            says.add(Phrase.of("left by {}: the chain is in line", Quantity.length(move)));
        } else {
            says.add(Phrase.of("left: the straight-edge decides, and has not been laid on"));
        }
        return new WorkedOut(says, best);
    }

    private Side side(Way way, boolean towards) {
        return sides.stream()
                .filter(side -> side.way() == way && side.towards() == towards)
                .findFirst()
                .orElseThrow();
    }

    private static OptionalDouble found(Side side, List<Taken> paper) {
        return last(GAP + side.key(), paper).stream()
                .mapToDouble(side::fromRead)
                .findFirst();
    }

    private static Optional<Taken> last(String tool, List<Taken> paper) {
        return paper.stream()
                .filter(taken -> taken.tool().equals(tool) && taken.isRead())
                .reduce((before, after) -> after);
    }

    /** Most that the tightest room can have beyond its need while the chain runs in line, m. */
    private double best() {
        double best = Double.POSITIVE_INFINITY;
        for (Way way : Way.values()) {
            Side towards = side(way, true);
            Side away = side(way, false);
            double move = middle(towards, away, Side::real);
            if (way == Way.LEFT) {
                move = Math.max(-chain - CHAIN_ALLOWED, Math.min(-chain + CHAIN_ALLOWED, move));
            }
            best = Math.min(
                    best,
                    Math.min(
                            towards.left(towards.real(), move) - towards.needed(),
                            away.left(away.real(), move) - away.needed()));
        }
        return best;
    }

    @Override
    public Mark mark(Map<String, Double> set, List<Taken> paper) {
        double best = best();
        double worst = sides.stream()
                .mapToDouble(side -> side.gap(set) - side.needed())
                .min()
                .orElseThrow();
        double off = Math.abs(offLine(set));
        List<Phrase> whys = new ArrayList<>();
        for (Side side : sides) {
            double gap = side.gap(set);
            if (gap - side.needed() < best - ALLOWED) {
                whys.add(
                        gap < 0
                                ? Phrase.of(
                                        "{}: it does not go in, {} are missing before anything touches.",
                                        side.words(),
                                        Quantity.length(-gap))
                                : Phrase.of(
                                        "{}: the room is {}, {} are needed for {}; the tightest could have had {} beyond its need.",
                                        side.words(),
                                        Quantity.length(gap),
                                        Quantity.length(side.needed()),
                                        side.why(),
                                        Quantity.length(best)));
                if (found(side, paper).isEmpty()) {
                    whys.add(Phrase.of(
                            "Nobody read the room there: drawn were {}, the frame has {}.",
                            Quantity.length(side.drawn()),
                            Quantity.length(side.real())));
                }
            }
        }
        if (off > CHAIN_ALLOWED) {
            whys.add(Phrase.of(
                    "The chain runs {} out of line. It is set first, because nothing else across the machine can make up for it.",
                    Quantity.length(off)));
        }
        return new Mark(
                List.of(
                        new Mark.Criterion(
                                "tightest room, short of the best there is by",
                                Quantity.length(Math.max(0, best - worst)),
                                Quantity.length(ALLOWED),
                                Source.commonPractice()),
                        new Mark.Criterion(
                                "sprockets out of line by",
                                Quantity.length(off),
                                Quantity.length(CHAIN_ALLOWED),
                                Source.commonPractice())),
                whys);
    }

    /** From the right-hand side, as drawn. */
    @Override
    public BenchPicture picture(Map<String, Double> set) {
        double x = set.get(Way.FORWARD.key);
        double z = set.get(Way.UP.key);
        double half = 0.2;
        double high = 0.36;
        double front = side(Way.FORWARD, true).drawn();
        double rear = side(Way.FORWARD, false).drawn();
        double tank = side(Way.UP, true).drawn();
        double skid = side(Way.UP, false).drawn();
        return new BenchPicture.Drawing()
                .box(-half - rear, -skid, 2 * half + rear + front, high + skid + tank, Look.FRAME)
                .box(x - half, z, 2 * half, 0.2, Look.ENGINE)
                .box(x + 0.02, z + 0.2, 0.12, high - 0.2, Look.ENGINE)
                .ring(x - 0.13, z + 0.1, 0.035, Look.DRIVE)
                .line(x - 0.13, z + 0.135, -0.42, 0.15, Look.DRIVE)
                .line(x - 0.13, z + 0.065, -0.42, 0.03, Look.DRIVE)
                .words(half + front + 0.01, 0.2, "front")
                .words(-0.03, high + tank + 0.012, "tank above, as drawn")
                .words(-0.03, -skid - 0.03, "skid plate below")
                .done();
    }
}
