package oddcradle.core.strength;

import oddcradle.core.math.Guard;

/**
 * What a wall carries of what is welded onto it.
 *
 * @param across the tube's axis, m
 * @param along the tube's axis, square to the piece that stands on it, m
 */
public record Footprint(double across, double along) {
    public Footprint {
        Guard.size("across", across);
        Guard.size("along", along);
    }
}
