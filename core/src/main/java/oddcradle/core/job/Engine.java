package oddcradle.core.job;

import java.util.List;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;

/**
 * What the donor does when it runs.
 *
 * @param layout in the builder's words, for example "parallel twin, 360 degree crank"
 * @param cylinders 1 to 16, even firing assumed
 * @param idleSpeed crank speed at idle, rad/s
 * @param cruiseSpeed crank speed most of the time, rad/s, more than idle
 * @param maxTorque at the crank, N m
 * @param maxTorqueSpeed crank speed there, rad/s
 * @param primaryRatio crank turns per gearbox input turn
 * @param gearRatios lowest gear first, at least one
 */
public record Engine(
        String layout,
        int cylinders,
        Cycle cycle,
        double idleSpeed,
        double cruiseSpeed,
        double maxTorque,
        double maxTorqueSpeed,
        double primaryRatio,
        List<Double> gearRatios) {
    private static final int MOST_CYLINDERS = 16;

    public Engine {
        Guard.named("layout", layout);
        Guard.within("cylinders", cylinders, 1, MOST_CYLINDERS, "");
        Guard.present("cycle", cycle);
        Guard.positive("idleSpeed", idleSpeed, "rad/s");
        Guard.positive("cruiseSpeed", cruiseSpeed, "rad/s");
        if (cruiseSpeed <= idleSpeed) {
            throw new InvalidValue(
                    "cruiseSpeed", "is " + cruiseSpeed + " rad/s, must be more than idleSpeed " + idleSpeed);
        }
        Guard.positive("maxTorque", maxTorque, "N m");
        Guard.positive("maxTorqueSpeed", maxTorqueSpeed, "rad/s");
        Guard.positive("primaryRatio", primaryRatio, "");
        gearRatios = List.copyOf(Guard.present("gearRatios", gearRatios));
        if (gearRatios.isEmpty()) {
            throw new InvalidValue("gearRatios", "is empty, must hold at least the lowest gear; write 1 for none");
        }
        for (int k = 0; k < gearRatios.size(); k++) {
            Guard.positive("gearRatios[" + k + "]", gearRatios.get(k), "");
        }
    }

    /** Firings per second at a crank speed in rad/s, Hz. */
    public double firingFrequency(double speed) {
        return speed / (2 * Math.PI) * cylinders / cycle.turnsPerFiring();
    }
}
