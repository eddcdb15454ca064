package oddcradle.core.joint;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import oddcradle.core.catalog.BoltGrade;
import oddcradle.core.catalog.BoltLength;
import oddcradle.core.catalog.ScrewThread;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.section.Tube;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BoltsAndFitsTest {
    private static final double INCH = 0.0254;

    private static ScrewThread thread(String designation) {
        return ScrewThread.find(designation).orElseThrow();
    }

    /** ISO 898-1, proof loads in kN (from memory). */
    @ParameterizedTest
    @CsvSource({
        "M6, CLASS_8_8, 11.6",
        "M8, CLASS_8_8, 21.2",
        "M10, CLASS_8_8, 33.7",
        "M12, CLASS_8_8, 48.9",
        "M8, CLASS_10_9, 30.4",
        "M10, CLASS_10_9, 48.1",
        "M12, CLASS_10_9, 70.0"
    })
    void proofLoads_areThoseOfTheStandard(String size, BoltGrade grade, double kilonewtons) {
        assertThat(grade.proofLoad(thread(size))).isCloseTo(1000 * kilonewtons, within(120.0));
    }

    /** SAE J429, areas in square inches (from memory). */
    @ParameterizedTest
    @CsvSource({
        "1/4-20, 0.0318",
        "5/16-18, 0.0524",
        "3/8-16, 0.0775",
        "1/2-13, 0.1419",
        "3/8-24, 0.0878",
        "1/2-20, 0.1599"
    })
    void inchStressAreas_areThoseOfTheStandard(String size, double squareInches) {
        assertThat(thread(size).stressArea() / INCH / INCH).isCloseTo(squareInches, within(2e-4));
    }

    /** A quarter-inch aircraft bolt seven eighths long is dash 7: 29/32 in under the head, grip 7/16. From memory. */
    @Test
    void dashNumber_givesLengthAndGrip() {
        BoltLength seven = BoltLength.of(thread("1/4-28")).stream()
                .filter(each -> each.mark().equals("AN4-7"))
                .findFirst()
                .orElseThrow();
        assertThat(seven.length() / INCH).isCloseTo(29.0 / 32, within(1e-9));
        assertThat(seven.grip() / INCH).isCloseTo(7.0 / 16, within(1e-9));
        BoltLength ten = BoltLength.of(thread("10-32")).stream()
                .filter(each -> each.mark().equals("AN3-10"))
                .findFirst()
                .orElseThrow();
        assertThat(ten.length() / INCH).isCloseTo(1 + 1.0 / 32, within(1e-9));
        assertThat(ten.grip() / INCH).isCloseTo(0.625, within(1e-9));
    }

    /** ISO 4014: an M10 x 80 has 26 mm of thread (from memory). */
    @Test
    void metricBolt_hasItsShank() {
        BoltLength eighty = BoltLength.atLeast(thread("M10"), 0.0795).orElseThrow();
        assertThat(eighty.length()).isEqualTo(0.080);
        assertThat(eighty.grip()).isCloseTo(0.054, within(1e-9));
        assertThat(BoltLength.atMost(thread("M10"), 0.0795).orElseThrow().length())
                .isEqualTo(0.075);
        assertThat(BoltLength.atLeast(thread("M10"), 9)).isEmpty();
        assertThat(BoltLength.exactly(thread("M10"), 0.0433).mark()).contains("not a stock length");
    }

    @Test
    void threads_areFoundAsTheyAreWritten() {
        assertThat(thread("M10")).isEqualTo(thread("M10x1.5"));
        assertThat(thread("m10×1.25").pitch()).isCloseTo(0.00125, within(1e-9));
        assertThat(ScrewThread.find("M11")).isEmpty();
        assertThat(ScrewThread.forBore(0.0102, false).orElseThrow().designation())
                .isEqualTo("M10x1.5");
        assertThat(ScrewThread.forBore(0.0112, true).orElseThrow().designation())
                .isEqualTo("7/16-20");
        assertThat(ScrewThread.forBore(0.001, false)).isEmpty();
        assertThatThrownBy(() -> ScrewThread.of("thread", "M11"))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("M10x1.5");
    }

    /** Tension alone at proof over the factor is all it may; two planes halve the shear. */
    @Test
    void boltStrength_addsItsSharesAsSquares() {
        ScrewThread m8 = thread("M8");
        double proof = BoltGrade.CLASS_8_8.proofLoad(m8);
        assertThat(BoltStrength.of(m8, BoltGrade.CLASS_8_8, proof / 1.5, 0, 1, 1.5)
                        .utilisation())
                .isCloseTo(1, within(1e-9));
        assertThat(BoltStrength.of(m8, BoltGrade.CLASS_8_8, 0, 2 * 0.577 * proof, 2, 1)
                        .utilisation())
                .isCloseTo(1, within(1e-9));
        assertThat(BoltStrength.of(m8, BoltGrade.CLASS_8_8, 0.6 * proof, 0.8 * 0.577 * proof, 1, 1)
                        .utilisation())
                .isCloseTo(1, within(1e-9));
        // About 25 N m for an M8 of class 8.8: common practice.
        assertThat(BoltStrength.tighteningTorque(m8, BoltGrade.CLASS_8_8)).isBetween(22.0, 28.0);
    }

    /** ISO 286-2, micrometres (from memory): hole H7 and shafts g6, p6. */
    @ParameterizedTest
    @CsvSource({
        "10, 15, -5, -14, 15, 24",
        "25, 21, -7, -20, 22, 35",
        "40, 25, -9, -25, 26, 42",
        "8, 15, -5, -14, 15, 24"
    })
    void fits_areThoseOfTheTable(double mm, double h7, double g6High, double g6Low, double p6Low, double p6High) {
        double d = mm / 1000;
        assertThat(IsoFit.sliding(d).low() * 1e6).isCloseTo(-g6High, within(1.0));
        assertThat(IsoFit.sliding(d).high() * 1e6).isCloseTo(h7 - g6Low, within(1.5));
        assertThat(IsoFit.pressed(d).low() * 1e6).isCloseTo(-p6High, within(1.5));
        assertThat(IsoFit.pressed(d).high() * 1e6).isCloseTo(h7 - p6Low, within(1.5));
    }

    /** The pressure makes the sum of both radial displacements, by Lamé each on its own, half the overlap. */
    @Test
    void pressFit_closesTheOverlap() {
        double e = 205e9;
        double nu = 0.29;
        double i = 0.005;
        double r = 0.0085;
        double o = 0.02;
        double overlap = 30e-6;
        double p = Collar.pressure(overlap, i, r, o, e);
        double outer = p * r / e * ((o * o + r * r) / (o * o - r * r) + nu);
        double inner = p * r / e * ((r * r + i * i) / (r * r - i * i) - nu);
        assertThat(outer + inner).isCloseTo(overlap / 2, within(1e-12));
        Collar collar = Collar.between(0.010, 0.017, 0.03);
        assertThat(collar.wall()).isCloseTo(0.0035, within(1e-12));
        assertThat(collar.isTooThin()).isFalse();
        assertThat(Collar.between(0.010, 0.0112, 0.03).isTooThin()).isTrue();
        assertThat(collar.hoopStress(p)).isCloseTo(2 * p * 0.017 * 0.017 / (0.017 * 0.017 - 1e-4), within(1.0));
    }

    @Test
    void threadReach_tellsWhatHoldsAndWhatIsLeft() {
        ThreadReach good = ThreadReach.of(0.016, 0.022, 0.010, ThreadReach.IN_CASTING);
        assertThat(good.holds()).isTrue();
        assertThat(good.left()).isCloseTo(0.006, within(1e-12));
        assertThat(ThreadReach.of(0.016, 0.022, 0.010, 2).holds()).isFalse();
        assertThat(ThreadReach.of(0.025, 0.022, 0.010, 1.5).bottoms()).isTrue();
    }

    /** The pressure whose pull across the split is the screws' force, found by summing it over the half bore; then its friction. */
    @Test
    void clampedHub_carriesTheFrictionOfThePressureThatHoldsItsHalves() {
        double force = 20e3;
        double d = 0.025;
        double length = 0.04;
        int n = 100_000;
        double pullOfOnePascal = 0;
        double torqueOfOnePascal = 0;
        for (int k = 0; k < n; k++) {
            double angle = Math.PI * (k + 0.5) / n;
            double area = length * d / 2 * Math.PI / n;
            pullOfOnePascal += Math.sin(angle) * area;
            torqueOfOnePascal += 2 * 0.12 * area * d / 2;
        }
        double pressure = force / pullOfOnePascal;
        assertThat(HubGrip.clamped(force, d)).isCloseTo(pressure * torqueOfOnePascal, within(1e-5));
        assertThat(HubGrip.pressed(pressure, d, length)).isCloseTo(pressure * torqueOfOnePascal, within(1e-5));
    }

    /** A 25 mm shaft with a 6.25 mm key 30 mm long, 350 MPa by 1.5, by hand: 21.9 kN on its side at 12.5 mm is 273 N m. */
    @Test
    void key_isAsStrongAsItsWeakerSide() {
        assertThat(HubGrip.keyed(0.025, 0.030, 1.5)).isCloseTo(273.4, within(0.1));
    }

    /** A 140/95 disc at 2.5 kN and 0.3, two faces: 88 N m. */
    @Test
    void clutch_isFrictionAtItsMeanRadius() {
        assertThat(HubGrip.clutch(2, 0.3, 2500, 0.140, 0.095)).isCloseTo(88.1, within(0.05));
    }

    @Test
    void foldedStrip_agreesWithASumOverItsMetal() {
        FoldedStrip strip = new FoldedStrip(0.060, 0.002, 0.012);
        double area = 0;
        double first = 0;
        double second = 0;
        int n = 6000;
        for (int k = 0; k < n; k++) {
            double z = 0.012 * (k + 0.5) / n;
            double width = z < 0.002 ? 0.060 : 0.004;
            area += width * 0.012 / n;
            first += width * z * 0.012 / n;
            second += width * z * z * 0.012 / n;
        }
        assertThat(strip.area()).isCloseTo(area, within(1e-9));
        assertThat(strip.secondMoment()).isCloseTo(second - first * first / area, within(2e-12));
        assertThat(new FoldedStrip(0.06, 0.002, 0).secondMoment()).isCloseTo(0.06 * 8e-9 / 12, within(1e-18));
        assertThat(strip.plainEquivalent()).isGreaterThan(0.004);
        assertThat(strip.sectionModulus()).isGreaterThan(3 * new FoldedStrip(0.06, 0.002, 0).sectionModulus());
    }

    @Test
    void notchedTube_losesLessWhenItsOffCutIsTurnedOver() {
        Tube tube = new Tube(0.03175, 0.002413);
        double whole = tube.secondMomentY() / (tube.od() / 2);
        assertThat(NotchedTube.of(tube, 0, true).sectionModulus()).isCloseTo(whole, within(0.01 * whole));
        double before = 1;
        for (double depth = 0.002; depth < 0.016; depth += 0.002) {
            double closed = NotchedTube.of(tube, depth, true).sectionModulus() / whole;
            double open = NotchedTube.of(tube, depth, false).sectionModulus() / whole;
            assertThat(closed).isLessThan(before);
            assertThat(open).isLessThan(1);
            before = closed;
        }
        assertThat(NotchedTube.of(tube, 0.008, true).area())
                .isGreaterThan(NotchedTube.of(tube, 0.008, false).area());
        assertThatThrownBy(() -> NotchedTube.of(tube, 0.05, true)).isInstanceOf(InvalidValue.class);
    }

    /** An inch tube of 0.058 wall takes a 7/8 tube inside with 0.23 mm to spare (arithmetic; the pair is common practice). */
    @Test
    void sleeve_goesInAndKeepsTheBoltFromDenting() {
        Tube tube = new Tube(INCH, 0.058 * INCH);
        SleevedEnd bare = SleevedEnd.of(tube, 0, 0, 0.0079, 1000, 9000, 350e6);
        SleevedEnd sleeved = SleevedEnd.of(tube, 0.875 * INCH, 0.058 * INCH, 0.0079, 1000, 9000, 350e6);
        assertThat(sleeved.play() * 1000).isCloseTo(0.23, within(0.005));
        assertThat(sleeved.crush()).isLessThan(bare.crush());
        assertThat(sleeved.bearing()).isCloseTo(bare.bearing() / 2, within(1.0));
        assertThat(SleevedEnd.of(tube, INCH, 0.0015, 0.0079, 0, 0, 350e6).play())
                .isNegative();
    }

    /** What makers of M8 and M10 stud mounts print lies about 8 and 15 N m: common practice. A bolt there takes three times that. */
    @Test
    void bondedStud_isTightenedGently() {
        ScrewThread m8 = ScrewThread.of("thread", "M8");
        ScrewThread m10 = ScrewThread.of("thread", "M10");
        assertThat(BoltStrength.studTorque(m8)).isBetween(5.0, 10.0);
        assertThat(BoltStrength.studTorque(m10)).isBetween(10.0, 20.0);
        assertThat(BoltStrength.tighteningTorque(m10, BoltGrade.CLASS_8_8))
                .isGreaterThan(3 * BoltStrength.studTorque(m10));
    }

    /** ISO 898-1 (from memory): class 8.8 has a proof load of 91 kN in M16 and 147 kN in M20. */
    @Test
    void proofLoad_ofThickBoltsIsHigher() {
        assertThat(BoltGrade.CLASS_8_8.proofLoad(ScrewThread.of("thread", "M16")) / 1e3)
                .isCloseTo(91, within(0.5));
        assertThat(BoltGrade.CLASS_8_8.proofLoad(ScrewThread.of("thread", "M20")) / 1e3)
                .isCloseTo(147, within(0.5));
    }
}
