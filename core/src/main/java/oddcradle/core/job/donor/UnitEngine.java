package oddcradle.core.job.donor;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import oddcradle.core.math.Guard;

/**
 * A further engine of a donor of several units.
 *
 * @param engine what it does at its crank; gears are those of the first engine. Its cylinders lean toward the donor's front, and toward
 *     its left where the crank lies lengthways
 * @param ratio turns of its crank for one of the first engine's; 0 where they run each by itself, as behind clutches
 * @param follows crank angle by which it comes after the first engine, rad; empty where nothing keeps them in step, as with belts
 */
@RecordBuilder
public record UnitEngine(Engine engine, double ratio, Optional<Double> follows) implements UnitEngineBuilder.With {
    private static final double MOST_RATIO = 20;
    private static final double TWO_TURNS = 4 * Math.PI;

    public UnitEngine {
        Guard.present("engine", engine);
        Guard.within("ratio", ratio, 0, MOST_RATIO, "");
        follows = follows == null ? Optional.empty() : follows;
        follows.ifPresent(angle -> Guard.within("follows", angle, -TWO_TURNS, TWO_TURNS, "rad"));
    }

    /** Its idle speed beside the first engine, rad/s. */
    public double idleSpeed(Engine first) {
        return ratio == 0 ? engine.idleSpeed() : ratio * first.idleSpeed();
    }

    /** Its cruise speed beside the first engine, rad/s. */
    public double cruiseSpeed(Engine first) {
        return ratio == 0 ? engine.cruiseSpeed() : ratio * first.cruiseSpeed();
    }

    /** Turns of its crank for one of the first engine's, where both run as they mostly do. */
    public double turnsBeside(Engine first) {
        return cruiseSpeed(first) / first.cruiseSpeed();
    }
}
