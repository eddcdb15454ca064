package oddcradle.core.joint;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.material.Material;
import oddcradle.core.section.Rect;
import org.junit.jupiter.api.Test;

class WeldAndTabTest {
    private static final double YIELD = 235e6;
    private static final List<Double> STOCK = List.of(0.002, 0.003, 0.004, 0.005, 0.006, 0.008, 0.010);

    /** E70 electrode: 0.30 of 70 ksi is 21 ksi. AWS D1.1 (from memory). */
    @Test
    void allowedStress_isTwentyOneKsi_onSteelAndMuchLessOnAlloy() {
        Material steel = Material.of("steel", 205e9, 0.29, 7850, 350e6);
        Material alloy = Material.of("6061-T6", 69e9, 0.33, 2700, 240e6);
        assertThat(Filler.allowed(steel) / 6.894757e6).isCloseTo(21, within(0.01));
        assertThat(Filler.allowed(alloy)).isBetween(0.2 * Filler.allowed(steel), 0.35 * Filler.allowed(steel));
    }

    /**
     * A plate 40 mm wide and 6 mm thick pulled square away with 9 kN: AISC Manual, allowable stress design, E70, 0.928 kip for each inch and
     * sixteenth of leg (from memory).
     */
    @Test
    void pulledTab_wantsTheManualsFillet() {
        Tab tab = Tab.design(wanted(0.02, Tab.Load.working("pull", 9000, 0, 0), Filler.ON_STEEL));
        double kips = 9000 / 4448.2216;
        double inches = 2 * 0.04 / 0.0254;
        double sixteenths = kips / (0.928 * inches);
        assertThat(tab.weldNeeded()).isCloseTo(sixteenths * 0.0254 / 16, within(2e-6));
        Tab alloy = Tab.design(wanted(0.02, Tab.Load.working("pull", 9000, 0, 0), Filler.ON_ALLOY));
        assertThat(alloy.weldNeeded()).isGreaterThan(3 * tab.weldNeeded());
    }

    private static Tab.Wanted wanted(double standoff, Tab.Load load) {
        return wanted(standoff, load, Filler.ON_STEEL);
    }

    private static Tab.Wanted wanted(double standoff, Tab.Load load, double filler) {
        return new Tab.Wanted(
                List.of(load),
                1,
                standoff,
                0.0105,
                0.010,
                0.04,
                0.016,
                YIELD,
                filler,
                1.5,
                STOCK,
                Optional.empty(),
                Optional.empty(),
                tab -> 0);
    }

    @Test
    void tab_isTheThinnestThatHolds_byHandbookBending() {
        Tab.Load load = Tab.Load.working("side", 0, 0, 600);
        Tab tab = Tab.design(wanted(0.03, load));
        double stress = 600 * 0.03 / (0.04 * tab.thickness() * tab.thickness() / 6);
        assertThat(tab.worst()).isEqualTo("bending");
        assertThat(tab.utilisation()).isCloseTo(stress / (YIELD / 1.5), within(1e-9));
        assertThat(tab.utilisation()).isLessThanOrEqualTo(1);
        double thinner = STOCK.get(STOCK.indexOf(tab.thickness()) - 1);
        assertThat(new Rect(0.04, thinner).bendingStress(600 * 0.03, 0)).isGreaterThan(YIELD / 1.5);
    }

    @Test
    void longTabUnderSideLoad_isBoxed() {
        Tab tab = Tab.design(wanted(0.09, Tab.Load.working("side", 0, 0, 2500)));
        assertThat(tab.boxed()).isTrue();
        assertThat(tab.utilisation()).isLessThanOrEqualTo(1);
    }

    @Test
    void tabIsNeverThinnerThanItsWeld_unlessDecided() {
        for (double out = 10; out < 3000; out *= 1.7) {
            Tab tab = Tab.design(wanted(0.04, Tab.Load.working("any", out, out, out)));
            assertThat(tab.leg()).as("at %s N", out).isLessThanOrEqualTo(tab.thickness() + 1e-9);
        }
        Tab.Wanted thin = new Tab.Wanted(
                List.of(),
                1,
                0.03,
                0.01,
                0.01,
                0.04,
                0.016,
                YIELD,
                Filler.ON_STEEL,
                1.5,
                STOCK,
                Optional.of(0.002),
                Optional.of(0.005),
                tab -> 0);
        assertThat(Tab.design(thin).leg()).isGreaterThan(Tab.design(thin).thickness());
    }

    @Test
    void bearingAndTearing_areForceOverTheirAreas() {
        Tab.Wanted along = new Tab.Wanted(
                List.of(Tab.Load.working("pull", 9000, 0, 0)),
                1,
                0.02,
                0.0105,
                0.010,
                0.2,
                0.0075,
                YIELD,
                Filler.ON_STEEL,
                1.5,
                List.of(0.004),
                Optional.of(0.004),
                Optional.of(0.004),
                tab -> 0);
        Tab tab = Tab.design(along);
        double tearing = 9000 / (2 * (0.0075 - 0.00525) * 0.004) / (0.577 * YIELD / 1.5);
        assertThat(tab.worst()).isEqualTo("tearing");
        assertThat(tab.utilisation()).isCloseTo(tearing, within(1e-9));
        assertThat(tab.edgeRatio()).isCloseTo(0.714, within(0.001));
    }

    @Test
    void outline_hasItsHoleAndTangentSides() {
        for (double standoff : new double[] {0.01, 0.02, 0.05, 0.1}) {
            Outline outline = Outline.tab(0.05, standoff, 0.016, 0.0105);
            List<Double> away = new ArrayList<>();
            outline.edge().forEach(point -> away.add(Math.hypot(point.x(), point.y() - standoff)));
            assertThat(outline.edge().stream()
                            .mapToDouble(Outline.Point::y)
                            .max()
                            .orElse(0))
                    .isCloseTo(standoff + 0.016, within(1e-4));
            if (standoff > 0.016) {
                // No corner comes nearer to the hole than the edge distance, and sides leave the round without a kink.
                assertThat(away).allSatisfy(distance -> assertThat(distance).isGreaterThan(0.016 - 1e-9));
                Outline.Point corner = outline.edge().get(1);
                Outline.Point touch = outline.edge().get(2);
                double sideX = touch.x() - corner.x();
                double sideY = touch.y() - corner.y();
                assertThat(sideX * touch.x() + sideY * (touch.y() - standoff)).isCloseTo(0, within(1e-9));
            }
            assertThat(outline.area()).isPositive();
        }
        assertThat(Outline.seat(0.05, 0.02).area()).isCloseTo(0.0025 - Math.PI * 1e-4, within(1e-12));
    }
}
