package oddcradle.core.engine;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.math.Complex;
import oddcradle.core.math.Guard;
import oddcradle.core.math.Roots;

/**
 * What an engine does to its own block, by order of crank speed: the gas and the inertia of its pistons turn it about the crank,
 * and the parts that go to and fro push it. Axes as in {@link CrankTrain}.
 *
 * <p>Nothing else shakes a block: firing makes no force, for the gas pushes head and crank alike. The crank turns evenly; what
 * its own inertia takes is part of the block's moment. Taylor, The Internal-Combustion Engine, vol. 2; friction by Heywood, Internal
 * Combustion Engine Fundamentals, ch. 13 (both from memory).
 *
 * @param firingAngles crank angle of each cylinder's firing top dead centre, rad
 * @param measured pressure of a cylinder at full load, Pa; empty where the model stands for it
 */
public record EngineSource(CrankTrain train, CylinderCycle cycle, List<Double> firingAngles, List<Double> measured) {
    /** Highest order of crank speed that is told. */
    public static final int HIGHEST = 12;

    /** How far the strongest cylinder is over the mean, a share: orders that would cancel do not quite; common practice. */
    private static final double UNEVEN = 0.1;

    private static final double LEAST_CHARGE = 0.02;
    private static final double MOST_CHARGE = 4;

    public EngineSource {
        firingAngles = List.copyOf(firingAngles);
        measured = List.copyOf(measured);
    }

    /**
     * One order of what acts on the block.
     *
     * @param order a ratio to crank speed, halves where a cylinder fires every other turn
     * @param forceY N
     * @param forceZ N
     * @param coupleY about the middle of the crank, N m
     * @param coupleZ N m
     * @param gas moment about the crank of the gas alone, N m
     * @param roll moment about the crank of gas and inertia, N m
     */
    public record Order(
            double order, Complex forceY, Complex forceZ, Complex coupleY, Complex coupleZ, Complex gas, Complex roll) {
        /**
         * At a lower speed with the same gas: what inertia does goes with the square.
         *
         * @param share of the speed, a ratio
         */
        public Order slowed(double share) {
            double square = share * share;
            Complex inertia = roll.plus(gas.times(-1)).times(square);
            return new Order(
                    order,
                    forceY.times(square),
                    forceZ.times(square),
                    coupleY.times(square),
                    coupleZ.times(square),
                    gas,
                    gas.plus(inertia));
        }

        /** Of an engine whose crank comes later by an angle, rad. */
        public Order later(double angle) {
            if (angle == 0) {
                return this;
            }
            Complex turn = new Complex(Math.cos(order * angle), -Math.sin(order * angle));
            return new Order(
                    order,
                    forceY.times(turn),
                    forceZ.times(turn),
                    coupleY.times(turn),
                    coupleZ.times(turn),
                    gas.times(turn),
                    roll.times(turn));
        }
    }

    /**
     * Orders up to {@value #HIGHEST}, ascending.
     *
     * @param speed of the crank, rad/s, above 0
     * @param brakeTorque that leaves the crank at full throttle, N m; not asked for else
     */
    public List<Order> at(double speed, Throttle throttle, double brakeTorque) {
        ShakingOrders inertia = ShakingOrders.of(train, speed, HIGHEST);
        double step = cycle.strokes() == 4 ? 0.5 : 1;
        List<Double> wanted = new ArrayList<>();
        for (double order = step; order <= HIGHEST; order += step) {
            wanted.add(order);
        }
        GasTorque gas = GasTorque.of(gas(pressure(speed, throttle, brakeTorque), wanted));
        List<Order> orders = new ArrayList<>();
        for (GasTorque.Order each : gas.orders()) {
            // On the block it acts the other way.
            Complex turned = each.torque().plus(odd(each)).times(-1);
            boolean whole = each.order() == Math.rint(each.order());
            orders.add(
                    whole ? with(inertia.orders().get((int) each.order() - 1), turned) : alone(each.order(), turned));
        }
        return orders;
    }

    /** The first cylinder makes more, the others that much less together. */
    private Complex odd(GasTorque.Order order) {
        int others = firingAngles.size() - 1;
        if (others == 0) {
            return Complex.ZERO;
        }
        Complex first = GasTorque.firings(order.order(), firingAngles.subList(0, 1));
        Complex rest = GasTorque.firings(order.order(), firingAngles.subList(1, others + 1))
                .times(-1.0 / others);
        return order.single().times(first.plus(rest)).times(UNEVEN);
    }

    private static Order with(ShakingOrders.Order inertia, Complex gas) {
        return new Order(
                inertia.order(),
                inertia.forceY(),
                inertia.forceZ(),
                inertia.coupleY(),
                inertia.coupleZ(),
                gas,
                inertia.rollMoment().plus(gas));
    }

    private static Order alone(double order, Complex gas) {
        return new Order(order, Complex.ZERO, Complex.ZERO, Complex.ZERO, Complex.ZERO, gas, gas);
    }

    /** Of one cylinder over a cycle, Pa: scaled so that its mean is what leaves the crank and what rubs. */
    List<Double> pressure(double speed, Throttle throttle, double brakeTorque) {
        if (throttle == Throttle.MOTORED) {
            return cycle.pressure(1, false);
        }
        if (throttle == Throttle.FULL && !measured.isEmpty()) {
            return measured;
        }
        double wanted =
                friction(speed) + (throttle == Throttle.FULL ? Guard.notNegative("torque", brakeTorque, "N m") : 0);
        return cycle.pressure(charge(wanted), true);
    }

    private double charge(double wanted) {
        if (mean(LEAST_CHARGE) >= wanted) {
            return LEAST_CHARGE;
        }
        if (mean(MOST_CHARGE) <= wanted) {
            return MOST_CHARGE;
        }
        return Roots.between(LEAST_CHARGE, MOST_CHARGE, charge -> mean(charge) - wanted);
    }

    /** The most that one full cylinder turns the crank, N m. */
    public double peakTorque() {
        return GasTorque.of(gas(cycle.pressure(1, true), List.of())).peak();
    }

    private double mean(double charge) {
        return GasTorque.of(gas(cycle.pressure(charge, true), List.of())).mean();
    }

    private GasTorque.Input gas(List<Double> pressure, List<Double> orders) {
        return new GasTorque.Input(
                cycle.strokes(),
                pressure,
                CylinderCycle.AMBIENT,
                cycle.bore(),
                cycle.crankRadius(),
                cycle.rodLength(),
                firingAngles,
                orders);
    }

    /** What turning the engine over takes, N m: {@code 0.97 + 0.15 n + 0.05 n2} bar on the pistons, n in 1000 a minute. */
    double friction(double speed) {
        double thousands = speed * 30 / Math.PI / 1000;
        double pressure = (0.97 + 0.15 * thousands + 0.05 * thousands * thousands) * 1e5;
        return pressure * cycle.sweptVolume() * firingAngles.size() / (cycle.strokes() * Math.PI);
    }
}
