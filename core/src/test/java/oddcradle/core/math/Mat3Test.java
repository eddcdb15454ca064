package oddcradle.core.math;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class Mat3Test {
    @Test
    void quarterTurnAboutUp_takesForwardToLeft() {
        Vec3 turned = Mat3.rotationAbout(Vec3.Z, Math.PI / 2).times(Vec3.X);
        assertThat(turned.distanceTo(Vec3.Y)).isLessThan(1e-15);
    }

    @Test
    void mirror_isOrthogonalButNoRotation() {
        Mat3 mirror = Mat3.diagonal(1, 1, -1);
        assertThat(mirror.isOrthogonal(1e-12)).isTrue();
        assertThat(mirror.isRotation(1e-12)).isFalse();
    }

    @Test
    void crossProductMatrix_isTheCrossProduct() {
        Vec3 a = new Vec3(1, -2, 3);
        Vec3 b = new Vec3(-4, 5, 0.5);
        assertThat(Mat3.crossProductWith(a).times(b)).isEqualTo(a.cross(b));
    }

    @Property
    void rotation_keepsLengthAndHand(
            @ForAll @DoubleRange(min = -1, max = 1) double x,
            @ForAll @DoubleRange(min = -1, max = 1) double y,
            @ForAll @DoubleRange(min = -7, max = 7) double angle) {
        Vec3 axis = new Vec3(x, y, 0.3);
        Assume.that(axis.length() > 1e-3);
        Mat3 r = Mat3.rotationAbout(axis, angle);
        assertThat(r.isRotation(1e-12)).isTrue();
        assertThat(r.times(axis).distanceTo(axis)).isLessThan(1e-12);
        assertThat(r.times(r.transposed()).times(Vec3.Y).distanceTo(Vec3.Y)).isCloseTo(0, within(1e-12));
    }
}
