package oddcradle.core.frame;

import oddcradle.core.math.Vec3;

/**
 * How a frame gives at some of its points: entry (i, j) is what probe i moves along its direction under a force of 1 N along
 * that of probe j, m/N. Symmetric.
 *
 * <p>Maxwell (1864): reciprocal, by the direct stiffness method of {@link FactoredFrame}.
 */
public final class FrameFlexibility {
    private final double[][] entries;

    FrameFlexibility(double[][] entries) {
        this.entries = entries;
    }

    /**
     * A point that moves with a node as if on a rigid arm.
     *
     * @param point global axes, m
     * @param direction unit vector
     */
    public record Probe(String node, Vec3 point, Vec3 direction) {}

    /** What probe i moves under 1 N at probe j, m/N. */
    public double at(int i, int j) {
        return entries[i][j];
    }
}
