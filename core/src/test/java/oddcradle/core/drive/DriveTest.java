package oddcradle.core.drive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DriveTest {
    /** ISO 606 pitch diameters at 15.875 mm pitch (from memory; also plain arithmetic). */
    @ParameterizedTest
    @CsvSource({"14,71.34", "17,86.40", "38,192.24", "41,207.38", "43,217.48"})
    void pitchDiameters_areTheTables(int teeth, double millimetres) {
        assertThat(RollerChain.pitchDiameter(0.015875, teeth) * 1e3).isCloseTo(millimetres, within(0.006));
    }

    /** Handbook length 2C/p + (N1+N2)/2 + ((N2-N1)/2pi)^2 p/C: 17/43 at 450 mm is 87.30, so 88 links. */
    @Test
    void seventeenToFortyThree_takes88Links() {
        ChainResult chain = RollerChain.solve(new ChainInput(0.015875, 17, 43, 0.450, 1000));
        assertThat(chain.lengthPitchesApprox()).isCloseTo(87.30, within(0.005));
        assertThat(chain.lengthPitches()).isCloseTo(chain.lengthPitchesApprox(), within(0.02));
        assertThat(chain.links()).isEqualTo(88);
        assertThat(chain.ratio()).isCloseTo(43.0 / 17, within(1e-15));
        assertThat(chain.chainSpeed()).isCloseTo(17 * 0.015875 * 1000 / 60, within(1e-12));
    }

    @Test
    void equalSprockets_wrapHalfEach() {
        ChainResult chain = RollerChain.solve(new ChainInput(0.0127, 20, 20, 0.381, 0));
        assertThat(chain.wrapDriver()).isCloseTo(Math.PI, within(1e-15));
        assertThat(chain.lengthPitches()).isCloseTo(2 * 0.381 / 0.0127 + 20, within(1e-12));
        assertThat(chain.links()).isEqualTo(80);
    }

    @Property(tries = 200)
    void chainOfWholeLinks_isTautAtItsCentreDistance(
            @ForAll @IntRange(min = 9, max = 30) int driver,
            @ForAll @IntRange(min = 9, max = 70) int driven,
            @ForAll @DoubleRange(min = 0.35, max = 1.2) double centre) {
        ChainInput input = new ChainInput(0.0127, driver, driven, centre, 0);
        ChainResult chain = RollerChain.solve(input);
        ChainResult taut = RollerChain.solve(new ChainInput(0.0127, driver, driven, chain.centreForLinks(), 0));
        assertThat(taut.lengthPitches()).isCloseTo(chain.links(), within(1e-9));
        assertThat(chain.links() % 2).isZero();
        assertThat(chain.links() - chain.lengthPitches()).isBetween(-1e-9, 2.0);
        assertThat(chain.wrapDriver() + chain.wrapDriven()).isCloseTo(2 * Math.PI, within(1e-12));
    }

    @Test
    void impossibleChains_nameTheField() {
        assertThatThrownBy(() -> new ChainInput(0.0127, 1, 20, 0.4, 0)).hasMessageContaining("teeth_driver is 1");
        assertThatThrownBy(() -> new ChainInput(0.0127, 20, 60, 0.1, 0))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("the sprockets overlap");
        assertThatThrownBy(() -> new ChainInput(0, 20, 60, 0.5, 0)).hasMessageContaining("pitch");
        assertThatThrownBy(() -> new ChainInput(0.0127, 20, 60, 0.5, Double.NaN))
                .hasMessageContaining("rpm_driver");
    }

    @Test
    void offsetIsSignedAlongTheFirstShaft() {
        Shaft first = new Shaft(Vec3.ZERO, Vec3.Y, 0.108);
        Shaft second = new Shaft(new Vec3(-0.45, 0, -0.2), Vec3.Y.negated(), -0.1126);
        Alignment alignment = Alignment.of(first, second);
        assertThat(alignment.offset()).isCloseTo(0.0046, within(1e-12));
        assertThat(alignment.angular()).isZero();
        assertThat(alignment.centreDistance()).isCloseTo(Math.hypot(0.45, 0.2), within(1e-15));
    }

    @Test
    void toeAndTwist_splitTheAngle() {
        Shaft first = new Shaft(Vec3.ZERO, Vec3.Y, 0);
        Shaft toed = new Shaft(new Vec3(-0.5, 0, 0), new Vec3(-0.01, 1, 0), 0);
        assertThat(Alignment.of(first, toed).toe()).isCloseTo(Math.atan(0.01), within(1e-12));
        assertThat(Alignment.of(first, toed).twist()).isCloseTo(0, within(1e-12));
        Shaft twisted = new Shaft(new Vec3(-0.5, 0, 0), new Vec3(0, 1, 0.01), 0);
        assertThat(Math.abs(Alignment.of(first, twisted).twist())).isCloseTo(Math.atan(0.01), within(1e-12));
        assertThat(Alignment.of(first, twisted).toe()).isCloseTo(0, within(1e-12));
    }
}
