package oddcradle.core.around;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import oddcradle.core.geometry.Solid;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.body.Pipe;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import org.junit.jupiter.api.Test;

class AroundTest {
    @Test
    void straightRun_hasNoBends() {
        Route route = Route.between(Vec3.ZERO, Vec3.X, new Vec3(0.5, 0, 0), Vec3.X, 0.05)
                .orElseThrow();
        assertThat(route.length()).isCloseTo(0.5, within(1e-9));
        assertThat(route.firstAngle() + route.secondAngle()).isCloseTo(0, within(1e-9));
    }

    @Test
    void sideStep_hasTwoEqualElbows() {
        // An offset s over a length l with angle a in both elbows: s = 2 R (1 - cos a) + m sin a, l = 2 R sin a + m cos
        // a.
        double r = 0.06;
        Route route = Route.between(Vec3.ZERO, Vec3.X, new Vec3(0.4, 0.15, 0), Vec3.X, r)
                .orElseThrow();
        double a = route.firstAngle();
        double m = route.straights().get(1);
        assertThat(route.secondAngle()).isCloseTo(a, within(1e-9));
        assertThat(2 * r * (1 - Math.cos(a)) + m * Math.sin(a)).isCloseTo(0.15, within(1e-8));
        assertThat(2 * r * Math.sin(a) + m * Math.cos(a)).isCloseTo(0.4, within(1e-8));
        assertThat(route.twist()).isCloseTo(Math.PI, within(1e-6));
        assertThat(route.length()).isCloseTo(2 * r * a + m, within(1e-9));
    }

    @Property(tries = 100)
    void route_isAPipeOfTheSameLength_noShorterThanTheLine(
            @ForAll @DoubleRange(min = -0.4, max = 0.4) double x,
            @ForAll @DoubleRange(min = -0.4, max = 0.4) double y,
            @ForAll @DoubleRange(min = -1, max = 1) double dx,
            @ForAll @DoubleRange(min = -1, max = 1) double dy) {
        Vec3 to = new Vec3(0.6 + x, y, 0.3);
        Optional<Route> route = Route.between(Vec3.ZERO, new Vec3(1, dx, 0.2), to, new Vec3(1, dy, -0.3), 0.05);
        route.ifPresent(found -> {
            Pipe pipe = new Pipe("P", "pipe", Category.HOT, found.corners(), 0.05, 0.03);
            assertThat(found.length()).isCloseTo(pipe.length(), within(1e-6));
            assertThat(found.length()).isGreaterThanOrEqualTo(to.length() - 1e-9);
        });
        assertThat(route).isPresent();
    }

    @Test
    void tooShortForItsBends_isNone() {
        assertThat(Route.between(Vec3.ZERO, Vec3.X, new Vec3(0, 0.05, 0), Vec3.X.negated(), 0.1))
                .isEmpty();
    }

    @Test
    void rod_tellsWhetherItReverses() {
        Vec3 hand = new Vec3(1, 0, 0);
        Rod pulls = Rod.between(Vec3.ZERO, Vec3.X, hand, Vec3.X);
        assertThat(pulls.reversed()).isFalse();
        assertThat(pulls.joints()).isZero();
        assertThat(pulls.effect()).isCloseTo(1, within(1e-12));
        Rod reversed = Rod.between(Vec3.ZERO, Vec3.X.negated(), hand, Vec3.X);
        assertThat(reversed.reversed()).isTrue();
        assertThat(reversed.joints()).isEqualTo(1);
        Rod leaning = Rod.between(Vec3.ZERO, new Vec3(1, 1, 0), hand, Vec3.X);
        assertThat(leaning.effect()).isCloseTo(Math.sqrt(0.5), within(1e-12));
        assertThat(leaning.joints()).isEqualTo(2);
    }

    @Test
    void volumes_areThoseOfTheTextbook() {
        assertThat(Volume.of(new Solid.Sphere(Vec3.ZERO, 0.1))).isCloseTo(4.18879e-3, within(1e-8));
        assertThat(Volume.of(new Solid.Cylinder(Vec3.ZERO, Vec3.Z, 0.1))).isCloseTo(0.0314159, within(1e-7));
        assertThat(Volume.of(new Solid.Box(new Vec3(0.1, 0.2, 0.3), Pose.IDENTITY)))
                .isCloseTo(0.048, within(1e-12));
        assertThat(List.of(Volume.of(new Solid.Capsule(Vec3.ZERO, Vec3.Z, 0.1))).get(0))
                .isCloseTo(0.0314159 + 0.00418879, within(1e-7));
    }
}
