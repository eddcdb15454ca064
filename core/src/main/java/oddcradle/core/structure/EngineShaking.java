package oddcradle.core.structure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import oddcradle.core.engine.EngineSource;
import oddcradle.core.math.Complex;
import oddcradle.core.placement.CrankPlace;
import oddcradle.core.vibration.HarmonicWrench;
import oddcradle.core.vibration.MountedBody;
import oddcradle.core.vibration.Transmissibility;

/**
 * What the running engine puts on the frame at one speed, order by order.
 *
 * @param speed of the crank, rad/s
 * @param orders up to {@value #HIGHEST}, ascending
 */
public record EngineShaking(double speed, List<Order> orders) {
    /** Above this an order of torque is small and so far over every mode that little of it arrives. */
    public static final double HIGHEST = 6;

    private static final double STANDARD_GRAVITY = 9.80665;
    /** A force under this share of the weight is not felt. */
    private static final double LIGHT = 0.02;

    public EngineShaking {
        orders = List.copyOf(orders);
    }

    /**
     * One order.
     *
     * @param order a ratio to crank speed
     * @param frequency Hz
     * @param torque about the crank, of gas and inertia, N m
     * @param torqueThrough share of it that reaches the frame
     * @param force of inertia, N
     * @param forceThrough share of it that reaches the frame
     */
    public record Order(
            double order, double frequency, double torque, double torqueThrough, double force, double forceThrough) {
        /** Halves as builders write them. */
        public String words() {
            return EngineShaking.words(order);
        }

        /** Of engines out of step when they meet: the worst there is. */
        Order meeting(Order other) {
            double torques = torque + other.torque;
            double forces = force + other.force;
            return new Order(
                    order,
                    frequency,
                    torques,
                    torques == 0 ? torqueThrough : (torqueOnFrame() + other.torqueOnFrame()) / torques,
                    forces,
                    forces == 0 ? 0 : (forceOnFrame() + other.forceOnFrame()) / forces);
        }

        /** N m */
        public double torqueOnFrame() {
            return torque * torqueThrough;
        }

        /** N */
        public double forceOnFrame() {
            return force * forceThrough;
        }
    }

    /** An order, a ratio, with halves as builders write them. */
    public static String words(double order) {
        if (2 * order != Math.rint(2 * order)) {
            return String.format(Locale.ROOT, "%.2f", order);
        }
        int whole = (int) order;
        boolean half = order != whole;
        return half ? (whole == 0 ? "1/2" : whole + " 1/2") : Integer.toString(whole);
    }

    /** The donor at idle, on mounts as stiff as they are when they shake. */
    public static EngineShaking idle(MountedBody shaking, Engines engines) {
        return of(shaking, engines.acting(EngineOrders::idle), engines.first().idleSpeed());
    }

    /** At full throttle at cruise. */
    public static EngineShaking cruise(MountedBody shaking, Engines engines) {
        return of(shaking, engines.acting(EngineOrders::cruise), engines.first().cruiseSpeed());
    }

    private static EngineShaking of(MountedBody shaking, List<Engines.Acting> acting, double speed) {
        List<Order> orders = new ArrayList<>();
        for (List<Engines.Acting> meeting : Engines.meeting(acting)) {
            if (meeting.get(0).order() <= HIGHEST) {
                orders.add(meeting.stream()
                        .map(each -> order(shaking, each, speed))
                        .reduce(Order::meeting)
                        .orElseThrow());
            }
        }
        return new EngineShaking(speed, orders);
    }

    private static Order order(MountedBody body, Engines.Acting each, double speed) {
        double frequency = each.order() * speed / (2 * Math.PI);
        HarmonicWrench force = each.forces();
        return new Order(
                each.order(),
                frequency,
                each.roll().modulus(),
                Transmissibility.moment(body, each.axis(), frequency),
                force.force(),
                Transmissibility.force(body, force, frequency));
    }

    /** Forces and couples of inertia, without what turns about the crank. */
    static HarmonicWrench forces(CrankPlace crank, EngineSource.Order each) {
        return HarmonicWrench.at(
                crank.axes(),
                new Complex[] {Complex.ZERO, each.forceY(), each.forceZ()},
                new Complex[] {Complex.ZERO, each.coupleY(), each.coupleZ()},
                crank.fromCg());
    }

    /** Everything of one order on the donor, about its centre of gravity. */
    static HarmonicWrench whole(CrankPlace crank, EngineSource.Order each) {
        return HarmonicWrench.at(
                crank.axes(),
                new Complex[] {Complex.ZERO, each.forceY(), each.forceZ()},
                new Complex[] {each.roll(), each.coupleY(), each.coupleZ()},
                crank.fromCg());
    }

    /** The order that turns the block most. */
    public Order strongestTorque() {
        return orders.stream().max(Comparator.comparingDouble(Order::torque)).orElseThrow();
    }

    /** The order that turns the frame most. */
    public Order governingTorque() {
        return orders.stream()
                .max(Comparator.comparingDouble(Order::torqueOnFrame))
                .orElseThrow();
    }

    /** The order whose inertia pushes the frame most; empty where none is worth a word beside the donor's weight. */
    public Optional<Order> governingForce(double mass) {
        return orders.stream()
                .filter(order -> order.force() > LIGHT * mass * STANDARD_GRAVITY)
                .max(Comparator.comparingDouble(Order::forceOnFrame));
    }

    /** The orders that turn the frame most, the most first. */
    public List<Order> strongest(int count) {
        return orders.stream()
                .sorted(Comparator.comparingDouble(Order::torqueOnFrame).reversed())
                .limit(count)
                .toList();
    }
}
