package oddcradle.core.drive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import org.hipparchus.optim.MaxIter;
import org.hipparchus.optim.linear.LinearConstraint;
import org.hipparchus.optim.linear.LinearConstraintSet;
import org.hipparchus.optim.linear.LinearObjectiveFunction;
import org.hipparchus.optim.linear.NonNegativeConstraint;
import org.hipparchus.optim.linear.PivotSelectionRule;
import org.hipparchus.optim.linear.Relationship;
import org.hipparchus.optim.linear.SimplexSolver;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.junit.jupiter.api.Test;

class ShaftDialsTest {
    /** Common practice: a rim reads twice the offset; 0.2 mm over 100 mm of face is 2 mm in a metre; a sagging bracket reads low. */
    @Test
    void rimReadsTwiceTheOffset_faceTheSlope() {
        ShaftDials.Dial rim = new ShaftDials.Dial(0.0004, 0, -0.0004, 0);
        ShaftDials.Dial face = new ShaftDials.Dial(0.0001, 0.00005, -0.0001, -0.00005);
        ShaftDials lies = ShaftDials.rimAndFace(rim, face, 0.1, 0, false, false, 0);
        assertThat(lies.vertical().offset()).isCloseTo(0.0004, within(1e-12));
        assertThat(lies.vertical().slope()).isCloseTo(0.002, within(1e-12));
        assertThat(lies.horizontal().slope()).isCloseTo(0.001, within(1e-12));
        assertThat(lies.vertical().mend(0.2)).isCloseTo(-0.0008, within(1e-12));
        // The same machine by a bracket on the other shaft that reads the back of the hub.
        ShaftDials.Dial turned = new ShaftDials.Dial(-0.0004, 0, 0.0004, 0);
        ShaftDials.Dial behind = new ShaftDials.Dial(-0.0001, -0.00005, 0.0001, 0.00005);
        ShaftDials again = ShaftDials.rimAndFace(turned, behind, 0.1, 0, true, true, 0);
        assertThat(again.vertical()).isEqualTo(lies.vertical());
        assertThat(again.horizontal().slope()).isEqualTo(lies.horizontal().slope());
        // On a straight bar the bracket reads 0.06 mm low at the bottom: that much is no offset.
        ShaftDials.Dial sagging = new ShaftDials.Dial(0, 0, -0.00006, 0);
        assertThat(ShaftDials.rimAndFace(sagging, face, 0.1, 0, false, false, -0.00006)
                        .vertical()
                        .offset())
                .isCloseTo(0, within(1e-15));
    }

    /** Gaps taken in space between the face of a hub at rest and that of a shaft that points elsewhere: x into the engine, y left, z up. */
    @Property(tries = 40)
    void gapsBetweenFaces_tellWhereTheShaftPoints(
            @ForAll @DoubleRange(min = -0.9, max = 0.9) double risesBy,
            @ForAll @DoubleRange(min = -0.9, max = 0.9) double opensBy) {
        double rises = risesBy / 100;
        double opens = opensBy / 100;
        Vec3 axis = new Vec3(1, opens, rises).unit();
        Vec3 face = new Vec3(0.003, 0, 0);
        double[] gaps = new double[4];
        Vec3[] at = {new Vec3(0, 0, 0.06), new Vec3(0, 0.06, 0), new Vec3(0, 0, -0.06), new Vec3(0, -0.06, 0)};
        for (int k = 0; k < 4; k++) {
            gaps[k] = face.minus(at[k]).dot(axis) / axis.x();
        }
        ShaftDials lies =
                ShaftDials.stepAndGaps(0.0002, -0.0001, new ShaftDials.Dial(gaps[0], gaps[1], gaps[2], gaps[3]), 0.12);
        assertThat(lies.vertical().slope()).isCloseTo(rises, within(1e-9));
        assertThat(lies.horizontal().slope()).isCloseTo(opens, within(1e-9));
        assertThat(lies.vertical().mend(0.5)).isCloseTo(-0.0002 - 0.5 * rises, within(1e-9));
        assertThat(lies.horizontal().mend(0)).isCloseTo(0.0001, within(1e-12));
    }

    @Test
    void twoDials_drawALine() {
        ShaftDials.Dial movable = new ShaftDials.Dial(0.0003, 0, -0.0001, 0);
        ShaftDials.Dial fixed = new ShaftDials.Dial(-0.0001, 0, 0.0001, 0);
        ShaftDials lies = ShaftDials.reverse(movable, fixed, 0.05, -0.05, 0);
        assertThat(lies.vertical().slope()).isCloseTo(0.001, within(1e-12));
        assertThat(lies.vertical().offset()).isCloseTo(0.00015, within(1e-12));
        assertThatThrownBy(() -> ShaftDials.reverse(movable, fixed, 0.05, 0.05, 0))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("length between");
    }

    /** Hipparchus' simplex finds no less metal under the feet, and all of them stand on one plane. */
    @Property(tries = 60)
    void shims_areTheLeastThatLetAllFeetStand(@ForAll int seed) {
        Random random = new Random(seed);
        int n = 4 + random.nextInt(4);
        List<Vec3> feet = new ArrayList<>();
        List<Double> gaps = new ArrayList<>();
        for (int k = 0; k < n; k++) {
            feet.add(new Vec3(random.nextDouble(), random.nextDouble(), 0));
            gaps.add(random.nextInt(3) == 0 ? 0 : random.nextDouble());
        }
        SoftFoot found = SoftFoot.of(feet, gaps);
        List<LinearConstraint> below = new ArrayList<>();
        double[] plane = new double[3];
        for (int k = 0; k < n; k++) {
            double[] row = {1, feet.get(k).x(), feet.get(k).y()};
            for (int i = 0; i < 3; i++) {
                plane[i] += row[i];
            }
            below.add(new LinearConstraint(row, Relationship.LEQ, gaps.get(k)));
        }
        double highest = new SimplexSolver()
                .optimize(
                        new LinearObjectiveFunction(plane, 0),
                        new LinearConstraintSet(below),
                        GoalType.MAXIMIZE,
                        new NonNegativeConstraint(false),
                        // Gaps of nothing make corners at which other rules go round for ever.
                        PivotSelectionRule.BLAND,
                        new MaxIter(1_000))
                .getValue();
        double total = found.shims().stream().mapToDouble(x -> x).sum();
        assertThat(total).isCloseTo(gaps.stream().mapToDouble(x -> x).sum() - highest, within(1e-6));
        assertThat(found.shims()).allMatch(shim -> shim >= 0);
        List<Double> left = IntStream.range(0, n)
                .mapToObj(k -> gaps.get(k) - found.shims().get(k))
                .toList();
        assertThat(SoftFoot.of(feet, left).residuals()).allMatch(residual -> Math.abs(residual) < 1e-9);
    }

    @Test
    void feetInOneLine_areRefused() {
        assertThatThrownBy(() -> SoftFoot.of(List.of(Vec3.ZERO, Vec3.X, Vec3.X.times(2)), List.of(0.0, 0.001, 0.0)))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("one line");
    }
}
