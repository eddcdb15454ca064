package oddcradle.core.asbuilt;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.SmallMotion;
import org.hipparchus.optim.linear.LinearConstraint;
import org.hipparchus.optim.linear.LinearConstraintSet;
import org.hipparchus.optim.linear.LinearObjectiveFunction;
import org.hipparchus.optim.linear.NonNegativeConstraint;
import org.hipparchus.optim.linear.PivotSelectionRule;
import org.hipparchus.optim.linear.Relationship;
import org.hipparchus.optim.linear.SimplexSolver;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.junit.jupiter.api.Test;

class LineUpTest {
    private static final List<Vec3> MOUNTS =
            List.of(new Vec3(0, 0.2, 0), new Vec3(0, -0.2, 0), new Vec3(0.4, 0.2, 0), new Vec3(0.4, -0.2, 0));

    private static Vec3 any(Random random) {
        return new Vec3(random.nextGaussian(), random.nextGaussian(), random.nextGaussian());
    }

    private static List<Condition> some(Random random, int count) {
        List<Condition> all = new ArrayList<>();
        for (int k = 0; k < count; k++) {
            all.add(
                    k % 3 == 2
                            ? Condition.angle("A" + k, "angle", any(random), 0.01 * random.nextGaussian(), 0.004)
                            : Condition.offset(
                                    "A" + k,
                                    "offset",
                                    any(random).times(0.3),
                                    any(random),
                                    0.003 * random.nextGaussian(),
                                    0.0005));
        }
        return all;
    }

    /** Least worst share by a linear programme of the library: t over every share, six freedoms without sign. */
    private static double leastWorst(List<Condition> conditions) {
        List<LinearConstraint> rows = new ArrayList<>();
        for (Condition each : conditions) {
            Vec3 turns = each.place().cross(each.way()).plus(each.about());
            for (int sign : new int[] {1, -1}) {
                double[] row = {
                    sign * each.way().x(),
                    sign * each.way().y(),
                    sign * each.way().z(),
                    sign * turns.x(),
                    sign * turns.y(),
                    sign * turns.z(),
                    -each.tolerance()
                };
                rows.add(new LinearConstraint(row, Relationship.LEQ, -sign * each.off()));
            }
        }
        return new SimplexSolver()
                .optimize(
                        new LinearObjectiveFunction(new double[] {0, 0, 0, 0, 0, 0, 1}, 0),
                        new LinearConstraintSet(rows),
                        GoalType.MINIMIZE,
                        new NonNegativeConstraint(false),
                        PivotSelectionRule.BLAND)
                .getValue();
    }

    /** What no move holds is left as little out as the linear programme leaves it; the fault: one reading mended at the cost of another. */
    @Test
    void worstShare_isTheLeastThereIs() {
        Random random = new Random(4);
        int outside = 0;
        for (int trial = 0; trial < 30; trial++) {
            List<Condition> conditions = some(random, 8 + random.nextInt(6));
            double least = leastWorst(conditions);
            LineUp found = LineUp.of(conditions, MOUNTS);
            if (least > 1.02) {
                outside++;
                assertThat(found.holds()).isFalse();
                assertThat(found.leftOut()).isNotEmpty();
                assertThat(found.worst()).isBetween(least * 0.9999, least * 1.02);
            } else if (least < 0.98) {
                assertThat(found.holds()).isTrue();
            }
        }
        assertThat(outside).isGreaterThan(5);
    }

    /** A body that was moved is moved back; what no reading asks for stays. */
    @Test
    void fewReadings_areMendedWhole_andNothingElseMoves() {
        Vec3 at = new Vec3(-0.3, 0.05, 0.1);
        List<Condition> shaft = List.of(
                Condition.offset("A1", "high", at, Vec3.Z, 0.0012, 1e-4),
                Condition.offset("A1", "left", at, Vec3.Y, -0.0007, 1e-4),
                Condition.angle("A1", "rises", Vec3.X.cross(Vec3.Z), 0.002, 0.001),
                Condition.angle("A1", "opens", Vec3.X.cross(Vec3.Y), -0.001, 0.001));
        SmallMotion motion = LineUp.of(shaft, MOUNTS).motion();

        assertThat(motion.at(at).z()).isCloseTo(-0.0012, within(1e-9));
        assertThat(motion.at(at).y()).isCloseTo(0.0007, within(1e-9));
        assertThat(motion.at(at).x()).isCloseTo(0, within(1e-12));
        assertThat(motion.turn().x()).isCloseTo(0, within(1e-12));
        // 1 m farther along the shaft the slopes have gone as well.
        assertThat(motion.at(at.along(Vec3.X, 1)).z()).isCloseTo(-0.0012 - 0.002, within(1e-9));
        assertThat(motion.at(at.along(Vec3.X, 1)).y()).isCloseTo(0.0007 + 0.001, within(1e-9));
    }

    /** What side moves mend alone wants no shims, and what is well inside its tolerance is left alone. */
    @Test
    void leastWork_isTakenFirst() {
        Vec3 at = new Vec3(-0.3, 0.05, 0.1);
        Condition high = Condition.offset("A1", "high", at, Vec3.Z, 0.0004, 1e-3);
        Condition left = Condition.offset("A1", "left", at, Vec3.Y, -0.0017, 1e-3);
        Condition toe = Condition.angle("A1", "opens", Vec3.Z, 0.004, 0.001);

        SmallMotion nothing = LineUp.of(List.of(high), MOUNTS).motion();
        SmallMotion side = LineUp.of(List.of(high, left, toe), MOUNTS).motion();
        SmallMotion lift = LineUp.of(List.of(Condition.offset("A1", "high", at, Vec3.Z, 0.002, 1e-3)), MOUNTS)
                .motion();

        assertThat(nothing.most(1)).isLessThan(1e-9);
        assertThat(MOUNTS).allSatisfy(mount -> assertThat(side.at(mount).z()).isCloseTo(0, within(1e-9)));
        assertThat(side.at(at).y()).isCloseTo(0.0017, within(1e-5));
        assertThat(side.turn().z()).isCloseTo(-0.004, within(1e-5));
        assertThat(MOUNTS).allSatisfy(mount -> assertThat(lift.at(mount).z()).isCloseTo(-0.002, within(1e-5)));
        assertThat(lift.at(at).withoutPartAlong(Vec3.Z).length()).isLessThan(1e-9);
    }

    @Test
    void nothingRead_isRefused() {
        assertThatThrownBy(() -> LineUp.of(List.of(), MOUNTS))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("readings");
        assertThatThrownBy(() -> Condition.offset("A1", "high", Vec3.ZERO, Vec3.Z, 0, 0))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("tolerance");
    }
}
