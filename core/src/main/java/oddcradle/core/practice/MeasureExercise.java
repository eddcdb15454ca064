package oddcradle.core.practice;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.random.RandomGenerator;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Source;
import oddcradle.core.math.Vec3;
import oddcradle.core.practice.BenchPicture.Look;
import oddcradle.core.survey.AdjustedPoint;
import oddcradle.core.survey.DatumPlane;
import oddcradle.core.survey.Instrument;
import oddcradle.core.survey.Reading;
import oddcradle.core.survey.SimulatedInstrument;
import oddcradle.core.survey.Survey;
import oddcradle.core.survey.SurveyAdjustment;
import oddcradle.core.survey.SurveyPoint;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;

/**
 * A bolt hole above a table with three marks, and a tape whose hook is bent.
 *
 * <p>Tapes from marks that lie nearly level with the hole tell its height badly: an error of the tape comes back magnified by length over
 * height. A bent hook errs alike at every reading, so more readings do not help; a known length shows it.
 *
 * @param hole where it is, m
 * @param hook what the tape reads too much when hooked, m
 */
record MeasureExercise(Vec3 hole, double hook) implements Exercise {
    private static final Map<String, Vec3> MARKS =
            Map.of("a", Vec3.ZERO, "b", new Vec3(0.62, 0, 0), "c", new Vec3(0.1, 0.44, 0));
    private static final Vec3 BY_EYE = new Vec3(0.35, 0.2, 0.15);
    private static final String HOLE = "H";
    private static final String HOOKED = "hooked-";
    private static final String HELD = "held-";
    private static final String KNOWN = "known";
    private static final String UP = "up";
    private static final String SLOPE = "slope-a";
    private static final String HOOK = "hook";
    /** A bolt of 8 mm in a hole of 12 mm, m. */
    private static final double ALLOWED = 0.002;

    private static final double FARTHEST = 1;
    private static final double WORST_HOOK = 0.01;
    private static final double HOOK_SHOWS = 0.0007;

    static MeasureExercise made(RandomGenerator chance) {
        Vec3 about = new Vec3(chance.nextDouble(-1, 1), chance.nextDouble(-1, 1), chance.nextDouble(-1, 1));
        return new MeasureExercise(
                BY_EYE.plus(new Vec3(0.06 * about.x(), 0.05 * about.y(), 0.03 * about.z())),
                0.001 * (2 + chance.nextInt(2)) * (chance.nextBoolean() ? 1 : -1));
    }

    @Override
    public List<Phrase> task() {
        return List.of(
                Phrase.of(
                        "A mount's bolt hole stands over the table, behind a bracket. Marks on the table: A is the corner, B lies {} forward of it, C {} forward and {} to the left.",
                        Quantity.length(MARKS.get("b").x()),
                        Quantity.length(MARKS.get("c").x()),
                        Quantity.length(MARKS.get("c").y())),
                Phrase.of(
                        "Write down where its middle is, seen from A: forward, left and up. A bolt of {} goes into a hole of {}, so {} each way are allowed.",
                        Quantity.length(0.008),
                        Quantity.length(0.012),
                        Quantity.length(ALLOWED)),
                Phrase.of(
                        "A tape reads to about {}, a steel rule to {}. Nobody has looked at the tape's hook.",
                        Quantity.length(Instrument.TAPE.lengthSigma()),
                        Quantity.length(Instrument.STEEL_RULE.lengthSigma())));
    }

    @Override
    public List<Setting> settings() {
        return List.of(
                Setting.written(HOOK, "hooked, the tape reads too much by", Kind.LENGTH, 0, -WORST_HOOK, WORST_HOOK),
                place(DatumPlane.FORWARD, "hole, forward of A"),
                place(DatumPlane.LEFT, "hole, left of A"),
                place(DatumPlane.UP, "hole, up from the table"));
    }

    private static Setting place(DatumPlane plane, String words) {
        return Setting.written(plane.word(), words, Kind.LENGTH, BY_EYE.dot(plane.direction()), -FARTHEST, FARTHEST);
    }

