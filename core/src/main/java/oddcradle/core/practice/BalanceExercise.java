package oddcradle.core.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.random.RandomGenerator;
import oddcradle.core.balance.BalanceGrade;
import oddcradle.core.balance.TrialWeights;
import oddcradle.core.balance.Unbalance;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Source;
import oddcradle.core.math.Complex;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.practice.BenchPicture.Look;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;

/**
 * A flywheel on its bearings, a sensor and a phase mark: one plane, by trial weights.
 *
 * <p>The reading is linear in the unbalance, but lags it by what bearings and sensor do, so the angle of the reading is not that of the heavy
 * place: only the change by a known weight tells. A weight that changes the reading by no more than its noise tells nothing.
 *
 * @param unbalance of the flywheel, kg m
 * @param influence reading for each kg m, m/s
 */
record BalanceExercise(Complex unbalance, Complex influence) implements Exercise {
    private static final String AMOUNT = "amount";
    private static final String ANGLE = "angle";
    private static final String RUN = "run";
    private static final double MASS = 9;
    private static final double OMEGA = 3000 * Math.PI / 30;
    private static final BalanceGrade WANTED = new BalanceGrade(6.3e-3, MASS, OMEGA);
    private static final double MOST = 2e-3;
    /** Of a reading, each way, m/s. */
    private static final double NOISE = 1.5e-4;

    private static final double WEIGHT_ON = 5 * 60;
    private static final double MUCH_BETTER = 0.5;
    /** A change this many times the noise tells well. */
    private static final double TELLS = 6;

    static BalanceExercise made(RandomGenerator chance) {
        return new BalanceExercise(
                TrialWeights.polar(chance.nextDouble(6e-4, 1.5e-3), chance.nextDouble(0, 2 * Math.PI)),
                TrialWeights.polar(chance.nextDouble(6, 12), chance.nextDouble(0, 2 * Math.PI)));
    }

    @Override
    public List<Phrase> task() {
        return List.of(
                Phrase.of(
                        "A flywheel of {} runs at {}. A sensor on its bearing tells how much it shakes once a turn, and at which angle against a mark on the wheel, counted as the wheel turns.",
                        Quantity.mass(MASS),
                        Quantity.rotationSpeed(OMEGA)),
                Phrase.of(
                        "Put one weight on, up to {} as mass times radius, so that no more than {} are left: grade G 6.3 of ISO 21940-11, from memory. Hand in with it on.",
                        Quantity.unbalance(MOST),
                        Quantity.unbalance(WANTED.permissible())),
                Phrase.of("The wheel is stopped {} for each other weight.", Tool.minutes(WEIGHT_ON)));
    }

    @Override
    public List<Setting> settings() {
        return List.of(
                Setting.moved(AMOUNT, "weight on the wheel, mass times radius", Kind.UNBALANCE, 0, MOST, 0),
                Setting.moved(ANGLE, "at, from the mark, as it turns", Kind.ANGLE, -2 * Math.PI, 2 * Math.PI, 0));
    }

    @Override
    public List<Tool> tools() {
        return List.of(Tool.taking(RUN, "Run it and read the sensor", 4));
    }

    @Override
    public double moving() {
        return WEIGHT_ON;
    }

    private static Complex weight(Map<String, Double> set) {
        return TrialWeights.polar(set.get(AMOUNT), set.get(ANGLE));
    }

    @Override
    public Read read(String tool, Map<String, Double> set, RandomGenerator noise) {
        Complex shown = influence
                .times(unbalance.plus(weight(set)))
                .plus(new Complex(NOISE * noise.nextGaussian(), NOISE * noise.nextGaussian()));
        double phase = Math.toRadians(Math.rint(Math.toDegrees(Math.atan2(shown.im(), shown.re()))));
        return new Read(
                Phrase.of(
                        "with {} at {}: {} at {}",
                        Quantity.unbalance(set.get(AMOUNT)),
                        Quantity.angle(set.get(ANGLE)),
                        Quantity.vibration(shown.modulus()),
                        Quantity.angle(phase)),
                List.of(shown.modulus(), phase));
    }

    private static Complex shown(Taken taken) {
        return TrialWeights.polar(taken.values().get(0), taken.values().get(1));
    }

    private static Optional<Taken> bare(List<Taken> paper) {
        return paper.stream().filter(taken -> taken.set().get(AMOUNT) == 0).findFirst();
    }

