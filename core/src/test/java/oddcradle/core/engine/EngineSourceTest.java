package oddcradle.core.engine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.Collections;
import java.util.List;
import oddcradle.core.math.InvalidValue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class EngineSourceTest {
    private static EngineSource source(CrankLayout layout, double bore, List<Double> measured) {
        Crank crank = layout.crank(bore);
        return new EngineSource(
                crank.train(1),
                new CylinderCycle(4, bore, crank.stroke() / 2, crank.rod(), 9.5, Combustion.Ignition.SPARK),
                FiringAngles.mostEven(crank.throwAngles(), crank.cylinderAngles(), 4),
                measured);
    }

    private static EngineSource.Order order(List<EngineSource.Order> orders, double wanted) {
        return orders.stream()
                .filter(each -> each.order() == wanted)
                .findFirst()
                .orElseThrow();
    }

    /** Whatever it is asked to give, the mean of the gas is that and friction, by the area of its own indicator diagram. */
    @ParameterizedTest
    @CsvSource({"5", "15", "25"})
    void pressure_hasTheMeanThatWasAskedFor(double torque) {
        double bore = 0.08;
        EngineSource single = source(CrankLayout.SINGLE, bore, List.of());
        List<Double> pressure = single.pressure(300, Throttle.FULL, torque);
        double work = 0;
        int samples = pressure.size();
        for (int n = 0; n < samples; n++) {
            double here = place(bore, 4 * Math.PI * n / samples);
            double next = place(bore, 4 * Math.PI * (n + 1) / samples);
            work += (pressure.get(n) + pressure.get((n + 1) % samples)) / 2 * Math.PI / 4 * bore * bore * (here - next);
        }
        assertThat(work / (4 * Math.PI)).isCloseTo(torque + single.friction(300), withinPercentage(0.5));
        // A spark engine's greatest pressure at such loads: common practice.
        assertThat(Collections.max(pressure)).isBetween(1.2e6, 8e6);
    }

    private static double place(double bore, double angle) {
        double radius = bore / 2;
        double rod = 1.8 * bore;
        return radius * Math.cos(angle) + Math.sqrt(rod * rod - Math.pow(radius * Math.sin(angle), 2));
    }

    /** Turned over, it compresses and expands air: next to no work, and no more than the compression ratio makes. */
    @Test
    void motoredEngine_onlyCompresses() {
        EngineSource single = source(CrankLayout.SINGLE, 0.08, List.of());
        List<Double> pressure = single.pressure(50, Throttle.MOTORED, 0);
        double adiabatic = 101_325 * Math.pow(9.5, 1.4);
        assertThat(Collections.max(pressure)).isBetween(0.6 * adiabatic, adiabatic);
        assertThat(order(single.at(50, Throttle.MOTORED, 0), 0.5).gas().modulus())
                .isPositive();
    }

    /**
     * A single's torque by order falls off slowly from the first to the sixth, and the half order is of their size: Taylor, vol. 2,
     * and Den Hartog, ch. 5 (from memory).
     */
    @Test
    void torqueOfASingle_fallsOffSlowly() {
        List<EngineSource.Order> orders =
                source(CrankLayout.SINGLE, 0.08, List.of()).at(300, Throttle.FULL, 30);
        double half = order(orders, 0.5).gas().modulus();
        double before = order(orders, 1).gas().modulus();
        assertThat(half).isBetween(0.5 * before, 1.2 * before);
        // Many times its mean, to and fro.
        assertThat(before).isGreaterThan(30);
        for (double order = 1.5; order <= 6; order += 0.5) {
            double now = order(orders, order).gas().modulus();
            assertThat(now).isBetween(0.5 * before, 1.05 * before);
            before = now;
        }
    }

    /** Orders that even firing cancels come back with what one cylinder differs by, a tenth (common practice). */
    @Test
    void evenFiring_leavesWhatTheCylindersDifferBy() {
        List<EngineSource.Order> one =
                source(CrankLayout.SINGLE, 0.08, List.of()).at(300, Throttle.FULL, 30);
        List<EngineSource.Order> four =
                source(CrankLayout.FOUR_FLAT, 0.08, List.of()).at(300, Throttle.FULL, 120);
        assertThat(order(four, 0.5).gas().modulus() / order(one, 0.5).gas().modulus())
                .isBetween(0.05, 0.15);
        assertThat(order(four, 2).gas().modulus() / order(one, 2).gas().modulus())
                .isCloseTo(4, within(0.05));
    }

    /** At half the speed inertia is a quarter and the gas is what it was. */
    @Test
    void slowed_changesInertiaAlone() {
        EngineSource twin = source(CrankLayout.TWIN_360, 0.07, List.of());
        EngineSource.Order slowed = order(twin.at(200, Throttle.MOTORED, 0), 2).slowed(0.5);
        EngineSource.Order slow = order(twin.at(100, Throttle.MOTORED, 0), 2);
        assertThat(slowed.roll().re()).isCloseTo(slow.roll().re(), within(1e-6));
        assertThat(slowed.roll().im()).isCloseTo(slow.roll().im(), within(1e-6));
        assertThat(slowed.forceZ().modulus()).isCloseTo(slow.forceZ().modulus(), within(1e-6));
    }

    @Test
    void measuredPressure_standsForTheModel_andMustClose() {
        List<Double> measured = source(CrankLayout.SINGLE, 0.08, List.of()).pressure(300, Throttle.FULL, 25);
        EngineSource given = source(CrankLayout.SINGLE, 0.08, measured);
        assertThat(given.pressure(300, Throttle.FULL, 3)).isEqualTo(measured);
        assertThat(new Combustion(0.08, 9, null, null, measured).ignition()).isEqualTo(Combustion.Ignition.SPARK);
        assertThatThrownBy(() -> new Combustion(0.08, 9, null, null, measured.subList(0, measured.size() / 16)))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("does not close");
        assertThatThrownBy(() -> new Combustion(0.08, 2, null, null, null)).hasMessageContaining("compression");
    }
}
