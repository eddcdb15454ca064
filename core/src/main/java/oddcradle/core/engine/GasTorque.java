package oddcradle.core.engine;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.math.Complex;
import oddcradle.core.math.Guard;
import oddcradle.core.math.Harmonics;
import oddcradle.core.math.InvalidValue;

/**
 * The torque of the gas on the crank, by order of crank speed: {@code T(theta) = mean + Re sum C_o exp(i o theta)}.
 *
 * <p>By the work of the pressure on the piston, {@code T = -(p - p0) A ds/dtheta}, exact derivative. Taylor, The
 * Internal-Combustion Engine, vol. 2 (from memory).
 *
 * @param mean of all cylinders, N m
 * @param imep mean torque of one cylinder times its cycle over its swept volume, Pa
 * @param peak the most that one cylinder turns the crank, N m
 * @param orders in the order asked for
 */
public record GasTorque(double mean, double imep, double peak, List<Order> orders) {
    public GasTorque {
        orders = List.copyOf(orders);
    }

    /**
     * @param order a ratio to crank speed
     * @param single of one cylinder from its own firing top dead centre, N m
     * @param torque of all cylinders, N m
     */
    public record Order(double order, Complex single, Complex torque) {}

    /**
     * @param strokes 2 or 4
     * @param pressure absolute, evenly over one cycle from the cylinder's firing top dead centre, Pa
     * @param ambient pressure under the piston, Pa
     * @param bore m
     * @param crankRadius m
     * @param rodLength m, more than the crank radius
     * @param firingAngles crank angle of each cylinder's firing top dead centre, rad, from 0 to one cycle
     * @param orders each a ratio to crank speed, multiples of one cycle, below half the sampling
     */
    public record Input(
            int strokes,
            List<Double> pressure,
            double ambient,
            double bore,
            double crankRadius,
            double rodLength,
            List<Double> firingAngles,
            List<Double> orders) {
        private static final int FEWEST = 8;
        private static final int MOST = 100_000;
        private static final double HIGHEST = 1e9;

        public Input {
            if (strokes != 2 && strokes != 4) {
                throw new InvalidValue("strokes", "is " + strokes + ", must be 2 or 4");
            }
            pressure = List.copyOf(pressure);
            firingAngles = List.copyOf(firingAngles);
            orders = List.copyOf(orders);
            Guard.within("pressure", pressure.size(), FEWEST, MOST, "samples");
            for (int k = 0; k < pressure.size(); k++) {
                // Named only where it is wrong: there are thousands, and they are looked at again and again.
                double each = pressure.get(k);
                if (!(each >= 0 && each <= HIGHEST)) {
                    Guard.within("pressure[" + k + "]", each, 0, HIGHEST, "Pa");
                }
            }
            Guard.within("ambient_pressure", ambient, 0, HIGHEST, "Pa");
            Guard.positive("bore", bore, "m");
            Guard.positive("crank_radius", crankRadius, "m");
            if (!(Guard.positive("rod_length", rodLength, "m") > crankRadius)) {
                throw new InvalidValue(
                        "rod_length",
                        "is " + rodLength + " m, must be more than the crank radius, " + crankRadius + " m");
            }
            requireAngles(strokes, firingAngles);
            requireOrders(strokes, orders, pressure.size());
        }

        private static void requireAngles(int strokes, List<Double> angles) {
            if (angles.isEmpty()) {
                throw new InvalidValue("firing_angles", "is empty, every cylinder has one");
            }
            for (int k = 0; k < angles.size(); k++) {
                double angle = angles.get(k);
                if (!(angle >= 0 && angle < strokes * Math.PI)) {
                    throw new InvalidValue(
                            "firing_angles[" + k + "]",
                            "is " + angle + " rad, must be from 0 to less than one cycle, " + strokes * Math.PI);
                }
            }
        }

        private static void requireOrders(int strokes, List<Double> orders, int samples) {
            for (int k = 0; k < orders.size(); k++) {
                double harmonic = orders.get(k) * strokes / 2;
                if (!(harmonic > 0) || Math.abs(harmonic - Math.rint(harmonic)) > 1e-9) {
                    throw new InvalidValue(
                            "orders[" + k + "]",
                            "is " + orders.get(k) + ", must be a positive multiple of "
                                    + (strokes == 4
                                            ? "1/2, for a cycle of four strokes"
                                            : "1, for a cycle of two strokes"));
                }
                if (harmonic >= samples / 2.0) {
                    throw new InvalidValue(
                            "orders[" + k + "]",
                            "is " + orders.get(k) + "; " + samples + " samples tell orders below "
                                    + samples / (double) strokes);
                }
            }
        }
    }

    public static GasTorque of(Input input) {
        int samples = input.pressure().size();
        double cycle = input.strokes() * Math.PI;
        double area = Math.PI * input.bore() * input.bore() / 4;
        CrankTrain.Cylinder cylinder = CrankTrain.Cylinder.plain(0, 0, 0, input.crankRadius(), input.rodLength(), 0);
        double[] torque = new double[samples];
        double sum = 0;
        double peak = 0;
        for (int n = 0; n < samples; n++) {
            double change = cylinder.piston(n * cycle / samples)[1];
            torque[n] = -(input.pressure().get(n) - input.ambient()) * area * change;
            sum += torque[n];
            peak = Math.max(peak, torque[n]);
        }
        double mean = sum / samples;
        return new GasTorque(
                mean * input.firingAngles().size(),
                mean * cycle / (area * 2 * input.crankRadius()),
                peak,
                orders(input, torque));
    }

    /** @param torque of one cylinder, from its own firing top dead centre */
    private static List<Order> orders(Input input, double[] torque) {
        if (input.orders().isEmpty()) {
            return List.of();
        }
        Harmonics harmonics = new Harmonics(torque.length);
        List<Order> orders = new ArrayList<>();
        for (double order : input.orders()) {
            Complex single = harmonics.of(torque, (int) Math.round(order * input.strokes() / 2));
            orders.add(new Order(order, single, single.times(firings(order, input.firingAngles()))));
        }
        return orders;
    }

    /** How many times one cylinder all of them together make an order: {@code sum exp(-i o theta_k)}, a ratio. */
    public static Complex firings(double order, List<Double> firingAngles) {
        Complex sum = Complex.ZERO;
        for (double angle : firingAngles) {
            sum = sum.plus(new Complex(Math.cos(order * angle), -Math.sin(order * angle)));
        }
        return sum;
    }
}
