package oddcradle.core.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.BiFunction;
import java.util.stream.IntStream;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.UnitStyle;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Learners of different care at the bench: care must be what decides, on many machines, and what is said must fit what was done. */
class PracticeTest {
    private static final int MACHINES = 200;

    /** How many of many machines a way of working gets right. */
    private static long good(Lesson lesson, BiFunction<Bench, Random, Bench> learner) {
        return IntStream.range(0, MACHINES)
                .filter(seed -> worked(lesson, learner, seed).handIn().isGood())
                .count();
    }

    private static Bench worked(Lesson lesson, BiFunction<Bench, Random, Bench> learner, int seed) {
        Random chance = new Random(seed);
        return learner.apply(Bench.begin(lesson, chance), chance);
    }

    private static Bench used(Bench bench, Random noise, String... tools) {
        Bench now = bench;
        for (String tool : tools) {
            now = now.use(tool, noise);
        }
        return now;
    }

    private static double last(Bench bench) {
        return bench.paper().get(bench.paper().size() - 1).value();
    }

    private static String whys(Bench bench) {
        return String.join(
                "\n",
                bench.handIn().whys().stream()
                        .map(each -> each.in(UnitStyle.MILLIMETRES))
                        .toList());
    }

    private static Bench tapes(Bench bench, Random noise) {
        return used(bench, noise, "hooked-a", "hooked-b", "hooked-c", "hooked-a", "hooked-b", "hooked-c", "up", "up");
    }

    @Test
    void hooksAreTriedOnAKnownLength() {
        long tried = good(Lesson.MEASURE, (bench, noise) -> {
            Bench known = used(bench, noise, "known", "known", "known");
            double hook =
                    known.paper().stream().mapToDouble(Taken::value).average().orElseThrow() - 0.62;
            return tapes(known.set("hook", hook), noise).setAsWorkedOut();
        });
        long believed =
                good(Lesson.MEASURE, (bench, noise) -> tapes(bench, noise).setAsWorkedOut());
        assertThat(tried).isGreaterThan(MACHINES * 85 / 100);
        assertThat(believed).isLessThan(MACHINES / 3);
        assertThat(whys(worked(
                        Lesson.MEASURE, (bench, noise) -> tapes(bench, noise).setAsWorkedOut(), 4)))
                .contains("hook of this tape is bent");
    }

    @Test
    void levelTapesSayLittleOfHeight() {
        Bench level = worked(
                Lesson.MEASURE,
                (bench, noise) ->
                        used(bench, noise, "held-a", "held-b", "held-c").setAsWorkedOut(),
                3);
        assertThat(whys(level)).contains("up: these readings tell it to").contains("a rule straight up");
        assertThat(level.handIn().whys())
                .noneMatch(each -> each.in(UnitStyle.MILLIMETRES).contains("hook"));
    }

    /** Pythagoras: 0.3 and 0.4 make 0.5, and that with 1.2 up makes 1.3; 3 mm of hook on top. */
    @Test
    void tapesReadStraightLines() {
        MeasureExercise exercise = new MeasureExercise(new Vec3(0.3, 0.4, 1.2), 0.003);
        Bench bench = new Bench(
                Lesson.MEASURE,
                exercise,
                Bench.begin(Lesson.MEASURE, new Random(1)).set(),
                List.of());
        double sum = 0;
        Random noise = new Random(2);
        for (int k = 0; k < 400; k++) {
            sum += exercise.read("hooked-a", bench.set(), noise).values().get(0);
        }
        assertThat(sum / 400).isCloseTo(1.303, within(3e-4));
    }

    private static Bench roomsRead(Bench bench, Random noise) {
        return used(bench, noise, "gap-front", "gap-rear", "gap-left", "gap-right", "gap-tank", "gap-skid");
    }

    @Test
    void seatIsFoundByReadingBothSidesAndTheChain() {
        long careful = good(Lesson.SEAT, (bench, noise) -> used(roomsRead(bench, noise), noise, "chain")
                .setAsWorkedOut());
        long asDrawn = good(Lesson.SEAT, (bench, noise) -> bench);
        long noChain =
                good(Lesson.SEAT, (bench, noise) -> roomsRead(bench, noise).setAsWorkedOut());
        assertThat(careful).isGreaterThan(MACHINES * 95 / 100);
        assertThat(asDrawn).isLessThan(MACHINES / 20);
        assertThat(noChain).isLessThan(MACHINES / 10);
    }

