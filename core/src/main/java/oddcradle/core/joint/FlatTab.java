package oddcradle.core.joint;

import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;

/**
 * A flat tab with one bolt hole, welded at its root. Bearing {@code R/(d t)}, net section {@code R/((w - hole) t)}, tearing out along
 * two planes, bending at the root about both axes with the pull. Shigley, Mechanical Engineering Design (from memory).
 *
 * @param width m
 * @param thickness m
 * @param hole diameter, m, less than the width
 * @param edge middle of the hole to the free end, m, more than half the hole
 * @param bolt diameter, m, at most the hole
 * @param standoff weld to the middle of the hole, m, 0 or more
 */
public record FlatTab(double width, double thickness, double hole, double edge, double bolt, double standoff) {
    public FlatTab {
        Guard.size("width", width);
        Guard.size("thickness", thickness);
        Guard.size("hole", hole);
        Guard.size("edge", edge);
        Guard.size("bolt", bolt);
        Guard.notNegative("standoff", standoff, "m");
        if (bolt > hole) {
            throw new InvalidValue(
                    "bolt", "is " + bolt + " m, must be no larger than its hole, " + hole + " m; drill a larger hole");
        }
        if (!(hole < width)) {
            throw new InvalidValue(
                    "hole", "is " + hole + " m, must be less than the width, " + width + " m; take a wider tab");
        }
        if (!(edge > hole / 2)) {
            throw new InvalidValue(
                    "edge",
                    "is " + edge + " m, must be more than half the hole, " + hole / 2 + " m, or the hole breaks out");
        }
    }

    /** What a load does to the tab, Pa. */
    public record Stresses(double bearing, double netSection, double tearOut, double rootBending) {}

    /**
     * @param along away from the root, N
     * @param across in the plane of the tab, N
     * @param out square to it, N
     */
    public Stresses under(double along, double across, double out) {
        double pull = Math.hypot(along, across);
        return new Stresses(
                pull / (bolt * thickness),
                pull / ((width - hole) * thickness),
                pull / (2 * thickness * (edge - hole / 2)),
                Math.abs(along) / (width * thickness)
                        + 6 * Math.abs(across) * standoff / (thickness * width * width)
                        + 6 * Math.abs(out) * standoff / (width * thickness * thickness));
    }

    /** Middle of the hole to the end over the hole, a ratio. */
    public double edgeRatio() {
        return edge / hole;
    }
}
