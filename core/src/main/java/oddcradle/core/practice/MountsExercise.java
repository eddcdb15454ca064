package oddcradle.core.practice;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.random.RandomGenerator;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Source;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.MassProperties;
import oddcradle.core.mounting.BondedPad;
import oddcradle.core.mounting.Elastomer;
import oddcradle.core.mounting.MountElement;
import oddcradle.core.practice.BenchPicture.Look;
import oddcradle.core.units.Quantity;
import oddcradle.core.vibration.Mode;
import oddcradle.core.vibration.Mount;
import oddcradle.core.vibration.MountedBody;
import oddcradle.core.vibration.RigidBodyModes;
import oddcradle.core.vibration.StaticSag;
import oddcradle.core.vibration.Transmissibility;

/**
 * A four-stroke flat twin on four pads, and a shelf of pads.
 *
 * <p>Its pistons balance each other; what shakes most at idle is the torque about the crank, once a turn. It reaches the frame by the turning mode, so the pads'
 * stiffness together with their distance decides, not the bounce alone. The same softness lets the air box on top swing when the throttle
 * opens. Rubber is stiffer while it shakes than under a steady load, and seldom as hard as it is marked.
 *
 * @param mass kg
 * @param idle crank speed, rad/s
 * @param pull torque of full throttle about the crank, N m
 * @param room for the air box each way, m
 * @param harder what the pads are harder than marked, Shore A
 */
record MountsExercise(double mass, double idle, double pull, double room, double harder) implements Exercise {
    private static final String PAD = "pad";
    private static final String WEIGH = "weigh";
    private static final String IDLE = "idle";
    private static final String SHORE = "shore";
    private static final String SAG = "sag";
    private static final String SHARE = "share";
    private static final String SWING = "swing";
    private static final Vec3 GRAVITY = new Vec3(0, 0, -9.81);
    /** Of the pads from below the centre of gravity, m. */
    private static final double ALONG = 0.16;

    private static final double ACROSS = 0.12;
    private static final double BELOW = 0.14;
    private static final double TOP_ABOVE = 0.25;
    /** Of the engine taken as a box, m. */
    private static final Vec3 SIZE = new Vec3(0.42, 0.36, 0.46);

    private static final double CHANGE_PADS = 45 * 60;
    /** Of the height of a pad under the weight alone, a ratio; common practice. */
    private static final double STRAIN_ALLOWED = 0.15;
    /** What may pass beyond the best on the shelf, a ratio. */
    private static final double AS_GOOD = 1.1;

    private static final double SHORE_SIGMA = 0.6;
    private static final double SHARE_SIGMA = 0.04;
    private static final double RULE_STEP = 0.0005;
    private static final double SCALE_SIGMA = 0.2;
    private static final double TACHO_STEP = 10 * Math.PI / 30;
    private static final double HARDNESS_MATTERS = 3;
    /** Which pad, quietest first, sets the room: some softer ones swing too far. */
    private static final int QUIETEST_THAT_FITS = 2;

    private static final double ROOM_BEYOND = 1.2;

    private static final List<BondedPad> SHELF = List.of(
            new BondedPad(0.020, 0.025, 45),
            new BondedPad(0.025, 0.025, 45),
            new BondedPad(0.025, 0.020, 55),
            new BondedPad(0.030, 0.040, 45),
            new BondedPad(0.030, 0.030, 45),
            new BondedPad(0.030, 0.030, 55),
            new BondedPad(0.040, 0.040, 45),
            new BondedPad(0.040, 0.030, 55),
            new BondedPad(0.050, 0.030, 60));

