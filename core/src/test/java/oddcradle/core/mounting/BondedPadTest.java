package oddcradle.core.mounting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import oddcradle.core.math.InvalidValue;
import org.junit.jupiter.api.Test;

class BondedPadTest {
    /** Lindley, Engineering Design with Natural Rubber (from memory): Ec = E (1 + 2 k s^2), worked by hand at 50 IRHD. */
    @Test
    void padOf50_isStiffByItsShape() {
        BondedPad pad = new BondedPad(0.050, 0.015, 50);
        double s = 0.050 / (4 * 0.015);
        double area = Math.PI / 4 * 0.0025;
        assertThat(pad.shapeFactor()).isCloseTo(0.8333, within(1e-4));
        assertThat(pad.compressionStiffness()).isCloseTo(2.20e6 * (1 + 2 * 0.73 * s * s) * area / 0.015, within(1.0));
        assertThat(pad.shearStiffness()).isCloseTo(0.64e6 * area / 0.015, within(1e-6));
    }

    @Test
    void betweenTheTablesRows_itGoesStraight_andHarderIsStiffer() {
        double fifty = new BondedPad(0.05, 0.02, 50).shearStiffness();
        double middle = new BondedPad(0.05, 0.02, 52.5).shearStiffness();
        double fiftyFive = new BondedPad(0.05, 0.02, 55).shearStiffness();
        assertThat(middle).isCloseTo((fifty + fiftyFive) / 2, within(1e-6));
        double before = 0;
        for (double hardness : Elastomer.RUBBER.soldHardnesses()) {
            double now = new BondedPad(0.05, 0.02, hardness).compressionStiffness();
            assertThat(now).isGreaterThan(before);
            before = now;
        }
        assertThat(new BondedPad(0.05, 0.02, 75).shearStiffness())
                .isCloseTo(2.22e6 * Math.PI / 4 * 0.0025 / 0.02, within(1e-3));
    }

    @Test
    void hardnessOutsideTheTable_isRefused() {
        assertThatThrownBy(() -> new BondedPad(0.05, 0.02, 90))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("hardness is 90 Shore A");
        assertThatThrownBy(() -> new BondedPad(0, 0.02, 50)).isInstanceOf(InvalidValue.class);
    }
}
