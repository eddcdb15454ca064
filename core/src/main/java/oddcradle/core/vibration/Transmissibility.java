package oddcradle.core.vibration;

import java.util.List;
import oddcradle.core.math.Vec3;

/** Share of a vertical shaking force at the centre of gravity that reaches the frame. */
public final class Transmissibility {
    private Transmissibility() {}

    /**
     * On all six degrees of freedom, with the mounts' structural damping. For a body that moves straight up and down this is
     * {@code T = sqrt((1 + loss^2) / ((1 - r^2)^2 + loss^2))}, r the forcing over the natural frequency. Harris' Shock and
     * Vibration Handbook, ch. 2 (from memory).
     *
     * @param frequencyHz of the force, Hz, 0 or more
     * @return ratio of the force on the base to the force on the body
     */
    public static double vertical(MountedBody body, double frequencyHz) {
        Harmonic unit = new Harmonic(Vec3.Z, Vec3.ZERO, body.body().cg(), List.of(frequencyHz), List.of());
        return RigidBodyModes.respond(body, unit).get(0).total().z();
    }
}
