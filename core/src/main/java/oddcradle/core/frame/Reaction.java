package oddcradle.core.frame;

import oddcradle.core.math.Vec3;

/** What the ground does to a supported node; N, N m, global axes. */
public record Reaction(String node, Vec3 force, Vec3 moment) {}
