package oddcradle.core.vibration;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.MassProperties;
import org.junit.jupiter.api.Test;

class ModesOnFrameTest {
    private static final double K = 2e5;

    private static MountedBody body() {
        List<Mount> mounts = new ArrayList<>();
        for (int k = 0; k < 4; k++) {
            Vec3 at = new Vec3(k < 2 ? 0.2 : -0.2, k % 2 == 0 ? 0.15 : -0.15, 0);
            mounts.add(new Mount("M" + k, at, Mat3.IDENTITY, new Vec3(K, K, K), 0.1));
        }
        return new MountedBody(
                new MassProperties(40, Vec3.ZERO, Mat3.diagonal(1, 1.4, 1.6)), mounts, new Vec3(0, 0, -9.8));
    }

    @Test
    void stiffFrame_leavesTheModesAsTheyAre() {
        List<Double> onRock = ModesOnFrame.frequencies(body(), (i, j) -> 0).orElseThrow();
        List<Mode> alone = RigidBodyModes.solve(body()).answer().orElseThrow().modes();
        for (int k = 0; k < 6; k++) {
            assertThat(onRock.get(k)).isCloseTo(alone.get(k).frequencyHz(), within(1e-6));
        }
    }

    /** A frame as soft as the mounts halves every stiffness: frequencies by the root of two. */
    @Test
    void frameAsSoftAsTheMounts_halvesTheStiffness() {
        List<Double> onRock = ModesOnFrame.frequencies(body(), (i, j) -> 0).orElseThrow();
        List<Double> soft =
                ModesOnFrame.frequencies(body(), (i, j) -> i == j ? 1 / K : 0).orElseThrow();
        for (int k = 0; k < 6; k++) {
            assertThat(soft.get(k)).isCloseTo(onRock.get(k) / Math.sqrt(2), within(1e-9));
        }
    }

    /** All mounts on one plate that sinks as a whole: springs in series for the vertical mode only. */
    @Test
    void commonSinking_countsInSeriesWithAllMounts() {
        double plate = 1e6;
        List<Double> sunk = ModesOnFrame.frequencies(body(), (i, j) -> i % 3 == 2 && j % 3 == 2 ? 1 / plate : 0)
                .orElseThrow();
        double series = 1 / (1 / (4 * K) + 1 / plate);
        double vertical = Math.sqrt(series / 40) / (2 * Math.PI);
        assertThat(sunk).anySatisfy(each -> assertThat(each).isCloseTo(vertical, within(1e-9)));
    }
}
