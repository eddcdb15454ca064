package oddcradle.core.structure;

import java.util.List;
import oddcradle.core.engine.EngineSource;
import oddcradle.core.engine.Throttle;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.job.donor.RunningEngine;

/**
 * What the engine does to its block at the speeds that are judged.
 *
 * @param running the engine, and what of it is taken
 * @param idleSpeed rad/s
 * @param cruiseSpeed rad/s
 * @param idle orders without load
 * @param cruise orders at full throttle
 * @param motored orders at idle speed, turned over without firing
 * @param peakTorque the most that one cylinder turns the crank, N m
 */
public record EngineOrders(
        RunningEngine running,
        double idleSpeed,
        double cruiseSpeed,
        List<EngineSource.Order> idle,
        List<EngineSource.Order> cruise,
        List<EngineSource.Order> motored,
        double peakTorque) {
    /** An order of torque with less of the strongest one than this is not looked at. */
    private static final double FAINT = 0.15;

    public EngineOrders {
        idle = List.copyOf(idle);
        cruise = List.copyOf(cruise);
        motored = List.copyOf(motored);
    }

    /**
     * @param turns 1 where the crank turns from upright toward the donor's front, -1 where it turns the other way
     * @param idleSpeed rad/s
     * @param cruiseSpeed rad/s
     */
    public record Input(Engine engine, int turns, double idleSpeed, double cruiseSpeed) {
        /** At its own speeds. */
        public static Input of(Engine engine, int turns) {
            return new Input(engine, turns, engine.idleSpeed(), engine.cruiseSpeed());
        }
    }

    public static EngineOrders of(Input input) {
        Engine engine = input.engine();
        RunningEngine running = RunningEngine.of(engine, input.turns());
        EngineSource source = running.source();
        return new EngineOrders(
                running,
                input.idleSpeed(),
                input.cruiseSpeed(),
                source.at(input.idleSpeed(), Throttle.NO_LOAD, 0),
                source.at(input.cruiseSpeed(), Throttle.FULL, engine.fullTorque(input.cruiseSpeed())),
                source.at(input.idleSpeed(), Throttle.MOTORED, 0),
                source.peakTorque());
    }

    /** Orders of gas torque at cruise that are there at all, those that only uneven cylinders make left out. */
    public List<EngineSource.Order> drivingOrders() {
        double most = cruise.stream()
                .mapToDouble(order -> order.gas().modulus())
                .max()
                .orElse(0);
        return cruise.stream()
                .filter(order -> order.gas().modulus() >= FAINT * most)
                .toList();
    }
}
