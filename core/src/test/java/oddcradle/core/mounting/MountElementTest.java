package oddcradle.core.mounting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.Optional;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.reference.Elimination;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MountElementTest {
    /** Gent, 1958: E in MPa for Shore A (from memory). */
    @ParameterizedTest
    @CsvSource({"40, 1.690", "50, 2.456", "60, 3.605", "70, 5.521"})
    void modulusByHardness_isGents(double shore, double megapascals) {
        assertThat(Elastomer.gent(shore) / 1e6).isCloseTo(megapascals, within(0.001));
    }

    /** Rings of rubber between the sleeves give one after the other; summed ring by ring, G of 50 Shore A 0.64 MPa (from memory). */
    @Test
    void bushAlong_isASumOfRings() {
        BondedBush bush = new BondedBush(0.02, 0.04, 0.05, 50, null);
        double give = 0;
        int n = 20_000;
        for (int k = 0; k < n; k++) {
            double radius = 0.01 + 0.01 * (k + 0.5) / n;
            give += 0.01 / n / (2 * Math.PI * radius * 0.05 * 0.64e6);
        }
        assertThat(bush.stiffness().x()).isCloseTo(1 / give, withinPercentage(0.001));
        assertThat(bush.elastomer()).isEqualTo(Elastomer.RUBBER);
    }

    /**
     * A long bush pushed sideways is a plane flow: the stream function {@code (A r³ + B r + C / r + D r ln r) sin} with the sleeve
     * carried along and the housing at rest, four equations solved as they stand; the force is 4 pi G D for each metre.
     */
    @Test
    void longBushAcross_isThePlaneFlow() {
        double a = 0.01;
        double b = 0.02;
        double[][] at = new double[4][];
        for (int k = 0; k < 2; k++) {
            double r = k == 0 ? a : b;
            at[2 * k] = new double[] {r * r, 1, 1 / (r * r), Math.log(r)};
            at[2 * k + 1] = new double[] {3 * r * r, 1, -1 / (r * r), Math.log(r) + 1};
        }
        double d = Elimination.solve(at, new double[] {1, 1, 0, 0})[3];
        double wanted = 4 * Math.PI * 0.64e6 * 0.08 * Math.abs(d);
        assertThat(BushStiffness.of(a, b, 0.08, 0.64e6, Optional.empty()).radialLong())
                .isCloseTo(wanted, withinPercentage(0.01));
        // A bush of two hundred walls hardly knows its ends.
        assertThat(new BondedBush(0.02, 0.04, 2, 50, null).stiffness().y()).isCloseTo(25 * wanted, withinPercentage(2));
    }

    @Test
    void bushAcross_growsWithItsLength_withoutAStep() {
        double before = 0;
        for (double length = 0.005; length < 0.1; length += 0.0005) {
            double now =
                    new BondedBush(0.02, 0.04, length, 50, null).stiffness().y();
            assertThat(now).isGreaterThan(before);
            assertThat(before == 0 || now < 1.3 * before)
                    .as("step at %s m", length)
                    .isTrue();
            before = now;
        }
    }

    @Test
    void strains_areDeflectionsOverTheRubber() {
        assertThat(new BondedPad(0.05, 0.02, 50).strain(0.002, 0.004)).isEqualTo(new MountElement.Strain(0.1, 0.2));
        MountElement.Strain bush = new BondedBush(0.02, 0.04, 0.05, 50, null).strain(0.002, 0.001);
        assertThat(bush.shear()).isCloseTo(0.2, within(1e-9));
        assertThat(bush.compressive()).isCloseTo(0.1, within(1e-9));
        assertThat(new Hard().strain(1, 1)).isEqualTo(new MountElement.Strain(0, 0));
        assertThat(new Hard().isHard()).isTrue();
        assertThat(new Hard().withHardness(50)).isEqualTo(new Hard());
    }

    @Test
    void hardness_staysWithinWhatTheStuffIsMadeIn() {
        assertThatThrownBy(() -> new BondedPad(0.05, 0.02, 80)).isInstanceOf(InvalidValue.class);
        assertThat(new BondedPad(0.05, 0.02, 80, Elastomer.URETHANE).shearStiffness())
                .isGreaterThan(new BondedPad(0.05, 0.02, 60, Elastomer.URETHANE).shearStiffness());
        assertThatThrownBy(() -> new BondedPad(0.05, 0.02, 70, Elastomer.SILICONE))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("60");
        assertThatThrownBy(() -> new BondedBush(0.04, 0.03, 0.05, 50, null)).isInstanceOf(InvalidValue.class);
        assertThat(Elastomer.URETHANE.soldHardnesses()).startsWith(60.0).endsWith(95.0);
    }

    /** About 1.1, 1.25, 1.4 and 1.6 at 40, 50, 60 and 70 Shore A for natural rubber: common practice. */
    @Test
    void shakenRubber_isStifferThanLoadedRubber_byHardnessAndKind() {
        assertThat(new BondedPad(0.05, 0.02, 40).dynamicRatio()).isCloseTo(1.1, within(0.01));
        assertThat(new BondedPad(0.05, 0.02, 50).dynamicRatio()).isCloseTo(1.25, within(0.01));
        assertThat(new BondedPad(0.05, 0.02, 60).dynamicRatio()).isCloseTo(1.4, within(0.01));
        assertThat(new BondedPad(0.05, 0.02, 70).dynamicRatio()).isCloseTo(1.6, within(0.01));
        double rubber = new BondedPad(0.05, 0.02, 60).dynamicRatio();
        assertThat(new BondedPad(0.05, 0.02, 60, Elastomer.SILICONE).dynamicRatio())
                .isBetween(1.0, rubber);
        assertThat(new BondedPad(0.05, 0.02, 60, Elastomer.URETHANE).dynamicRatio())
                .isGreaterThan(rubber);
        assertThat(new BondedPad(0.05, 0.02, 60, Elastomer.URETHANE).coldRatio())
                .isGreaterThan(new BondedPad(0.05, 0.02, 60).coldRatio());
        assertThat(new Hard().dynamicRatio() * new Hard().coldRatio()).isEqualTo(1);
    }
}
