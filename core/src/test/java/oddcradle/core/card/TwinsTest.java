package oddcradle.core.card;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import oddcradle.core.geometry.Aabb;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.distance.SolidDistance;
import oddcradle.core.geometry.motion.Motion;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TwinsTest {
    private static Vec3 any(Random random) {
        return new Vec3(random.nextDouble() - 0.5, random.nextDouble() - 0.5, random.nextDouble() - 0.5);
    }

    private static Solid solid(Random random) {
        double size = 0.05 + 0.2 * random.nextDouble();
        return switch (random.nextInt(4)) {
            case 0 -> new Solid.Sphere(any(random), size);
            case 1 -> new Solid.Capsule(any(random), any(random), size);
            case 2 -> new Solid.Cylinder(any(random), any(random), size);
            default ->
                new Solid.Box(
                        new Vec3(size, 0.3 * size, 2 * size),
                        Pose.ofYawPitchRoll(
                                any(random), random.nextDouble(), random.nextDouble(), random.nextDouble()));
        };
    }

    private static Solid twin(Solid solid) {
        return Twins.of(List.of(solid)).get(0);
    }

    /** In the mirror all distances are the same, and left is right. */
    @Property(tries = 150)
    void twins_areAsFarApartAsTheirOriginals(@ForAll Random random) {
        Solid a = solid(random);
        Solid b = solid(random);
        assertThat(SolidDistance.between(twin(a), twin(b)).distance())
                .isCloseTo(SolidDistance.between(a, b).distance(), within(1e-7));
        Aabb bounds = a.bounds();
        Aabb mirrored = twin(a).bounds();
        assertThat(mirrored.low().y()).isCloseTo(-bounds.high().y(), within(1e-12));
        assertThat(mirrored.high().x()).isCloseTo(bounds.high().x(), within(1e-12));
        assertThat(twin(twin(a)).centre().distanceTo(a.centre())).isLessThan(1e-12);
    }

    /** A wheel that steers to the left has a twin that steers to the right. */
    @Property(tries = 100)
    void whatMoves_movesInTheMirror(@ForAll Random random) {
        Solid solid = solid(random);
        Motion motion = random.nextBoolean()
                ? new Motion.Turn(any(random), any(random).plus(Vec3.Z), -0.5, 0.7)
                : new Motion.Slide(any(random).plus(Vec3.X), 0, 0.2);
        double[] value = {random.nextDouble() * 0.2};
        Solid moved = Motion.carried(solid, List.of(motion), value);
        Solid mirrored = Motion.carried(twin(solid), List.of(Twins.of(motion)), value);
        assertThat(mirrored.centre().distanceTo(twin(moved).centre())).isLessThan(1e-9);
        assertThat(mirrored.bounds().low().distanceTo(twin(moved).bounds().low()))
                .isLessThan(1e-9);
    }

    @ParameterizedTest
    @CsvSource({"front left, front right", "right rear tyre, left rear tyre", "silencer, 'silencer, other side'"})
    void nameIsOfTheOtherSide(String one, String other) {
        assertThat(Twins.name(one)).isEqualTo(other);
    }
}
