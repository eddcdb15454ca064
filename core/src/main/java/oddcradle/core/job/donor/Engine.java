package oddcradle.core.job.donor;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import oddcradle.core.engine.Combustion;
import oddcradle.core.engine.Crank;
import oddcradle.core.engine.FiringAngles;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;

/**
 * What the donor does when it runs.
 *
 * @param layout in the builder's words, for example "parallel twin, 360 degree crank"
 * @param cylinders 1 to 16
 * @param idleSpeed crank speed at idle, rad/s
 * @param cruiseSpeed crank speed most of the time, rad/s, more than idle
 * @param maxTorque at the crank, N m
 * @param maxTorqueSpeed crank speed there, rad/s
 * @param primaryRatio crank turns per gearbox input turn
 * @param gearRatios lowest gear first, at least one
 * @param limitSpeed the crank must not pass, rad/s; 0 where unknown or left out
 * @param curve torque over speed, slowest first; empty where unknown or left out
 * @param crank what shakes it; as engines of its layout mostly are where it is left out
 * @param combustion what burns in it; as engines of its torque mostly are where it is left out
 */
@RecordBuilder
public record Engine(
        String layout,
        int cylinders,
        Cycle cycle,
        double idleSpeed,
        double cruiseSpeed,
        double maxTorque,
        double maxTorqueSpeed,
        double primaryRatio,
        List<Double> gearRatios,
        Double limitSpeed,
        List<TorquePoint> curve,
        Optional<Crank> crank,
        Optional<Combustion> combustion)
        implements EngineBuilder.With {
    private static final int MOST_CYLINDERS = 16;

    private static final double SLOWEST = 1;
    private static final double FASTEST = 5000;
    private static final double LEAST_TORQUE = 0.01;
    private static final double MOST_TORQUE = 50_000;
    private static final double MOST_RATIO = 1000;

    public Engine {
        Guard.named("layout", layout);
        Guard.within("cylinders", cylinders, 1, MOST_CYLINDERS, "");
        Guard.present("cycle", cycle);
        Guard.within("idleSpeed", idleSpeed, SLOWEST, FASTEST, "rad/s");
        Guard.within("cruiseSpeed", cruiseSpeed, SLOWEST, FASTEST, "rad/s");
        if (cruiseSpeed <= idleSpeed) {
            throw new InvalidValue(
                    "cruiseSpeed", "is " + cruiseSpeed + " rad/s, must be more than idleSpeed " + idleSpeed);
        }
        Guard.within("maxTorque", maxTorque, LEAST_TORQUE, MOST_TORQUE, "N m");
        Guard.within("maxTorqueSpeed", maxTorqueSpeed, SLOWEST, FASTEST, "rad/s");
        Guard.within("primaryRatio", primaryRatio, 1 / MOST_RATIO, MOST_RATIO, "");
        gearRatios = List.copyOf(Guard.present("gearRatios", gearRatios));
        limitSpeed = limitSpeed == null ? 0 : Guard.within("limitSpeed", limitSpeed, 0, FASTEST, "rad/s");
        curve = curve == null ? List.of() : List.copyOf(curve);
        crank = crank == null ? Optional.empty() : crank;
        combustion = combustion == null ? Optional.empty() : combustion;
        requireCrank(cylinders, cycle, crank, combustion);
        for (int k = 1; k < curve.size(); k++) {
            if (curve.get(k).speed() <= curve.get(k - 1).speed()) {
                throw new InvalidValue("curve[" + k + "].speed", "is no faster than the point before; sort them");
            }
        }
        if (gearRatios.isEmpty()) {
            throw new InvalidValue("gearRatios", "is empty, must hold at least the lowest gear; write 1 for none");
        }
        for (int k = 0; k < gearRatios.size(); k++) {
            Guard.within("gearRatios[" + k + "]", gearRatios.get(k), 1 / MOST_RATIO, MOST_RATIO, "");
        }
    }

    private static void requireCrank(
            int cylinders, Cycle cycle, Optional<Crank> crank, Optional<Combustion> combustion) {
        if (crank.isPresent() && crank.get().cylinders() != cylinders) {
            throw new InvalidValue(
                    "crank.throwAngles",
                    "has " + crank.get().cylinders() + " entries, the engine " + cylinders
                            + " cylinders; give one for each");
        }
        List<Double> firing = combustion.map(Combustion::firingAngles).orElse(List.of());
        if (!firing.isEmpty() && firing.size() != cylinders) {
            throw new InvalidValue(
                    "combustion.firingAngles",
                    "has " + firing.size() + " entries, the engine " + cylinders + " cylinders; give one for each");
        }
        if (!firing.isEmpty() && crank.isPresent()) {
            try {
                FiringAngles.required(
                        firing,
                        crank.get().throwAngles(),
                        crank.get().cylinderAngles(),
                        cycle == Cycle.FOUR_STROKE ? 4 : 2);
            } catch (InvalidValue wrong) {
                throw wrong.inside("combustion");
            }
        }
    }

    /** An engine of which no more is known. */
    public static Engine plain(
            String layout,
            int cylinders,
            Cycle cycle,
            double idleSpeed,
            double cruiseSpeed,
            double maxTorque,
            double maxTorqueSpeed,
            double primaryRatio,
            List<Double> gearRatios) {
        return new Engine(
                layout,
                cylinders,
                cycle,
                idleSpeed,
                cruiseSpeed,
                maxTorque,
                maxTorqueSpeed,
                primaryRatio,
                gearRatios,
                0.0,
                List.of(),
                Optional.empty(),
                Optional.empty());
    }

    public Engine withSpeeds(double idle, double cruise, double limit) {
        return new Engine(
                layout,
                cylinders,
                cycle,
                idle,
                cruise,
                maxTorque,
                maxTorqueSpeed,
                primaryRatio,
                gearRatios,
                limit,
                curve,
                crank,
                combustion);
    }

    public Engine withMaxTorque(double torque, double speed) {
        return new Engine(
                layout,
                cylinders,
                cycle,
                idleSpeed,
                cruiseSpeed,
                torque,
                speed,
                primaryRatio,
                gearRatios,
                limitSpeed,
                curve,
                crank,
                combustion);
    }

    public Engine withGears(double primary, List<Double> gears) {
        return new Engine(
                layout,
                cylinders,
                cycle,
                idleSpeed,
                cruiseSpeed,
                maxTorque,
                maxTorqueSpeed,
                primary,
                gears,
                limitSpeed,
                curve,
                crank,
                combustion);
    }

    /** The most power: of the curve where there is one, else at the speed of most torque, W. */
    public double maxPower() {
        return curve.stream()
                .mapToDouble(point -> point.speed() * point.torque())
                .max()
                .orElse(maxTorque * maxTorqueSpeed);
    }

    /**
     * Torque that leaves the crank at full throttle, N m: of the curve where there is one, level beyond its ends; else the most.
     *
     * @param speed of the crank, rad/s
     */
    public double fullTorque(double speed) {
        if (curve.isEmpty()) {
            return maxTorque;
        }
        for (int k = 1; k < curve.size(); k++) {
            TorquePoint slow = curve.get(k - 1);
            TorquePoint fast = curve.get(k);
            if (speed < fast.speed()) {
                double share = Math.max(0, (speed - slow.speed()) / (fast.speed() - slow.speed()));
                return slow.torque() + share * (fast.torque() - slow.torque());
            }
        }
        return curve.get(curve.size() - 1).torque();
    }

    /** Firings per second at a crank speed in rad/s, Hz. */
    public double firingFrequency(double speed) {
        return speed / (2 * Math.PI) * cylinders / cycle.turnsPerFiring();
    }
}
