package oddcradle.core.structure;

import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;
import oddcradle.core.engine.EngineSource;
import oddcradle.core.job.Job;
import oddcradle.core.placement.CrankPlace;
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
    static EngineTorques known(EngineOrders engine, Optional<ShakeResult> shake) {
        double order =
                shake.map(result -> passedOn(result.idle(), result.cruise())).orElseGet(() -> strongest(engine));
        return new Known(engine.peakTorque(), order);
    }

    private static double passedOn(EngineShaking idle, EngineShaking cruise) {
        return Math.max(
                idle.governingTorque().torqueOnFrame(), cruise.governingTorque().torqueOnFrame());
    }

    private static double strongest(EngineOrders engine) {
        return Stream.concat(engine.idle().stream(), engine.cruise().stream())
                .map(EngineSource.Order::roll)
                .map(roll -> roll.modulus())
                .max(Comparator.naturalOrder())
                .orElse(0.0);
    }

    /** N m */
    record Known(double peak, double order) implements EngineTorques {}

    /** Worked out when asked for. */
    record Afresh(Job job) implements EngineTorques {
        private EngineOrders engine() {
            return EngineOrders.of(new EngineOrders.Input(
                    job.donor().engine(), CrankPlace.of(job).turns()));
        }

        @Override
        public double peak() {
            return engine().peakTorque();
        }

        @Override
        public double order() {
            EngineOrders engine = engine();
            Optional<MountedBody> shaking = job.cradle().isSoft()
                    ? MountedDonor.ifShaking(job)
                            .filter(body -> RigidBodyModes.solve(body).answer().isPresent())
                    : Optional.empty();
            CrankPlace crank = CrankPlace.of(job);
            return shaking.map(body -> passedOn(
                            EngineShaking.of(body, crank, engine.idle(), engine.idleSpeed()),
                            EngineShaking.of(body, crank, engine.cruise(), engine.cruiseSpeed())))
                    .orElseGet(() -> strongest(engine));
        }
    }
}
