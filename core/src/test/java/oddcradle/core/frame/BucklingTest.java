package oddcradle.core.frame;

import static oddcradle.core.frame.Frames.EI;
import static oddcradle.core.frame.Frames.fixed;
import static oddcradle.core.frame.Frames.force;
import static oddcradle.core.frame.Frames.frame;
import static oddcradle.core.frame.Frames.member;
import static oddcradle.core.frame.Frames.node;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import oddcradle.core.frame.input.EndJoint;
import oddcradle.core.frame.input.Fixity;
import oddcradle.core.frame.input.FrameInput;
import oddcradle.core.frame.input.FrameSupport;
import oddcradle.core.frame.input.Theory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Euler's columns: pi^2 E I / (K L)^2 with K by the ends (any strength of materials text; AISC 360 commentary). */
class BucklingTest {
    private static final double L = 1.4;

    @ParameterizedTest
    @CsvSource({"cantilever,2.0", "hinged,1.0", "fixed-hinged,0.69916", "fixed-guided,1.0"})
    void column_bucklesAtEulersLoad(String ends, double k) {
        Fixity foot = ends.equals("hinged") ? new Fixity(true, true, true, false, false, true) : Fixity.ALL;
        Fixity head =
                switch (ends) {
                    case "cantilever" -> new Fixity(false, false, false, false, false, false);
                    case "fixed-guided" -> new Fixity(false, false, false, true, true, true);
                    default -> new Fixity(true, true, false, false, false, false);
                };
        FrameInput column = frame(
                Theory.EULER,
                List.of(node("foot", 0, 0, 0), node("head", 0, 0, L)),
                List.of(member("column", "foot", "head")),
                List.of(new FrameSupport("foot", foot), new FrameSupport("head", head)),
                force("head", 0, 0, -1000));
        double euler = Math.PI * Math.PI * EI / (k * L * k * L) / 1000;
        double factor = BucklingAnalysis.lowestFactor(column, column.cases().get(0))
                .answer()
                .orElseThrow()
                .orElseThrow();
        assertThat(factor).isCloseTo(euler, within(euler * 1e-3));
    }

    @Test
    void tubeInTension_neverBuckles() {
        FrameInput tie = frame(
                Theory.EULER,
                List.of(node("foot", 0, 0, 0), node("head", 0, 0, L)),
                List.of(member("tie", "foot", "head")),
                List.of(fixed("foot")),
                force("head", 0, 0, 1000));
        assertThat(BucklingAnalysis.lowestFactor(tie, tie.cases().get(0))
                        .answer()
                        .orElseThrow())
                .isEmpty();
    }

    /** A strut between two balls is Euler's hinged column, though it may spin about itself. */
    @Test
    void strutBetweenBalls_isAHingedColumn() {
        FrameInput strut = frame(
                Theory.EULER,
                List.of(node("foot", 0, 0, 0), node("head", 0, 0, L)),
                List.of(Frames.jointed("strut", "foot", "head", EndJoint.BALL, EndJoint.BALL)),
                List.of(fixed("foot"), new FrameSupport("head", new Fixity(true, true, false, true, true, true))),
                force("head", 0, 0, -1000));
        double euler = Math.PI * Math.PI * EI / (L * L) / 1000;
        double factor = BucklingAnalysis.lowestFactor(strut, strut.cases().get(0))
                .answer()
                .orElseThrow()
                .orElseThrow();
        assertThat(factor).isCloseTo(euler, within(euler * 1e-3));
    }
}
