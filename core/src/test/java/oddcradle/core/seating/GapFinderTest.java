package oddcradle.core.seating;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.distance.PreparedSolid;
import oddcradle.core.geometry.distance.SolidDistance;
import oddcradle.core.geometry.motion.Motion;
import oddcradle.core.geometry.motion.Sweep;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import org.junit.jupiter.api.Test;

class GapFinderTest {
    static Solid solid(SplittableRandom random, double spread) {
        Vec3 a = place(random, spread);
        Vec3 b = a.plus(place(random, 0.3));
        double r = 0.02 + 0.1 * random.nextDouble();
        return switch (random.nextInt(4)) {
            case 0 -> new Solid.Sphere(a, r);
            case 1 -> new Solid.Capsule(a, b, r);
            case 2 -> new Solid.Cylinder(a, b, r);
            default ->
                new Solid.Box(
                        new Vec3(r, 0.05 + r / 2, 0.1),
                        Pose.ofYawPitchRoll(a, random.nextDouble(), random.nextDouble(), 0.3));
        };
    }

    private static Vec3 place(SplittableRandom random, double spread) {
        return new Vec3(
                spread * (2 * random.nextDouble() - 1),
                spread * (2 * random.nextDouble() - 1),
                spread * (2 * random.nextDouble() - 1));
    }

    private static Pose pose(SplittableRandom random) {
        return Pose.ofYawPitchRoll(
                place(random, 1.2), 6 * random.nextDouble(), 3 * random.nextDouble(), 6 * random.nextDouble());
    }

    @Property(tries = 150)
    void tightest_isTheLeastOfAllPairs(@ForAll long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        List<BodyShape> moved = new ArrayList<>();
        List<BodyShape> standing = new ArrayList<>();
        for (int k = 0; k < 4; k++) {
            moved.add(BodyShape.still("m" + k, "m" + k, List.of(solid(random, 0.2), solid(random, 0.2))));
            standing.add(BodyShape.still("s" + k, "s" + k, List.of(solid(random, 1), solid(random, 1))));
        }
        double[][] rooms = new double[4][4];
        for (double[] row : rooms) {
            for (int k = 0; k < 4; k++) {
                row[k] = random.nextInt(5) == 0 ? Double.NaN : 0.05 * random.nextDouble();
            }
        }
        Pose pose = pose(random);
        double least = Double.POSITIVE_INFINITY;
        for (int m = 0; m < 4; m++) {
            for (int s = 0; s < 4; s++) {
                for (Solid a : moved.get(m).solids()) {
                    for (Solid b : standing.get(s).solids()) {
                        double here = SolidDistance.between(a.placed(pose), b).distance() - rooms[m][s];
                        least = Double.isNaN(here) ? least : Math.min(least, here);
                    }
                }
            }
        }
        GapFinder bay = new GapFinder(moved, standing, (m, s) -> rooms[m][s]);
        double found = bay.probe().tightest(pose).margin();
        if (least >= 0) {
            assertThat(found).isCloseTo(least, within(1e-9));
        } else {
            // Of an overlap a depth no more than the true one.
            assertThat(found).isBetween(least - 1e-9, 0.05);
            assertThat(bay.probe().tightest(pose, 0, 0).margin()).isLessThanOrEqualTo(1e-9);
        }
    }

    @Property(tries = 200)
    void noPointOfASolid_isNearerThanItsBound(@ForAll long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        Solid solid = solid(random, 0.5);
        PreparedSolid prepared = PreparedSolid.of(solid);
        Vec3 p = place(random, 1);
        double distance =
                SolidDistance.between(new Solid.Sphere(p, 1e-9), solid).distance();
        double bound = prepared.noNearerThan(p.x(), p.y(), p.z());
        assertThat(bound).isLessThanOrEqualTo(Math.max(0, distance) + 2e-9);
        if (distance > 0) {
            assertThat(bound).isCloseTo(distance, within(1e-7));
        }
        Pose pose = pose(random);
        assertThat(prepared.placed(pose)
                        .bounds()
                        .low()
                        .distanceTo(solid.placed(pose).bounds().low()))
                .isLessThan(1e-9);
    }

    @Property(tries = 40)
    void movingObstacle_isAnsweredCautiously(@ForAll long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        Solid moving = solid(random, 0.5);
        List<Motion> motions = List.of(new Motion.Turn(Vec3.ZERO, Vec3.Z, -0.4, 0.4), new Motion.Slide(Vec3.Z, 0, 0.1));
        Solid still = solid(random, 1);
        GapFinder bay = new GapFinder(
                List.of(BodyShape.still("a", "a", List.of(still))),
                List.of(new BodyShape("b", "b", List.of(moving), motions)),
                GapFinder.NONE);
        double exact = Sweep.of(moving, motions)
                .nearest(PreparedSolid.of(still))
                .separation()
                .distance();
        double quick = bay.probe().tightest(Pose.IDENTITY).margin();
        if (exact > 0) {
            assertThat(quick).isBetween(exact - 0.02, exact + 1e-9);
        } else {
            assertThat(quick).isLessThanOrEqualTo(1e-9);
        }
    }

    @Test
    void poseAndItsAngles_goBackAndForth() {
        SplittableRandom random = new SplittableRandom(5);
        for (int k = 0; k < 200; k++) {
            Pose pose = pose(random);
            Vec3 angles = pose.yawPitchRoll();
            Pose again = Pose.ofYawPitchRoll(pose.translation(), angles.x(), angles.y(), angles.z());
            assertThat(again.place(Vec3.X).distanceTo(pose.place(Vec3.X))).isLessThan(1e-12);
            assertThat(again.place(Vec3.Y).distanceTo(pose.place(Vec3.Y))).isLessThan(1e-12);
            assertThat(pose.inverse().place(pose.place(Vec3.Z)).distanceTo(Vec3.Z))
                    .isLessThan(1e-12);
        }
        Pose up = Pose.ofYawPitchRoll(Vec3.ZERO, 0.3, -Math.PI / 2, 0);
        Vec3 angles = up.yawPitchRoll();
        assertThat(Pose.ofYawPitchRoll(Vec3.ZERO, angles.x(), angles.y(), angles.z())
                        .place(Vec3.X)
                        .distanceTo(up.place(Vec3.X)))
                .isLessThan(1e-9);
    }
}
