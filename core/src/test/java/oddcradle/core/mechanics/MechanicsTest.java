package oddcradle.core.mechanics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.Test;

class MechanicsTest {
    @Test
    void positivePitch_lowersTheFront_andPositiveRollRaisesTheLeft() {
        assertThat(Pose.ofYawPitchRoll(Vec3.ZERO, 0, 0.1, 0).place(Vec3.X).z()).isNegative();
        assertThat(Pose.ofYawPitchRoll(Vec3.ZERO, 0, 0, 0.1).place(Vec3.Y).z()).isPositive();
        assertThat(Pose.ofYawPitchRoll(Vec3.ZERO, 0.1, 0, 0).place(Vec3.X).y()).isPositive();
    }

    @Test
    void posesInARow_areTheSameAsOne() {
        Pose inner = Pose.ofYawPitchRoll(new Vec3(1, 2, 3), 0.3, 0.2, 0.1);
        Pose outer = Pose.ofYawPitchRoll(new Vec3(-1, 0, 2), -0.4, 0.5, 0.6);
        Vec3 p = new Vec3(0.3, -0.7, 0.9);
        assertThat(outer.after(inner).place(p).distanceTo(outer.place(inner.place(p))))
                .isLessThan(1e-14);
    }

    @Test
    void mirroredAxes_areNoPose() {
        assertThatThrownBy(() -> new Pose(Mat3.diagonal(1, 1, -1), Vec3.ZERO)).isInstanceOf(InvalidValue.class);
    }

    @Test
    void inertiaThatBreaksTheTriangle_isNamedImpossible() {
        assertThatThrownBy(() -> new MassProperties(10, Vec3.ZERO, Mat3.diagonal(1, 1, 2.1)))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("inertia is impossible");
        new MassProperties(10, Vec3.ZERO, Mat3.diagonal(1, 1, 2));
    }

    @Test
    void negativeMassAndLopsidedInertia_areRefused() {
        assertThatThrownBy(() -> new MassProperties(-3, Vec3.ZERO, Mat3.IDENTITY))
                .hasMessageContaining("mass is -3 kg");
        Mat3 lopsided = new Mat3(new Vec3(2, 0.5, 0), new Vec3(0, 2, 0), new Vec3(0, 0, 2));
        assertThatThrownBy(() -> new MassProperties(3, Vec3.ZERO, lopsided)).hasMessageContaining("not symmetric");
        assertThatThrownBy(() -> new MassProperties(3, Vec3.ZERO, Mat3.diagonal(1, 1, 0)))
                .hasMessageContaining("principal moment");
    }

    @Test
    void turnedBody_keepsItsPrincipalMoments() {
        MassProperties turned = new MassProperties(5, Vec3.X, Mat3.diagonal(1, 2, 2.5))
                .placed(Pose.ofYawPitchRoll(Vec3.Z, Math.PI / 2, 0, 0));
        assertThat(turned.inertia().get(0, 0)).isCloseTo(2, within(1e-12));
        assertThat(turned.inertia().get(1, 1)).isCloseTo(1, within(1e-12));
        assertThat(turned.cg().distanceTo(new Vec3(0, 1, 1))).isLessThan(1e-15);
    }
}
