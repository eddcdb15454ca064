package oddcradle.core.practice;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.random.RandomGenerator;
import oddcradle.core.drive.ShaftDials;
import oddcradle.core.drive.SimulatedDials;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Source;
import oddcradle.core.practice.BenchPicture.Look;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;

/**
 * An engine on four feet, coupled to a generator that stands fast: rim and face dials, shims, and a foot that does not stand.
 *
 * <p>A stiff casing on four feet stands on three. Bolted down, all four meet: the casing follows the plane that fits them best and is
 * twisted by the rest, which carries the shaft end along, so dials lie until the foot is shimmed. Loosening any one bolt shows that gap at its foot
 * or at the one across from it. A bracket sags by its own weight alike at top and bottom, which reads as half of it in height.
 *
 * @param dials how the engine's shaft lies with no shims and nothing shifted
 * @param softFoot which foot is short
 * @param tooShort by how much, m
 * @param sag of the dial's bracket, bottom less top, m
 */
record AlignExercise(ShaftDials dials, Foot softFoot, double tooShort, double sag) implements Exercise {
    private static final ShaftDials NO_OFFSET = new ShaftDials(new ShaftDials.Axis(0, 0), new ShaftDials.Axis(0, 0));
    private static final String FEEL = "feel-";
    private static final String SHIM = "shim-";
    private static final String RIM = "rim";
    private static final String FACE = "face";
    private static final String SAG = "sag";
    private static final String ASIDE_FRONT = "aside-front";
    private static final String ASIDE_REAR = "aside-rear";
    /** Of the feet from the coupling, m. */
    private static final double FRONT_X = 0.15;

    private static final double REAR_X = 0.45;
    private static final double FACE_DIAMETER = 0.12;
    private static final double SHIM_STEP = 5e-5;
    private static final double MOST_SHIM = 0.005;
    private static final double FEELER_STEP = 5e-5;
    private static final double FEELER_SIGMA = 1e-5;
    private static final double DIAL_SIGMA = 5e-6;
    /** How far the twist of a casing carries its shaft end, a ratio of the gap; common practice. */
    private static final double CARRIED = 0.3;

    private static final double LOOSEN = 12 * 60;
    /** At 1500 turns a minute, m; common practice. */
    private static final double OFFSET_ALLOWED = 1e-4;
    /** Gap of the coupling's faces over their diameter, a ratio; common practice. */
    private static final double SLOPE_ALLOWED = 1e-3;
    /** m; common practice. */
    private static final double FOOT_ALLOWED = 5e-5;

    private static final double SAG_MATTERS = 4e-5;
    private static final double MUCH_BETTER = 0.5;

    /** Where a foot stands, seen along the shaft from the coupling. */
    enum Foot {
        LEFT_FRONT("lf", "left front", true, 1),
        RIGHT_FRONT("rf", "right front", true, -1),
        LEFT_REAR("lr", "left rear", false, -1),
        RIGHT_REAR("rr", "right rear", false, 1);

        private final String key;
        private final String words;
        private final boolean front;
        /** Sign in the twist: feet across from each other have the same. */
        private final int across;

        Foot(String key, String words, boolean front, int across) {
            this.key = key;
            this.words = words;
            this.front = front;
            this.across = across;
        }
    }

    static AlignExercise made(RandomGenerator chance) {
        // Set low on purpose, as fitters do: shims can only lift.
        ShaftDials lies = new ShaftDials(
                new ShaftDials.Axis(-chance.nextDouble(0.7e-3, 1.4e-3), chance.nextDouble(-0.8e-3, 0.8e-3)),
                new ShaftDials.Axis(
                        chance.nextDouble(0.3e-3, 0.9e-3) * (chance.nextBoolean() ? 1 : -1),
                        chance.nextDouble(-1.5e-3, 1.5e-3)));
        return new AlignExercise(
                lies,
                Foot.values()[chance.nextInt(Foot.values().length)],
                SHIM_STEP * chance.nextInt(5, 12),
                -chance.nextInt(24, 40) * 1e-5);
    }

