package oddcradle.core.geometry.mesh;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import oddcradle.core.geometry.BestFit;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.distance.PreparedSolid;
import oddcradle.core.geometry.distance.Separation;
import oddcradle.core.geometry.distance.SolidDistance;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class MeshTest {
    private static Pose pose(Random random, double reach) {
        Vec3 at = new Vec3(random.nextGaussian(), random.nextGaussian(), random.nextGaussian());
        return Pose.ofYawPitchRoll(
                at.unit().times(reach * random.nextDouble()),
                6 * random.nextDouble(),
                6 * random.nextDouble(),
                6 * random.nextDouble());
    }

    /** Every triangle against every other. */
    private static double bruteForce(TriangleMesh a, TriangleMesh b, Pose pose) {
        TriangleDistance distance = new TriangleDistance();
        double best = Double.POSITIVE_INFINITY;
        for (int j = 0; j < b.triangles(); j++) {
            double[] there = new double[9];
            for (int c = 0; c < 3; c++) {
                put(there, c, pose.place(b.corner(j, c)));
            }
            for (int i = 0; i < a.triangles(); i++) {
                double[] here = new double[9];
                for (int c = 0; c < 3; c++) {
                    put(here, c, a.corner(i, c));
                }
                best = Math.min(best, distance.squared(here, there, best));
            }
        }
        return Math.sqrt(best);
    }

    private static void put(double[] corners, int corner, Vec3 v) {
        corners[3 * corner] = v.x();
        corners[3 * corner + 1] = v.y();
        corners[3 * corner + 2] = v.z();
    }

    @Property(tries = 40)
    void distance_isThatOfTheNearestTrianglePair(@ForAll Random random) {
        TriangleMesh a = Meshes.ring(12, 8, 0.3, 0.1, random.nextInt(9));
        TriangleMesh b = Meshes.ring(10, 6, 0.2, 0.08, random.nextInt(9));
        Pose pose = pose(random, 1);
        Separation found = MeshDistance.between(MeshTree.of(a), Pose.IDENTITY, MeshTree.of(b), pose);
        assertThat(found.distance()).isCloseTo(bruteForce(a, b, pose), within(1e-12));
        assertThat(found.pointA().distanceTo(found.pointB())).isCloseTo(found.distance(), within(1e-12));
    }

    @Property(tries = 20)
    void movingBothTogether_changesNothing(@ForAll Random random) {
        MeshTree a = MeshTree.of(Meshes.ring(12, 8, 0.3, 0.1, 1));
        MeshTree b = MeshTree.of(Meshes.ring(10, 6, 0.2, 0.08, 2));
        Pose pose = pose(random, 1.5);
        Pose both = pose(random, 5);
        Separation apart = MeshDistance.between(a, Pose.IDENTITY, b, pose);
        Separation moved = MeshDistance.between(a, both, b, both.after(pose));
        assertThat(moved.distance()).isCloseTo(apart.distance(), within(1e-9));
        Separation swapped = MeshDistance.between(b, pose, a, Pose.IDENTITY);
        assertThat(swapped.distance()).isCloseTo(apart.distance(), within(1e-9));
    }

    /** The least over a fine grid on both faces is never less, and comes near. */
    @Property(tries = 60)
    void trianglePair_agreesWithDenseSampling(@ForAll Random random) {
        double[] a = random.doubles(9).toArray();
        double[] b = random.doubles(9).map(x -> x + 0.4).toArray();
        double exact = Math.sqrt(new TriangleDistance().squared(a, b, Double.POSITIVE_INFINITY));
        double sampled = Double.POSITIVE_INFINITY;
        int steps = 24;
        for (int i = 0; i <= steps; i++) {
            for (int j = 0; i + j <= steps; j++) {
                Vec3 p = on(a, (double) i / steps, (double) j / steps);
                for (int k = 0; k <= steps; k++) {
                    for (int l = 0; k + l <= steps; l++) {
                        sampled = Math.min(sampled, p.distanceTo(on(b, (double) k / steps, (double) l / steps)));
                    }
                }
            }
        }
        assertThat(exact).isLessThanOrEqualTo(sampled + 1e-12);
        assertThat(exact).isGreaterThan(sampled - 0.1);
    }

    private static Vec3 on(double[] t, double u, double v) {
        double w = 1 - u - v;
        return new Vec3(w * t[0] + u * t[3] + v * t[6], w * t[1] + u * t[4] + v * t[7], w * t[2] + u * t[5] + v * t[8]);
    }

    @Test
    void crossingSurfaces_areZeroApart() {
        MeshTree cube = MeshTree.of(Meshes.cube(1));
        Pose half = new Pose(Pose.IDENTITY.rotation(), new Vec3(0.5, 0.25, 0.125));
        assertThat(MeshDistance.between(cube, Pose.IDENTITY, cube, half).distance())
                .isZero();
        Pose apart = new Pose(Pose.IDENTITY.rotation(), new Vec3(1.25, 0, 0));
        assertThat(MeshDistance.between(cube, Pose.IDENTITY, cube, apart).distance())
                .isCloseTo(0.25, within(1e-12));
    }

    @RepeatedTest(20)
    void insideOfAScanWithHoles_isWhereItsSolidsAre(RepetitionInfo repetition) {
        Random random = new Random(repetition.getCurrentRepetition());
        Solid ball = new Solid.Sphere(Vec3.ZERO, 0.2);
        Solid bar = new Solid.Cylinder(new Vec3(-0.5, 0.05, 0), new Vec3(0.5, 0, 0.1), 0.08);
        MeshTree scan = MeshTree.of(SimulatedScanner.scan(List.of(ball, bar), 0.0003, 3, random));
        for (int k = 0; k < 50; k++) {
            Vec3 point = new Vec3(random.nextDouble() - 0.5, random.nextDouble() - 0.5, random.nextDouble() - 0.5);
            double apart = Math.min(depth(point, ball), depth(point, bar));
            if (Math.abs(apart) > 0.01) {
                assertThat(MeshInside.contains(scan, point)).isEqualTo(apart < 0);
            }
        }
    }

    private static double depth(Vec3 point, Solid solid) {
        return SolidDistance.between(PreparedSolid.of(new Solid.Sphere(point, 1e-6)), PreparedSolid.of(solid))
                .distance();
    }

    @Test
    void health_countsHolesCrowdedEdgesAndTheVolume() {
        TriangleMesh cube = Meshes.cube(0.5);
        MeshHealth whole = MeshHealth.of(cube);
        assertThat(whole.openEdges()).isZero();
        assertThat(whole.crowdedEdges()).isZero();
        assertThat(whole.volume()).isCloseTo(0.125, within(1e-7));
        assertThat(whole.complaints()).isEmpty();
        assertThat(MeshHealth.of(cube.turnedInsideOut()).complaints())
                .singleElement()
                .asString()
                .contains("inside out");
        float[] open = new float[9 * 11];
        float[] crowded = new float[9 * 13];
        for (int t = 0; t < 12; t++) {
            for (int c = 0; c < 9; c++) {
                double v = cube.coordinate(9 * t + c);
                crowded[9 * t + c] = (float) v;
                if (t < 11) {
                    open[9 * t + c] = (float) v;
                }
            }
        }
        System.arraycopy(crowded, 0, crowded, 9 * 12, 9);
        assertThat(MeshHealth.of(TriangleMesh.of(open)).openEdges()).isEqualTo(3);
        assertThat(MeshHealth.of(TriangleMesh.of(crowded)).crowdedEdges()).isEqualTo(3);
        assertThat(MeshHealth.of(cube.scaled(20_000)).complaints().get(0)).contains("10000 m long");
    }

    @Test
    void impossibleMeshes_areRefused() {
        assertThatThrownBy(() -> TriangleMesh.of(new float[0])).isInstanceOf(InvalidValue.class);
        assertThatThrownBy(() -> TriangleMesh.of(new float[8])).hasMessageContaining("whole number");
        float[] bad = new float[9];
        Arrays.fill(bad, Float.NaN);
        assertThatThrownBy(() -> TriangleMesh.of(bad)).hasMessageContaining("finite");
    }

    /** Many equal triangles in one place must not make the tree endlessly deep. */
    @Test
    void heapOfEqualTriangles_isStillATree() {
        float[] heap = new float[9 * 5000];
        for (int k = 0; k < 5000; k++) {
            heap[9 * k + 3] = 1;
            heap[9 * k + 7] = 1;
        }
        MeshTree tree = MeshTree.of(TriangleMesh.of(heap));
        Pose up = new Pose(Pose.IDENTITY.rotation(), new Vec3(0, 0, 2));
        assertThat(MeshDistance.between(tree, Pose.IDENTITY, tree, up).distance())
                .isCloseTo(2, within(1e-12));
    }

    /** Closed, facing outwards, and of the volume that a textbook gives. */
    @Test
    void tessellatedSolids_areClosedAndHaveTheirVolume() {
        Solid sphere = new Solid.Sphere(new Vec3(0.1, 0.2, 0.3), 0.1);
        Solid capsule = new Solid.Capsule(Vec3.ZERO, new Vec3(0.2, 0.1, 0), 0.05);
        Solid cylinder = new Solid.Cylinder(Vec3.ZERO, new Vec3(0, 0.3, 0.1), 0.08);
        Solid box = new Solid.Box(new Vec3(0.1, 0.2, 0.3), Pose.ofYawPitchRoll(new Vec3(1, 0, 0), 0.3, 0.4, 0.5));
        double[] volumes = {
            4.0 / 3 * Math.PI * 1e-3,
            Math.PI * 0.0025 * (Math.hypot(0.2, 0.1) + 4.0 / 3 * 0.05),
            Math.PI * 0.0064 * Math.hypot(0.3, 0.1),
            8 * 0.006
        };
        Solid[] solids = {sphere, capsule, cylinder, box};
        for (int k = 0; k < solids.length; k++) {
            MeshHealth health = MeshHealth.of(Tessellation.of(List.of(solids[k]), 96));
            assertThat(health.openEdges()).isZero();
            assertThat(health.crowdedEdges()).isZero();
            assertThat(health.volume()).isCloseTo(volumes[k], within(0.004 * volumes[k]));
        }
    }

    @Test
    void simulatedScan_hasNoiseAndHoles_andBestFitBringsItBack() {
        List<Solid> solids = List.of(new Solid.Box(new Vec3(0.1, 0.2, 0.3), Pose.IDENTITY));
        Solid ball = new Solid.Sphere(new Vec3(0, 0, 0.5), 0.1);
        TriangleMesh scan = SimulatedScanner.scan(List.of(solids.get(0), ball), 0.0005, 3, new Random(4));
        assertThat(MeshHealth.of(scan).openEdges()).isPositive();
        TriangleMesh clean = SimulatedScanner.scan(List.of(ball), 0, 0, new Random(4));
        assertThat(MeshHealth.of(clean).openEdges()).isZero();
        Pose place = Pose.ofYawPitchRoll(new Vec3(1, 2, 3), 0.5, 0.2, -0.4);
        List<Vec3> picked = List.of(scan.corner(100, 0), scan.corner(300, 1), scan.corner(500, 2), scan.corner(700, 0));
        List<Vec3> known = picked.stream().map(place::place).toList();
        BestFit fit = BestFit.of(picked, known);
        assertThat(fit.rms()).isLessThan(1e-9);
        assertThat(fit.pose().place(Vec3.X).distanceTo(place.place(Vec3.X))).isLessThan(1e-9);
    }
}
