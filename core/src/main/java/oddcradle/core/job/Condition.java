package oddcradle.core.job;

import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;

/**
 * What is left of a tube's wall.
 *
 * @param wall measured, m
 * @param pit depth of the deepest rust pit, m
 */
public record Condition(double wall, double pit) {
    public Condition {
        Guard.positive("wall", wall, "m");
        Guard.notNegative("pit", pit, "m");
        if (pit >= wall) {
            throw new InvalidValue(
                    "pit", "is " + pit + " m in a wall of " + wall + " m: the tube is rusted through, replace it");
        }
    }

    /** m. */
    public double remainingWall() {
        return wall - pit;
    }
}
