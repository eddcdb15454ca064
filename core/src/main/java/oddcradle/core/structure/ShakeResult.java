package oddcradle.core.structure;

import oddcradle.core.vibration.ModesResult;

/**
 * The donor on its isolators.
 *
 * @param atIdle share of a vertical force at the firing frequency that reaches the frame at idle
 * @param atCruise the same at cruise
 */
public record ShakeResult(ModesResult modes, double atIdle, double atCruise) {}
