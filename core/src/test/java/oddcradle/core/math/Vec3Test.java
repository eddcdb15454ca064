package oddcradle.core.math;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class Vec3Test {
    @Test
    void negativeZero_makesNoOtherPoint() {
        assertThat(new Vec3(-0.0, 0.0, -0.0)).isEqualTo(Vec3.ZERO);
    }

    @Test
    void notANumber_isRefusedByName() {
        assertThatThrownBy(() -> new Vec3(0, Double.NaN, 0))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("y is NaN");
    }

    @Test
    void zeroVector_hasNoDirection() {
        assertThatThrownBy(Vec3.ZERO::unit).isInstanceOf(InvalidValue.class).hasMessageContaining("zero vector");
    }

    @Test
    void angleBetweenNearlyParallelVectors_isExact() {
        double tiny = 1e-9;
        assertThat(Vec3.X.angleTo(new Vec3(1, tiny, 0))).isCloseTo(tiny, within(1e-20));
        assertThat(Vec3.X.angleTo(new Vec3(-1, tiny, 0))).isCloseTo(Math.PI - tiny, within(1e-15));
    }

    @Property
    void perpendicular_isUnitAndSquare(
            @ForAll @DoubleRange(min = -9, max = 9) double x,
            @ForAll @DoubleRange(min = -9, max = 9) double y,
            @ForAll @DoubleRange(min = -9, max = 9) double z) {
        Vec3 v = new Vec3(x, y, z);
        Assume.that(v.length() > 1e-6);
        Vec3 across = v.anyPerpendicular();
        assertThat(across.length()).isCloseTo(1, within(1e-12));
        assertThat(across.dot(v) / v.length()).isCloseTo(0, within(1e-12));
    }
}
