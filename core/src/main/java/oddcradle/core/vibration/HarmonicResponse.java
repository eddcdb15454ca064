package oddcradle.core.vibration;

import java.util.List;
import oddcradle.core.math.Vec3;

/**
 * Steady answer at one frequency; every amplitude is the modulus of the complex amplitude along each axis.
 *
 * @param points movement of the asked points, m
 * @param mounts force on the frame by mount, N, with its name
 * @param total force on the frame, all mounts together with their phases, N
 * @param frequencyHz Hz
 */
public record HarmonicResponse(double frequencyHz, List<Vec3> points, List<MountForce> mounts, Vec3 total) {
    /** @param amplitude N */
    public record MountForce(String name, Vec3 amplitude) {}

    public HarmonicResponse {
        points = List.copyOf(points);
        mounts = List.copyOf(mounts);
    }
}
