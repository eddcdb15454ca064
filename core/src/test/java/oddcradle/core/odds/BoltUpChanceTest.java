package oddcradle.core.odds;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.SplittableRandom;
import oddcradle.core.control.Progress;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Normal;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.Test;

class BoltUpChanceTest {
    private static final int DRAWS = 40_000;

    private static BoltUpChance.Bolt bolt(String boss, Vec3 place, double clearance, double slot, double sigma) {
        return new BoltUpChance.Bolt(
                boss, place, Vec3.Z, clearance, slot, Vec3.X, Vec3.ZERO, Mat3.IDENTITY.times(sigma * sigma));
    }

    private static BoltUpChance.Result draw(
            List<BoltUpChance.Bolt> bolts, List<BoltUpChance.Aim> aims, List<BoltUpChance.Clear> gaps) {
        return BoltUpChance.of(
                new BoltUpChance.Input(bolts, aims, gaps, DRAWS), new SplittableRandom(1), Progress.UNWATCHED);
    }

    @Test
    void oneBoss_goesWhereItsHoleIs_andCarriesTheLineWithIt() {
        double sigma = 0.001;
        double tolerance = 0.0015;
        BoltUpChance.Aim aim =
                new BoltUpChance.Aim(new Vec3(0, 0, 0), List.of(Vec3.X), tolerance, List.of(0.0), Mat3.ZERO);
        BoltUpChance.Result result = draw(List.of(bolt("B1", Vec3.ZERO, 0.0005, 0, sigma)), List.of(aim), List.of());
        assertThat(result.bolts()).isEqualTo(1);
        // Closed form: a normal error within the tolerance.
        double chance = 2 * Normal.below(tolerance / sigma) - 1;
        assertThat(result.line()).isCloseTo(chance, within(4 * Math.sqrt(chance * (1 - chance) / DRAWS)));
    }

    @Test
    void twoBosses_fitWhereTheirDistanceDoes() {
        double sigma = 0.0006;
        double clearance = 0.0005;
        BoltUpChance.Result result = draw(
                List.of(
                        bolt("B1", new Vec3(-0.2, 0, 0), clearance, 0, sigma),
                        bolt("B2", new Vec3(0.2, 0, 0), clearance, 0, sigma)),
                List.of(),
                List.of());
        // The body turns and slides, so only the error of the distance is left; both clearances take it up.
        double chance = 2 * Normal.below(2 * clearance / (sigma * Math.sqrt(2))) - 1;
        assertThat(result.bolts()).isCloseTo(chance, within(4 * Math.sqrt(chance * (1 - chance) / DRAWS) + 0.002));
    }

    /** A distance known to be 0.9 mm off: what is left of both clearances must take up the rest (closed form). */
    @Test
    void holesKnownToBeOff_leaveLessForTheRest() {
        double sigma = 0.0003;
        double clearance = 0.0005;
        double off = 0.0009;
        BoltUpChance.Bolt first = bolt("B1", new Vec3(-0.2, 0, 0), clearance, 0, sigma);
        BoltUpChance.Bolt second = new BoltUpChance.Bolt(
                "B2",
                new Vec3(0.2, 0, 0),
                Vec3.Z,
                clearance,
                0,
                Vec3.X,
                new Vec3(off, 0, 0),
                Mat3.IDENTITY.times(sigma * sigma));
        BoltUpChance.Result result = draw(List.of(first, second), List.of(), List.of());
        double spread = sigma * Math.sqrt(2);
        double chance = Normal.below((2 * clearance - off) / spread) - Normal.below((-2 * clearance - off) / spread);
        assertThat(result.bolts()).isCloseTo(chance, within(4 * Math.sqrt(chance * (1 - chance) / DRAWS) + 0.002));
    }

