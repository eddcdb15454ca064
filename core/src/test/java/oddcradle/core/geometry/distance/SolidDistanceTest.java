package oddcradle.core.geometry.distance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import oddcradle.core.geometry.Solid;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import org.junit.jupiter.api.Test;

class SolidDistanceTest {
    private static Solid.Box box(double x, double y, double z) {
        return new Solid.Box(new Vec3(x, y, z), Pose.IDENTITY);
    }

    private static Solid.Capsule capsule(double ax, double ay, double az, double bx, double by, double bz, double r) {
        return new Solid.Capsule(new Vec3(ax, ay, az), new Vec3(bx, by, bz), r);
    }

    @Test
    void spheres_areApartByCentresLessRadii() {
        Separation s =
                SolidDistance.between(new Solid.Sphere(Vec3.ZERO, 0.1), new Solid.Sphere(new Vec3(0.5, 0, 0), 0.15));
        assertThat(s.distance()).isCloseTo(0.25, within(1e-15));
        assertThat(s.pointA()).isEqualTo(new Vec3(0.1, 0, 0));
    }

    @Test
    void crossingCapsules_haveTheDepthOfTheirNearestAxes() {
        Separation s = SolidDistance.between(capsule(-1, 0, 0, 1, 0, 0, 0.1), capsule(0, -1, 0.05, 0, 1, 0.05, 0.1));
        assertThat(s.distance()).isCloseTo(-0.15, within(1e-12));
    }

    @Test
    void capsulesWithTheSameAxis_partSideways() {
        Separation s = SolidDistance.between(capsule(0, 0, 0, 1, 0, 0, 0.1), capsule(0, 0, 0, 1, 0, 0, 0.1));
        assertThat(s.distance()).isCloseTo(-0.2, within(1e-12));
    }

    @Test
    void zeroLengthCapsule_isABall() {
        Separation s = SolidDistance.between(capsule(0, 0, 0, 0, 0, 0, 0.1), capsule(-1, 1, 0, 1, 1, 0, 0.2));
        assertThat(s.distance()).isCloseTo(0.7, within(1e-15));
    }

    @Test
    void boxes_faceToFaceEdgeToEdgeAndCornerToCorner() {
        assertThat(SolidDistance.between(box(1, 1, 1), box(1, 1, 1).placed(shift(2.5, 0.3, 0.2)))
                        .distance())
                .isCloseTo(0.5, within(1e-12));
        assertThat(SolidDistance.between(box(1, 1, 1), box(1, 1, 1).placed(shift(3, 4, 5)))
                        .distance())
                .isCloseTo(Math.sqrt(1 + 4 + 9), within(1e-12));
        Pose turned = new Pose(Mat3.rotationAbout(Vec3.Z, Math.PI / 4), new Vec3(3, 0, 0));
        assertThat(SolidDistance.between(box(1, 1, 1), box(1, 1, 1).placed(turned))
                        .distance())
                .isCloseTo(2 - Math.sqrt(2), within(1e-12));
    }

    @Test
    void overlappingBoxes_partAlongTheShallowestAxis() {
        Separation s = SolidDistance.between(box(1, 1, 1), box(1, 1, 1).placed(shift(0.5, 1.8, 0.1)));
        assertThat(s.distance()).isCloseTo(-0.2, within(1e-12));
        assertThat(s.overlap()).isTrue();
    }

    @Test
    void cylinderOverCylinder_flatEndsCount() {
        Solid.Cylinder lower = new Solid.Cylinder(Vec3.ZERO, new Vec3(0, 0, 1), 0.5);
        Solid.Cylinder upper = new Solid.Cylinder(new Vec3(0.2, 0.1, 1.3), new Vec3(0.2, 0.1, 2), 0.5);
        assertThat(SolidDistance.between(lower, upper).distance()).isCloseTo(0.3, within(1e-12));
        Solid.Cylinder beside = new Solid.Cylinder(new Vec3(1.2, 0, 0.2), new Vec3(1.2, 0, 0.8), 0.5);
        assertThat(SolidDistance.between(lower, beside).distance()).isCloseTo(0.2, within(1e-12));
    }

    private static Pose shift(double x, double y, double z) {
        return new Pose(Mat3.IDENTITY, new Vec3(x, y, z));
    }

