package oddcradle.core.frame;

import java.util.List;
import oddcradle.core.math.Vec3;

/**
 * How a whole of engine and frame moves at one frequency. Amplitudes are complex: real and imaginary parts for a force that is real.
 *
 * @param frequencyHz Hz
 * @param enginePoints in the order asked
 * @param frameNodes in the order asked
 * @param mounts in the order of the mounts: moduli of the force on the frame along the global axes, N
 * @param supports moduli of the sum of all support forces along the global axes, N
 */
public record ResponseResult(
        double frequencyHz, List<Motion> enginePoints, List<Motion> frameNodes, List<Vec3> mounts, Vec3 supports) {
    public ResponseResult {
        enginePoints = List.copyOf(enginePoints);
        frameNodes = List.copyOf(frameNodes);
        mounts = List.copyOf(mounts);
    }

    /**
     * Displacement of a point, m.
     *
     * @param re in step with the force, m
     * @param im a quarter turn from it, m
     */
    public record Motion(Vec3 re, Vec3 im) {}
}
