package oddcradle.core.math;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;

class ComplexTest {
    @Property(tries = 80)
    void quotientTimesDivisor_isTheDividend(
            @ForAll @DoubleRange(min = -5, max = 5) double a,
            @ForAll @DoubleRange(min = -5, max = 5) double b,
            @ForAll @DoubleRange(min = 0.1, max = 5) double c,
            @ForAll @DoubleRange(min = -5, max = 5) double d) {
        Complex divisor = new Complex(c, d);
        Complex back = new Complex(a, b).over(divisor).times(divisor);
        assertThat(back.re()).isCloseTo(a, within(1e-9));
        assertThat(back.im()).isCloseTo(b, within(1e-9));
        assertThat(Complex.ONE.over(divisor).modulus()).isCloseTo(1 / Math.hypot(c, d), within(1e-9));
    }
}
