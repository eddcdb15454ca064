package oddcradle.core.engine;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import java.util.function.IntToDoubleFunction;
import oddcradle.core.math.Complex;
import oddcradle.core.math.Guard;
import oddcradle.core.math.Harmonics;
import oddcradle.core.math.Roots;

/**
 * What the moving parts of an engine do to it at constant speed, by order of crank speed and at their greatest. A quantity is
 * {@code Re sum C_k exp(i k theta)}; the mean, which shakes nothing, is left out.
 *
 * <p>Exact slider-crank, no series: {@code force = -m a} of every moving part. Couples are about the middle of the crank. Taylor,
 * The Internal-Combustion Engine, vol. 2, and Den Hartog, Mechanical Vibrations (from memory). Axes as in {@link CrankTrain}.
 *
 * @param orders 1 upward
 * @param peakForce greatest in a turn, all orders, N
 * @param peakCouple N m
 * @param peakInertiaTorque on the crank, N m
 * @param peakRollMoment on the block about the crank, N m
 */
public record ShakingOrders(
        List<Order> orders, double peakForce, double peakCouple, double peakInertiaTorque, double peakRollMoment) {
    /** Enough that rods hardly longer than their crank come out right too. */
    private static final int STEPS = 2048;

    private static final double FASTEST = 1e5;

    public ShakingOrders {
        orders = List.copyOf(orders);
    }

    /**
     * One order.
     *
     * @param forceY on the engine, N
     * @param forceZ N
     * @param coupleY about the middle of the crank, N m
     * @param coupleZ N m
     * @param inertiaTorque on the crank, N m
     * @param rollMoment on the block about the crank axis, N m
     */
    public record Order(
            int order,
            Complex forceY,
            Complex forceZ,
            Complex coupleY,
            Complex coupleZ,
            Complex inertiaTorque,
            Complex rollMoment) {}

    /**
     * @param speed of the crank, rad/s, above 0
     * @param most highest order wanted, 1 to 24
     */
    public static ShakingOrders of(CrankTrain train, double speed, int most) {
        Guard.positive("speed", speed, "rad/s");
        Guard.within("speed", speed, 0, FASTEST, "rad/s");
        Guard.within("order", most, 1, 24, "");
        double[][] turn = new double[6][STEPS];
        for (int n = 0; n < STEPS; n++) {
            double[] here = at(train, speed, 2 * Math.PI * n / STEPS);
            for (int i = 0; i < here.length; i++) {
                turn[i][n] = here[i];
            }
        }
        Harmonics harmonics = new Harmonics(STEPS);
        List<Order> orders = new ArrayList<>();
        for (int k = 1; k <= most; k++) {
            orders.add(order(harmonics, turn, k));
        }
        return new ShakingOrders(
                orders,
                peak(n -> Math.hypot(turn[0][n], turn[1][n]), angle -> length(at(train, speed, angle), 0)),
                peak(n -> Math.hypot(turn[2][n], turn[3][n]), angle -> length(at(train, speed, angle), 2)),
                peak(n -> Math.abs(turn[4][n]), angle -> Math.abs(at(train, speed, angle)[4])),
                peak(n -> Math.abs(turn[5][n]), angle -> Math.abs(at(train, speed, angle)[5])));
    }

    /** Force y and z, couple y and z, inertia torque and roll moment at a crank angle: N, N m. */
    private static double[] at(CrankTrain train, double speed, double angle) {
        double[] sum = new double[6];
        double squared = speed * speed;
        for (CrankTrain.Cylinder cylinder : train.cylinders()) {
            double[] piston = cylinder.piston(angle);
            double inertia = cylinder.reciprocatingMass() * squared * piston[2];
            add(sum, -inertia, cylinder.bank(), cylinder.x());
            add(
                    sum,
                    cylinder.rotatingMass() * cylinder.crankRadius() * squared,
                    angle + cylinder.throwAngle(),
                    cylinder.x());
            sum[4] -= inertia * piston[1];
            sum[5] += inertia * (piston[1] + cylinder.pinOffset());
        }
        for (CrankTrain.Counterweight weight : train.counterweights()) {
            add(sum, weight.massRadius() * squared, angle + weight.angle(), weight.x());
        }
        for (CrankTrain.BalanceShaft shaft : train.shafts()) {
            double pull = shaft.massRadius() * squared * shaft.ratio() * shaft.ratio();
            double way = shaft.ratio() * angle + shaft.phase();
            add(sum, pull, way, shaft.x());
            sum[5] += shaft.y() * pull * Math.cos(way) + shaft.z() * pull * Math.sin(way);
        }
        return sum;
    }

    private static void add(double[] sum, double force, double way, double x) {
        double y = -force * Math.sin(way);
        double z = force * Math.cos(way);
        sum[0] += y;
        sum[1] += z;
        sum[2] -= x * z;
        sum[3] += x * y;
    }

    private static Order order(Harmonics harmonics, double[][] turn, int k) {
        return new Order(
                k,
                harmonics.of(turn[0], k),
                harmonics.of(turn[1], k),
                harmonics.of(turn[2], k),
                harmonics.of(turn[3], k),
                harmonics.of(turn[4], k),
                harmonics.of(turn[5], k));
    }

    private static double length(double[] all, int from) {
        return Math.hypot(all[from], all[from + 1]);
    }

    /** The greatest of the samples, then of what lies between its neighbours. */
    private static double peak(IntToDoubleFunction sample, DoubleUnaryOperator size) {
        int best = 0;
        for (int n = 1; n < STEPS; n++) {
            if (sample.applyAsDouble(n) > sample.applyAsDouble(best)) {
                best = n;
            }
        }
        double step = 2 * Math.PI / STEPS;
        double place = Roots.greatest((best - 1) * step, (best + 1) * step, 1e-7, size);
        return Math.max(sample.applyAsDouble(best), size.applyAsDouble(place));
    }
}