    /** Every small placing of the body tried on a grid: what a hand would find by shoving it about. */
    private static boolean someShoveFits(List<BoltUpChance.Bolt> bolts, List<Vec3> errors) {
        for (int i = -12; i <= 12; i++) {
            for (int j = -12; j <= 12; j++) {
                for (int t = -12; t <= 12; t++) {
                    Vec3 shift = new Vec3(i * 1e-4, j * 1e-4, 0);
                    Vec3 turn = new Vec3(0, 0, t * 6e-4);
                    boolean fits = true;
                    for (int k = 0; k < bolts.size() && fits; k++) {
                        Vec3 off = errors.get(k)
                                .minus(shift)
                                .minus(turn.cross(bolts.get(k).place()))
                                .withoutPartAlong(Vec3.Z);
                        fits = off.length() <= bolts.get(k).clearance();
                    }
                    if (fits) {
                        return true;
                    }
                }
            }
        }
        return false;
    }

    @Test
    void fourBosses_agreeWithBruteShoving() {
        double sigma = 0.00045;
        List<BoltUpChance.Bolt> bolts = List.of(
                bolt("B1", new Vec3(0.15, 0.1, 0), 0.0006, 0, sigma),
                bolt("B2", new Vec3(0.15, -0.1, 0), 0.0006, 0, sigma),
                bolt("B3", new Vec3(-0.15, 0.1, 0), 0.0006, 0, sigma),
                bolt("B4", new Vec3(-0.15, -0.1, 0), 0.0006, 0, sigma));
        SplittableRandom random = new SplittableRandom(3);
        int fits = 0;
        int tries = 1500;
        for (int k = 0; k < tries; k++) {
            List<Vec3> errors = bolts.stream()
                    .map(bolt -> new Vec3(random.nextGaussian() * sigma, random.nextGaussian() * sigma, 0))
                    .toList();
            fits += someShoveFits(bolts, errors) ? 1 : 0;
        }
        double brute = (double) fits / tries;
        assertThat(draw(bolts, List.of(), List.of()).bolts())
                .isCloseTo(brute, within(3 * Math.sqrt(brute * (1 - brute) / tries) + 0.015));
    }

    @Test
    void slotAndLargerHole_helpTheirBoss() {
        List<BoltUpChance.Bolt> tight = List.of(
                bolt("B1", new Vec3(-0.2, 0, 0), 0.0003, 0, 0.0006),
                bolt("B2", new Vec3(0.2, 0, 0), 0.0003, 0, 0.0006));
        List<BoltUpChance.Bolt> slotted = List.of(tight.get(0), bolt("B2", new Vec3(0.2, 0, 0), 0.0003, 0.003, 0.0006));
        double before = draw(tight, List.of(), List.of()).bolts();
        assertThat(draw(slotted, List.of(), List.of()).bolts())
                .isGreaterThan(before + 0.3)
                .isGreaterThan(0.99);
    }

    @Test
    void gapOfKnownError_closesByTheNormalLaw() {
        BoltUpChance.Result result =
                draw(List.of(), List.of(), List.of(new BoltUpChance.Clear(Vec3.ZERO, Vec3.X, 0.002, 0.001)));
        assertThat(result.clear()).isCloseTo(Normal.below(2), within(0.004));
        assertThat(result.bolts()).isEqualTo(1);
    }

    @Test
    void perfectWork_alwaysFits_andImpossibleWorkNever() {
        BoltUpChance.Bolt exact = bolt("B1", Vec3.X, 0, 0, 0);
        assertThat(draw(List.of(exact, bolt("B2", Vec3.Y, 0, 0, 0)), List.of(), List.of())
                        .all())
                .isEqualTo(1);
        assertThat(draw(List.of(bolt("B1", Vec3.X, 0, 0, 0.001), bolt("B2", Vec3.Y, 0, 0, 0.001)), List.of(), List.of())
                        .bolts())
                .isLessThan(0.01);
    }

    @Test
    void watcher_endsIt() {
        BoltUpChance.Input input =
                new BoltUpChance.Input(List.of(bolt("B1", Vec3.X, 0, 0, 0)), List.of(), List.of(), 1000);
        assertThatThrownBy(() -> BoltUpChance.of(input, new SplittableRandom(1), share -> share < 0.4))
                .isInstanceOf(Progress.Cancelled.class);
    }
}
