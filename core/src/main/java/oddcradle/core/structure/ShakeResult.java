package oddcradle.core.structure;

import java.util.List;
import oddcradle.core.vibration.ModesResult;

/**
 * The donor on its isolators.
 *
 * @param idle the engine turning itself over
 * @param cruise at full throttle
 * @param cold idle while the rubber is at 10 degrees of frost
 * @param propeller at idle and at cruise; empty where none turns on the donor's own shaft
 */
public record ShakeResult(
        ModesResult modes,
        EngineShaking idle,
        EngineShaking cruise,
        EngineShaking cold,
        List<PropellerShaking> propeller) {
    public ShakeResult {
        propeller = List.copyOf(propeller);
    }

    /** Share of the torque order that turns the frame most, at idle. */
    public double transmissibilityAtIdle() {
        return idle.governingTorque().torqueThrough();
    }

    /** The same at cruise. */
    public double transmissibilityAtCruise() {
        return cruise.governingTorque().torqueThrough();
    }
}
