package oddcradle.core.begin;

import oddcradle.core.math.Vec3;

/**
 * Where a measure is taken.
 *
 * @param measure its id
 * @param from host axes, m
 * @param to host axes, m
 */
public record Dimension(String measure, Vec3 from, Vec3 to) {}
