package oddcradle.core.geometry.mesh;

import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;

/**
 * Triangles without order, as a scan gives them; corners run anticlockwise seen from outside. Stored as nine floats a
 * triangle, because a scan is no finer than that. The array is not copied and must not be changed afterwards.
 */
public final class TriangleMesh {
    /** The most triangles that are taken. */
    public static final int MOST_TRIANGLES = 20_000_000;

    private static final int PER_TRIANGLE = 9;

    private final float[] corners;
    private final Vec3 least;
    private final Vec3 most;

    private TriangleMesh(float[] corners) {
        this.corners = corners;
        float[] low = {Float.POSITIVE_INFINITY, Float.POSITIVE_INFINITY, Float.POSITIVE_INFINITY};
        float[] high = {Float.NEGATIVE_INFINITY, Float.NEGATIVE_INFINITY, Float.NEGATIVE_INFINITY};
        for (int k = 0; k < corners.length; k += 3) {
            for (int axis = 0; axis < 3; axis++) {
                low[axis] = Math.min(low[axis], corners[k + axis]);
                high[axis] = Math.max(high[axis], corners[k + axis]);
            }
        }
        for (int axis = 0; axis < 3; axis++) {
            // Minimum and maximum carry a NaN through.
            if (!Float.isFinite(low[axis]) || !Float.isFinite(high[axis])) {
                throw new InvalidValue("corners", "hold a coordinate that is no finite number; export the mesh again");
            }
        }
        least = new Vec3(low[0], low[1], low[2]);
        most = new Vec3(high[0], high[1], high[2]);
    }

    /**
     * @param corners x, y, z of three corners for each triangle
     * @throws InvalidValue if there is no triangle, a part of one, too many, or a coordinate that is not finite
     */
    public static TriangleMesh of(float[] corners) {
        if (corners.length == 0) {
            throw new InvalidValue("triangles", "are none, a mesh needs at least one");
        }
        if (corners.length % PER_TRIANGLE != 0) {
            throw new InvalidValue("corners", "are no whole number of triangles");
        }
        if (corners.length / PER_TRIANGLE > MOST_TRIANGLES) {
            throw new InvalidValue(
                    "triangles",
                    "are " + corners.length / PER_TRIANGLE + ", at most " + MOST_TRIANGLES
                            + " are taken; thin the mesh out");
        }
        return new TriangleMesh(corners);
    }

    public int triangles() {
        return corners.length / PER_TRIANGLE;
    }

    /** Corner 0, 1 or 2 of a triangle. */
    public Vec3 corner(int triangle, int corner) {
        int at = PER_TRIANGLE * triangle + 3 * corner;
        return new Vec3(corners[at], corners[at + 1], corners[at + 2]);
    }

    /** Coordinate by its place: {@code 9 * triangle + 3 * corner + axis}. */
    double coordinate(int place) {
        return corners[place];
    }

    /** The corner of the box around it with the least coordinates. */
    public Vec3 least() {
        return least;
    }

    public Vec3 most() {
        return most;
    }

    /** Whether a point lies in the box around the mesh. */
    public boolean surrounds(Vec3 point) {
        return point.x() >= least.x()
                && point.y() >= least.y()
                && point.z() >= least.z()
                && point.x() <= most.x()
                && point.y() <= most.y()
                && point.z() <= most.z();
    }

    /** The mesh with every coordinate multiplied, for another unit of length. */
    public TriangleMesh scaled(double factor) {
        float[] scaled = new float[corners.length];
        for (int k = 0; k < corners.length; k++) {
            scaled[k] = (float) (corners[k] * factor);
        }
        return of(scaled);
    }

    /** Volume within a closed surface, m3; negative if its triangles face inwards. Gauss's theorem. */
    public double signedVolume() {
        double six = 0;
        for (int k = 0; k < corners.length; k += PER_TRIANGLE) {
            double ax = corners[k] - least.x();
            double ay = corners[k + 1] - least.y();
            double az = corners[k + 2] - least.z();
            double bx = corners[k + 3] - least.x();
            double by = corners[k + 4] - least.y();
            double bz = corners[k + 5] - least.z();
            double cx = corners[k + 6] - least.x();
            double cy = corners[k + 7] - least.y();
            double cz = corners[k + 8] - least.z();
            six += ax * (by * cz - bz * cy) + ay * (bz * cx - bx * cz) + az * (bx * cy - by * cx);
        }
        return six / 6;
    }

    /** The same surface facing the other way. */
    public TriangleMesh turnedInsideOut() {
        float[] turned = corners.clone();
        for (int k = 0; k < turned.length; k += PER_TRIANGLE) {
            for (int axis = 0; axis < 3; axis++) {
                turned[k + 3 + axis] = corners[k + 6 + axis];
                turned[k + 6 + axis] = corners[k + 3 + axis];
            }
        }
        return new TriangleMesh(turned);
    }
}
