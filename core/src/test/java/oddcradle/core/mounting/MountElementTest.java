package oddcradle.core.mounting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import oddcradle.core.math.InvalidValue;
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

    /** Adkins and Gent, along: 2 pi G L / ln(b/a) (from memory). */
    @Test
    void bushAlong_isTheLogarithm() {
        BondedBush bush = new BondedBush(0.02, 0.04, 0.05, 50, null);
        assertThat(bush.stiffness().x()).isCloseTo(2 * Math.PI * 0.64e6 * 0.05 / Math.log(2), within(1e-6));
        assertThat(bush.elastomer()).isEqualTo(Elastomer.RUBBER);
    }

    /** Their radial stiffness of a long bush with b/a = 2: 4 pi G L 5 / (5 ln 2 - 3), per a²; of a short one the other form. */
    @Test
    void bushAcross_liesBetweenShortAndLong() {
        double a = 0.01;
        double b = 0.02;
        double g = 0.64e6;
        double sum = a * a + b * b;
        double difference = b * b - a * a;
        double longOne = 4 * Math.PI * g * 0.08 * sum / (sum * Math.log(2) - difference);
        double shortOne = 80 * Math.PI * g * 0.008 * sum / (25 * sum * Math.log(2) - 9 * difference);
        assertThat(new BondedBush(0.02, 0.04, 0.08, 50, null).stiffness().y()).isCloseTo(longOne, within(1e-3));
        assertThat(new BondedBush(0.02, 0.04, 0.008, 50, null).stiffness().y()).isCloseTo(shortOne, within(1e-3));
        double before = 0;
        for (double length = 0.005; length < 0.1; length += 0.005) {
            double now =
                    new BondedBush(0.02, 0.04, length, 50, null).stiffness().y();
            assertThat(now).isGreaterThan(before);
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
}
