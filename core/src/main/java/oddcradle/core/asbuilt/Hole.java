package oddcradle.core.asbuilt;

import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;

/**
 * A mount's hole and the boss that goes on it.
 *
 * <p>Differences of places, by definition.
 *
 * @param id of the mount
 * @param place of the boss as drawn, m
 * @param up unit way in which a shim moves the boss, along the bolt
 * @param off from there to where the hole was found, shims and all, m
 * @param play of the bolt in both its holes, on the radius, m
 */
public record Hole(String id, Vec3 place, Vec3 up, Vec3 off, double play) {
    public Hole {
        Guard.named("id", id);
        Guard.present("place", place);
        Guard.present("off", off);
        Guard.notNegative("play", play, "m");
        up = Guard.present("up", up).unit();
    }

    /** With so much more under the boss, m; negative where something is taken away. */
    public Hole shimmed(double thickness) {
        return new Hole(id, place, up, off.along(up, thickness), play);
    }

    /** What of its offset lies across the bolt beyond its play, m: none where the bolt goes in by hand with the boss as drawn. */
    public Vec3 beyondPlay() {
        Vec3 across = off.withoutPartAlong(up);
        double length = across.length();
        return length <= play ? Vec3.ZERO : across.times((length - play) / length);
    }

    /** Of the play what is left once the bolt has taken up the hole's offset, m. */
    public double playLeft() {
        return Math.max(0, play - off.withoutPartAlong(up).length());
    }

    /** With another play, m. */
    public Hole withPlay(double other) {
        return new Hole(id, place, up, off, other);
    }

    /** Found somewhere else, m from its place. */
    public Hole withOff(Vec3 other) {
        return new Hole(id, place, up, other, play);
    }
}
