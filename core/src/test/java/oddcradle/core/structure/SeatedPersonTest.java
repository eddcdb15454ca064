package oddcradle.core.structure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import oddcradle.core.math.Complex;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.Test;

class SeatedPersonTest {
    private static final double MASS = 80;
    private static final SeatedPerson PERSON = new SeatedPerson("seat", Vec3.ZERO, MASS);

    /** What the seat feels of the whole person over their weight at rest. */
    private static double apparent(double hertz) {
        double omega = 2 * Math.PI * hertz;
        Complex hangs = PERSON.resists(omega).times(-1 / (omega * omega));
        return new Complex(hangs.re() + SeatedPerson.RIGID * MASS, hangs.im()).modulus() / MASS;
    }

    /** ISO 5982, seated people (from memory): their whole weight when moved slowly, 1.2 to 1.7 of it near 5 Hz, a quarter to a half at 20 Hz. */
    @Test
    void apparentMass_isThatOfSeatedPeople() {
        assertThat(apparent(0.2)).isCloseTo(1, within(0.01));
        assertThat(apparent(4.5)).isBetween(1.2, 1.7);
        assertThat(apparent(20)).isBetween(0.25, 0.5);
    }

    /** A body at rest gives nothing back: it takes work at every frequency. */
    @Property(tries = 60)
    void person_alwaysTakesWork(@ForAll @DoubleRange(min = 0.5, max = 200) double hertz) {
        assertThat(PERSON.resists(2 * Math.PI * hertz).im()).isPositive();
    }
}