    @Override
    public List<Phrase> task() {
        return List.of(
                Phrase.of(
                        "An engine on four feet drives a generator, bolted down and true, through a coupling at {}. Its shaft lies low and askew.",
                        Quantity.rotationSpeed(1500 * Math.PI / 30)),
                Phrase.of(
                        "Set shims under its feet and shift it aside until the axes agree: {} at the coupling, {} over 100 mm, no foot more than {} off its seat. Front feet are {} from the coupling, rear feet {}.",
                        Quantity.fine(OFFSET_ALLOWED),
                        Quantity.fine(SLOPE_ALLOWED * 0.1),
                        Quantity.fine(FOOT_ALLOWED),
                        Quantity.length(FRONT_X),
                        Quantity.length(REAR_X)),
                Phrase.of(
                        "The dial's bracket sits on the generator and reads the engine's hub, the face on a circle of {}; a reading is more when the plunger is pushed in. Left is seen from the generator. Every change takes {}.",
                        Quantity.length(FACE_DIAMETER),
                        Tool.minutes(LOOSEN)));
    }

    @Override
    public List<Setting> settings() {
        List<Setting> settings = new ArrayList<>();
        for (Foot foot : Foot.values()) {
            settings.add(Setting.moved(
                    SHIM + foot.key, "shims, " + foot.words + " foot", Kind.FINE_LENGTH, 0, MOST_SHIM, SHIM_STEP));
        }
        settings.add(Setting.moved(ASIDE_FRONT, "front feet shifted left", Kind.FINE_LENGTH, -MOST_SHIM, MOST_SHIM, 0));
        settings.add(Setting.moved(ASIDE_REAR, "rear feet shifted left", Kind.FINE_LENGTH, -MOST_SHIM, MOST_SHIM, 0));
        return settings;
    }

    @Override
    public List<Tool> tools() {
        List<Tool> tools = new ArrayList<>();
        for (Foot foot : Foot.values()) {
            tools.add(Tool.taking(FEEL + foot.key, "Feeler under the " + foot.words + " foot, its bolt loosened", 3));
        }
        tools.add(Tool.taking(RIM, "Dial on the rim, turned once round", 4));
        tools.add(Tool.taking(FACE, "Dial on the face, turned once round", 4));
        tools.add(Tool.taking(SAG, "The rim dial's bracket on a straight bar, turned over", 5));
        return tools;
    }

    @Override
    public double moving() {
        return LOOSEN;
    }

    /** Height of what carries a foot, m. */
    private double height(Foot foot, Map<String, Double> set) {
        return set.get(SHIM + foot.key) - (foot == softFoot ? tooShort : 0);
    }

    /** By how much both diagonals of the feet disagree, m. */
    private double twist(Map<String, Double> set) {
        double twist = 0;
        for (Foot foot : Foot.values()) {
            twist += foot.across * height(foot, set);
        }
        return twist;
    }

    private double mean(boolean front, Map<String, Double> set) {
        double sum = 0;
        for (Foot foot : Foot.values()) {
            sum += foot.front == front ? height(foot, set) : 0;
        }
        return sum / 2;
    }

    /** How the shaft lies as it is bolted down now. */
    private ShaftDials bolted(Map<String, Double> set) {
        double carried = CARRIED * twist(set);
        return new ShaftDials(
                moved(dials.vertical(), mean(true, set), mean(false, set), carried),
                moved(dials.horizontal(), set.get(ASIDE_FRONT), set.get(ASIDE_REAR), carried));
    }

    private static ShaftDials.Axis moved(ShaftDials.Axis axis, double front, double rear, double carried) {
        double slope = (rear - front) / (REAR_X - FRONT_X);
        return new ShaftDials.Axis(axis.offset() + front - slope * FRONT_X + carried, axis.slope() + slope);
    }

    @Override
    public Read read(String tool, Map<String, Double> set, RandomGenerator noise) {
        if (tool.startsWith(FEEL)) {
            Foot foot = foot(tool);
            double gap = Math.max(0, -foot.across * twist(set));
            double shown = Math.max(0, Marks.read(gap + FEELER_SIGMA * noise.nextGaussian(), FEELER_STEP));
            return new Read(Phrase.of("under the {} foot: {}", foot.words, Quantity.fine(shown)), List.of(shown));
        }
        SimulatedDials instruments = new SimulatedDials(bolted(set), noise, DIAL_SIGMA);
        if (tool.equals(SAG)) {
            double shown = new SimulatedDials(NO_OFFSET, noise, DIAL_SIGMA)
                    .rim(0, false, sag)
                    .bottom();
            return new Read(
                    Phrase.of("on a straight bar: top {}, bottom {}", Quantity.fine(0), Quantity.fine(shown)),
                    List.of(shown));
        }
        ShaftDials.Dial dial = tool.equals(RIM) ? instruments.rim(0, false, sag) : instruments.face(FACE_DIAMETER);
        return new Read(
                Phrase.of(
                        "{}: top {}, left {}, bottom {}, right {}",
                        tool,
                        Quantity.fine(dial.top()),
                        Quantity.fine(dial.left()),
                        Quantity.fine(dial.bottom()),
                        Quantity.fine(dial.right())),
                List.of(dial.top(), dial.left(), dial.bottom(), dial.right()));
    }

