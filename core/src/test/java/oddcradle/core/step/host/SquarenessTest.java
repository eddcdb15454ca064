package oddcradle.core.step.host;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.Test;

class SquarenessTest {
    @Test
    void rectangle_isSquareAndFlat() {
        Squareness shape = Squareness.of(List.of(Vec3.ZERO, new Vec3(2, 0, 0), new Vec3(2, 1, 0), new Vec3(0, 1, 0)));
        assertThat(shape.difference()).isCloseTo(0, within(1e-15));
        assertThat(shape.worstAngle()).isCloseTo(0, within(1e-15));
        assertThat(shape.twist()).isCloseTo(0, within(1e-15));
    }

    @Test
    void rhombus_differsInItsDiagonals_byTheLawOfCosines() {
        double lean = Math.toRadians(88);
        Vec3 side = new Vec3(Math.cos(lean), Math.sin(lean), 0);
        Squareness shape = Squareness.of(List.of(Vec3.ZERO, Vec3.X, Vec3.X.plus(side), side));
        assertThat(shape.firstDiagonal()).isCloseTo(2 * Math.cos(lean / 2), within(1e-12));
        assertThat(shape.secondDiagonal()).isCloseTo(2 * Math.sin(lean / 2), within(1e-12));
        assertThat(Math.abs(shape.worstAngle())).isCloseTo(Math.toRadians(2), within(1e-12));
    }

    @Test
    void liftedCorner_isNamedWithItsHeight() {
        Squareness shape =
                Squareness.of(List.of(Vec3.ZERO, new Vec3(1, 0, 0), new Vec3(1, 1, 0.02), new Vec3(0, 1, 0)));
        assertThat(Math.abs(shape.twist())).isCloseTo(0.02, within(0.0002));
    }
}
