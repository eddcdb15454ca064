package oddcradle.core.examine;

/**
 * What the chain pulls at full throttle in the lowest gear, N.
 *
 * @param byEngine what the engine could pull
 * @param byGrip what the tyres let through
 * @param design the lesser of both with the dynamic factor
 */
public record ChainPull(double byEngine, double byGrip, double design) {}
