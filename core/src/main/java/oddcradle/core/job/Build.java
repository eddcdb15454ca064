package oddcradle.core.job;

import oddcradle.core.math.Guard;

/**
 * How the shop works.
 *
 * @param kerf metal lost per cut, m
 * @param yieldFactor yield strength divided by what a tube may carry, at least 1
 * @param room least gaps
 */
public record Build(double kerf, double yieldFactor, Room room) {
    private static final double MOST_FACTOR = 20;

    public Build {
        Guard.notNegative("kerf", kerf, "m");
        Guard.within("yieldFactor", yieldFactor, 1, MOST_FACTOR, "");
        Guard.present("room", room);
    }
}
