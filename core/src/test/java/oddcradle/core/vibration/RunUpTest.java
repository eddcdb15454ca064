package oddcradle.core.vibration;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Optional;
import oddcradle.core.math.InvalidValue;
import org.junit.jupiter.api.Test;

class RunUpTest {
    private static final double MASS = 80;
    private static final double OWN = 2 * Math.PI * 8;
    private static final double STIFFNESS = MASS * OWN * OWN;
    private static final double RATIO = 0.06;
    private static final double UNBALANCE = 0.05;

    private static RunUp.Peaks run(double from, double to, double duration, Optional<RunUp.Snubber> snubber) {
        return RunUpAnalysis.solve(
                new RunUp(MASS, STIFFNESS, 2 * RATIO * MASS * OWN, UNBALANCE, snubber, from * OWN, to * OWN, duration));
    }

    /** Lewis, J. Appl. Mech. 54 (1932), as trade knowledge has it: less than standing there, late both ways, the less the quicker it is passed. */
    @Test
    void passingResonance_isMilderThanStayingThere_andLate() {
        double standing = UNBALANCE / MASS / (2 * RATIO * Math.sqrt(1 - RATIO * RATIO));
        RunUp.Peaks slow = run(0.2, 2, 20, Optional.empty());
        RunUp.Peaks quick = run(0.2, 2, 2, Optional.empty());
        RunUp.Peaks down = run(2, 0.2, 2, Optional.empty());
        assertThat(slow.displacement()).isBetween(0.9 * standing, standing);
        assertThat(quick.displacement()).isLessThan(0.95 * slow.displacement());
        assertThat(quick.speed()).isGreaterThan(slow.speed()).isGreaterThan(OWN);
        assertThat(down.speed()).isLessThan(OWN);
    }

    /** Far above resonance a body turns about its own centre of mass: U / m, common knowledge. */
    @Test
    void farAboveResonance_theBodyMovesByUnbalanceOverMass() {
        RunUp.Peaks peaks = RunUpAnalysis.solve(
                new RunUp(MASS, STIFFNESS / 1e4, 40, UNBALANCE, Optional.empty(), 30 * OWN, 30 * OWN, 0.05));
        // From rest it first drifts along with its own speed; within the first turn twice pi times U / m and one swing.
        assertThat(peaks.displacement()).isGreaterThan(UNBALANCE / MASS);
        assertThat(peaks.displacement() / (UNBALANCE / MASS)).isLessThan(30 * OWN * 0.05 + 1);
    }

    @Test
    void snubber_holdsTheMass_andIsPaidWithForce() {
        RunUp.Peaks free = run(0.2, 2, 4, Optional.empty());
        RunUp.Peaks held = run(0.2, 2, 4, Optional.of(new RunUp.Snubber(20 * STIFFNESS, 1e-3, 1e-3)));
        assertThat(free.displacement()).isGreaterThan(3e-3);
        assertThat(held.displacement()).isBetween(1e-3, 2e-3);
        assertThat(held.force()).isGreaterThan(free.force());
        // A stop that is never met changes nothing.
        assertThat(run(0.2, 2, 4, Optional.of(new RunUp.Snubber(1e9, 1, 1))).displacement())
                .isCloseTo(free.displacement(), org.assertj.core.api.Assertions.within(1e-6 * free.displacement()));
    }

    @Test
    void impossibleRuns_areRefusedByName() {
        assertThatThrownBy(() -> run(0, 0, 1, Optional.empty()))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("nothing turns");
        assertThatThrownBy(() -> run(0.2, 2, 1e9, Optional.empty())).hasMessageContaining("shorter run");
        assertThatThrownBy(() -> new RunUp.Snubber(1e5, -1e-3, 0)).hasMessageContaining("gap_plus");
    }
}
