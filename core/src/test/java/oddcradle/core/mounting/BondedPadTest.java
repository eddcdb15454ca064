package oddcradle.core.mounting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import oddcradle.core.math.InvalidValue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BondedPadTest {
    /**
     * Between bonded plates rubber is squeezed out like a film: its pressure obeys p'' + p'/r = -12 G e / t², solved here by
     * differences. By that alone the stiffness beyond E A / t would have k = 1; Lindley's table puts k at 0.73 for 50 Shore A, E at
     * 2.20 MPa (from memory). The share is the same for every shape.
     */
    @ParameterizedTest
    @CsvSource({"0.050, 0.015", "0.040, 0.020", "0.080, 0.010"})
    void compression_agreesWithTheFilmBetweenThePlates(double diameter, double thickness) {
        BondedPad pad = new BondedPad(diameter, thickness, 50);
        double area = Math.PI / 4 * diameter * diameter;
        double beyond = pad.compressionStiffness() - 2.20e6 * area / thickness;
        assertThat(beyond / film(diameter / 2, thickness, 2.20e6 / 3)).isCloseTo(0.73, within(0.002));
        assertThat(pad.shearStiffness()).isCloseTo(0.64e6 * area / thickness, withinPercentage(1e-6));
    }

    /** Force for each metre of squeeze. */
    private static double film(double radius, double thickness, double shear) {
        int n = 400;
        double h = radius / n;
        // Outward flow through each ring is what the rings within have been squeezed by.
        double[] pressure = new double[n + 1];
        double force = 0;
        for (int k = n - 1; k >= 0; k--) {
            double middle = (k + 0.5) * h;
            double slope = 12 * shear / Math.pow(thickness, 3) * middle * middle / (2 * middle);
            pressure[k] = pressure[k + 1] + slope * h;
            force += 2 * Math.PI * middle * h * (pressure[k] + pressure[k + 1]) / 2;
        }
        return force;
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