    @Override
    public List<Tool> tools() {
        List<Tool> tools = new ArrayList<>();
        for (String mark : List.of("a", "b", "c")) {
            String name = mark.toUpperCase(Locale.ROOT);
            tools.add(Tool.taking(HOOKED + mark, "Tape hooked on " + name + ", to the hole", 1));
            tools.add(Tool.taking(HELD + mark, "Tape held at its 100 mark on " + name + ", to the hole", 2));
        }
        tools.add(Tool.taking(KNOWN, "Tape hooked on A, to B", 1));
        tools.add(Tool.taking(UP, "Rule straight up from the table to the hole", 2));
        tools.add(Tool.taking(SLOPE, "Angle gauge on a straight-edge from A to the hole", 3));
        return tools;
    }

    @Override
    public double moving() {
        return 0;
    }

    @Override
    public Read read(String tool, Map<String, Double> set, RandomGenerator noise) {
        if (tool.equals(KNOWN)) {
            double shown = read(distance(tool, "a", "b", 1), noise) + hook;
            return new Read(Phrase.of("A to B, hooked: {}", Quantity.length(shown)), List.of(shown));
        }
        double shown = read(reading(tool, 1), noise) + (tool.startsWith(HOOKED) ? hook : 0);
        return new Read(said(tool, shown), List.of(shown));
    }

    private static Phrase said(String tool, double shown) {
        if (tool.equals(UP)) {
            return Phrase.of("straight up: {}", Quantity.length(shown));
        }
        if (tool.equals(SLOPE)) {
            return Phrase.of("A to the hole rises {}", Quantity.angle(shown));
        }
        return Phrase.of(
                "{} to the hole, {}: {}",
                mark(tool).toUpperCase(Locale.ROOT),
                tool.startsWith(HOOKED) ? "hooked" : "held at 100",
                Quantity.length(shown));
    }

    private double read(Reading wanted, RandomGenerator noise) {
        return SimulatedInstrument.read(wanted, this::where, noise).value();
    }

    private Vec3 where(String point) {
        return point.equals(HOLE) ? hole : MARKS.get(point);
    }

    private static String mark(String tool) {
        return tool.substring(tool.length() - 1);
    }

    private static Reading distance(String id, String from, String to, double value) {
        return new Reading.Distance(id, from, to, value, Instrument.TAPE, Instrument.TAPE.lengthSigma());
    }

    /** What a tool reads of the hole. @param value m or rad */
    private static Reading reading(String tool, double value) {
        return reading(tool, tool, value);
    }

    private static Reading reading(String id, String tool, double value) {
        if (tool.equals(UP)) {
            Instrument rule = Instrument.STEEL_RULE;
            return new Reading.Offset(id, HOLE, DatumPlane.UP, value, rule, rule.lengthSigma());
        }
        if (tool.equals(SLOPE)) {
            Instrument gauge = Instrument.ANGLE_GAUGE;
            return new Reading.Slope(id, "a", HOLE, value, gauge, gauge.angleSigma());
        }
        return distance(id, mark(tool), HOLE, value);
    }

    @Override
    public WorkedOut workedOut(Map<String, Double> set, List<Taken> paper) {
        return adjusted(set.get(HOOK), paper)
                .map(hole -> new WorkedOut(
                        List.of(DatumPlane.values()).stream()
                                .map(plane -> Phrase.of(
                                        "{}: {}, known to {}",
                                        plane.word(),
                                        Quantity.length(hole.position().dot(plane.direction())),
                                        Quantity.length(hole.sigma(plane))))
                                .toList(),
                        places(hole)))
                .orElseGet(
                        () -> WorkedOut.onlySays(
                                Phrase.of(
                                        "The readings do not hold the hole yet: it takes three that look at it from different sides.")));
    }

    private static Map<String, Double> places(AdjustedPoint hole) {
        Map<String, Double> places = new HashMap<>();
        for (DatumPlane plane : DatumPlane.values()) {
            places.put(plane.word(), hole.position().dot(plane.direction()));
        }
        return places;
    }

