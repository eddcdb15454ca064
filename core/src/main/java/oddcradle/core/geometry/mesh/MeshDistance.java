package oddcradle.core.geometry.mesh;

import oddcradle.core.geometry.distance.Separation;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;

/**
 * Shortest distance between the surfaces of two meshes. Branch and bound over pairs of boxes; the bound is the gap between the
 * boxes seen along the axes of either. Distance is zero where the surfaces cross; whether one mesh
 * lies wholly inside the other is for {@link MeshInside} to say.
 */
public final class MeshDistance {
    private static final int DEEPEST = 200;

    private final MeshTree a;
    private final MeshTree b;
    /** Rotation by rows and translation from b's axes to a's. */
    private final double[] r = new double[9];

    private final double[] t = new double[3];
    private final TriangleDistance triangles = new TriangleDistance();
    private final double[] cornersA = new double[9];
    private final double[] cornersB = new double[9];
    private double best = Double.POSITIVE_INFINITY;
    /** Unit vector from a to b of the best pair so far. */
    private double wayX;

    private double wayY;
    private double wayZ;
    private final double[] wayInB = new double[3];
    private Vec3 pointA = Vec3.ZERO;
    private Vec3 pointB = Vec3.ZERO;

    private MeshDistance(MeshTree a, Pose poseA, MeshTree b, Pose poseB) {
        this.a = a;
        this.b = b;
        Mat3 back = poseA.rotation().transposed();
        Mat3 turn = back.times(poseB.rotation());
        Vec3 shift = back.times(poseB.translation().minus(poseA.translation()));
        for (int k = 0; k < 9; k++) {
            r[k] = turn.get(k / 3, k % 3);
        }
        t[0] = shift.x();
        t[1] = shift.y();
        t[2] = shift.z();
    }

    /** @return closest points in the axes that both poses lead to */
    public static Separation between(MeshTree a, Pose poseA, MeshTree b, Pose poseB) {
        MeshDistance search = new MeshDistance(a, poseA, b, poseB);
        search.descend();
        double distance = Math.sqrt(search.best);
        return new Separation(distance, poseA.place(search.pointA), poseA.place(search.pointB));
    }

    /** Depth first with the nearer pair first; a pair whose bound is no better than the best is dropped. */
    private void descend() {
        int[] stackA = new int[DEEPEST];
        int[] stackB = new int[DEEPEST];
        double[] bounds = new double[DEEPEST];
        int depth = 0;
        stackA[depth] = 0;
        stackB[depth] = 0;
        bounds[depth++] = bound(0, 0);
        while (depth > 0) {
            depth--;
            int nodeA = stackA[depth];
            int nodeB = stackB[depth];
            if (bounds[depth] >= best) {
                continue;
            }
            boolean leafA = a.isLeaf(nodeA);
            boolean leafB = b.isLeaf(nodeB);
            if (leafA && leafB) {
                leaves(nodeA, nodeB);
                continue;
            }
            boolean splitA = leafB || !leafA && a.radius(nodeA) >= b.radius(nodeB);
            int firstA = splitA ? a.left(nodeA) : nodeA;
            int secondA = splitA ? a.right(nodeA) : nodeA;
            int firstB = splitA ? nodeB : b.left(nodeB);
            int secondB = splitA ? nodeB : b.right(nodeB);
            double first = bound(firstA, firstB);
            double second = bound(secondA, secondB);
            boolean nearerFirst = first <= second;
            stackA[depth] = nearerFirst ? secondA : firstA;
            stackB[depth] = nearerFirst ? secondB : firstB;
            bounds[depth++] = nearerFirst ? second : first;
            stackA[depth] = nearerFirst ? firstA : secondA;
            stackB[depth] = nearerFirst ? firstB : secondB;
            bounds[depth++] = nearerFirst ? first : second;
        }
    }

