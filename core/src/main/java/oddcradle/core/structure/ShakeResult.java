package oddcradle.core.structure;

import oddcradle.core.vibration.ModesResult;

/**
 * The donor on its isolators.
 *
 * @param idle the engine turning itself over
 * @param cruise at full throttle
 */
public record ShakeResult(ModesResult modes, EngineShaking idle, EngineShaking cruise) {
    /** Share of the torque order that turns the frame most, at idle. */
    public double transmissibilityAtIdle() {
        return idle.governingTorque().torqueThrough();
    }

    /** The same at cruise. */
    public double transmissibilityAtCruise() {
        return cruise.governingTorque().torqueThrough();
    }
}
