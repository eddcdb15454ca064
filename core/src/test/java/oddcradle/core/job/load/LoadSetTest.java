package oddcradle.core.job.load;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** The rule sets against 14 CFR 23 as it stood before amendment 64 and what ground vehicles are mostly held to. */
class LoadSetTest {
    private static LoadCase of(LoadSet set, String id, int cylinders) {
        return set.cases(cylinders).stream()
                .filter(each -> each.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    /** 23.361(c): 1.33 for five and more, 2, 3, 4 for four, three, two. */
    @ParameterizedTest
    @CsvSource({"6, 1.33", "5, 1.33", "4, 2", "3, 3", "2, 4"})
    void limitTorque_goesByTheCylinders(int cylinders, double factor) {
        for (LoadSet set : List.of(LoadSet.PART_23, LoadSet.PART_23_AEROBATIC, LoadSet.LIGHT_SPORT)) {
            assertThat(of(set, "torque", cylinders).drive()).isEqualTo(factor);
        }
    }

    @Test
    void part23_hasItsFactors() {
        // 23.363: 1.33 g or a third of the flight factor, 6 g for aerobatics.
        assertThat(of(LoadSet.PART_23, "side", 4).field().y()).isEqualTo(1.33);
        assertThat(of(LoadSet.PART_23_AEROBATIC, "side", 4).field().y())
                .isCloseTo(-of(LoadSet.PART_23_AEROBATIC, "pull-up", 4).field().z() / 3, within(1e-9));
        // 23.371: 2.5 rad/s yaw, 1 rad/s pitch, 2.5 g.
        LoadCase gyro = of(LoadSet.PART_23, "gyro", 4);
        assertThat(gyro.turning()).isEqualTo(new Vec3(0, 1, 2.5));
        assertThat(gyro.field().z()).isEqualTo(-2.5);
        // 23.361(a)(1): three quarters of the flight factor at take-off power.
        assertThat(of(LoadSet.PART_23, "takeoff", 4).field().z())
                .isCloseTo(0.75 * of(LoadSet.PART_23, "pull-up", 4).field().z(), within(1e-9));
        // 23.561: 9 g ahead, survived and no more.
        LoadCase crash = of(LoadSet.PART_23, "crash", 4);
        assertThat(crash.field().x()).isEqualTo(9);
        assertThat(crash.level()).isEqualTo(Level.ULTIMATE);
    }

    /** Whoever adds a set must say where each figure is from, and may not hold flight loads to a shop's factor. */
    @ParameterizedTest
    @EnumSource(LoadSet.class)
    void everySet_isWhole(LoadSet set) {
        List<LoadCase> cases = set.cases(2);
        assertThat(cases).hasSizeGreaterThan(7).allSatisfy(each -> {
            assertThat(each.source()).isNotBlank();
            assertThat(each.set()).isEqualTo(set.id());
            if (set.family() == LoadSet.Family.AIRCRAFT) {
                assertThat(each.level()).isNotEqualTo(Level.WORKING);
            }
        });
        assertThat(cases).extracting(LoadCase::id).doesNotHaveDuplicates();
        assertThat(cases).anyMatch(each -> each.drive() > 0 && each.runs());
        assertThat(cases).anyMatch(each -> each.field().y() != 0);
    }

    /** Ground vehicles, common practice: 3 g bump, 1.5 g rebound, 1 g braking and cornering, 1.5 g from behind, roll-over 3 g. */
    @Test
    void roughGround_isWhatBuildersReckonWith() {
        assertThat(of(LoadSet.ROUGH_GROUND, "bump", 1).field()).isEqualTo(new Vec3(0, 0, -3));
        assertThat(of(LoadSet.ROUGH_GROUND, "rebound", 1).field()).isEqualTo(new Vec3(0, 0, 1.5));
        assertThat(of(LoadSet.ROUGH_GROUND, "rear", 1).field().x()).isEqualTo(-1.5);
        assertThat(of(LoadSet.ROUGH_GROUND, "roll-over", 1).field().z()).isEqualTo(3);
    }

    /** 4130 tube, 75 and 95 ksi (MMPDS): a limit load is held by its ultimate strength, 63.3 ksi; an ultimate load has all 95. */
    @Test
    void limitAndUltimate_areKeptApart() {
        double ratio = 95.0 / 75;
        assertThat(75 / Level.LIMIT.onYield(1.5, ratio)).isCloseTo(63.33, within(0.01));
        assertThat(75 / Level.ULTIMATE.onYield(1.5, ratio)).isCloseTo(95, within(1e-9));
        assertThat(75 / Level.WORKING.onYield(1.5, ratio)).isCloseTo(50, within(1e-9));
        // A soft metal that stretches far is held by its yield strength, and by no second factor.
        assertThat(Level.LIMIT.onYield(1.5, 2)).isEqualTo(1);
    }
}