    private static Foot foot(String tool) {
        return List.of(Foot.values()).stream()
                .filter(each -> tool.equals(FEEL + each.key))
                .findFirst()
                .orElseThrow();
    }

    @Override
    public WorkedOut workedOut(Map<String, Double> set, List<Taken> paper) {
        List<Phrase> says = new ArrayList<>();
        Map<String, Double> shims = new HashMap<>();
        Optional<Taken> soft = paper.stream()
                .filter(taken ->
                        taken.tool().startsWith(FEEL) && taken.set().equals(set) && taken.value() > FOOT_ALLOWED)
                .findFirst();
        if (soft.isPresent()) {
            Foot foot = foot(soft.get().tool());
            says.add(Phrase.of(
                    "{} foot: {} under it; it is shimmed first, dials lie until then",
                    foot.words,
                    Quantity.fine(soft.get().value())));
            shims.put(
                    SHIM + foot.key,
                    stepped(set.get(SHIM + foot.key) + soft.get().value()));
            return new WorkedOut(says, shims);
        }
        Optional<Taken> rim = asSet(RIM, set, paper);
        Optional<Taken> face = asSet(FACE, set, paper);
        if (rim.isEmpty() || face.isEmpty()) {
            return WorkedOut.onlySays(Phrase.of("Rim and face must both be read as the engine stands now."));
        }
        Optional<Taken> bar =
                paper.stream().filter(taken -> taken.tool().equals(SAG)).reduce((one, other) -> other);
        ShaftDials found = ShaftDials.rimAndFace(
                dial(rim.get()),
                dial(face.get()),
                FACE_DIAMETER,
                0,
                false,
                false,
                bar.map(Taken::value).orElse(0.0));
        if (bar.isEmpty()) {
            says.add(Phrase.of("The bracket is taken as stiff: nobody has turned it over on a bar."));
        }
        says.add(Phrase.of(
                "height {} at the coupling, {} over 100 mm",
                Quantity.fine(found.vertical().offset()),
                Quantity.fine(found.vertical().slope() * 0.1)));
        says.add(Phrase.of(
                "to the left {}, {} over 100 mm",
                Quantity.fine(found.horizontal().offset()),
                Quantity.fine(found.horizontal().slope() * 0.1)));
        for (Foot foot : Foot.values()) {
            double lift = found.vertical().mend(foot.front ? FRONT_X : REAR_X);
            shims.put(SHIM + foot.key, stepped(set.get(SHIM + foot.key) + lift));
        }
        shims.put(ASIDE_FRONT, set.get(ASIDE_FRONT) + found.horizontal().mend(FRONT_X));
        shims.put(ASIDE_REAR, set.get(ASIDE_REAR) + found.horizontal().mend(REAR_X));
        return new WorkedOut(says, shims);
    }

    private static ShaftDials.Dial dial(Taken taken) {
        return new ShaftDials.Dial(
                taken.values().get(0),
                taken.values().get(1),
                taken.values().get(2),
                taken.values().get(3));
    }

    private static Optional<Taken> asSet(String tool, Map<String, Double> set, List<Taken> paper) {
        return paper.stream()
                .filter(taken -> taken.tool().equals(tool) && taken.set().equals(set))
                .reduce((one, other) -> other);
    }

    private static double stepped(double shim) {
        return Math.max(0, Math.min(MOST_SHIM, Marks.read(shim, SHIM_STEP)));
    }

    @Override
    public Mark mark(Map<String, Double> set, List<Taken> paper) {
        double offset = offset(bolted(set));
        double slope = slope(bolted(set));
        double twist = Math.abs(twist(set));
        return new Mark(
                List.of(
                        new Mark.Criterion(
                                "axes apart at the coupling",
                                Quantity.fine(offset),
                                Quantity.fine(OFFSET_ALLOWED),
                                Source.commonPractice()),
                        new Mark.Criterion(
                                "axes askew, over 100 mm",
                                Quantity.fine(slope * 0.1),
                                Quantity.fine(SLOPE_ALLOWED * 0.1),
                                Source.commonPractice()),
                        new Mark.Criterion(
                                "foot off its seat by",
                                Quantity.fine(twist),
                                Quantity.fine(FOOT_ALLOWED),
                                Source.commonPractice())),
                whys(set, paper, offset, twist));
    }

