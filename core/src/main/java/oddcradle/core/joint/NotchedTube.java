package oddcradle.core.joint;

import oddcradle.core.math.Guard;
import oddcradle.core.section.Tube;

/**
 * A round tube with a hollow cut across it. Left open, the wall beyond the cut is gone; with the off-cut turned over and welded
 * back, that wall lies mirrored inside. Thin wall on its middle line, summed over the arc.
 *
 * @param area left, m2
 * @param sectionModulus left against bending in the plane of the cut, m3
 * @param closed whether it still is one closed wall and keeps its torsion
 */
public record NotchedTube(double area, double sectionModulus, boolean closed) {
    private static final int STEPS = 2000;

    /** @param depth of the cut from the outside, m, less than the diameter */
    public static NotchedTube of(Tube tube, double depth, boolean closed) {
        Guard.within("depth", depth, 0, tube.od() - 2 * tube.wall(), "m");
        double radius = (tube.od() - tube.wall()) / 2;
        double cut = tube.od() / 2 - depth;
        double area = 0;
        double first = 0;
        double second = 0;
        double low = 0;
        double high = Double.NEGATIVE_INFINITY;
        double piece = 2 * Math.PI * radius * tube.wall() / STEPS;
        for (int k = 0; k < STEPS; k++) {
            double z = radius * Math.cos(2 * Math.PI * (k + 0.5) / STEPS);
            if (z > cut && !closed) {
                continue;
            }
            double at = z > cut ? 2 * cut - z : z;
            area += piece;
            first += piece * at;
            second += piece * at * at;
            low = Math.min(low, at);
            high = Math.max(high, at);
        }
        double middle = first / area;
        double moment = second - area * middle * middle;
        // Nothing reaches over the cut.
        double top = Math.min(high + tube.wall() / 2, cut);
        double farthest = Math.max(top - middle, middle - low + tube.wall() / 2);
        return new NotchedTube(area, moment / farthest, closed);
    }
}
