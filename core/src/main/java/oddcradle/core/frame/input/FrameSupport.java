package oddcradle.core.frame.input;

import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;

/**
 * A node held by the ground.
 *
 * @param fix motions that it holds
 * @param springs under it along the global axes where it holds nothing, N/m, each 0 or more
 */
public record FrameSupport(String node, Fixity fix, Vec3 springs) {
    public FrameSupport {
        Guard.named("node", node);
        Guard.present("fix", fix);
        Guard.present("springs", springs);
        Guard.notNegative("springs[0]", springs.x(), "N/m");
        Guard.notNegative("springs[1]", springs.y(), "N/m");
        Guard.notNegative("springs[2]", springs.z(), "N/m");
    }

    /** On nothing that gives. */
    public FrameSupport(String node, Fixity fix) {
        this(node, fix, Vec3.ZERO);
    }

    /** On springs alone. */
    public static FrameSupport on(String node, Vec3 springs) {
        return new FrameSupport(node, Fixity.NONE, springs);
    }

    /** By definition: of a motion along or about a global axis, N/m; 0 where nothing gives. */
    public double spring(int motion) {
        return switch (motion) {
            case 0 -> springs.x();
            case 1 -> springs.y();
            case 2 -> springs.z();
            default -> 0;
        };
    }
}
