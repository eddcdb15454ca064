package oddcradle.core.vibration;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.finding.Outcome;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.MassProperties;
import oddcradle.core.units.UnitStyle;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class VibrationTest {
    private static final Vec3 GRAVITY = new Vec3(0, 0, -9.80665);

    /**
     * Harris' Shock and Vibration Handbook, ch. 2 (from memory): undamped 1/3, 1/8, 1/15 at r = 2, 3, 4; 1 at the square root
     * of two for every damping; and with structural loss the closed form.
     */
    @ParameterizedTest
    @CsvSource({"2,0,0.333333333", "3,0,0.125", "4,0,0.0666666667", "1.414213562,0.3,1", "1.414213562,0.05,1", "0,0.2,1"
    })
    void straightUpAndDown_transmissibilityIsHarris(double ratio, double loss, double expected) {
        assertThat(vertical(verticalBody(loss), ratio * VERTICAL_HZ)).isCloseTo(expected, within(1e-8));
    }

    @ParameterizedTest
    @CsvSource({"0.5,0.1", "1,0.1", "1.7,0.2", "3,0.05"})
    void structuralLoss_followsTheClosedForm(double ratio, double loss) {
        double off = 1 - ratio * ratio;
        double expected = Math.sqrt((1 + loss * loss) / (off * off + loss * loss));
        assertThat(vertical(verticalBody(loss), ratio * VERTICAL_HZ)).isCloseTo(expected, within(1e-9 * expected));
    }

    private static double vertical(MountedBody body, double frequency) {
        return Transmissibility.force(body, HarmonicWrench.inStep(Vec3.Z, Vec3.ZERO), frequency);
    }

    private static final double VERTICAL_HZ = Math.sqrt(4 * 9e4 / 40) / (2 * Math.PI);

    private static MountedBody verticalBody(double loss) {
        List<Mount> mounts = fourAt(0.3, 0.2, 0, new Vec3(5e4, 5e4, 9e4)).stream()
                .map(mount -> new Mount(mount.name(), mount.position(), mount.axes(), mount.stiffness(), loss))
                .toList();
        return new MountedBody(new MassProperties(40, Vec3.ZERO, Mat3.diagonal(1, 1, 1)), mounts, GRAVITY);
    }

    private static List<Mount> fourAt(double a, double b, double z, Vec3 k) {
        List<Mount> mounts = new ArrayList<>();
        for (int corner = 0; corner < 4; corner++) {
            Vec3 at = new Vec3(corner < 2 ? a : -a, corner % 2 == 0 ? b : -b, z);
            mounts.add(new Mount("M" + corner, at, Mat3.IDENTITY, k, 0));
        }
        return mounts;
    }

    /** One millimetre of static sag is 15.76 Hz, one inch 3.127 Hz (plain arithmetic with g = 9.80665). */
    @ParameterizedTest
    @CsvSource({"0.001,15.76", "0.0254,3.127"})
    void sagAndFrequency_belongTogether(double sag, double hertz) {
        double m = 40;
        double k = m * 9.80665 / sag / 4;
        MountedBody body = new MountedBody(
                new MassProperties(m, Vec3.ZERO, Mat3.diagonal(1, 1, 1)),
                fourAt(0.3, 0.2, 0, new Vec3(9 * k, 9 * k, k)),
                GRAVITY);
        ModesResult result = RigidBodyModes.solve(body).answer().orElseThrow();
        assertThat(-result.sag().cgDisplacement().z()).isCloseTo(sag, within(1e-12));
        Mode vertical = result.modes().stream()
                .filter(mode -> mode.leadingMotion() == 2)
                .findFirst()
                .orElseThrow();
        assertThat(vertical.frequencyHz()).isCloseTo(hertz, within(hertz * 5e-4));
        assertThat(vertical.kineticEnergyPercent().get(2)).isCloseTo(100, within(1e-9));
    }

    /** Four mounts symmetric in plan, a height below the cg: the coupled pairs of Harris ch. 3 in closed form. */
    @Test
    void symmetricMounts_haveTheClosedFormPairs() {
        double m = 60;
        double a = 0.35;
        double b = 0.22;
        double h = -0.12;
        Vec3 k = new Vec3(4e4, 6e4, 9e4);
        Mat3 inertia = Mat3.diagonal(1.4, 2.2, 1.9);
        MountedBody body = new MountedBody(new MassProperties(m, Vec3.ZERO, inertia), fourAt(a, b, h, k), GRAVITY);
        List<Double> expected = new ArrayList<>();
        expected.add(Math.sqrt(4 * k.z() / m));
        expected.add(Math.sqrt((4 * k.x() * b * b + 4 * k.y() * a * a) / 1.9));
        addPair(expected, m, 2.2, 4 * k.x(), h, 4 * k.z() * a * a);
        addPair(expected, m, 1.4, 4 * k.y(), h, 4 * k.z() * b * b);
        expected.sort(null);
        List<Mode> modes = RigidBodyModes.solve(body).answer().orElseThrow().modes();
        for (int i = 0; i < 6; i++) {
            double hertz = expected.get(i) / (2 * Math.PI);
            assertThat(modes.get(i).frequencyHz()).isCloseTo(hertz, within(hertz * 1e-9));
        }
    }

    private static void addPair(List<Double> omegas, double m, double inertia, double k, double h, double turning) {
        double p = k / m;
        double q = (turning + k * h * h) / inertia;
        double c = k * h * k * h / (m * inertia);
        double root = Math.sqrt((p - q) * (p - q) / 4 + c);
        omegas.add(Math.sqrt((p + q) / 2 - root));
        omegas.add(Math.sqrt((p + q) / 2 + root));
    }

    @Test
    void lossFactorOfOneMaterial_isEveryModesLossFactor() {
        List<Mount> lossy = fourAt(0.3, 0.2, -0.1, new Vec3(5e4, 5e4, 8e4)).stream()
                .map(mount -> new Mount(mount.name(), mount.position(), mount.axes(), mount.stiffness(), 0.13))
                .toList();
        MountedBody body =
                new MountedBody(new MassProperties(30, Vec3.ZERO, Mat3.diagonal(1, 1.2, 1.4)), lossy, GRAVITY);
        for (Mode mode : RigidBodyModes.solve(body).answer().orElseThrow().modes()) {
            assertThat(mode.lossFactor()).isCloseTo(0.13, within(1e-12));
            assertThat(mode.kineticEnergyPercent().stream()
                            .mapToDouble(Double::doubleValue)
                            .sum())
                    .isCloseTo(100, within(1e-9));
        }
        double resonance = Math.sqrt(4 * 8e4 / 30) / (2 * Math.PI);
        // At resonance of a hysteretic spring T = sqrt(1 + loss^2) / loss.
        assertThat(vertical(body, resonance)).isCloseTo(Math.sqrt(1 + 0.13 * 0.13) / 0.13, within(1e-6));
    }

    @Test
    void mountsOnOneLine_leaveARollThatIsNamed() {
        List<Mount> line = List.of(
                new Mount("1", new Vec3(0.3, 0, 0), Mat3.IDENTITY, new Vec3(1e5, 1e5, 1e5), 0),
                new Mount("2", new Vec3(-0.3, 0, 0), Mat3.IDENTITY, new Vec3(1e5, 1e5, 1e5), 0));
        Outcome<ModesResult> outcome = RigidBodyModes.solve(
                new MountedBody(new MassProperties(30, Vec3.ZERO, Mat3.diagonal(1, 1, 1)), line, GRAVITY));
        assertThat(outcome.answer()).isEmpty();
        assertThat(outcome.reasons().get(0).what().in(UnitStyle.MILLIMETRES)).contains("rolling");
    }

    @Test
    void twoMountsInOnePlace_areRefused() {
        Mount one = new Mount("1", Vec3.X, Mat3.IDENTITY, new Vec3(1, 1, 1), 0);
        Mount same = new Mount("2", Vec3.X, Mat3.IDENTITY, new Vec3(1, 1, 1), 0);
        assertThatThrownBy(() ->
                        new MountedBody(new MassProperties(1, Vec3.ZERO, Mat3.IDENTITY), List.of(one, same), GRAVITY))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("mounts[1].position");
        assertThatThrownBy(() -> new Mount("1", Vec3.X, Mat3.diagonal(1, 2, 1), new Vec3(1, 1, 1), 0))
                .hasMessageContaining("axes");
        assertThatThrownBy(() -> new Mount("1", Vec3.X, Mat3.IDENTITY, new Vec3(-1, 1, 1), 0))
                .hasMessageContaining("k[0]");
    }
}
