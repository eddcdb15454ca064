package oddcradle.core.frame;

import oddcradle.core.math.Vec3;

/** Displacement, m, and small rotation, rad, of a node; global axes. */
public record NodeMovement(String node, Vec3 displacement, Vec3 rotation) {}