    /** Where the readings put the hole. @param worn what is taken off every hooked tape, m */
    private static Optional<AdjustedPoint> adjusted(double worn, List<Taken> paper) {
        List<SurveyPoint> points = new ArrayList<>();
        MARKS.forEach((mark, at) -> points.add(SurveyPoint.of(mark, mark, at, 0, true)));
        points.add(SurveyPoint.of(HOLE, "hole", BY_EYE, 0, false));
        List<Reading> readings = new ArrayList<>();
        for (int k = 0; k < paper.size(); k++) {
            Taken taken = paper.get(k);
            if (!taken.tool().equals(KNOWN)) {
                double off = taken.tool().startsWith(HOOKED) ? worn : 0;
                readings.add(reading("R" + k, taken.tool(), taken.value() - off));
            }
        }
        if (readings.isEmpty()) {
            return Optional.empty();
        }
        return SurveyAdjustment.of(new Survey(points, readings, List.of(), List.of()))
                .point(HOLE)
                .filter(AdjustedPoint::known);
    }

    @Override
    public Mark mark(Map<String, Double> set, List<Taken> paper) {
        List<Mark.Criterion> criteria = new ArrayList<>();
        List<Phrase> whys = new ArrayList<>();
        Source play = Source.derived("half of what a bolt of 8 mm leaves in a hole of 12 mm");
        Set<String> used = Taken.tools(paper);
        boolean hooked = used.stream().anyMatch(tool -> tool.startsWith(HOOKED));
        double taken = set.get(HOOK);
        if (hooked && Math.abs(taken - hook) > HOOK_SHOWS) {
            whys.add(Phrase.of(
                    "The hook of this tape is bent: every hooked reading was {} too {}, and {} were taken off. A known length, A to B, shows it; held at its 100 mark a tape needs no hook.",
                    Quantity.length(Math.abs(hook)),
                    hook > 0 ? "long" : "short",
                    Quantity.length(taken)));
        }
        Optional<AdjustedPoint> known = adjusted(hooked ? hook : 0, paper);
        for (DatumPlane plane : DatumPlane.values()) {
            double off = set.get(plane.word()) - hole.dot(plane.direction());
            criteria.add(new Mark.Criterion(
                    "hole, " + plane.word() + ", off by",
                    Quantity.length(Math.abs(off)),
                    Quantity.length(ALLOWED),
                    play));
            double sigma = known.map(point -> point.sigma(plane)).orElse(Double.POSITIVE_INFINITY);
            if (known.isPresent() && sigma > ALLOWED / 2) {
                whys.add(Phrase.of(
                        "{}: these readings tell it to {} only. {}",
                        plane.word(),
                        Quantity.length(sigma),
                        plane == DatumPlane.UP
                                ? "Tapes that lie nearly level say little of height; a rule straight up says it at once."
                                : "Tapes from both sides, or more than one reading of each, hold it better."));
            }
            if (known.isPresent()
                    && Math.abs(known.get().position().dot(plane.direction()) - set.get(plane.word())) > 2 * ALLOWED) {
                whys.add(Phrase.of(
                        "{}: with the hook put right the readings say {}, {} were handed in.",
                        plane.word(),
                        Quantity.length(known.get().position().dot(plane.direction())),
                        Quantity.length(set.get(plane.word()))));
            }
        }
        if (known.isEmpty()) {
            whys.add(Phrase.of("The readings do not hold the hole; what was handed in is by eye."));
        }
        if (used.contains(KNOWN)) {
            whys.add(Phrase.of("A to B was read: a tape is tried on a known length before it is believed."));
        }
        return new Mark(criteria, whys);
    }

    @Override
    public BenchPicture picture(Map<String, Double> set) {
        double x = set.get(DatumPlane.FORWARD.word());
        double y = set.get(DatumPlane.LEFT.word());
        BenchPicture.Drawing drawing = new BenchPicture.Drawing().box(-0.06, -0.06, 0.78, 0.6, Look.FRAME);
        MARKS.forEach((mark, at) -> drawing.line(at.x(), at.y(), x, y, Look.MEASURE)
                .ring(at.x(), at.y(), 0.006, Look.FRAME)
                .words(at.x() - 0.03, at.y() - 0.03, mark.toUpperCase(Locale.ROOT)));
        return drawing.ring(x, y, 0.011, Look.ENGINE)
                .words(x + 0.02, y + 0.012, "hole, as written down")
                .done();
    }
}