    private List<Phrase> whys(Map<String, Double> set, List<Taken> paper, double offset, double twist) {
        List<Phrase> whys = new ArrayList<>();
        if (twist > FOOT_ALLOWED) {
            whys.add(Phrase.of(
                    "The feet do not stand: {} under one when its bolt is loosened. Bolted down, that twists the casing and carries the shaft end {} along. The {} foot was {} short.",
                    Quantity.fine(twist),
                    Quantity.fine(CARRIED * twist),
                    softFoot.words,
                    Quantity.fine(tooShort)));
        }
        boolean good = offset <= OFFSET_ALLOWED;
        boolean sagKnown = Taken.tools(paper).contains(SAG);
        if (!good && !sagKnown && Math.abs(sag) > SAG_MATTERS) {
            whys.add(Phrase.of(
                    "The dial's bracket sags by {}, bottom against top: the rim tells the axis {} too high. On a straight bar, turned over, it shows what to take off.",
                    Quantity.fine(Math.abs(sag)),
                    Quantity.fine(Math.abs(sag) / 2)));
        }
        if (!good && offset(bolted(swapped(set))) < MUCH_BETTER * offset) {
            whys.add(Phrase.of("Front and rear were changed over: swapped, it would stand much better."));
        }
        double before = dials.vertical().offset();
        double now = bolted(set).vertical().offset();
        if (!good && before * now < 0 && Math.abs(now) > MUCH_BETTER * Math.abs(before)) {
            whys.add(Phrase.of("A rim dial reads twice the offset: half of what it shows goes under the feet."));
        }
        if (asSet(RIM, set, paper).isEmpty() || asSet(FACE, set, paper).isEmpty()) {
            whys.add(Phrase.of(
                    "Nobody turned both dials round after the last change; what is not read again is not known."));
        }
        return whys;
    }

    private static double offset(ShaftDials lies) {
        return Math.hypot(lies.vertical().offset(), lies.horizontal().offset());
    }

    private static double slope(ShaftDials lies) {
        return Math.hypot(lies.vertical().slope(), lies.horizontal().slope());
    }

    /** The soft foot left aside: what goes under both ends, changed over. */
    private Map<String, Double> swapped(Map<String, Double> set) {
        Map<String, Double> swapped = new HashMap<>(set);
        double front = mean(true, set);
        double rear = mean(false, set);
        for (Foot foot : Foot.values()) {
            swapped.merge(SHIM + foot.key, foot.front ? rear - front : front - rear, Double::sum);
        }
        swapped.put(ASIDE_FRONT, set.get(ASIDE_REAR));
        swapped.put(ASIDE_REAR, set.get(ASIDE_FRONT));
        return swapped;
    }

    @Override
    public BenchPicture picture(Map<String, Double> set) {
        BenchPicture.Drawing drawing = new BenchPicture.Drawing()
                .line(-0.5, 0, 0.6, 0, Look.FRAME)
                .box(-0.42, 0.02, 0.32, 0.22, Look.FRAME)
                .line(-0.1, 0.13, -0.01, 0.13, Look.DRIVE)
                .box(-0.03, 0.07, 0.02, 0.12, Look.DRIVE)
                .box(0.01, 0.07, 0.02, 0.12, Look.DRIVE)
                .line(0.03, 0.13, 0.1, 0.13, Look.DRIVE)
                .box(0.1, 0.03, 0.4, 0.26, Look.ENGINE)
                .words(-0.42, 0.26, "generator, bolted down")
                .words(0.24, 0.31, "engine");
        for (double x : new double[] {FRONT_X, REAR_X}) {
            drawing.box(x - 0.03, 0, 0.06, 0.03, Look.ENGINE)
                    .words(x - 0.04, -0.035, x == FRONT_X ? "front feet" : "rear feet");
        }
        return drawing.line(-0.06, 0.13, -0.06, 0.24, Look.MEASURE)
                .line(-0.06, 0.24, 0.02, 0.24, Look.MEASURE)
                .line(0.02, 0.24, 0.02, 0.19, Look.MEASURE)
                .ring(0.02, 0.235, 0.02, Look.MEASURE)
                .done();
    }
}