    static MountsExercise made(RandomGenerator chance) {
        double mass = chance.nextInt(34, 58);
        double idle = chance.nextInt(115, 150) * 10 * Math.PI / 30;
        double pull = chance.nextInt(35, 70);
        double harder = (chance.nextBoolean() ? 1 : -1) * chance.nextInt(3, 6);
        MountsExercise roomy = new MountsExercise(mass, idle, pull, Double.POSITIVE_INFINITY, harder);
        List<BondedPad> quietest = SHELF.stream()
                .sorted(Comparator.comparingDouble(roomy::passed))
                .filter(pad -> roomy.strain(pad) <= STRAIN_ALLOWED)
                .toList();
        double swings = roomy.swing(quietest.get(QUIETEST_THAT_FITS));
        return new MountsExercise(mass, idle, pull, Math.ceil(swings * ROOM_BEYOND * 2e3) / 2e3, harder);
    }

    private BondedPad real(BondedPad marked) {
        Elastomer rubber = marked.elastomer();
        return (BondedPad)
                marked.withHardness(Math.max(rubber.softest(), Math.min(rubber.hardest(), marked.hardness() + harder)));
    }

    private MountedBody body(MountElement pad, boolean shaking) {
        Vec3 alongAxis = pad.stiffness().times(shaking ? pad.dynamicRatio() : 1);
        Vec3 stiffness = new Vec3(alongAxis.y(), alongAxis.z(), alongAxis.x());
        double loss = pad.madeOf().orElseThrow().usualLoss();
        List<Mount> mounts = new ArrayList<>();
        for (int x = -1; x <= 1; x += 2) {
            for (int y = -1; y <= 1; y += 2) {
                mounts.add(new Mount(
                        "pad " + mounts.size(),
                        new Vec3(x * ALONG, y * ACROSS, -BELOW),
                        Mat3.IDENTITY,
                        stiffness,
                        loss));
            }
        }
        double third = mass / 12;
        Mat3 inertia = Mat3.diagonal(
                third * (SIZE.y() * SIZE.y() + SIZE.z() * SIZE.z()),
                third * (SIZE.x() * SIZE.x() + SIZE.z() * SIZE.z()),
                third * (SIZE.x() * SIZE.x() + SIZE.y() * SIZE.y()));
        return new MountedBody(new MassProperties(mass, Vec3.ZERO, inertia), mounts, GRAVITY);
    }

    /** Both cylinders fire in two turns, evenly: once a turn, Hz. */
    private double shakes() {
        return idle / (2 * Math.PI);
    }

    private double passed(BondedPad marked) {
        return Transmissibility.moment(body(real(marked), true), Vec3.Y, shakes());
    }

    /** Of the air box under full throttle, m. */
    private double swing(BondedPad marked) {
        StaticSag moved = RigidBodyModes.movedBy(body(real(marked), false), Vec3.ZERO, Vec3.Y.times(pull));
        return Math.abs(moved.cgDisplacement()
                .plus(moved.rotation().cross(new Vec3(0, 0, TOP_ABOVE)))
                .x());
    }

    /** m. */
    private double sag(BondedPad marked) {
        return mass * -GRAVITY.z() / 4 / real(marked).compressionStiffness();
    }

    private double strain(BondedPad marked) {
        return sag(marked) / marked.height();
    }

    private boolean isAllowed(BondedPad marked) {
        return swing(marked) <= room && strain(marked) <= STRAIN_ALLOWED;
    }

    private BondedPad best() {
        return SHELF.stream()
                .filter(this::isAllowed)
                .min(Comparator.comparingDouble(this::passed))
                .orElseThrow();
    }

    private static BondedPad chosen(Map<String, Double> set) {
        return SHELF.get((int) Math.round(set.get(PAD)));
    }

    @Override
    public List<Phrase> task() {
        return List.of(
                Phrase.of(
                        "A four-stroke flat twin stands on four upright pads, {} apart along the machine and {} across, {} below its centre of gravity. Its crank lies across; its pistons balance each other.",
                        Quantity.length(2 * ALONG),
                        Quantity.length(2 * ACROSS),
                        Quantity.length(BELOW)),
                Phrase.of(
                        "Take the pad that lets least of the idle's torque into the frame: it acts once a turn. At full throttle, {}, the air box on top has {} of room each way, and under the weight alone no pad may be pressed by more than {} of its height.",
                        Quantity.torque(pull),
                        Quantity.length(room),
                        Quantity.share(STRAIN_ALLOWED)),
                Phrase.of(
                        "To change the pads takes {}; not every pad is as hard as it is marked.",
                        Tool.minutes(CHANGE_PADS)));
    }

