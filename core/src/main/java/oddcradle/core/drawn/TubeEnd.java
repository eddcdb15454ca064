package oddcradle.core.drawn;

import oddcradle.core.math.Vec3;

/** Where a hand begins or ends a tube. */
public sealed interface TubeEnd {
    /** A node that is there. */
    record AtNode(String node) implements TubeEnd {}

    /** A place along a tube that is there, host axes, m. */
    record OnTube(String tube, Vec3 at) implements TubeEnd {}

    /** Anywhere, host axes, m. */
    record Free(Vec3 at) implements TubeEnd {}
}
