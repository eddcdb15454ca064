package oddcradle.core.weigh;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.distance.SolidDistance;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.MassProperties;
import oddcradle.core.mechanics.Pose;
import org.junit.jupiter.api.Test;

class WeighingTest {
    private static final double MASS = 47.5;
    private static final Vec3 CG = new Vec3(0.172, 0.004, 0.078);
    private static final Vec3 REAR = new Vec3(-0.05, 0, -0.1);
    private static final Vec3 FRONT_LEFT = new Vec3(0.35, 0.12, -0.1);
    private static final Vec3 FRONT_RIGHT = new Vec3(0.35, -0.12, -0.1);

    private static Weighing.Scales threeScales(double sigma) {
        // statics: forces at three points that balance the weight
        double front = MASS * (CG.x() - REAR.x()) / (FRONT_LEFT.x() - REAR.x());
        double left = front / 2 + MASS * CG.y() / 0.24;
        return new Weighing.Scales(
                "scales",
                List.of(
                        new Weighing.ScaleReading(REAR, MASS - front),
                        new Weighing.ScaleReading(FRONT_LEFT, left),
                        new Weighing.ScaleReading(FRONT_RIGHT, front - left)),
                sigma);
    }

    /** Moments about the pivot with the body turned for real: an independent path to the tilt's reading. */
    private static Weighing.Tilt tilt(double angle) {
        Vec3 raised = new Vec3(0.35, 0, -0.1);
        Mat3 lift = Mat3.rotationAbout(Vec3.Y, -angle);
        Vec3 cg = lift.times(CG.minus(REAR));
        Vec3 support = lift.times(raised.minus(REAR));
        return new Weighing.Tilt("tilt", REAR, raised, angle, MASS * cg.x() / support.x(), 0.1, 0.002);
    }

    private static CombinedMass of(Weighing... weighings) {
        return CombinedWeighing.of(List.of(weighings), Map.of());
    }

    @Test
    void threeScalesAndATilt_giveMassAndCentreOfGravity() {
        CombinedMass found = of(threeScales(0.1), tilt(Math.toRadians(25)));
        assertThat(found.mass().orElseThrow().value()).isCloseTo(MASS, within(1e-9));
        assertThat(found.mass().orElseThrow().sigma()).isCloseTo(0.1 * Math.sqrt(3), within(1e-12));
        assertThat(found.cg().orElseThrow().distanceTo(CG)).isLessThan(1e-9);
        assertThat(found.cgSigma().z()).isGreaterThan(found.cgSigma().x());
        assertThat(found.openCg()).isEmpty();
    }

    @Test
    void twoScales_leaveTheOtherDirectionsOpenAndSaySo() {
        CombinedMass found = of(new Weighing.Scales(
                "two",
                List.of(
                        new Weighing.ScaleReading(new Vec3(0, 0, 0), 20),
                        new Weighing.ScaleReading(new Vec3(0.5, 0, 0), 30)),
                0.1));
        assertThat(found.cg()).isEmpty();
        assertThat(found.openCg()).containsExactlyInAnyOrder("left", "up");
        assertThat(found.contributions().get(1).value()).isCloseTo(0.3, within(1e-12));
    }

    @Test
    void twoHangs_crossAtTheCentreOfGravity() {
        List<Weighing> hangs = new ArrayList<>();
        for (Vec3 hook : List.of(new Vec3(0.1, 0.05, 0.4), new Vec3(0.4, -0.1, 0.3))) {
            hangs.add(new Weighing.Hang("hang" + hangs.size(), hook, CG.minus(hook), 0.01));
        }
        CombinedMass found = of(hangs.toArray(Weighing[]::new));
        assertThat(found.cg().orElseThrow().distanceTo(CG)).isLessThan(1e-9);
        assertThat(found.mass()).isEmpty();
    }

    /** A uniform rod of length a on wires at its ends: T = 2 pi sqrt(I L / (m g r2)), I = m a2 / 12. */
    @Test
    void swing_ofAUniformRod() {
        double a = 1.2;
        double wires = 2.0;
        double period = 2 * Math.PI * Math.sqrt(a * a / 12 * wires / (9.80665 * 0.25 * a * a));
        CombinedMass found = of(
                new Weighing.Scales("s", List.of(new Weighing.ScaleReading(Vec3.ZERO, 3)), 0.001),
                new Weighing.Pendulum("swing", Vec3.Z, a / 2, wires, period, 0.002, 0.001));
        CombinedMass.Contribution swing = found.contributions().get(1);
        assertThat(swing.value()).isCloseTo(3 * a * a / 12, within(1e-12));
        assertThat(found.inertia()).isEmpty();
    }