    @Override
    public List<Setting> settings() {
        return List.of(Setting.chosen(
                PAD,
                "pads on the engine",
                SHELF.stream().map(BondedPad::designation).toList()));
    }

    @Override
    public List<Tool> tools() {
        return List.of(
                Tool.taking(WEIGH, "Engine on the scales", 10),
                Tool.taking(IDLE, "Speed counter at idle", 1),
                Tool.taking(SHORE, "Hardness gauge on the pads", 2),
                Tool.taking(SAG, "Rule: what the pads give under the weight", 2),
                Tool.taking(SHARE, "Sensors at idle: share of the torque in the frame", 5),
                Tool.taking(SWING, "Full throttle held: rule at the air box", 5));
    }

    @Override
    public double moving() {
        return CHANGE_PADS;
    }

    @Override
    public Read read(String tool, Map<String, Double> set, RandomGenerator noise) {
        BondedPad pad = chosen(set);
        return switch (tool) {
            case WEIGH -> read("the engine weighs {}", Quantity.mass(mass + SCALE_SIGMA * noise.nextGaussian()));
            case IDLE -> read("idles at {}", Quantity.rotationSpeed(Marks.read(idle, TACHO_STEP)));
            case SHORE ->
                read(
                        "the pads are {}",
                        Quantity.hardness(Math.rint(real(pad).hardness() + SHORE_SIGMA * noise.nextGaussian())));
            case SAG -> read("they give {}", Quantity.length(Marks.read(sag(pad), RULE_STEP)));
            case SHARE ->
                read(
                        "of the torque the frame gets {}",
                        Quantity.share(passed(pad) * (1 + SHARE_SIGMA * noise.nextGaussian())));
            default -> read("the air box moves {}", Quantity.length(Marks.read(swing(pad), RULE_STEP)));
        };
    }

    private static Read read(String words, Quantity shown) {
        return new Read(Phrase.of(words, shown), List.of(shown.si()));
    }

    /** With what was weighed and counted, each pad of the shelf as it is marked, or as hard as the gauge says. */
    @Override
    public WorkedOut workedOut(Map<String, Double> set, List<Taken> paper) {
        Optional<Double> weighed = last(WEIGH, paper).map(Taken::value);
        Optional<Double> counted = last(IDLE, paper).map(Taken::value);
        if (weighed.isEmpty() || counted.isEmpty()) {
            return WorkedOut.onlySays(Phrase.of("It takes the weight and the idle speed to say anything about a pad."));
        }
        double found = last(SHORE, paper)
                .map(taken -> taken.value() - chosen(taken.set()).hardness())
                .orElse(0.0);
        MountsExercise as = new MountsExercise(weighed.get(), counted.get(), pull, room, found);
        List<Phrase> says = new ArrayList<>();
        for (BondedPad pad : SHELF) {
            says.add(Phrase.of(
                    "{}: {} pass, air box {}, pressed {}{}",
                    pad,
                    Quantity.share(as.passed(pad)),
                    Quantity.length(as.swing(pad)),
                    Quantity.share(as.strain(pad)),
                    as.isAllowed(pad) ? "" : ", not allowed"));
        }
        return new WorkedOut(
                says,
                SHELF.stream().anyMatch(as::isAllowed) ? Map.of(PAD, (double) SHELF.indexOf(as.best())) : Map.of());
    }

    private static Optional<Taken> last(String tool, List<Taken> paper) {
        return paper.stream().filter(taken -> taken.tool().equals(tool)).reduce((one, other) -> other);
    }