    /** Opposite rooms together stay what they are wherever the engine hangs; one end that is met stops every reading. */
    @Test
    void engineOnTheHoistTakesFromOneSideWhatItGivesTheOther() {
        SeatExercise truth =
                (SeatExercise) Bench.begin(Lesson.SEAT, new Random(5)).exercise();
        double together = truth.sides().get(0).real() + truth.sides().get(1).real();
        Bench ahead = Bench.begin(Lesson.SEAT, new Random(5)).set("forward", 0.004);
        Bench read = used(ahead, new Random(6), "gap-front", "gap-rear");
        assertThat(read.paper().get(0).value() + read.paper().get(1).value()).isCloseTo(together, within(0.003));
        Bench against = used(ahead.set("forward", 0.1), new Random(6), "chain");
        assertThat(against.paper().get(0).isRead()).isFalse();
        assertThat(against.paper().get(0).says().in(UnitStyle.MILLIMETRES)).contains("front");
        assertThat(whys(against)).contains("front: it does not go in");
    }

    private static Bench feetFelt(Bench bench, Random noise) {
        return used(bench, noise, "feel-lf", "feel-rf", "feel-lr", "feel-rr").setAsWorkedOut();
    }

    private static Bench dialled(Bench bench, Random noise) {
        Bench now = bench;
        for (int round = 0; round < 2; round++) {
            now = used(now, noise, "rim", "face").setAsWorkedOut();
        }
        return used(now, noise, "rim", "face");
    }

    @Test
    void shaftsComeIntoLineByFeetBracketAndDials() {
        long careful = good(Lesson.ALIGN, (bench, noise) -> dialled(feetFelt(used(bench, noise, "sag"), noise), noise));
        long bracketBelieved = good(Lesson.ALIGN, (bench, noise) -> dialled(feetFelt(bench, noise), noise));
        long feetBelieved = good(Lesson.ALIGN, (bench, noise) -> dialled(used(bench, noise, "sag"), noise));
        assertThat(careful).isGreaterThan(MACHINES * 95 / 100);
        assertThat(bracketBelieved).isLessThan(MACHINES / 10);
        assertThat(feetBelieved).isZero();
        assertThat(whys(worked(Lesson.ALIGN, (bench, noise) -> dialled(feetFelt(bench, noise), noise), 7)))
                .contains("bracket sags")
                .doesNotContain("The feet do not stand");
        assertThat(whys(worked(Lesson.ALIGN, (bench, noise) -> dialled(used(bench, noise, "sag"), noise), 7)))
                .contains("The feet do not stand");
    }

    /** Common practice: a rim shows twice the offset, and the same shim under all feet lifts the shaft by itself. */
    @Test
    void rimShowsTwiceWhatAllFeetAreLifted() {
        Bench bench = Bench.begin(Lesson.ALIGN, new Random(8));
        double before =
                used(bench, new Random(9), "rim").paper().get(0).values().get(2);
        Bench lifted = bench.set("shim-lf", 0.001)
                .set("shim-rf", 0.001)
                .set("shim-lr", 0.001)
                .set("shim-rr", 0.001);
        double after =
                used(lifted, new Random(9), "rim").paper().get(0).values().get(2);
        assertThat(after - before).isCloseTo(-0.002, within(2e-5));
    }

    /** Common practice: a casing that rocks shows its gap at the short foot and at the one across, never at both neighbours. */
    @Test
    void shortFootIsFeltAcrossToo() {
        Bench felt = used(
                Bench.begin(Lesson.ALIGN, new Random(10)), new Random(11), "feel-lf", "feel-rr", "feel-rf", "feel-lr");
        List<Double> gaps = felt.paper().stream().map(Taken::value).toList();
        assertThat(gaps.get(0)).isCloseTo(gaps.get(1), within(6e-5));
        assertThat(gaps.get(2)).isCloseTo(gaps.get(3), within(6e-5));
        assertThat(Math.max(gaps.get(0), gaps.get(2))).isGreaterThan(2e-4);
        assertThat(Math.min(gaps.get(0), gaps.get(2))).isZero();
    }

    @Test
    void whatWasDoneWrongWithShimsIsTold() {
        Bench bench = Bench.begin(Lesson.ALIGN, new Random(12));
        AlignExercise truth = (AlignExercise) bench.exercise();
        double low = Math.rint(-2 * truth.dials().vertical().offset() / 5e-5) * 5e-5;
        Bench twice = bench;
        for (String foot : List.of("lf", "rf", "lr", "rr")) {
            twice = twice.set("shim-" + foot, low);
        }
        assertThat(whys(twice)).contains("rim dial reads twice").contains("after the last change");
    }

    @Test
    void padsAreChosenByWeightSpeedAndGauge() {
        long careful = good(Lesson.MOUNTS, (bench, noise) -> used(bench, noise, "weigh", "idle", "shore")
                .setAsWorkedOut());
        assertThat(careful).isGreaterThan(MACHINES * 85 / 100);
        long softest = good(Lesson.MOUNTS, (bench, noise) -> bench);
        long stiffest = good(Lesson.MOUNTS, (bench, noise) -> bench.set("pad", 8));
        assertThat(softest).isLessThan(MACHINES / 4);
        assertThat(stiffest).isZero();
    }

