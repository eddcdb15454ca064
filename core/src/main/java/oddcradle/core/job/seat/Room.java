package oddcradle.core.job.seat;

import oddcradle.core.job.body.Category;
import oddcradle.core.math.Guard;

/**
 * Least gaps by category, m; a pair needs the greater of its two unless a rule says otherwise.
 *
 * @param fuel as hot where it is left out
 * @param hose as fixed where it is left out
 */
public record Room(double fixed, double moving, double hot, double people, Double fuel, Double hose) {
    public Room {
        Guard.notNegative("fixed", fixed, "m");
        Guard.notNegative("moving", moving, "m");
        Guard.notNegative("hot", hot, "m");
        Guard.notNegative("people", people, "m");
        fuel = fuel == null ? hot : Guard.notNegative("fuel", fuel, "m");
        hose = hose == null ? fixed : Guard.notNegative("hose", hose, "m");
    }

    public double of(Category category) {
        return switch (category) {
            case FIXED -> fixed;
            case MOVING -> moving;
            case HOT -> hot;
            case FUEL -> fuel;
            case PEOPLE -> people;
            case HOSE -> hose;
        };
    }

    public Room with(Category category, double room) {
        return new Room(
                category == Category.FIXED ? room : fixed,
                category == Category.MOVING ? room : moving,
                category == Category.HOT ? room : hot,
                category == Category.PEOPLE ? room : people,
                category == Category.FUEL ? room : fuel,
                category == Category.HOSE ? room : hose);
    }
}
