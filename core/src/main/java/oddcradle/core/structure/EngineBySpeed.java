package oddcradle.core.structure;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.engine.EngineSource;
import oddcradle.core.engine.Throttle;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.math.Complex;

/** An engine as a source at any speed of a range: inertia exactly, the gas read between a few speeds at which it is worked out. */
final class EngineBySpeed {
    private static final int KNOTS = 12;

    private final double[] knots;
    private final List<List<EngineSource.Order>> orders = new ArrayList<>();

    /**
     * @param from slowest of its own crank, rad/s
     * @param to fastest, rad/s, {@code from} or more
     */
    EngineBySpeed(EngineSource source, Engine engine, Throttle throttle, double from, double to) {
        int count = to > from ? KNOTS : 1;
        knots = new double[count];
        for (int k = 0; k < count; k++) {
            knots[k] = from + (count == 1 ? 0 : (to - from) * k / (count - 1));
            orders.add(source.at(knots[k], throttle, engine.fullTorque(knots[k])));
        }
    }

    /** @param speed of its own crank within the range, rad/s */
    List<EngineSource.Order> at(double speed) {
        int after = 1;
        while (after < knots.length - 1 && knots[after] < speed) {
            after++;
        }
        if (after >= knots.length) {
            return slowed(orders.get(0), speed / knots[0]);
        }
        double share = (speed - knots[after - 1]) / (knots[after] - knots[after - 1]);
        List<EngineSource.Order> below = slowed(orders.get(after - 1), speed / knots[after - 1]);
        List<EngineSource.Order> above = slowed(orders.get(after), speed / knots[after]);
        List<EngineSource.Order> between = new ArrayList<>();
        for (int k = 0; k < below.size(); k++) {
            EngineSource.Order a = below.get(k);
            EngineSource.Order b = above.get(k);
            between.add(new EngineSource.Order(
                    a.order(),
                    a.forceY(),
                    a.forceZ(),
                    a.coupleY(),
                    a.coupleZ(),
                    between(a.gas(), b.gas(), share),
                    between(a.roll(), b.roll(), share)));
        }
        return between;
    }

    private static List<EngineSource.Order> slowed(List<EngineSource.Order> orders, double share) {
        return orders.stream().map(order -> order.slowed(share)).toList();
    }

    private static Complex between(Complex a, Complex b, double share) {
        return a.times(1 - share).plus(b.times(share));
    }
}
