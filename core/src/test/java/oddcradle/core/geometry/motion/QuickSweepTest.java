package oddcradle.core.geometry.motion;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.SplittableRandom;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.distance.PreparedSolid;
import oddcradle.core.geometry.distance.SolidDistance;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.Test;

class QuickSweepTest {
    private static final List<Motion> WHEEL =
            List.of(new Motion.Turn(new Vec3(1, 0, 0), Vec3.Z, -0.5, 0.5), new Motion.Slide(Vec3.Z, -0.05, 0.08));
    private static final Solid TYRE = new Solid.Cylinder(new Vec3(1, -0.06, 0.2), new Vec3(1, 0.06, 0.2), 0.2);

    private static Vec3 place(SplittableRandom random) {
        return new Vec3(2 * random.nextDouble(), random.nextDouble() - 0.5, random.nextDouble() - 0.2);
    }

    @Property(tries = 60)
    void coverOfASweep_isNeverFartherThanIt(@ForAll long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        Vec3 point = place(random);
        Sweep sweep = Sweep.of(TYRE, WHEEL);
        double exact = sweep.nearest(PreparedSolid.of(new Solid.Sphere(point, 1e-6)))
                .separation()
                .distance();
        assertThat(sweep.isProvenBeyond(Math.max(0, exact) + 2e-5, point.x(), point.y(), point.z()))
                .isFalse();
        assertThat(sweep.isProvenBeyond(exact - 1, point.x(), point.y(), point.z()))
                .isTrue();
    }

    @Property(tries = 40)
    void exactAnswer_isNoWorseThanDenseSampling(@ForAll long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        Solid ball = new Solid.Sphere(place(random).plus(new Vec3(0, 0.9, 0)), 0.05);
        Sweep.Nearest nearest = Sweep.of(TYRE, WHEEL).nearestExactly(PreparedSolid.of(ball));
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i <= 60; i++) {
            for (int j = 0; j <= 10; j++) {
                Solid there = Motion.carried(TYRE, WHEEL, new double[] {-0.5 + i / 60.0, -0.05 + 0.013 * j});
                least = Math.min(least, SolidDistance.between(ball, there).distance());
            }
        }
        assertThat(nearest.separation().distance()).isLessThanOrEqualTo(least + 1e-9);
        Solid there = Motion.carried(
                TYRE,
                WHEEL,
                nearest.values().stream().mapToDouble(Double::doubleValue).toArray());
        assertThat(SolidDistance.between(ball, there).distance())
                .isCloseTo(nearest.separation().distance(), within(1e-9));
    }

    @Test
    void undoneMotion_bringsEveryPointBack() {
        for (Motion motion : WHEEL) {
            for (double share : new double[] {0, 0.3, 1}) {
                double value = motion.from() + share * (motion.to() - motion.from());
                Vec3 point = new Vec3(0.3, 0.2, 0.1);
                Vec3 back = motion.undone().at(-value).place(motion.at(value).place(point));
                assertThat(back.distanceTo(point)).isLessThan(1e-12);
                assertThat(-value)
                        .isBetween(motion.undone().from(), motion.undone().to());
            }
        }
    }
}