    private static Optional<Taken> weighted(List<Taken> paper) {
        return paper.stream().filter(taken -> taken.set().get(AMOUNT) > 0).reduce((one, other) -> other);
    }

    @Override
    public WorkedOut workedOut(Map<String, Double> set, List<Taken> paper) {
        Optional<Taken> bare = bare(paper);
        Optional<Taken> weighted = weighted(paper);
        if (bare.isEmpty() || weighted.isEmpty()) {
            return WorkedOut.onlySays(Phrase.of("It takes one run without any weight and one with a known weight on."));
        }
        Map<String, Double> on = weighted.get().set();
        try {
            Unbalance correction = TrialWeights.onePlane(
                            shown(bare.get()),
                            shown(weighted.get()),
                            new TrialWeights.Trial(on.get(AMOUNT), 1, on.get(ANGLE)),
                            false)
                    .correction();
            double amount = Math.min(MOST, correction.amount());
            return new WorkedOut(
                    List.of(
                            Phrase.of(
                                    "the weight changed the reading by {}",
                                    Quantity.vibration(change(bare.get(), weighted.get()))),
                            Phrase.of(
                                    "{} at {}, with all else off, brings it to rest",
                                    Quantity.unbalance(correction.amount()),
                                    Quantity.angle(correction.angle()))),
                    Map.of(AMOUNT, amount, ANGLE, correction.angle()));
        } catch (InvalidValue nothingChanged) {
            return WorkedOut.onlySays(Phrase.of("The weight changed nothing: take a heavier one."));
        }
    }

    /** m/s. */
    private static double change(Taken bare, Taken weighted) {
        return shown(weighted).plus(shown(bare).times(-1)).modulus();
    }

    private double left(Complex weight) {
        return unbalance.plus(weight).modulus();
    }

    @Override
    public Mark mark(Map<String, Double> set, List<Taken> paper) {
        Complex weight = weight(set);
        double left = left(weight);
        List<Phrase> whys = new ArrayList<>();
        if (left > WANTED.permissible()) {
            Complex mirrored = TrialWeights.polar(set.get(AMOUNT), -set.get(ANGLE));
            if (set.get(AMOUNT) == 0) {
                whys.add(Phrase.of("No weight is on the wheel."));
            } else if (left(weight.times(-1)) < MUCH_BETTER * left) {
                whys.add(Phrase.of("The weight sits where the wheel is heavy already; it belongs on the far side."));
            } else if (left(mirrored) < MUCH_BETTER * left) {
                whys.add(Phrase.of(
                        "The angle was counted against the way it turns: mirrored, it would be much better."));
            }
            bare(paper)
                    .flatMap(bare -> weighted(paper).filter(each -> change(bare, each) < TELLS * NOISE))
                    .ifPresent(weak -> whys.add(Phrase.of(
                            "The trial of {} hardly changed the reading, which is only good to {}: take one that changes it by a third.",
                            Quantity.unbalance(weak.set().get(AMOUNT)),
                            Quantity.vibration(NOISE))));
            if (bare(paper).isEmpty() || weighted(paper).isEmpty()) {
                whys.add(
                        Phrase.of(
                                "One run without and one with a known weight are needed: the angle that the sensor shows lags by what nobody knows, and is not that of the heavy place."));
            }
        }
        whys.add(Phrase.of(
                "The wheel lacked {} at {}.",
                Quantity.unbalance(unbalance.modulus()),
                Quantity.angle(Math.atan2(-unbalance.im(), -unbalance.re()))));
        return new Mark(
                List.of(new Mark.Criterion(
                        "unbalance left",
                        Quantity.unbalance(left),
                        Quantity.unbalance(WANTED.permissible()),
                        Source.fromMemory("ISO 21940-11, grade G 6.3"))),
                whys);
    }

    @Override
    public BenchPicture picture(Map<String, Double> set) {
        double angle = set.get(ANGLE);
        double radius = 0.13;
        BenchPicture.Drawing drawing = new BenchPicture.Drawing()
                .ring(0, 0, 0.16, Look.ENGINE)
                .ring(0, 0, 0.03, Look.FRAME)
                .line(0.1, 0, 0.16, 0, Look.MEASURE)
                .words(0.17, 0, "mark, 0°");
        if (set.get(AMOUNT) > 0) {
            drawing.ring(radius * Math.cos(angle), radius * Math.sin(angle), 0.012, Look.DRIVE)
                    .words(radius * Math.cos(angle) + 0.018, radius * Math.sin(angle) + 0.012, "weight");
        }
        return drawing.done();
    }
}
