package oddcradle.core.geometry;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.math.Vec3;

/** A run through corners whose corners are bent to a radius. */
public final class RoundedPath {
    /** A change of direction below this is none, rad. */
    private static final double STRAIGHT = 1e-3;

    private RoundedPath() {}

    /** Change of direction at an inner corner, rad. */
    public static double turn(List<Vec3> corners, int at) {
        Vec3 in = corners.get(at).minus(corners.get(at - 1));
        Vec3 out = corners.get(at + 1).minus(corners.get(at));
        return Math.atan2(in.cross(out).length(), in.dot(out));
    }

    /** From a corner to where its bend begins, m: {@code R tan(angle / 2)}; 0 at an end. */
    public static double tangent(List<Vec3> corners, int at, double radius) {
        return at == 0 || at == corners.size() - 1 ? 0 : radius * Math.tan(turn(corners, at) / 2);
    }

    /** What is straight between the bends at two corners, m; less than 0 where they run into each other. */
    public static double straight(List<Vec3> corners, int last, double radius) {
        return corners.get(last).distanceTo(corners.get(last - 1))
                - tangent(corners, last - 1, radius)
                - tangent(corners, last, radius);
    }

    /**
     * Points of the run, arcs as chords. A corner without room for its bend stays a corner.
     *
     * @param corners two or more, none on the one before it
     * @param radius of the centre line, m; 0 leaves every corner
     * @param pieces chords of each arc, 1 or more
     */
    public static List<Vec3> of(List<Vec3> corners, double radius, int pieces) {
        List<Vec3> line = new ArrayList<>(List.of(corners.get(0)));
        for (int k = 1; k < corners.size() - 1; k++) {
            double angle = turn(corners, k);
            boolean room = straight(corners, k, radius) >= 0 && straight(corners, k + 1, radius) >= 0;
            if (radius == 0 || angle < STRAIGHT || !room) {
                line.add(corners.get(k));
            } else {
                line.addAll(arc(corners, k, radius, pieces));
            }
        }
        line.add(corners.get(corners.size() - 1));
        return line;
    }

    /** The bend at one corner, from its first point to its last. */
    public static List<Vec3> arc(List<Vec3> corners, int at, double radius, int pieces) {
        Vec3 corner = corners.get(at);
        Vec3 in = corner.minus(corners.get(at - 1)).unit();
        Vec3 out = corners.get(at + 1).minus(corner).unit();
        Vec3 inward = out.withoutPartAlong(in).unit();
        Vec3 centre = corner.along(in, -tangent(corners, at, radius)).along(inward, radius);
        double angle = turn(corners, at);
        List<Vec3> arc = new ArrayList<>();
        for (int piece = 0; piece <= pieces; piece++) {
            double a = angle * piece / pieces;
            arc.add(centre.along(inward, -radius * Math.cos(a)).along(in, radius * Math.sin(a)));
        }
        return arc;
    }
}
