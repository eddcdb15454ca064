package oddcradle.core.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import oddcradle.core.frame.input.MemberAxes;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.Test;

class MemberAxesTest {
    @Property(tries = 80)
    void axes_areSquareRightHandedAndLevel(
            @ForAll @DoubleRange(min = -1, max = 1) double x,
            @ForAll @DoubleRange(min = 0.1, max = 1) double y,
            @ForAll @DoubleRange(min = -1, max = 1) double z) {
        MemberAxes axes = MemberAxes.of(new Vec3(x, y, z).unit());
        assertThat(axes.x().cross(axes.y()).minus(axes.z()).length()).isLessThan(1e-12);
        assertThat(axes.y().z()).isCloseTo(0, within(1e-12));
        assertThat(axes.z().z()).isGreaterThanOrEqualTo(0);
        assertThat(axes.y().length()).isCloseTo(1, within(1e-12));
    }

    /** A box tube that lies along x has its sides left and right, its top and bottom up and down. */
    @Test
    void sideways_isLeftAndRight() {
        MemberAxes along = MemberAxes.of(Vec3.X);
        assertThat(along.isSideways(Vec3.Y)).isTrue();
        assertThat(along.isSideways(Vec3.Z)).isFalse();
        MemberAxes upright = MemberAxes.of(Vec3.Z);
        assertThat(upright.y()).isEqualTo(Vec3.X.cross(Vec3.Z));
        assertThat(upright.isSideways(Vec3.Y)).isTrue();
    }
}
