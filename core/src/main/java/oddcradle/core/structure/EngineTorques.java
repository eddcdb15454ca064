package oddcradle.core.structure;

import java.util.Optional;
import oddcradle.core.job.Job;
import oddcradle.core.placement.MountedDonor;
import oddcradle.core.vibration.MountedBody;
import oddcradle.core.vibration.RigidBodyModes;

/**
 * Torques of the running engine about its crank that load cases ask for, N m; a whole cycle of the engine is behind them, so they are
 * worked out only where a case has them.
 */
public interface EngineTorques {
    /** The most that one cylinder turns the crank. */
    double peak();

    /** The strongest order at idle or cruise, as the mounts pass it on; as it is where the donor is bolted hard. */
    double order();

    /** Everything afresh. */
    static EngineTorques of(Job job) {
        return new Afresh(job);
    }

    /**
     * @param shake of the donor on its mounts; empty where it is bolted hard
     */
    static EngineTorques known(Engines engines, Optional<ShakeResult> shake) {
        double order =
                shake.map(result -> passedOn(result.idle(), result.cruise())).orElseGet(engines::strongestRoll);
        return new Known(engines.peakTorque(), order);
    }

    private static double passedOn(EngineShaking idle, EngineShaking cruise) {
        return Math.max(
                idle.governingTorque().torqueOnFrame(), cruise.governingTorque().torqueOnFrame());
    }

    /** N m */
    record Known(double peak, double order) implements EngineTorques {}

    /** Worked out when asked for, once: several cases ask. */
    final class Afresh implements EngineTorques {
        private final Job job;
        private Engines engines;
        private double order = Double.NaN;

        private Afresh(Job job) {
            this.job = job;
        }

        private Engines engines() {
            if (engines == null) {
                engines = Engines.of(job);
            }
            return engines;
        }

        @Override
        public double peak() {
            return engines().peakTorque();
        }

        @Override
        public double order() {
            if (Double.isNaN(order)) {
                Optional<MountedBody> shaking = job.cradle().isSoft()
                        ? MountedDonor.ifShaking(job)
                                .filter(body ->
                                        RigidBodyModes.solve(body).answer().isPresent())
                        : Optional.empty();
                order = shaking.map(body ->
                                passedOn(EngineShaking.idle(body, engines()), EngineShaking.cruise(body, engines())))
                        .orElseGet(() -> engines().strongestRoll());
            }
            return order;
        }
    }
}
