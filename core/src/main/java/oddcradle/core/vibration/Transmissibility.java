package oddcradle.core.vibration;

import oddcradle.core.math.Vec3;

/**
 * Share of what shakes a body that reaches the frame under its mounts, on all six degrees of freedom, with the mounts' structural
 * damping. For a body that moves in one direction alone this is {@code T = sqrt((1 + loss^2) / ((1 - r^2)^2 + loss^2))}, r the
 * forcing over the natural frequency. Harris' Shock and Vibration Handbook, ch. 2 (from memory).
 */
public final class Transmissibility {
    private Transmissibility() {}

    /**
     * Of a moment: what the mounts turn the frame by about the same axis through the centre of gravity, over the moment. A ratio.
     *
     * @param axis unit, of the crank
     * @param frequencyHz 0 or more, Hz
     */
    public static double moment(MountedBody body, Vec3 axis, double frequencyHz) {
        return RigidBodyModes.onFrame(body, HarmonicWrench.inStep(Vec3.ZERO, axis), frequencyHz)
                .momentAbout(axis);
    }

    /**
     * Of a force: size of what the mounts push the frame with over its own size. A ratio; 0 where there is no force.
     *
     * @param frequencyHz 0 or more, Hz
     */
    public static double force(MountedBody body, HarmonicWrench load, double frequencyHz) {
        return load.force() == 0
                ? 0
                : RigidBodyModes.onFrame(body, load, frequencyHz).force() / load.force();
    }
}
