package oddcradle.core.drive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import oddcradle.core.section.Round;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Closed forms of beams on two supports; Roark's Formulas for Stress and Strain (from memory) where none is derived. */
class ShaftModelTest {
    private static final double E = 205e9;
    private static final double DENSITY = 7850;

    private static ShaftModel shaft(
            double length, double od, boolean shear, List<ShaftModel.Disc> discs, double... bearings) {
        return new ShaftModel(
                E,
                DENSITY,
                0.3,
                shear,
                List.of(new ShaftModel.Segment(length, od, 0)),
                discs,
                Arrays.stream(bearings)
                        .mapToObj(x -> new ShaftModel.Bearing(x, Optional.empty()))
                        .toList());
    }

    @Test
    void evenShaftOnItsEnds_turnsCriticalAtEulersSpeed() {
        Round section = new Round(0.02);
        double expected =
                Math.pow(Math.PI / 1.0, 2) * Math.sqrt(E * section.secondMomentY() / (DENSITY * section.area()));
        ShaftModel euler = shaft(1.0, 0.02, false, List.of(), 0, 1.0);
        // Rotary inertia takes a little off: 1 / sqrt(1 + (pi r / L)^2) of it is left, Rayleigh.
        double rotary = Math.sqrt(1 + Math.pow(Math.PI * 0.005, 2));
        assertThat(euler.criticalSpeed()).isCloseTo(expected / rotary, within(1e-6 * expected));
        assertThat(shaft(1.0, 0.02, true, List.of(), 0, 1.0).criticalSpeed()).isLessThan(euler.criticalSpeed());
    }

    @Test
    void heavyDiscInTheMiddle_isASpringAndAMass() {
        double mass = 500;
        ShaftModel shaft = shaft(0.8, 0.03, false, List.of(new ShaftModel.Disc(0.4, mass)), 0, 0.8);
        double stiffness = 48 * E * new Round(0.03).secondMomentY() / Math.pow(0.8, 3);
        // Rayleigh: 17/35 of the shaft's own mass rides along.
        double own = 17.0 / 35 * DENSITY * new Round(0.03).area() * 0.8;
        assertThat(shaft.criticalSpeed()).isCloseTo(Math.sqrt(stiffness / (mass + own)), within(1e-3));
    }

    @Test
    void softBearings_slowItDown() {
        ShaftModel stiff = new ShaftModel(
                E,
                DENSITY,
                0.3,
                true,
                List.of(new ShaftModel.Segment(0.5, 0.04, 0.01)),
                List.of(),
                List.of(new ShaftModel.Bearing(0, Optional.of(1e4)), new ShaftModel.Bearing(0.5, Optional.of(1e4))));
        double mass = DENSITY * 0.5 * Math.PI / 4 * (0.04 * 0.04 - 0.01 * 0.01);
        // The shaft bounces as one piece on two springs.
        assertThat(stiff.criticalSpeed()).isCloseTo(Math.sqrt(2e4 / mass), within(0.002 * Math.sqrt(2e4 / mass)));
    }

    @ParameterizedTest
    @CsvSource({"0.3", "0.1", "0.45"})
    void sideLoadBetweenBearings_bendsAsRoarkSays(double at) {
        double length = 0.6;
        double force = 1500;
        ShaftModel shaft = shaft(length, 0.025, false, List.of(), 0, length);
        ShaftModel.Bending bent = shaft.bentBy(List.of(new ShaftModel.Load(at, force)));
        double flex = E * new Round(0.025).secondMomentY();
        double rest = length - at;
        int here = bent.at(at);
        assertThat(bent.deflections().get(here))
                .isCloseTo(force * at * at * rest * rest / (3 * flex * length), within(1e-12));
        assertThat(bent.reactions().get(0)).isCloseTo(-force * rest / length, within(1e-6));
        assertThat(Math.abs(bent.moments().get(here))).isCloseTo(force * at * rest / length, within(1e-6));
    }

    @Test
    void overhungSprocket_bendsAsRoarkSays() {
        double span = 0.25;
        double over = 0.08;
        double force = 2000;
        ShaftModel shaft = shaft(span + over, 0.025, false, List.of(), 0, span);
        ShaftModel.Bending bent = shaft.bentBy(List.of(new ShaftModel.Load(span + over, force)));
        double flex = E * new Round(0.025).secondMomentY();
        int end = bent.at(span + over);
        assertThat(bent.deflections().get(end))
                .isCloseTo(force * over * over * (span + over) / (3 * flex), within(1e-12));
        assertThat(bent.slopes().get(end)).isCloseTo(force * over * (2 * span + 3 * over) / (6 * flex), within(1e-10));
        assertThat(bent.reactions().get(1)).isCloseTo(-force * (span + over) / span, within(1e-6));
    }

    @Property(tries = 100)
    void reactions_balanceTheLoads(
            @ForAll @DoubleRange(min = 0.0, max = 0.5) double a,
            @ForAll @DoubleRange(min = 0.0, max = 0.5) double b,
            @ForAll @DoubleRange(min = -3000, max = 3000) double force) {
        ShaftModel shaft = shaft(0.5, 0.03, true, List.of(), 0.1, 0.42);
        ShaftModel.Bending bent = shaft.bentBy(List.of(new ShaftModel.Load(a, force), new ShaftModel.Load(b, 700)));
        double sum = bent.reactions().get(0) + bent.reactions().get(1);
        assertThat(sum).isCloseTo(-force - 700, within(1e-6));
        assertThat(0.1 * bent.reactions().get(0) + 0.42 * bent.reactions().get(1))
                .isCloseTo(-a * force - b * 700, within(1e-6));
    }

    @Test
    void impossibleShafts_nameTheField() {
        assertThatThrownBy(() -> shaft(1, 0.02, true, List.of(), 0.3)).hasMessageContaining("two bearings apart");
        assertThatThrownBy(() -> shaft(1, 0.02, true, List.of(), 0.3, 0.3)).hasMessageContaining("two bearings apart");
        assertThatThrownBy(() -> new ShaftModel.Segment(0.1, 0.02, 0.02)).hasMessageContaining("id is 0.02");
        assertThatThrownBy(() -> shaft(1, 0.02, true, List.of(new ShaftModel.Disc(2, 1)), 0, 1))
                .hasMessageContaining("discs[0].x");
    }

    /** ISO 281: a bearing under a tenth of its rating lasts a thousand million turns. */
    @Test
    void bearingLife_isISO281() {
        double speed = 1000 * Math.PI / 30;
        assertThat(ShaftStrength.lifeHours(14_000, 1_400, speed)).isCloseTo(1e9 / 1000 / 60, within(1e-6));
        assertThat(ShaftStrength.lifeHours(14_000, 0, speed)).isInfinite();
    }

    /** 32 M / pi d^3 and 16 T / pi d^3 by hand for d = 30 mm, M = 150 N m, T = 100 N m: 56.6 and 18.9 MPa. */
    @Test
    void stress_isBendingAndTorsionTogether() {
        double expected = Math.sqrt(56.588e6 * 56.588e6 + 3 * 18.863e6 * 18.863e6);
        assertThat(ShaftStrength.stress(0.03, 0, 150, 100, false)).isCloseTo(expected, within(5e3));
        assertThat(ShaftStrength.stress(0.03, 0, 150, 100, true)).isCloseTo(expected / 0.75, within(5e3));
        assertThat(ShaftStrength.keyLength(100, 0.03, 0.004, 100e6)).isCloseTo(0.016667, within(1e-6));
    }
}