    @Test
    void threeSwingsAndAnEstimate_combineByWeight() {
        Solid.Box box = new Solid.Box(new Vec3(0.2, 0.1, 0.15), new Pose(Mat3.IDENTITY, CG));
        MassProperties truth = MassFromShape.of(List.of(new MassFromShape.Weighted(box, 2600)));
        List<Weighing> all = new ArrayList<>();
        all.add(new Weighing.Scales("s", List.of(new Weighing.ScaleReading(CG, truth.mass())), 0.05));
        for (Vec3 axis : List.of(Vec3.X, Vec3.Y, Vec3.Z)) {
            double i = axis.dot(truth.inertia().times(axis));
            double period = 2 * Math.PI * Math.sqrt(i * 1.5 / (truth.mass() * 9.80665 * 0.3 * 0.3));
            all.add(new Weighing.Pendulum("swing " + axis, axis, 0.3, 1.5, period, 0.005, 0.002));
        }
        // the estimate is a third too heavy
        all.add(new Weighing.Estimate("shape", List.of(new Weighing.PartDensity("D1", DensityClass.IRON_BLOCK)), 0.3));
        CombinedMass found = CombinedWeighing.of(all, Map.of("D1", List.of(box)));
        MassProperties whole = found.massProperties().orElseThrow();
        assertThat(whole.mass()).isCloseTo(truth.mass(), within(0.1));
        for (int k = 0; k < 3; k++) {
            assertThat(whole.inertia().get(k, k))
                    .isCloseTo(
                            truth.inertia().get(k, k),
                            within(0.02 * truth.inertia().get(k, k)));
        }
        assertThat(found.inertiaSigma().x()).isLessThan(0.05 * truth.inertia().get(0, 0));
    }

    /** Random points inside the solids, each a speck of mass: Monte Carlo against the textbook formulas. */
    @Test
    void shapes_agreeWithASumOverSpecks() {
        Random random = new Random(3);
        List<Solid> solids = List.of(
                new Solid.Sphere(new Vec3(0.1, 0.2, 0), 0.1),
                new Solid.Capsule(new Vec3(0, 0, 0), new Vec3(0.2, 0.1, 0.15), 0.06),
                new Solid.Cylinder(new Vec3(0, 0, 0), new Vec3(0.1, -0.2, 0.15), 0.07),
                new Solid.Box(new Vec3(0.1, 0.05, 0.2), Pose.ofYawPitchRoll(new Vec3(0.1, 0, 0), 0.4, 0.5, 0.6)));
        for (Solid solid : solids) {
            MassProperties exact = MassFromShape.of(List.of(new MassFromShape.Weighted(solid, 1000)));
            List<Vec3> inside = new ArrayList<>();
            Vec3 low = solid.bounds().low();
            Vec3 size = solid.bounds().high().minus(low);
            int tries = 120_000;
            for (int k = 0; k < tries; k++) {
                Vec3 p = low.plus(new Vec3(
                        size.x() * random.nextDouble(),
                        size.y() * random.nextDouble(),
                        size.z() * random.nextDouble()));
                if (SolidDistance.between(solid, new Solid.Sphere(p, 1e-9)).distance() < 0) {
                    inside.add(p);
                }
            }
            double volume = size.x() * size.y() * size.z() * inside.size() / tries;
            assertThat(exact.mass()).isCloseTo(1000 * volume, within(0.02 * exact.mass()));
            double xx = 0;
            for (Vec3 p : inside) {
                Vec3 r = p.minus(exact.cg());
                xx += r.y() * r.y() + r.z() * r.z();
            }
            double moment = xx / inside.size() * exact.mass();
            assertThat(exact.inertia().get(0, 0)).isCloseTo(moment, within(0.02 * moment));
        }
    }

    @Test
    void simulatedScales_weighWhatIsOnThem() {
        MassProperties body = new MassProperties(MASS, CG, Mat3.diagonal(1, 1.5, 1.3));
        Weighing.Scales read = SimulatedScale.read(threeScales(1e-9), body, new Random(1));
        for (int k = 0; k < 3; k++) {
            // statics gives the same three forces, rounded to 0.1 kg
            assertThat(read.readings().get(k).mass())
                    .isCloseTo(threeScales(0.1).readings().get(k).mass(), within(0.0501));
        }
        Weighing.Scales noisy = SimulatedScale.read(threeScales(0.2), body, new Random(2));
        assertThat(of(noisy).mass().orElseThrow().value()).isCloseTo(MASS, within(1.2));
    }

    @Test
    void impossibleWeighings_areRefused() {
        assertThatThrownBy(() -> new Weighing.Scales("s", List.of(), 0.1)).hasMessageContaining("readings");
        assertThatThrownBy(() -> new Weighing.Tilt("t", REAR, REAR.plus(Vec3.Z), 0.4, 20, 0.1, 0.01))
                .hasMessageContaining("straight over the pivot");
        assertThatThrownBy(() -> new Weighing.Pendulum("w", Vec3.Z, 0.3, 1, 0, 0.01, 0.01))
                .hasMessageContaining("period");
        assertThatThrownBy(() -> new Weighing.Hang("h", CG, Vec3.ZERO, 0.01)).hasMessageContaining("zero vector");
    }
}
