package oddcradle.core.engine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.DoubleStream;
import oddcradle.core.geometry.Aabb;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class EngineTest {
    private static final double SPEED = 500;
    private static final double UNIT = 0.5 * 0.03 * SPEED * SPEED;

    private static Crank crank(double counterweight, Crank.Balancer balancer, double bank, double... throwDegrees) {
        List<Double> throwAngles =
                DoubleStream.of(throwDegrees).map(Math::toRadians).boxed().toList();
        int n = throwDegrees.length;
        List<Double> lean = new ArrayList<>(Collections.nCopies(n, 0.0));
        for (int k = 0; k < n && bank > 0; k++) {
            lean.set(k, (k % 2 == 0 ? 1 : -1) * bank / 2);
        }
        return new Crank(0.06, 0.12, 0.5, throwAngles, lean, Collections.nCopies(n, 0.0), counterweight, balancer);
    }

    /** The rules every handbook gives: Taylor, vol. 2; Den Hartog (from memory). */
    @Test
    void freeForces_ofTheUsualCranks() {
        ShakingForce single = ShakingForce.of(crank(0, Crank.Balancer.NONE, 0, 0), SPEED);
        assertThat(single.primary()).isCloseTo(UNIT, within(1e-6 * UNIT));
        assertThat(single.secondary()).isCloseTo(UNIT * 0.25, within(1e-6 * UNIT));
        ShakingForce half = ShakingForce.of(crank(0.5, Crank.Balancer.NONE, 0, 0), SPEED);
        assertThat(half.primary()).isCloseTo(UNIT / 2, within(1e-6 * UNIT));
        ShakingForce balanced = ShakingForce.of(crank(0.5, Crank.Balancer.PRIMARY, 0, 0), SPEED);
        assertThat(balanced.primary()).isCloseTo(0, within(1e-9 * UNIT));
        ShakingForce twin360 = ShakingForce.of(crank(0, Crank.Balancer.NONE, 0, 0, 0), SPEED);
        assertThat(twin360.primary()).isCloseTo(2 * UNIT, within(1e-6 * UNIT));
        ShakingForce twin180 = ShakingForce.of(crank(0, Crank.Balancer.NONE, 0, 0, 180), SPEED);
        assertThat(twin180.primary()).isCloseTo(0, within(1e-9 * UNIT));
        assertThat(twin180.secondary()).isCloseTo(2 * UNIT * 0.25, within(1e-6 * UNIT));
        ShakingForce twin270 = ShakingForce.of(crank(0, Crank.Balancer.NONE, 0, 0, 270), SPEED);
        assertThat(twin270.primary()).isCloseTo(Math.sqrt(2) * UNIT, within(1e-4 * UNIT));
        assertThat(twin270.secondary()).isCloseTo(0, within(1e-9 * UNIT));
        ShakingForce four = ShakingForce.of(crank(0, Crank.Balancer.NONE, 0, 0, 180, 180, 0), SPEED);
        assertThat(four.primary()).isCloseTo(0, within(1e-9 * UNIT));
        assertThat(four.secondary()).isCloseTo(4 * UNIT * 0.25, within(1e-6 * UNIT));
        // a counterweight of the whole reciprocating mass of one cylinder cancels a 90 degree V on one pin
        ShakingForce vee = ShakingForce.of(crank(0.5, Crank.Balancer.NONE, Math.PI / 2, 0, 0), SPEED);
        assertThat(vee.primary()).isCloseTo(0, within(1e-9 * UNIT));
        ShakingForce flat = ShakingForce.of(crank(0, Crank.Balancer.NONE, Math.PI, 0, 180), SPEED);
        assertThat(flat.primary()).isCloseTo(0, within(1e-9 * UNIT));
        assertThat(flat.secondary()).isCloseTo(0, within(1e-9 * UNIT));
    }

    @ParameterizedTest
    @EnumSource(EngineLayout.class)
    void envelope_hasItsDimensionsAndEveryCylinder(EngineLayout layout) {
        EngineShape shape = new EngineShape(
                layout, true, 0.12, 0.25, 0.2, 0.1, 0.11, 0.38, 0.1, 0.11, 0.16, 0, layout.usualBank(), 0.05);
        List<EngineEnvelope.Piece> pieces = EngineEnvelope.of(shape);
        long heads =
                pieces.stream().filter(piece -> piece.label().equals("head")).count();
        assertThat(heads).isEqualTo(layout.cylinders());
        Aabb all = pieces.stream()
                .map(piece -> piece.solid().bounds())
                .reduce(Aabb::joined)
                .orElseThrow();
        double length = all.high().x() - all.low().x();
        assertThat(length).isBetween(0.37 - 1e-9, 0.9);
        if (layout.usualBank() == 0 && !layout.isUtility()) {
            assertThat(all.high().z()).isCloseTo(0.38, within(1e-9));
            assertThat(all.high().y() - all.low().y()).isGreaterThanOrEqualTo(0.3 - 1e-9);
        }
        if (layout.usualBank() == Math.PI) {
            assertThat(length).isCloseTo(0.76, within(1e-9));
        }
    }

    @Test
    void impossibleEngines_areRefused() {
        assertThatThrownBy(() ->
                        new Crank(0.3, 0.12, 0.5, List.of(0.0), List.of(0.0), List.of(0.0), 0.5, Crank.Balancer.NONE))
                .hasMessageContaining("half the stroke");
        assertThatThrownBy(() -> new Crank(
                        0.06, 0.12, 0.5, List.of(0.0, 1.0), List.of(0.0), List.of(0.0), 0.5, Crank.Balancer.NONE))
                .hasMessageContaining("one for each cylinder");
        assertThatThrownBy(() -> new EngineShape(
                        EngineLayout.SINGLE, true, 12, 0.25, 0.2, 0.1, 0.11, 0.38, 0.1, 0.11, 0.16, 0, 0, 0.05))
                .hasMessageContaining("caseAhead");
    }
}
