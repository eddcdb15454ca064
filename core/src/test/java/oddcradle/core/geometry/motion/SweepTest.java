package oddcradle.core.geometry.motion;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.distance.PreparedSolid;
import oddcradle.core.geometry.distance.SolidDistance;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import org.junit.jupiter.api.Test;

class SweepTest {
    private static Vec3 any(Random random, double reach) {
        return new Vec3(random.nextGaussian(), random.nextGaussian(), random.nextGaussian()).times(reach);
    }

    /** The least over a fine grid of both motions is never less, and comes near. */
    @Property(tries = 40)
    void leastDistance_agreesWithDenseSampling(@ForAll Random random) {
        Solid wheel = new Solid.Cylinder(new Vec3(0.5, -0.05, 0), new Vec3(0.5, 0.05, 0), 0.2);
        Motion steering = new Motion.Turn(new Vec3(0.5, 0, 0), Vec3.Z, -0.5, 0.5);
        Motion travel = new Motion.Turn(any(random, 0.1), any(random, 1), -0.3, 0.3);
        List<Motion> motions = List.of(steering, travel);
        PreparedSolid fixed = PreparedSolid.of(new Solid.Capsule(any(random, 0.6), any(random, 0.6), 0.02));
        Sweep.Nearest nearest = Sweep.of(wheel, motions).nearest(fixed);
        double sampled = Double.POSITIVE_INFINITY;
        int steps = 60;
        for (int i = 0; i <= steps; i++) {
            for (int j = 0; j <= steps; j++) {
                double[] values = {-0.5 + 1.0 * i / steps, -0.3 + 0.6 * j / steps};
                PreparedSolid here = PreparedSolid.of(Motion.carried(wheel, motions, values));
                sampled = Math.min(sampled, SolidDistance.between(fixed, here).distance());
            }
        }
        double ours = nearest.separation().distance();
        // Of an overlap the depth is told to one part in twenty.
        assertThat(ours).isLessThanOrEqualTo((sampled < 0 ? 0.95 * sampled : sampled) + Sweep.TOLERANCE);
        // half a step moves a point of the wheel by less than 2 cm
        assertThat(ours).isGreaterThan(sampled - 0.02);
    }

    @Property(tries = 60)
    void bounds_holdEveryPlace(@ForAll Random random) {
        Solid box = new Solid.Box(new Vec3(0.1, 0.2, 0.05), Pose.ofYawPitchRoll(any(random, 0.3), 1, 0.5, 0.2));
        List<Motion> motions = List.of(
                new Motion.Slide(any(random, 1), -0.1, 0.2), new Motion.Turn(any(random, 0.2), any(random, 1), -1, 2));
        Sweep sweep = Sweep.of(box, motions);
        for (int k = 0; k < 50; k++) {
            double[] values = {-0.1 + 0.3 * random.nextDouble(), -1 + 3 * random.nextDouble()};
            var there = Motion.carried(box, motions, values).bounds();
            assertThat(there.low().x()).isGreaterThan(sweep.bounds().low().x() - 1e-9);
            assertThat(there.high().y()).isLessThan(sweep.bounds().high().y() + 1e-9);
            assertThat(there.high().z()).isLessThan(sweep.bounds().high().z() + 1e-9);
        }
    }

    @Test
    void swingArm_passesAPostAtItsOwnRadius() {
        Solid hub = new Solid.Sphere(new Vec3(0.5, 0, 0), 0.05);
        Motion arm = new Motion.Turn(Vec3.ZERO, Vec3.Y, -0.4, 0.4);
        PreparedSolid post =
                PreparedSolid.of(new Solid.Sphere(new Vec3(0.6 * Math.cos(0.2), 0, 0.6 * Math.sin(0.2)), 0.02));
        Sweep.Nearest nearest = Sweep.of(hub, List.of(arm)).nearest(post);
        assertThat(nearest.separation().distance()).isCloseTo(0.1 - 0.07, within(Sweep.TOLERANCE));
        assertThat(nearest.values().get(0)).isCloseTo(-0.2, within(0.01));
    }

    @Test
    void rangeTheWrongWayRound_isRefused() {
        assertThatThrownBy(() -> new Motion.Slide(Vec3.X, 0.2, 0.1))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("swap them");
        assertThatThrownBy(() -> new Motion.Turn(Vec3.ZERO, Vec3.ZERO, 0, 1)).hasMessageContaining("zero vector");
    }
}
