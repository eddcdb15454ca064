package oddcradle.core.joint;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Size;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.Test;

class BoltGroupTest {
    /**
     * Shigley, Mechanical Engineering Design, eccentric shear on four bolts at the corners of 120 x 150 mm, 16 kN at 425 mm from
     * the centroid: primary 4 kN each, secondary 17.7 kN, the worst bolt 21.0 kN (from memory).
     */
    @Test
    void fourBoltsUnderAnEccentricLoad_areShigleysExample() {
        List<BoltGroup.Bolt> bolts = new ArrayList<>();
        for (double x : new double[] {-0.075, 0.075}) {
            for (double y : new double[] {-0.06, 0.06}) {
                bolts.add(new BoltGroup.Bolt(x, y, 144e-6));
            }
        }
        BoltGroup group = BoltGroup.of(bolts, new Vec3(0, -16_000, 0), Vec3.ZERO, new Vec3(0.425, 0, 0));
        assertThat(group.maxShear()).isCloseTo(21_000, within(100.0));
        assertThat(group.maxTension()).isZero();
    }

    @Property(tries = 200)
    void sharesOfAnyGroup_balanceTheLoad(
            @ForAll @Size(min = 5, max = 12) List<@DoubleRange(min = -0.2, max = 0.2) Double> numbers,
            @ForAll @DoubleRange(min = -5000, max = 5000) double push,
            @ForAll @DoubleRange(min = -300, max = 300) double turn) {
        List<BoltGroup.Bolt> bolts = new ArrayList<>(List.of(
                new BoltGroup.Bolt(0.3, 0, 36e-6), new BoltGroup.Bolt(0, 0.3, 58e-6), new BoltGroup.Bolt(0, 0, 84e-6)));
        for (int k = 1; k < numbers.size(); k++) {
            bolts.add(new BoltGroup.Bolt(numbers.get(k - 1), numbers.get(k), 58e-6));
        }
        Vec3 force = new Vec3(push, -0.4 * push + 100, 0.7 * push);
        Vec3 moment = new Vec3(turn, 30, -0.5 * turn);
        Vec3 point = new Vec3(0.1, -0.05, 0.12);
        BoltGroup group = BoltGroup.of(bolts, force, moment, point);
        Vec3 sum = Vec3.ZERO;
        Vec3 turning = Vec3.ZERO;
        for (int k = 0; k < bolts.size(); k++) {
            BoltGroup.BoltLoad load = group.bolts().get(k);
            Vec3 shared = new Vec3(load.shearX(), load.shearY(), load.tension());
            sum = sum.plus(shared);
            turning = turning.plus(new Vec3(bolts.get(k).x(), bolts.get(k).y(), 0).cross(shared));
        }
        assertThat(sum.distanceTo(force)).isLessThan(1e-8 * (1 + force.length()));
        assertThat(turning.distanceTo(moment.plus(point.cross(force)))).isLessThan(1e-7 * (1 + force.length()));
    }

    @Test
    void bruteLoads_thatBoltsCannotCarry_areRefused() {
        BoltGroup.Bolt one = new BoltGroup.Bolt(0, 0, 58e-6);
        assertThatThrownBy(() -> BoltGroup.of(List.of(one), Vec3.X, new Vec3(0, 0, 1), Vec3.ZERO))
                .hasMessageContaining("moment[2]");
        List<BoltGroup.Bolt> line = List.of(one, new BoltGroup.Bolt(0.1, 0, 58e-6), new BoltGroup.Bolt(0.2, 0, 58e-6));
        assertThatThrownBy(() -> BoltGroup.of(line, Vec3.ZERO, new Vec3(5, 0, 0), Vec3.ZERO))
                .hasMessageContaining("one line");
        assertThatThrownBy(() -> BoltGroup.of(List.of(), Vec3.X, Vec3.ZERO, Vec3.ZERO))
                .hasMessageContaining("bolts");
    }
}
