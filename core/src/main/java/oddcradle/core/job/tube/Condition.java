package oddcradle.core.job.tube;

import java.util.List;
import java.util.Optional;
import oddcradle.core.job.body.Sizes;
import oddcradle.core.math.Amount;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;

/**
 * What is left of a tube's wall, and of its roundness.
 *
 * @param wall measured, m
 * @param pit depth of the deepest rust pit, m
 * @param dent depth of the deepest dent, m; empty where there is none
 */
public record Condition(double wall, double pit, Optional<Double> dent) {
    public Condition {
        Sizes.requireWall("wall", wall);
        Guard.notNegative("pit", pit, "m");
        dent = dent == null ? Optional.empty() : dent;
        dent.ifPresent(depth -> Guard.notNegative("dent", depth, "m"));
        if (wall - pit < Sizes.THINNEST_WALL) {
            throw new InvalidValue(
                    "pit",
                    "is {} in a wall of {}: the tube is rusted through, replace it",
                    List.of(new Amount(pit, "m"), new Amount(wall, "m")));
        }
    }

    /** Without a dent. */
    public Condition(double wall, double pit) {
        this(wall, pit, Optional.empty());
    }

    public Condition withWall(double other) {
        return new Condition(other, pit, dent);
    }

    public Condition withPit(double other) {
        return new Condition(wall, other, dent);
    }

    /** @param depth m; 0 for none */
    public Condition withDent(double depth) {
        return new Condition(wall, pit, depth == 0 ? Optional.empty() : Optional.of(depth));
    }

    /** m; 0 where there is none. */
    public double dentDepth() {
        return dent.orElse(0.0);
    }

    /** m. */
    public double remainingWall() {
        return wall - pit;
    }
}
