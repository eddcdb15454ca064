package oddcradle.core.job.tube;

import java.util.List;
import oddcradle.core.job.body.Sizes;
import oddcradle.core.math.Amount;
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
        Sizes.requireWall("wall", wall);
        Guard.notNegative("pit", pit, "m");
        if (wall - pit < Sizes.THINNEST_WALL) {
            throw new InvalidValue(
                    "pit",
                    "is {} in a wall of {}: the tube is rusted through, replace it",
                    List.of(new Amount(pit, "m"), new Amount(wall, "m")));
        }
    }

    /** m. */
    public double remainingWall() {
        return wall - pit;
    }
}
