package oddcradle.desktop.store;

import oddcradle.core.finding.Phrase;
import oddcradle.core.math.Vec3;

/**
 * A result shown where it is: between two points, which may be the same; host axes, m.
 *
 * @param text beside its middle; empty where it speaks for itself
 * @param style class of its colour: stop, watch, good, note or blue
 */
public record ChalkMark(Vec3 from, Vec3 to, Phrase text, String style, Form form) {
    /** How it is drawn. */
    public enum Form {
        /** A line with a dot at each end, or a dot alone. */
        MEASURE,
        /** A line that is part of a longer one. */
        STROKE,
        /** A line with a point. */
        ARROW
    }

    private static final Phrase NO_WORDS = Phrase.of("");
    private static final String BLUE = "blue";

    public ChalkMark(Vec3 from, Vec3 to, Phrase text, String style) {
        this(from, to, text, style, Form.MEASURE);
    }

    /** A place without words, to be taken by the hand. */
    public static ChalkMark dot(Vec3 at) {
        return new ChalkMark(at, at, NO_WORDS, BLUE);
    }

    /** A force, from where it acts to its point. */
    public static ChalkMark arrow(Vec3 from, Vec3 to, Phrase text) {
        return new ChalkMark(from, to, text, BLUE, Form.ARROW);
    }

    public static ChalkMark arrow(Vec3 from, Vec3 to) {
        return arrow(from, to, NO_WORDS);
    }

    public static ChalkMark stroke(Vec3 from, Vec3 to, String style) {
        return new ChalkMark(from, to, NO_WORDS, style, Form.STROKE);
    }

    public Vec3 middle() {
        return from.towards(to, 0.5);
    }
}