    private void leaves(int nodeA, int nodeB) {
        int from = 9 * a.triangle(nodeA);
        int at = 9 * b.triangle(nodeB);
        for (int c = 0; c < 9; c += 3) {
            double x = b.mesh().coordinate(at + c);
            double y = b.mesh().coordinate(at + c + 1);
            double z = b.mesh().coordinate(at + c + 2);
            for (int axis = 0; axis < 3; axis++) {
                cornersA[c + axis] = a.mesh().coordinate(from + c + axis);
                cornersB[c + axis] = r[3 * axis] * x + r[3 * axis + 1] * y + r[3 * axis + 2] * z + t[axis];
            }
        }
        double squared = parted() ? best : triangles.squared(cornersA, cornersB, best);
        if (squared < best) {
            best = squared;
            look(Math.sqrt(squared));
            pointA = new Vec3(triangles.pointA[0], triangles.pointA[1], triangles.pointA[2]);
            pointB = new Vec3(triangles.pointB[0], triangles.pointB[1], triangles.pointB[2]);
        }
    }

    /** Takes the way between the closest points as the direction in which the next pairs are looked at. */
    private void look(double distance) {
        double perLength = distance == 0 ? 0 : 1 / distance;
        wayX = (triangles.pointB[0] - triangles.pointA[0]) * perLength;
        wayY = (triangles.pointB[1] - triangles.pointA[1]) * perLength;
        wayZ = (triangles.pointB[2] - triangles.pointA[2]) * perLength;
        for (int k = 0; k < 3; k++) {
            wayInB[k] = r[k] * wayX + r[3 + k] * wayY + r[6 + k] * wayZ;
        }
    }

    /**
     * Squared lower bound of the distance between two boxes: the gap between their shadows on a line, for the direction of
     * the best pair so far and for the line between their centres.
     */
    private double bound(int nodeA, int nodeB) {
        float[] boxA = a.boxes();
        float[] boxB = b.boxes();
        int p = MeshTree.BOX * nodeA;
        int q = MeshTree.BOX * nodeB;
        double bx = boxB[q];
        double by = boxB[q + 1];
        double bz = boxB[q + 2];
        double dx = r[0] * bx + r[1] * by + r[2] * bz + t[0] - boxA[p];
        double dy = r[3] * bx + r[4] * by + r[5] * bz + t[1] - boxA[p + 1];
        double dz = r[6] * bx + r[7] * by + r[8] * bz + t[2] - boxA[p + 2];
        if (best < Double.POSITIVE_INFINITY) {
            double gap = shadows(p, q, dx, dy, dz, wayX, wayY, wayZ, wayInB[0], wayInB[1], wayInB[2]);
            if (gap * gap >= best) {
                return best;
            }
        }
        double length = Math.sqrt(dx * dx + dy * dy + dz * dz);
        if (length == 0) {
            return 0;
        }
        double nx = dx / length;
        double ny = dy / length;
        double nz = dz / length;
        double gap = shadows(
                p,
                q,
                dx,
                dy,
                dz,
                nx,
                ny,
                nz,
                r[0] * nx + r[3] * ny + r[6] * nz,
                r[1] * nx + r[4] * ny + r[7] * nz,
                r[2] * nx + r[5] * ny + r[8] * nz);
        return gap * gap;
    }

    /** Gap between the shadows of two boxes on the line along n, which is m in b's axes; 0 if they overlap. */
    private double shadows(
            int p,
            int q,
            double dx,
            double dy,
            double dz,
            double nx,
            double ny,
            double nz,
            double mx,
            double my,
            double mz) {
        float[] boxA = a.boxes();
        float[] boxB = b.boxes();
        double gap = dx * nx + dy * ny + dz * nz;
        for (int k = 0; k < 3; k++) {
            int i = p + 3 + 3 * k;
            int j = q + 3 + 3 * k;
            gap -= boxA[p + 12 + k] * Math.abs(boxA[i] * nx + boxA[i + 1] * ny + boxA[i + 2] * nz)
                    + boxB[q + 12 + k] * Math.abs(boxB[j] * mx + boxB[j + 1] * my + boxB[j + 2] * mz);
        }
        return Math.max(0, gap);
    }

    /** Whether the shadows on the way of the best pair already keep two triangles further apart than the best. */
    private boolean parted() {
        if (best == Double.POSITIVE_INFINITY) {
            return false;
        }
        double most = Math.max(along(cornersA, 0), Math.max(along(cornersA, 3), along(cornersA, 6)));
        double least = Math.min(along(cornersB, 0), Math.min(along(cornersB, 3), along(cornersB, 6)));
        double gap = least - most;
        return gap > 0 && gap * gap >= best;
    }

    private double along(double[] corners, int at) {
        return corners[at] * wayX + corners[at + 1] * wayY + corners[at + 2] * wayZ;
    }
}
