package oddcradle.core.joint;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import oddcradle.core.catalog.BoltGrade;
import oddcradle.core.catalog.ScrewThread;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What opens under a bolt, and what strips. */
class BoltedTest {
    /** Kern of a full disc: an eighth of its diameter; of a thin ring a quarter (Roark, from memory). */
    @Test
    void edgeOpens_whereTheForceLeavesTheKern() {
        assertThat(new ClampedRing(0.024, 0).opensAt(10_000)).isCloseTo(10_000 * 0.003, within(1e-9));
        assertThat(new ClampedRing(0.024, 0.02399).opensAt(10_000)).isCloseTo(10_000 * 0.006, within(0.1));
        assertThat(new ClampedRing(0.024, 0.01).opensAt(-5)).isZero();
    }

    /** Pressure of clamp and bending together, F/A and M/W by the ring's own sums, is just nothing at one edge. */
    @Property(tries = 40)
    void atThatMoment_onePressureIsNothing(
            @ForAll @DoubleRange(min = 0.3, max = 0.9) double hollow,
            @ForAll @DoubleRange(min = 100, max = 40_000) double clamp) {
        double outer = 0.03;
        double inner = hollow * outer;
        double moment = new ClampedRing(outer, inner).opensAt(clamp);
        double area = Math.PI / 4 * (outer * outer - inner * inner);
        double modulus = Math.PI / 32 * (Math.pow(outer, 4) - Math.pow(inner, 4)) / outer;
        assertThat(clamp / area - moment / modulus).isCloseTo(0, within(1e-6 * clamp / area));
    }

    /** Trade: a steel bolt tightened as it should be wants one and a half diameters in cast alloy; one diameter strips. */
    @ParameterizedTest
    @ValueSource(strings = {"M6", "M8", "M10"})
    void oneAndAHalfDiametersHold_oneDoesNot(String name) {
        ScrewThread thread = ScrewThread.of("thread", name);
        double clamp = BoltStrength.preload(thread, BoltGrade.CLASS_8_8);
        assertThat(StrippedThread.at(thread.diameter(), 1.5 * thread.diameter()))
                .isGreaterThan(clamp);
        assertThat(StrippedThread.at(thread.diameter(), thread.diameter())).isLessThan(clamp);
    }
}
