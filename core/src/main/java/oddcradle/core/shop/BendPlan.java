package oddcradle.core.shop;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;

/**
 * How a tube is bent on a machine, one bend after the other: lengths on the centre line by plain geometry of tangents and arcs.
 *
 * @param straights before, between and behind the bends, m; less than 0 where two bends run into each other
 * @param angles as they stay, rad
 * @param arcs m
 * @param machineAngles that the machine turns to, rad: more where the tube springs back
 * @param rotations of the tube before each bend, right-handed about the way it travels, rad; the first 0
 */
public record BendPlan(
        List<Double> straights,
        List<Double> angles,
        List<Double> arcs,
        List<Double> machineAngles,
        List<Double> rotations) {
    private static final double NO_BEND = 1e-9;

    public BendPlan {
        straights = List.copyOf(straights);
        angles = List.copyOf(angles);
        arcs = List.copyOf(arcs);
        machineAngles = List.copyOf(machineAngles);
        rotations = List.copyOf(rotations);
    }

    /** Where a bend begins and ends on the tube while it is straight, m from its first end. */
    public record Mark(double start, double end) {}

    /**
     * @param points corners of the centre line, m, two or more
     * @param radii of the centre line at each inner corner, m, more than half the diameter
     * @param diameter of the tube, m
     * @param springback angle after release over angle on the machine, above 0, at most 1
     */
    public static BendPlan of(List<Vec3> points, List<Double> radii, double diameter, double springback) {
        require(points, radii, diameter, springback);
        int bends = radii.size();
        List<Double> straights = new ArrayList<>();
        List<Double> angles = new ArrayList<>();
        List<Double> arcs = new ArrayList<>();
        List<Double> machine = new ArrayList<>();
        List<Double> rotations = new ArrayList<>();
        Vec3 normalBefore = Vec3.ZERO;
        double tangentBefore = 0;
        for (int k = 0; k < bends; k++) {
            Vec3 before = way(points, k);
            Vec3 after = way(points, k + 1);
            Vec3 normal = before.cross(after);
            double angle = Math.atan2(normal.length(), before.dot(after));
            requireBend(k + 1, angle);
            double tangent = radii.get(k) * Math.tan(angle / 2);
            straights.add(points.get(k + 1).distanceTo(points.get(k)) - tangentBefore - tangent);
            angles.add(angle);
            arcs.add(radii.get(k) * angle);
            machine.add(angle / springback);
            rotations.add(k == 0 ? 0 : Math.atan2(normalBefore.cross(normal).dot(before), normalBefore.dot(normal)));
            normalBefore = normal;
            tangentBefore = tangent;
        }
        straights.add(points.get(bends + 1).distanceTo(points.get(bends)) - tangentBefore);
        return new BendPlan(straights, angles, arcs, machine, rotations);
    }

    private static Vec3 way(List<Vec3> points, int from) {
        return points.get(from + 1).minus(points.get(from)).unit();
    }

    private static void require(List<Vec3> points, List<Double> radii, double diameter, double springback) {
        if (points.size() < 2) {
            throw new InvalidValue("points", "are " + points.size() + ", a tube has two ends");
        }
        if (radii.size() != points.size() - 2) {
            throw new InvalidValue(
                    "radii",
                    "has " + radii.size() + " entries, must have " + (points.size() - 2)
                            + ", one for each inner corner");
        }
        Guard.size("od", diameter);
        for (int k = 0; k < radii.size(); k++) {
            if (!(radii.get(k) > diameter / 2)) {
                throw new InvalidValue(
                        "radii[" + k + "]",
                        "is " + radii.get(k) + " m, must be more than half the diameter, " + diameter / 2 + " m");
            }
        }
        if (!(springback > 0 && springback <= 1)) {
            throw new InvalidValue("springback_factor", "is " + springback + ", must be above 0 and at most 1");
        }
        for (int k = 1; k < points.size(); k++) {
            if (points.get(k).distanceTo(points.get(k - 1)) <= 0) {
                throw new InvalidValue("points[" + k + "]", "is the same as the one before it");
            }
        }
    }

    private static void requireBend(int corner, double angle) {
        if (angle < NO_BEND) {
            throw new InvalidValue("points[" + corner + "]", "is a corner without a bend; leave it out");
        }
        if (angle > Math.PI - NO_BEND) {
            throw new InvalidValue("points[" + corner + "]", "turns right back, which no bend does");
        }
    }

    public List<Mark> marks() {
        List<Mark> marks = new ArrayList<>();
        double at = 0;
        for (int k = 0; k < arcs.size(); k++) {
            double start = at + straights.get(k);
            at = start + arcs.get(k);
            marks.add(new Mark(start, at));
        }
        return marks;
    }

    /**
     * How the tube is turned in a machine that always bends to one side: the other way round than its next bend lies, so that this comes to
     * that side. Clockwise as seen from the first end along the tube, rad; the first 0; exact.
     */
    public List<Double> turns() {
        return rotations.stream().map(rotation -> 0 - rotation).toList();
    }

    /** Of the tube before it is bent, m: straights and arcs on its centre line, which common practice takes to keep its length. */
    public double developedLength() {
        return straights.stream().mapToDouble(x -> x).sum()
                + arcs.stream().mapToDouble(x -> x).sum();
    }
}
