package oddcradle.core.job;

import oddcradle.core.math.Guard;

/**
 * Least gaps by category, m; a pair needs the greater of its two.
 *
 * @param fuel as hot where it is left out
 */
public record Room(double fixed, double moving, double hot, double people, Double fuel) {
    public Room {
        Guard.notNegative("fixed", fixed, "m");
        Guard.notNegative("moving", moving, "m");
        Guard.notNegative("hot", hot, "m");
        Guard.notNegative("people", people, "m");
        fuel = fuel == null ? hot : Guard.notNegative("fuel", fuel, "m");
    }

    public double of(Category category) {
        return switch (category) {
            case FIXED -> fixed;
            case MOVING -> moving;
            case HOT -> hot;
            case FUEL -> fuel;
            case PEOPLE -> people;
        };
    }
}
