package oddcradle.core.engine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import oddcradle.core.geometry.Aabb;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class EngineTest {
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
