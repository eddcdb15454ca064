package oddcradle.core.structure;

import oddcradle.core.math.Vec3;

/**
 * A place that is watched while the engine shakes, and what of it.
 *
 * @param id of the isolator, or of what is watched
 * @param label in words
 * @param at host axes, m
 */
public record ShakeWatch(String id, String label, Kind kind, Vec3 at) {
    /** What is told of a place; each as the root of the sum of the squares along three axes. */
    public enum Kind {
        /** Amplitude of the force of a mount on the frame, N. */
        MOUNT_FORCE,
        /** Amplitude of a motion of the engine, m. */
        ENGINE_MOTION,
        /** Velocity of the frame where it carries a person, m/s, root mean square. */
        FRAME_VELOCITY,
        /** The same where it carries something else. */
        CARRIED_VELOCITY
    }

    /** Whether it is the frame that is watched. */
    boolean isOnFrame() {
        return kind == Kind.FRAME_VELOCITY || kind == Kind.CARRIED_VELOCITY;
    }
}