    /** Well above its turning mode a mounted engine passes little, below it all: the same pad at two speeds (Harris, ch. 2, from memory). */
    @Test
    void torqueStaysOutAboveTheTurningMode() {
        MountsExercise slow = new MountsExercise(45, 300 * Math.PI / 30, 40, 0.01, 0);
        MountsExercise quick = new MountsExercise(45, 6000 * Math.PI / 30, 40, 0.01, 0);
        Map<String, Double> soft = Map.of("pad", 2.0);
        double below = slow.read("share", soft, new Random(1)).values().get(0);
        double above = quick.read("share", soft, new Random(1)).values().get(0);
        assertThat(below).isBetween(0.85, 1.6);
        assertThat(above).isLessThan(0.1);
    }

    @Test
    void wheelComesToRestByOneKnownWeight() {
        long careful = good(
                Lesson.BALANCE, (bench, noise) -> used(used(bench, noise, "run").set("amount", 8e-4), noise, "run")
                        .setAsWorkedOut());
        long timid = good(
                Lesson.BALANCE, (bench, noise) -> used(used(bench, noise, "run").set("amount", 1.5e-5), noise, "run")
                        .setAsWorkedOut());
        long byTheSensor = good(Lesson.BALANCE, (bench, noise) -> {
            Bench run = used(bench, noise, "run");
            double phase = run.paper().get(0).values().get(1);
            return run.set("amount", 1e-3).set("angle", phase + (phase > 0 ? -Math.PI : Math.PI));
        });
        assertThat(careful).isGreaterThan(MACHINES * 95 / 100);
        assertThat(timid).isLessThan(MACHINES / 3);
        assertThat(byTheSensor).isLessThan(MACHINES / 5);
    }

    @Test
    void weightOnTheWrongSideIsTold() {
        Bench bench = worked(
                Lesson.BALANCE,
                (begun, noise) -> used(used(begun, noise, "run").set("amount", 8e-4), noise, "run")
                        .setAsWorkedOut(),
                3);
        double right = bench.set().get("angle");
        assertThat(whys(bench.set("angle", right + (right > 0 ? -Math.PI : Math.PI))))
                .contains("far side");
        assertThat(bench.handIn().whys()).hasSize(1);
    }

    @ParameterizedTest
    @EnumSource(Lesson.class)
    void sameChanceMakesTheSameMachine(Lesson lesson) {
        assertThat(Bench.begin(lesson, new Random(21))).isEqualTo(Bench.begin(lesson, new Random(21)));
        assertThat(Bench.begin(lesson, new Random(21))).isNotEqualTo(Bench.begin(lesson, new Random(22)));
    }

    /** Every tool can be used at once, costs time, and no mark is above full or without a number. */
    @ParameterizedTest
    @EnumSource(Lesson.class)
    void everyToolReadsAndEveryMarkIsANumber(Lesson lesson) {
        Bench bench = Bench.begin(lesson, new Random(23));
        assertThat(bench.handIn().score()).isBetween(0.0, 1.0);
        for (Tool tool : bench.exercise().tools()) {
            double before = bench.time();
            bench = bench.use(tool.key(), new Random(24));
            assertThat(bench.time()).isGreaterThan(before);
        }
        assertThat(bench.paper()).hasSameSizeAs(bench.exercise().tools());
        assertThat(bench.workedOut().says()).isNotEmpty();
        assertThat(bench.exercise().task())
                .extracting(each -> each.in(UnitStyle.MILLIMETRES))
                .doesNotHaveDuplicates();
        assertThat(bench.picture().shapes()).isNotEmpty();
        for (Mark.Criterion each : bench.handIn().criteria()) {
            assertThat(each.share()).isBetween(0.0, 1.0);
            assertThat(each.figure().why().inputs()).isNotEmpty();
        }
    }

    @Test
    void movingCostsTimeOnlyWhenSomethingMoved() {
        Bench bench = Bench.begin(Lesson.SEAT, new Random(1));
        Bench once = used(bench.set("up", 0.002), new Random(2), "gap-tank");
        assertThat(once.time()).isCloseTo(21 * 60, within(1e-9));
        assertThat(used(once, new Random(2), "gap-skid").time()).isCloseTo(22 * 60, within(1e-9));
    }

    @Test
    void wrongValuesAreRefusedInWords() {
        Bench align = Bench.begin(Lesson.ALIGN, new Random(1));
        assertThatThrownBy(() -> align.set("shim-lf", 0.00013))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("steps of 0.05 mm");
        assertThatThrownBy(() -> align.set("shim-lf", -0.001)).hasMessageContaining("between 0 m and 0.005 m");
        assertThatThrownBy(() -> align.set("shim-lf", Double.NaN)).isInstanceOf(InvalidValue.class);
        assertThatThrownBy(() -> align.set("hat", 1)).hasMessageContaining("nothing that is set");
        assertThatThrownBy(() -> align.use("hammer", new Random(1))).hasMessageContaining("nothing to read with");
    }
}
