package oddcradle.desktop.stand;

import oddcradle.core.finding.Phrase;
import oddcradle.core.math.Vec3;

/**
 * A result shown where it is: a line between two points with its number; the points may be the same.
 *
 * @param style class of its colour: step, watch, good, note or blue
 */
public record ChalkMark(Vec3 from, Vec3 to, Phrase text, String style) {
    /** A place without words, to be taken by the hand. */
    static ChalkMark dot(Vec3 at) {
        return new ChalkMark(at, at, Phrase.of(""), "blue");
    }

    /** A force, at where it points. */
    static ChalkMark arrow(Vec3 from, Vec3 to) {
        return new ChalkMark(from, to, Phrase.of(""), "blue");
    }

    Vec3 middle() {
        return from.towards(to, 0.5);
    }
}
