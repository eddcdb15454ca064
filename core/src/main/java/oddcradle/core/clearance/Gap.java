package oddcradle.core.clearance;

import oddcradle.core.geometry.distance.Separation;

/**
 * The shortest distance between two bodies.
 *
 * @param separation with the two closest points; negative when they overlap
 * @param limit least gap the pair needs, m
 */
public record Gap(Body donorPart, Body obstacle, Separation separation, double limit) {
    /** m, negative when too close. */
    public double margin() {
        return separation.distance() - limit;
    }

    /** The word of the body that asks for the greater room. */
    public String nature() {
        return donorPart.room() >= obstacle.room() ? donorPart.nature() : obstacle.nature();
    }
}
