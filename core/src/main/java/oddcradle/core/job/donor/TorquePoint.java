package oddcradle.core.job.donor;

import oddcradle.core.math.Guard;

/** One point of the torque curve: rad/s at the crank, N m. */
public record TorquePoint(double speed, double torque) {
    public TorquePoint {
        Guard.positive("speed", speed, "rad/s");
        Guard.notNegative("torque", torque, "N m");
    }
}