    @Override
    public Mark mark(Map<String, Double> set, List<Taken> paper) {
        BondedPad pad = chosen(set);
        BondedPad best = best();
        double passes = passed(pad);
        List<Phrase> whys = new ArrayList<>();
        double turning = turning(pad);
        if (passes > 1) {
            whys.add(Phrase.of(
                    "Its turning mode is at {} and the idle's torque acts at {}: these pads make it worse than none. The mode must lie well below.",
                    Quantity.frequency(turning),
                    Quantity.frequency(shakes())));
        } else if (passes > passed(best) * AS_GOOD) {
            whys.add(Phrase.of(
                    "Its turning mode is at {} against {} of the torque; {} has it at {} and still holds the air box.",
                    Quantity.frequency(turning),
                    Quantity.frequency(shakes()),
                    best,
                    Quantity.frequency(turning(best))));
        }
        if (swing(pad) > room) {
            whys.add(Phrase.of(
                    "Quiet, but too soft: at full throttle the air box moves {} and has {}.",
                    Quantity.length(swing(pad)),
                    Quantity.length(room)));
        }
        if (strain(pad) > STRAIN_ALLOWED) {
            whys.add(Phrase.of(
                    "The weight alone presses it by {} of its height: it creeps and splits early.",
                    Quantity.share(strain(pad))));
        }
        if (!Taken.tools(paper).contains(SHORE) && Math.abs(harder) > HARDNESS_MATTERS && !isGood(pad, best)) {
            whys.add(Phrase.of(
                    "These pads are {} Shore {} than marked, which nobody looked at: stiffness goes with it.",
                    Math.round(Math.abs(harder)),
                    harder > 0 ? "harder" : "softer"));
        }
        return new Mark(
                List.of(
                        new Mark.Criterion(
                                "of the idle's torque the frame gets",
                                Quantity.share(passes),
                                Quantity.share(AS_GOOD * passed(best)),
                                Source.derived("a tenth more than with the best pad of the shelf that is allowed")),
                        new Mark.Criterion(
                                "the air box moves at full throttle",
                                Quantity.length(swing(pad)),
                                Quantity.length(room),
                                Source.derived("the room that the task names")),
                        new Mark.Criterion(
                                "pressed by the weight, of its height",
                                Quantity.share(strain(pad)),
                                Quantity.share(STRAIN_ALLOWED),
                                Source.commonPractice())),
                whys);
    }

    private boolean isGood(BondedPad pad, BondedPad best) {
        return isAllowed(pad) && passed(pad) <= AS_GOOD * passed(best);
    }

    /** Of the mode that turns most about the crank, Hz. */
    private double turning(BondedPad marked) {
        return RigidBodyModes.solve(body(real(marked), true)).answer().orElseThrow().modes().stream()
                .max(Comparator.comparingDouble(
                        mode -> mode.kineticEnergyPercent().get(4)))
                .map(Mode::frequencyHz)
                .orElseThrow();
    }

    @Override
    public BenchPicture picture(Map<String, Double> set) {
        BondedPad pad = chosen(set);
        BenchPicture.Drawing drawing = new BenchPicture.Drawing()
                .line(-0.32, -BELOW - pad.height(), 0.32, -BELOW - pad.height(), Look.FRAME)
                .box(-0.19, -BELOW, 0.38, 0.03, Look.ENGINE)
                .box(-0.1, -BELOW + 0.03, 0.2, 0.21, Look.ENGINE)
                .box(-SIZE.x() / 2, -0.08, SIZE.x(), 0.12, Look.ENGINE)
                .box(-0.08, 0.1, 0.16, TOP_ABOVE - 0.1, Look.ENGINE)
                .ring(0, -0.02, 0.03, Look.DRIVE)
                .words(0.1, TOP_ABOVE - 0.05, "air box")
                .words(0.04, -0.025, "crank, across");
        for (int side = -1; side <= 1; side += 2) {
            drawing.box(
                    side * ALONG - pad.diameter() / 2,
                    -BELOW - pad.height(),
                    pad.diameter(),
                    pad.height(),
                    Look.MEASURE);
        }
        return drawing.done();
    }
}
