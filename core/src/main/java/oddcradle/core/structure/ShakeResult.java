package oddcradle.core.structure;

import oddcradle.core.vibration.ModesResult;

/**
 * The donor on its isolators.
 *
 * @param transmissibilityAtIdle share of a vertical force at the firing frequency that reaches the frame at idle
 * @param transmissibilityAtCruise the same at cruise
 */
public record ShakeResult(ModesResult modes, double transmissibilityAtIdle, double transmissibilityAtCruise) {}
