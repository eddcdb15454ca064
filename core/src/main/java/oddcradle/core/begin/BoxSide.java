package oddcradle.core.begin;

import oddcradle.core.math.Vec3;

/** A side of the engine or of its bay, as the driver sits. */
public enum BoxSide {
    FRONT("front", Vec3.X),
    REAR("rear", Vec3.X.negated()),
    LEFT("left", Vec3.Y),
    RIGHT("right", Vec3.Y.negated()),
    TOP("top", Vec3.Z),
    BOTTOM("bottom", Vec3.Z.negated());

    private final String words;
    private final Vec3 outward;

    BoxSide(String words, Vec3 outward) {
        this.words = words;
        this.outward = outward;
    }

    public String words() {
        return words;
    }

    public Vec3 outward() {
        return outward;
    }

    BoxSide opposite() {
        return switch (this) {
            case FRONT -> REAR;
            case REAR -> FRONT;
            case LEFT -> RIGHT;
            case RIGHT -> LEFT;
            case TOP -> BOTTOM;
            case BOTTOM -> TOP;
        };
    }
}
