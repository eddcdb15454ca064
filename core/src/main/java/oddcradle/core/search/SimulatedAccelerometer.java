package oddcradle.core.search;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import oddcradle.core.engine.Throttle;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;
import oddcradle.core.structure.OrderMap;

/**
 * An accelerometer that records a machine which may be a little otherwise than the job has it, while the engine runs up from idle to its limit and back. To learn
 * with, and to try a record's whole way without an engine. Its swing lies along one slanted direction.
 */
public final class SimulatedAccelerometer {
    private static final double GRAVITY = 9.80665;
    private static final Vec3 SLANT = new Vec3(0.48, 0.36, 0.8);
    private static final int KNOTS = 200;
    /** A place that its holder does not press on rings at this frequency with little damping; common practice. */
    private static final double HELD = 0.1;

    private SimulatedAccelerometer() {}

    /**
     * What sort it is; as phones and loggers have it, common practice.
     *
     * @param rate samples a second, Hz, 50 to 20 000
     * @param range either way, m/s2
     * @param bits of its converter, 8 to 24
     * @param noise of each axis, m/s2, standard deviation of a sample
     * @param mounting its own frequency on what holds it, Hz; what swings near it is read larger
     * @param seed of the noise
     */
    public record Sort(double rate, double range, int bits, double noise, double mounting, long seed) {
        public Sort {
            Guard.within("rate", rate, 50, 20_000, "Hz");
            Guard.positive("range", range, "m/s2");
            Guard.within("bits", bits, 8, 24, "");
            Guard.notNegative("noise", noise, "m/s2");
            Guard.positive("mounting", mounting, "Hz");
        }

        /** A phone strapped down. */
        public static Sort phone(long seed) {
            return new Sort(500, 8 * GRAVITY, 16, 0.04, 900, seed);
        }

        /** A logger screwed on. */
        public static Sort logger(long seed) {
            return new Sort(1000, 50 * GRAVITY, 16, 0.2, 4000, seed);
        }
    }

    /** What it gives, sample by sample: s, m/s2, and rad/s of the crank. */
    public record Samples(List<Double> times, List<Vec3> accelerations, Optional<List<Double>> speeds) {}

    /**
     * @param machine as it really is
     * @param watch one of the places that can be recorded
     * @param length s, up and back
     * @param tacho whether a tacho is on it
     */
    public static Samples record(
            ShakeMaps.Machine machine, int watch, Sort sort, double length, boolean tacho, Throttle throttle) {
        Engine engine = machine.setting().donor().get(0);
        double from = engine.idleSpeed();
        double to = engine.limitSpeed() > 0 ? engine.limitSpeed() : engine.cruiseSpeed();
        List<Double> knots = new ArrayList<>();
        for (int k = 0; k < KNOTS; k++) {
            knots.add(from + (to - from) * k / (KNOTS - 1));
        }
        OrderMap map = machine.map(machine.excitation(knots, throttle));
        Random random = new Random(sort.seed());
        double[] phases = random.doubles(map.orders().size(), 0, 2 * Math.PI).toArray();
        int count = (int) Math.round(length * sort.rate());
        List<Double> times = new ArrayList<>();
        List<Vec3> values = new ArrayList<>();
        List<Double> speeds = new ArrayList<>();
        double angle = 0;
        double bit = 2 * sort.range() / Math.pow(2, sort.bits());
        for (int k = 0; k < count; k++) {
            double t = k / sort.rate();
            double speed = from + (to - from) * (1 - Math.abs(2 * t / length - 1));
            angle += speed / sort.rate();
            double swing = 0;
            double place = (speed - from) / (to - from) * (KNOTS - 1);
            int below = (int) Math.min(KNOTS - 2, Math.floor(place));
            for (int o = 0; o < phases.length; o++) {
                double value = map.amplitude(watch, o, below)
                        + (map.amplitude(watch, o, below + 1) - map.amplitude(watch, o, below)) * (place - below);
                double omega = map.orders().get(o) * speed;
                swing += RecordStudy.acceleration(map.watches().get(watch), value, omega)
                        * held(omega / (2 * Math.PI * sort.mounting()))
                        * Math.cos(map.orders().get(o) * angle + phases[o]);
            }
            Vec3 real = SLANT.times(swing).plus(new Vec3(0, 0, GRAVITY));
            times.add(t);
            speeds.add(speed);
            values.add(new Vec3(
                    read(real.x(), sort, bit, random),
                    read(real.y(), sort, bit, random),
                    read(real.z(), sort, bit, random)));
        }
        return new Samples(times, values, tacho ? Optional.of(speeds) : Optional.empty());
    }

    /** How much larger it reads what swings at this share of its own frequency. */
    private static double held(double share) {
        double square = 1 - share * share;
        return 1 / Math.hypot(square, 2 * HELD * share);
    }

    private static double read(double value, Sort sort, double bit, Random random) {
        double noisy = value + sort.noise() * random.nextGaussian();
        double held = Math.max(-sort.range(), Math.min(sort.range(), noisy));
        return Math.rint(held / bit) * bit;
    }
}