    @Property(tries = 300)
    void swappingOrMovingBoth_changesNothing(@ForAll Random random) {
        Solid a = randomSolid(random);
        Solid b = randomSolid(random);
        double distance = SolidDistance.between(a, b).distance();
        assertThat(SolidDistance.between(b, a).distance()).isCloseTo(distance, within(1e-8));
        Pose pose = randomPose(random, 2);
        assertThat(SolidDistance.between(a.placed(pose), b.placed(pose)).distance())
                .isCloseTo(distance, within(1e-8));
    }

    /** Independent of the algorithm: the two points lie on their solids and no direction shows a larger gap. */
    @Property(tries = 300)
    void apart_pointsAreOnTheSolidsAndThePlaneBetweenThemParts(@ForAll Random random) {
        Solid a = randomSolid(random);
        Solid b = randomSolid(random).placed(shift(2.2 * random.nextDouble(), 0.6, 0));
        Separation s = SolidDistance.between(a, b);
        if (s.distance() < 1e-6) {
            return;
        }
        Vec3 n = s.pointB().minus(s.pointA()).unit();
        PreparedSolid preparedA = PreparedSolid.of(a);
        PreparedSolid preparedB = PreparedSolid.of(b);
        double gap =
                preparedB.farthest(n.negated()).dot(n) - preparedA.farthest(n).dot(n);
        assertThat(s.pointA().distanceTo(s.pointB())).isCloseTo(s.distance(), within(1e-9));
        // The direction is that of two points: the nearer they are, the less well they tell it.
        assertThat(gap).isCloseTo(s.distance(), within(1e-7 + 1e-10 / s.distance()));
        assertThat(SolidDistance.between(a, new Solid.Sphere(s.pointA(), 1e-9)).distance())
                .isLessThan(1e-7);
        assertThat(SolidDistance.between(b, new Solid.Sphere(s.pointB(), 1e-9)).distance())
                .isLessThan(1e-7);
    }

    /** The depth against dense sampling of the directions in which the solids could be parted. */
    @Property(tries = 60)
    void overlapping_depthIsTheLeastOverAllDirections(@ForAll Random random) {
        Solid a = randomSolid(random);
        Solid b = randomSolid(random);
        Separation s = SolidDistance.between(a, b);
        if (!s.overlap()) {
            return;
        }
        PreparedSolid preparedA = PreparedSolid.of(a);
        PreparedSolid preparedB = PreparedSolid.of(b);
        double least = Double.POSITIVE_INFINITY;
        int samples = 20_000;
        for (int k = 0; k < samples; k++) {
            double z = 1 - 2 * (k + 0.5) / samples;
            double around = k * Math.PI * (3 - Math.sqrt(5));
            double r = Math.sqrt(1 - z * z);
            Vec3 n = new Vec3(r * Math.cos(around), r * Math.sin(around), z);
            least = Math.min(
                    least,
                    preparedA.farthest(n).dot(n)
                            - preparedB.farthest(n.negated()).dot(n));
        }
        assertThat(-s.distance()).isLessThanOrEqualTo(least + 1e-9).isGreaterThan(least - 0.02);
        // Moved apart by the depth along the line of the two points, they just touch; where they do,
        // rounding leaves the direction between a disc and a face open, and the distance is good to some 1e-7 m only.
        Vec3 along = s.pointA().minus(s.pointB());
        Solid moved = b.placed(new Pose(Mat3.IDENTITY, along));
        assertThat(SolidDistance.between(a, moved).distance()).isCloseTo(0, within(5e-7));
    }

    private static Solid randomSolid(Random random) {
        Pose pose = randomPose(random, 0.5);
        double r = 0.05 + 0.3 * random.nextDouble();
        Vec3 end = pose.place(new Vec3(0.1 + random.nextDouble(), 0, 0));
        return List.of(
                        new Solid.Sphere(pose.translation(), r),
                        new Solid.Capsule(pose.translation(), end, r),
                        new Solid.Cylinder(pose.translation(), end, r),
                        new Solid.Box(new Vec3(r, 0.05 + random.nextDouble() * 0.4, 0.2), pose))
                .get(random.nextInt(4));
    }

    private static Pose randomPose(Random random, double reach) {
        Vec3 at = new Vec3(random.nextGaussian(), random.nextGaussian(), random.nextGaussian()).times(reach);
        return Pose.ofYawPitchRoll(at, 6 * random.nextDouble(), 3 * random.nextDouble(), 6 * random.nextDouble());
    }
}
