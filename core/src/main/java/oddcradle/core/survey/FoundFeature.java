package oddcradle.core.survey;

import oddcradle.core.math.Vec3;

/**
 * An axis or a plane through adjusted points.
 *
 * @param middle of the points, m
 * @param direction of the axis, or square to the plane; a unit vector
 * @param angleSigma standard uncertainty of the direction in its worst sense, rad; the points' errors are taken as independent
 * @param outOfTrue largest distance of a point from the axis or plane, m
 */
public record FoundFeature(Feature feature, Vec3 middle, Vec3 direction, double angleSigma, double outOfTrue) {}
