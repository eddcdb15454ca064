package oddcradle.core.geometry.mesh;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import oddcradle.core.geometry.Solid;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

/** Tubes of known place are scanned with noise and holes, picked on their surface, and must be found again. */
class TubeTraceTest {
    private static final double NOISE = 0.0005;

    private static Vec3 onSurface(Vec3 a, Vec3 b, double share, double radius) {
        return a.towards(b, share).along(b.minus(a).unit().anyPerpendicular(), radius);
    }

    private static Vec3 anyPoint(Random random) {
        return new Vec3(random.nextDouble() - 0.5, random.nextDouble() - 0.5, random.nextDouble() - 0.5);
    }

    @RepeatedTest(30)
    void aNoisyTubeBesideOthers_isFoundWithinTheNoise(RepetitionInfo repetition) {
        Random random = new Random(repetition.getCurrentRepetition());
        Vec3 a = anyPoint(random);
        Vec3 b = a.along(anyPoint(random).unit(), 0.3 + random.nextDouble());
        double radius = 0.008 + 0.022 * random.nextDouble();
        Vec3 side = b.minus(a).unit().anyPerpendicular();
        Vec3 middle = a.towards(b, 0.5);
        List<Solid> solids = List.of(
                new Solid.Cylinder(a, b, radius),
                // A tube that lands on it and a parallel one beside it.
                new Solid.Cylinder(middle, middle.along(side, 0.4), 0.8 * radius),
                new Solid.Cylinder(a.along(side, -5 * radius), b.along(side, -5 * radius), radius));
        TriangleMesh scan = SimulatedScanner.scan(solids, NOISE, 3, random);

        TubeTrace tube = TubeTrace.of(scan, onSurface(a, b, 0.1, radius), onSurface(a, b, 0.9, radius));

        assertThat(tube.radius()).isCloseTo(radius, within(NOISE));
        assertThat(tube.start().distanceTo(a.towards(b, 0.1))).isLessThan(2 * NOISE);
        assertThat(tube.end().distanceTo(a.towards(b, 0.9))).isLessThan(2 * NOISE);
        assertThat(tube.rms()).isBetween(0.3 * NOISE, 2 * NOISE);
    }

    @Test
    void aBentTube_hasItsCornerWhereTheRunsMeet() {
        double radius = 0.0159;
        List<Vec3> nodes = List.of(new Vec3(0, 0, 0), new Vec3(0.6, 0, 0.05), new Vec3(0.7, 0.3, 0.4));
        List<Solid> solids = new ArrayList<>();
        for (int k = 1; k < nodes.size(); k++) {
            solids.add(new Solid.Cylinder(nodes.get(k - 1), nodes.get(k), radius));
        }
        TriangleMesh scan = SimulatedScanner.scan(solids, NOISE, 0, new Random(7));
        List<TubeTrace> runs = new ArrayList<>();
        for (int k = 1; k < nodes.size(); k++) {
            Vec3 a = nodes.get(k - 1);
            Vec3 b = nodes.get(k);
            runs.add(TubeTrace.of(scan, onSurface(a, b, 0.02, radius), onSurface(a, b, 0.8, radius)));
        }

        List<Vec3> path = TubeTrace.path(runs);

        assertThat(path).hasSize(3);
        assertThat(path.get(1).distanceTo(nodes.get(1))).isLessThan(2 * NOISE);
    }

    @Test
    void aFlatPlate_isNoTube() {
        TriangleMesh plate = Tessellation.of(List.of(new Solid.Box(new Vec3(0.5, 0.5, 0.005), Pose.IDENTITY)), 48);

        assertThatThrownBy(() -> TubeTrace.of(plate, new Vec3(-0.3, 0, 0.005), new Vec3(0.3, 0, 0.005)))
                .isInstanceOf(InvalidValue.class);
    }

    @Test
    void twoPicksOnOneSpot_areRefused() {
        TriangleMesh scan = Tessellation.of(List.of(new Solid.Cylinder(Vec3.ZERO, Vec3.X, 0.02)), 48);

        assertThatThrownBy(() -> TubeTrace.of(scan, new Vec3(0.2, 0.02, 0), new Vec3(0.2, 0.02, 0)))
                .hasMessageContaining("two points along");
    }

    @Test
    void runsThatPassEachOther_areNotOneTube() {
        TubeTrace first = new TubeTrace(Vec3.ZERO, Vec3.X, 0.015, 0, 50);
        TubeTrace passing = new TubeTrace(new Vec3(2, 0, 0.2), new Vec3(2, 1, 0.2), 0.015, 0, 50);

        assertThatThrownBy(() -> TubeTrace.path(List.of(first, passing))).hasMessageContaining("200 mm");
        assertThatThrownBy(() -> TubeTrace.path(List.of(first, first))).hasMessageContaining("same way");
    }
}
