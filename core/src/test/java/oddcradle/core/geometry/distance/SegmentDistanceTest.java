package oddcradle.core.geometry.distance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.Test;

class SegmentDistanceTest {
    private static double distance(Vec3 a0, Vec3 a1, Vec3 b0, Vec3 b1) {
        SegmentDistance.Closest closest = SegmentDistance.between(a0, a1, b0, b1);
        return closest.pointA().distanceTo(closest.pointB());
    }

    @Test
    void zeroLengthSecondSegment_distanceIsToPoint() {
        assertThat(distance(Vec3.ZERO, Vec3.X, new Vec3(4, 4, 0), new Vec3(4, 4, 0)))
                .isEqualTo(5);
    }

    @Test
    void zeroLengthBoth_distanceIsBetweenPoints() {
        assertThat(distance(Vec3.ZERO, Vec3.ZERO, Vec3.X, Vec3.X)).isEqualTo(1);
    }

    @Test
    void parallelSideBySide_distanceIsTheOffset() {
        assertThat(distance(Vec3.ZERO, Vec3.X, new Vec3(0.2, 0.3, 0), new Vec3(0.9, 0.3, 0)))
                .isCloseTo(0.3, within(1e-15));
    }

    @Test
    void nearlyParallel_closestEndsAreFound() {
        assertThat(distance(Vec3.ZERO, new Vec3(10, 0, 0), new Vec3(0, 1e-7, 0.1), new Vec3(10, -1e-7, 0.1)))
                .isCloseTo(0.1, within(1e-12));
    }

    @Property(tries = 400)
    void neverFartherThanAnySampledPair(@ForAll Random random) {
        Vec3[] p = new Vec3[4];
        for (int k = 0; k < 4; k++) {
            p[k] = new Vec3(random.nextDouble(), random.nextDouble(), random.nextDouble());
        }
        double found = distance(p[0], p[1], p[2], p[3]);
        double sampled = Double.POSITIVE_INFINITY;
        for (int i = 0; i <= 30; i++) {
            for (int j = 0; j <= 30; j++) {
                sampled = Math.min(sampled, p[0].towards(p[1], i / 30.0).distanceTo(p[2].towards(p[3], j / 30.0)));
            }
        }
        assertThat(found).isLessThanOrEqualTo(sampled + 1e-12).isGreaterThan(sampled - 0.08);
    }
}
