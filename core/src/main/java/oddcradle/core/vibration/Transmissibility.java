package oddcradle.core.vibration;

import java.util.List;
import oddcradle.core.math.Vec3;

/** Share of a vertical shaking force at the centre of gravity that reaches the frame. */
public final class Transmissibility {
    private Transmissibility() {}

    /**
     * One degree of freedom with viscous damping: {@code T = sqrt((1+(2zr)^2) / ((1-r^2)^2+(2zr)^2))}. Harris' Shock and
     * Vibration Handbook, ch. 2 (from memory).
     *
     * @param ratio r, forcing over natural frequency, 0 or more
     * @param damping z, share of critical damping, 0 or more
     */
    public static double singleDegree(double ratio, double damping) {
        double twoZr2 = 4 * damping * damping * ratio * ratio;
        double off = 1 - ratio * ratio;
        return Math.sqrt((1 + twoZr2) / (off * off + twoZr2));
    }

    /** The same on all six degrees of freedom with the mounts' structural damping. */
    public static double vertical(MountedBody body, double frequencyHz) {
        Harmonic unit = new Harmonic(Vec3.Z, Vec3.ZERO, body.body().cg(), List.of(frequencyHz), List.of());
        return RigidBodyModes.respond(body, unit).get(0).total().z();
    }
}
