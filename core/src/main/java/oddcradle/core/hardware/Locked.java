package oddcradle.core.hardware;

import oddcradle.core.catalog.Nut;
import oddcradle.core.joint.BoltStack;
import oddcradle.core.math.Vec3;

/** Which way a bolt goes in, and what keeps it from coming loose: common practice of whatever shakes. */
final class Locked {
    /** Of an upright bolt: sine of the angle beyond which it lies rather than stands. */
    private static final double LIES = 0.5;

    private Locked() {}

    /** @param way of the bolt from its head on, host axes, unit */
    static String goes(Vec3 way) {
        if (way.z() < -LIES) {
            return "from above";
        }
        if (way.z() > LIES) {
            return "from below, so look at its nut first: without it the bolt falls out";
        }
        return Math.abs(way.x()) > Math.abs(way.y())
                ? way.x() > 0 ? "from behind" : "from the front"
                : way.y() > 0 ? "from the right" : "from the left";
    }

    static String by(BoltStack stack) {
        if (stack.reach().isPresent()) {
            return "no nut: thread lock, or wire through its head, as the engine's maker says";
        }
        return stack.nut() == Nut.LOCKING
                ? "a new locking nut each time it comes off"
                : "a plain nut: thread lock or a second nut, and a line of paint across both";
    }
}
