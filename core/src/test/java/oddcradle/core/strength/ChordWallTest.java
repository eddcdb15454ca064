package oddcradle.core.strength;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import oddcradle.core.section.Tube;
import org.junit.jupiter.api.Test;

class ChordWallTest {
    private static final double STEEL = 355e6;
    private static final double MODULUS = 205e9;
    private static final Tube TUBE = new Tube(0.03175, 0.002413);

    private static ChordWall round(Tube chord, Tube brace, double degrees) {
        return RoundChord.tube(chord, brace, Math.toRadians(degrees), 240e6, 0.5)
                .orElseThrow();
    }

    /**
     * A tube welded square onto another of its own size: CIDECT tells that its axial strength is below the tube's own yield, and that
     * out of plane it bears less than in the plane (both common practice).
     */
    @Test
    void tubeOnTube_isWeakerThanTheTube_andSofterOutOfPlane() {
        ChordWall alike = round(TUBE, TUBE, 90);
        assertThat(alike.axial()).isBetween(0.35 * 240e6 * TUBE.area(), 240e6 * TUBE.area());
        Tube narrow = new Tube(0.01905, 0.001245);
        ChordWall small = round(TUBE, narrow, 90);
        assertThat(small.outOfPlane()).isLessThan(small.inPlane());
        assertThat(small.axial()).isLessThan(alike.axial());
        assertThat(round(new Tube(0.03175, 0.003), narrow, 90).axial()).isGreaterThan(1.3 * small.axial());
        assertThat(alike.utilisation(alike.axial(), 0, 0)).isEqualTo(1);
        assertThat(alike.utilisation(-alike.axial() / 2, 0, alike.outOfPlane())).isEqualTo(1.5);
        assertThat(RoundChord.tube(TUBE, narrow, Math.toRadians(20), 240e6, 0.5))
                .isEmpty();
        assertThat(RoundChord.tube(narrow, TUBE, Math.PI / 2, 240e6, 0.5)).isEmpty();
    }

    /**
     * Yield lines of a face clamped in its sides under a stiff rectangle: hinges round a dent that reaches {@code a} beyond each end, the
     * least of all; plastic moment {@code f t²/4}. Wood, Plastic and Elastic Design of Slabs and Plates, 1961 (from memory).
     */
    @Property(tries = 80)
    void face_foldsAtTheLeastOfItsYieldLines(
            @ForAll @DoubleRange(min = 0.3, max = 0.8) double beta,
            @ForAll @DoubleRange(min = 0.3, max = 2) double eta,
            @ForAll @DoubleRange(min = 2, max = 5) double millimetres) {
        double face = 0.06;
        double t = millimetres / 1000;
        double across = beta * face;
        double along = eta * face;
        double beside = (face - across) / 2;
        double least = Double.POSITIVE_INFINITY;
        for (double a = 0.0005; a < 0.3; a += 0.0001) {
            double lines = 2 * (along + 2 * a) / beside
                    + 2 * along / beside
                    + 2 * face / a
                    + 2 * across / a
                    + 4 * (a / beside + beside / a);
            least = Math.min(least, STEEL * t * t / 4 * lines);
        }
        ChordWall wall = new BoxChord(face, face, t, STEEL, MODULUS, 0)
                .brace(new BoxChord.Brace(new Footprint(across, along), t, STEEL, false), Math.PI / 2)
                .orElseThrow();
        assertThat(wall.axial()).isCloseTo(least, within(1e-3 * least));
        assertThat(wall.inPlane()).isBetween(0.2 * least * along, 0.8 * least * (along + face));
    }

    /** Wider braces and thicker walls never bear less; a slanted one bears more along itself; a round one less than its box. */
    @Property(tries = 80)
    void box_bearsMoreWithMoreMetal(
            @ForAll @DoubleRange(min = 0.3, max = 0.95) double beta,
            @ForAll @DoubleRange(min = 2, max = 4) double millimetres) {
        double axial = box(beta, millimetres, false, 90).axial();
        assertThat(box(Math.min(1, beta + 0.05), millimetres, false, 90).axial())
                .isGreaterThan(0.999 * axial);
        assertThat(box(beta, millimetres + 0.3, false, 90).axial()).isGreaterThan(axial);
        assertThat(box(beta, millimetres, false, 45).axial()).isGreaterThan(axial);
        assertThat(box(beta, millimetres, true, 90).axial()).isLessThan(axial);
    }

    private static ChordWall box(double beta, double millimetres, boolean round, double degrees) {
        double t = millimetres / 1000;
        double wide = beta * 0.05;
        return new BoxChord(0.05, 0.05, t, STEEL, MODULUS, 0.5)
                .brace(new BoxChord.Brace(new Footprint(wide, wide), 0.003, STEEL, round), Math.toRadians(degrees))
                .orElseThrow();
    }

    /** As wide as the face, its sides carry: nearly twice wall times length times strength, spread at 2.5 walls to each end. */
    @Test
    void fullWidthBrace_standsOnTheSides() {
        double t = 0.003;
        double bears = box(1, 3, false, 90).axial();
        double sides = 2 * t * (0.05 + 5 * t) * STEEL;
        assertThat(bears).isBetween(0.7 * sides, sides);
        assertThat(new BoxChord(0.05, 0.05, 0.001, STEEL, MODULUS, 0.5)
                        .brace(new BoxChord.Brace(new Footprint(0.05, 0.05), t, STEEL, false), Math.PI / 2))
                .isEmpty();
    }

    /** Pushed sideways a lone plate on a thin tube bears less than half of what it bears edgeways: why tabs are paired or boxed, common practice. */
    @Test
    void lonePlate_isWeakSideways_andAPairIsNot() {
        ChordWall lone =
                RoundChord.plate(TUBE, new Footprint(0.012, 0.04), STEEL, 0.5).orElseThrow();
        assertThat(lone.outOfPlane()).isLessThan(0.4 * lone.inPlane());
        ChordWall pair =
                RoundChord.box(TUBE, new Footprint(0.025, 0.04), STEEL, 0.5).orElseThrow();
        assertThat(pair.outOfPlane()).isGreaterThan(3 * lone.outOfPlane());
        ChordWall onBox = new BoxChord(0.04, 0.04, 0.002, STEEL, MODULUS, 0.5)
                .plate(new Footprint(0.012, 0.04))
                .orElseThrow();
        assertThat(onBox.outOfPlane()).isLessThan(onBox.inPlane());
        ChordWall acrossBox = new BoxChord(0.04, 0.04, 0.002, STEEL, MODULUS, 0.5)
                .plate(new Footprint(0.03, 0.008))
                .orElseThrow();
        assertThat(acrossBox.inPlane()).isLessThan(acrossBox.outOfPlane());
    }
}
