package oddcradle.desktop.stand;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.Test;

class CameraTest {
    private static final Camera FROM_BEHIND = new Camera(new Vec3(1, 0, 0.5), Math.PI, 0, 4);

    @Test
    void target_fallsInTheMiddle_upIsUp_andLeftIsLeftFromBehind() {
        Vec3 middle = FROM_BEHIND.project(new Vec3(1, 0, 0.5), 800, 600);
        assertThat(middle.x()).isCloseTo(400, within(1e-9));
        assertThat(middle.y()).isCloseTo(300, within(1e-9));
        assertThat(middle.z()).isCloseTo(4, within(1e-12));
        assertThat(FROM_BEHIND.project(new Vec3(1, 0, 0.6), 800, 600).y()).isLessThan(300);
        assertThat(FROM_BEHIND.project(new Vec3(1, 0.1, 0.5), 800, 600).x()).isLessThan(400);
        assertThat(FROM_BEHIND.project(new Vec3(-9, 0, 0.5), 800, 600).z()).isNegative();
    }

    @Test
    void panning_movesThePictureByThePixels() {
        Camera moved = FROM_BEHIND.panned(50, -30, 600);
        Vec3 at = moved.project(new Vec3(1, 0, 0.5), 800, 600);
        assertThat(at.x()).isCloseTo(450, within(1e-6));
        assertThat(at.y()).isCloseTo(270, within(1e-6));
    }

    @Test
    void extremes_stayUsable() {
        assertThat(FROM_BEHIND.orbited(0, 99).pitch()).isLessThan(Math.PI / 2);
        assertThat(FROM_BEHIND.zoomed(1e-9).distance()).isPositive();
        assertThat(FROM_BEHIND.zoomed(1e9).distance()).isLessThan(100);
    }

    @Property
    void axes_areARotation_wheneverOneLooks(
            @ForAll @DoubleRange(min = -9, max = 9) double yaw, @ForAll @DoubleRange(min = -2, max = 2) double pitch) {
        Camera camera = new Camera(Vec3.ZERO, yaw, pitch, 3);
        assertThat(camera.axes().isRotation(1e-9)).isTrue();
        assertThat(camera.eye().length()).isCloseTo(3, within(1e-12));
    }

    @Property
    void lookingAtABall_fitsItInTheHeight(@ForAll @DoubleRange(min = 0.1, max = 3) double radius) {
        Camera near = FROM_BEHIND.lookingAt(Vec3.ZERO, radius);
        double top = near.project(new Vec3(0, 0, radius), 800, 600).y();
        assertThat(top).isBetween(0.0, 120.0);
    }
}
