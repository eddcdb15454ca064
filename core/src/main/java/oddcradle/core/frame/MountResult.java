package oddcradle.core.frame;

import oddcradle.core.math.Vec3;

/**
 * What one elastic mount carries.
 *
 * @param forceOnFrame N, global axes
 * @param deflection of the body against the frame along the mount's own axes, m
 */
public record MountResult(String id, Vec3 forceOnFrame, Vec3 deflection) {}
