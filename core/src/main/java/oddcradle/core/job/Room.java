package oddcradle.core.job;

import oddcradle.core.math.Guard;

/** Least gaps by category, m; a pair needs the greater of its two. */
public record Room(double fixed, double moving, double hot, double people) {
    public Room {
        Guard.notNegative("fixed", fixed, "m");
        Guard.notNegative("moving", moving, "m");
        Guard.notNegative("hot", hot, "m");
        Guard.notNegative("people", people, "m");
    }

    public double of(Category category) {
        return switch (category) {
            case FIXED -> fixed;
            case MOVING -> moving;
            case HOT -> hot;
            case PEOPLE -> people;
        };
    }
}
