package oddcradle.core.proof;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.engine.Throttle;
import oddcradle.core.job.Job;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.job.load.Duty;

/**
 * Where the engine turns in an hour of the duty. Nobody holds a speed exactly: cruise and idle are spread about their figure, the rest of
 * the time lies anywhere between idle and the limit. How wide is common practice.
 *
 * @param when in words
 * @param speeds of the first crank, rad/s, ascending
 * @param shares of the hour at each, 0 to 1
 */
record DutySpeeds(String when, Throttle throttle, List<Double> speeds, List<Double> shares) {
    /** Of a governor's set speed to either side, a ratio. */
    private static final double GOVERNED = 0.015;

    /** Of a speed held by hand. */
    private static final double BY_HAND = 0.05;

    /** From one speed to the next; a lightly damped frame rings in a band of some percent. */
    private static final double FINE = 0.005;

    private static final double COARSE = 0.02;

    DutySpeeds {
        speeds = List.copyOf(speeds);
        shares = List.copyOf(shares);
    }

    static List<DutySpeeds> of(Job job, Duty duty) {
        Engine engine = job.donor().engine();
        boolean governed =
                job.line().end().filter(LineEnd.Generator.class::isInstance).isPresent();
        List<DutySpeeds> all = new ArrayList<>();
        if (duty.cruise() > 0) {
            all.add(about(
                    "at cruise", Throttle.FULL, engine.cruiseSpeed(), governed ? GOVERNED : BY_HAND, duty.cruise()));
        }
        if (duty.idle() > 0) {
            all.add(about("at idle", Throttle.NO_LOAD, engine.idleSpeed(), BY_HAND, duty.idle()));
        }
        double rest = 1 - duty.cruise() - duty.idle();
        double limit = Math.max(engine.limitSpeed(), engine.cruiseSpeed());
        if (rest > 1e-6 && limit > engine.idleSpeed()) {
            all.add(between(engine.idleSpeed(), limit, rest));
        }
        return all;
    }

    /** More of the time near the middle: shares fall in a straight line to nothing. */
    private static DutySpeeds about(String when, Throttle throttle, double speed, double width, double share) {
        List<Double> speeds = new ArrayList<>();
        List<Double> shares = new ArrayList<>();
        int steps = (int) Math.round(width / FINE);
        for (int k = -steps; k <= steps; k++) {
            speeds.add(speed * (1 + k * FINE));
            double weight = steps + 1 - Math.abs(k);
            shares.add(share * weight / ((steps + 1.0) * (steps + 1)));
        }
        return new DutySpeeds(when, throttle, speeds, shares);
    }

    private static DutySpeeds between(double from, double to, double share) {
        int steps = (int) Math.ceil(Math.log(to / from) / Math.log(1 + COARSE));
        List<Double> speeds = new ArrayList<>();
        List<Double> shares = new ArrayList<>();
        double ratio = Math.pow(to / from, 1.0 / steps);
        double low = from;
        for (int k = 0; k < steps; k++) {
            double high = low * ratio;
            speeds.add((low + high) / 2);
            shares.add(share * (high - low) / (to - from));
            low = high;
        }
        return new DutySpeeds("between idle and limit", Throttle.FULL, speeds, shares);
    }
}
