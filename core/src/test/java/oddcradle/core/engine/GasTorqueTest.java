package oddcradle.core.engine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class GasTorqueTest {
    private static final double BORE = 0.07;
    private static final double RADIUS = 0.03;
    private static final double ROD = 0.11;
    private static final int SAMPLES = 1440;

    /** A made-up cycle with work in it. */
    private static List<Double> pressure() {
        List<Double> pressure = new ArrayList<>();
        for (int n = 0; n < SAMPLES; n++) {
            double phi = 4 * Math.PI * n / SAMPLES;
            pressure.add(1e5 + 3e6 * Math.exp(-Math.pow((phi - 0.4) / 0.5, 2)) + 1e5 * Math.pow(Math.cos(phi / 2), 2));
        }
        return pressure;
    }

    private static GasTorque of(List<Double> firing, List<Double> orders) {
        return GasTorque.of(new GasTorque.Input(4, pressure(), 1e5, BORE, RADIUS, ROD, firing, orders));
    }

    /** The work of a cycle is the area of its indicator diagram, summed in volumes and not in angles. */
    @Test
    void meanTorque_isTheAreaOfTheIndicatorDiagram() {
        List<Double> pressure = pressure();
        double work = 0;
        for (int n = 0; n < SAMPLES; n++) {
            int next = (n + 1) % SAMPLES;
            work += (pressure.get(n) + pressure.get(next)) / 2 * (volume(next) - volume(n));
        }
        GasTorque torque = of(List.of(0.0), List.of(0.5));
        assertThat(torque.mean()).isCloseTo(work / (4 * Math.PI), withinPercentage(0.01));
        assertThat(torque.imep()).isCloseTo(work / (Math.PI * BORE * BORE / 4 * 2 * RADIUS), withinPercentage(0.01));
        assertThat(of(List.of(0.0, 2 * Math.PI), List.of(0.5)).mean()).isCloseTo(2 * torque.mean(), within(1e-9));
    }

    /** Over the piston at top dead centre, m3; the piston's place by the law of cosines. */
    private static double volume(int n) {
        double phi = 4 * Math.PI * n / SAMPLES;
        double place = RADIUS * Math.cos(phi) + Math.sqrt(ROD * ROD - Math.pow(RADIUS * Math.sin(phi), 2));
        return Math.PI * BORE * BORE / 4 * (RADIUS + ROD - place);
    }

    /** Arithmetic of a right-angled twin on one pin, which fires after 270 and 450 degrees; and of even firing. */
    @Test
    void ordersOfAllCylinders_addByTheirFiring() {
        double apart = Math.toRadians(270);
        List<Double> orders = List.of(0.5, 1.0, 1.5, 2.0);
        GasTorque one = of(List.of(0.0), orders);
        GasTorque uneven = of(List.of(0.0, apart), orders);
        double[] times = {0.765, 1.414, 1.848, 2 * Math.cos(1.5 * Math.PI)};
        for (int k = 0; k < times.length; k++) {
            double single = one.orders().get(k).torque().modulus();
            assertThat(uneven.orders().get(k).torque().modulus()).isCloseTo(times[k] * single, within(1e-3 * single));
        }
        GasTorque even = of(List.of(0.0, 2 * Math.PI), orders);
        assertThat(even.orders().get(0).torque().modulus()).isCloseTo(0, within(1e-9));
        assertThat(even.orders().get(1).torque().modulus())
                .isCloseTo(2 * one.orders().get(1).torque().modulus(), within(1e-9));
    }
}
