package oddcradle.core.begin;

import oddcradle.core.math.Guard;

/**
 * One measure that a machine is drawn from.
 *
 * @param id as it stands in a job file
 * @param label what a builder measures
 * @param usual to begin with, m
 * @param least m
 * @param most m
 */
public record FloorMeasure(String id, String label, double usual, double least, double most) {
    public FloorMeasure {
        Guard.named("id", id);
        Guard.named("label", label);
        Guard.within("usual", usual, least, most, "m");
    }
}
