package oddcradle.core.geometry.mesh;

import oddcradle.core.math.Vec3;

/**
 * A mesh made ready for distances: a binary tree of boxes, each turned to fit its triangles, so that a slanting patch of
 * surface has a thin one. Gottschalk, Lin and Manocha, OBBTree, SIGGRAPH (1996) (from memory).
 *
 * <p>Cost: building n log n; memory about 140 bytes a triangle. Any threads once built.
 */
public final class MeshTree {
    static final int BOX = 15;

    private final TriangleMesh mesh;
    private final int[] order;
    /** For each node: centre 0-2, axes 3-11, half sizes 12-14. */
    private final float[] boxes;
    /** Right child of a node, its left one follows it; for a leaf minus its triangle, less one. */
    private final int[] right;

    private int nodes;

    private MeshTree(TriangleMesh mesh) {
        this.mesh = mesh;
        int count = mesh.triangles();
        order = new int[count];
        float[] middles = new float[3 * count];
        for (int k = 0; k < count; k++) {
            order[k] = k;
            for (int axis = 0; axis < 3; axis++) {
                middles[3 * k + axis] = (float) ((mesh.coordinate(9 * k + axis)
                                + mesh.coordinate(9 * k + 3 + axis)
                                + mesh.coordinate(9 * k + 6 + axis))
                        / 3);
            }
        }
        boxes = new float[BOX * 2 * count];
        right = new int[2 * count];
        build(0, count, middles);
    }

    public static MeshTree of(TriangleMesh mesh) {
        return new MeshTree(mesh);
    }

    public TriangleMesh mesh() {
        return mesh;
    }

    private int build(int from, int to, float[] middles) {
        int node = nodes++;
        double[] axes = fit(node, from, to);
        if (to - from == 1) {
            right[node] = -order[from] - 1;
            return node;
        }
        int middle = from + to >>> 1;
        halve(from, to, middle, axes, middles);
        build(from, middle, middles);
        right[node] = build(middle, to, middles);
        return node;
    }

    /** Fits a box along the principal directions of the corners; returns its first direction, the longest. */
    private double[] fit(int node, int from, int to) {
        double[] mean = new double[3];
        double[][] spread = new double[3][3];
        int count = 3 * (to - from);
        for (int k = from; k < to; k++) {
            for (int c = 0; c < 9; c++) {
                mean[c % 3] += mesh.coordinate(9 * order[k] + c) / count;
            }
        }
        for (int k = from; k < to; k++) {
            for (int c = 0; c < 9; c += 3) {
                double x = mesh.coordinate(9 * order[k] + c) - mean[0];
                double y = mesh.coordinate(9 * order[k] + c + 1) - mean[1];
                double z = mesh.coordinate(9 * order[k] + c + 2) - mean[2];
                spread[0][0] += x * x;
                spread[0][1] += x * y;
                spread[0][2] += x * z;
                spread[1][1] += y * y;
                spread[1][2] += y * z;
                spread[2][2] += z * z;
            }
        }
        double[][] axes = PrincipalAxes.of(spread);
        double[] low = {Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY};
        double[] high = {Double.NEGATIVE_INFINITY, Double.NEGATIVE_INFINITY, Double.NEGATIVE_INFINITY};
        for (int k = from; k < to; k++) {
            for (int c = 0; c < 9; c += 3) {
                for (int axis = 0; axis < 3; axis++) {
                    double along = 0;
                    for (int i = 0; i < 3; i++) {
                        along += axes[axis][i] * mesh.coordinate(9 * order[k] + c + i);
                    }
                    low[axis] = Math.min(low[axis], along);
                    high[axis] = Math.max(high[axis], along);
                }
            }
        }
        write(node, axes, low, high);
        return axes[longest(low, high)];
    }

    private static int longest(double[] low, double[] high) {
        int longest = 0;
        for (int axis = 1; axis < 3; axis++) {
            longest = high[axis] - low[axis] > high[longest] - low[longest] ? axis : longest;
        }
        return longest;
    }

    private void write(int node, double[][] axes, double[] low, double[] high) {
        int at = BOX * node;
        double size = 0;
        for (int axis = 0; axis < 3; axis++) {
            size = Math.max(size, Math.max(Math.abs(low[axis]), Math.abs(high[axis])));
        }
        for (int i = 0; i < 3; i++) {
            double centre = 0;
            for (int axis = 0; axis < 3; axis++) {
                centre += axes[axis][i] * (low[axis] + high[axis]) / 2;
                boxes[at + 3 + 3 * axis + i] = (float) axes[axis][i];
            }
            boxes[at + i] = (float) centre;
            // Rounding to floats must not let a corner look out of its box.
            boxes[at + 12 + i] = (float) ((high[i] - low[i]) / 2 + 4e-7 * size);
        }
    }

    /** Puts the triangles whose middles lie lower along {@code axis} before {@code middle}: quickselect. */
    private void halve(int from, int to, int middle, double[] axis, float[] middles) {
        int low = from;
        int high = to - 1;
        while (low < high) {
            double pivot = along(order[low + high >>> 1], axis, middles);
            int i = low;
            int j = high;
            while (i <= j) {
                while (along(order[i], axis, middles) < pivot) {
                    i++;
                }
                while (along(order[j], axis, middles) > pivot) {
                    j--;
                }
                if (i <= j) {
                    int swap = order[i];
                    order[i++] = order[j];
                    order[j--] = swap;
                }
            }
            if (middle <= j) {
                high = j;
            } else if (middle >= i) {
                low = i;
            } else {
                return;
            }
        }
    }

    private static double along(int triangle, double[] axis, float[] middles) {
        return axis[0] * middles[3 * triangle]
                + axis[1] * middles[3 * triangle + 1]
                + axis[2] * middles[3 * triangle + 2];
    }

    float[] boxes() {
        return boxes;
    }

    boolean isLeaf(int node) {
        return right[node] < 0;
    }

    int left(int node) {
        return node + 1;
    }

    int right(int node) {
        return right[node];
    }

    /** Of a leaf. */
    int triangle(int node) {
        return -right[node] - 1;
    }

    /** Half of a box's diagonal, m. */
    double radius(int node) {
        int at = BOX * node + 12;
        return Math.sqrt(boxes[at] * boxes[at] + boxes[at + 1] * boxes[at + 1] + boxes[at + 2] * boxes[at + 2]);
    }

    Vec3 centre(int node) {
        return new Vec3(boxes[BOX * node], boxes[BOX * node + 1], boxes[BOX * node + 2]);
    }
}
