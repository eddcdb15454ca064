package oddcradle.core.geometry.mesh;

import oddcradle.core.math.Vec3;

/**
 * Whether a point lies within a scanned surface: rays are sent out every way, and most of them leave it more often than they
 * enter it. A scan has holes, and a ray through one is outvoted; parts that overlap count as one. Common practice.
 */
public final class MeshInside {
    private static final int DEEPEST = 200;
    private static final int RAYS = 15;
    /** Turns of the golden angle spread directions evenly over a sphere and along no edge of anything. */
    private static final double GOLDEN_ANGLE = Math.PI * (3 - Math.sqrt(5));

    private MeshInside() {}

    /** @param point in the axes of the mesh, m */
    public static boolean contains(MeshTree tree, Vec3 point) {
        if (!tree.mesh().surrounds(point)) {
            return false;
        }
        int within = 0;
        for (int k = 0; k < RAYS; k++) {
            double z = 1 - (2 * k + 1.0) / RAYS;
            double level = Math.sqrt(1 - z * z);
            double around = GOLDEN_ANGLE * k + 0.3;
            Vec3 direction = new Vec3(level * Math.cos(around), level * Math.sin(around), z);
            within += crossings(tree, point, direction) != 0 ? 1 : 0;
        }
        return 2 * within > RAYS;
    }

    /** How often the ray leaves the surface less how often it enters, in a surface turned inside out the other way round. */
    private static int crossings(MeshTree tree, Vec3 from, Vec3 direction) {
        int[] stack = new int[DEEPEST];
        int left = 1;
        int crossings = 0;
        while (left > 0) {
            int node = stack[--left];
            if (tree.isLeaf(node)) {
                crossings += crossing(tree.mesh(), tree.triangle(node), from, direction);
            } else if (meets(tree.boxes(), MeshTree.BOX * node, from, direction)) {
                stack[left++] = tree.right(node);
                stack[left++] = tree.left(node);
            }
        }
        return crossings;
    }

    /** Kay and Kajiya's slabs, along the directions of the box. */
    private static boolean meets(float[] boxes, int at, Vec3 from, Vec3 direction) {
        double enter = 0;
        double leave = Double.POSITIVE_INFINITY;
        double x = from.x() - boxes[at];
        double y = from.y() - boxes[at + 1];
        double z = from.z() - boxes[at + 2];
        for (int axis = 0; axis < 3; axis++) {
            int a = at + 3 + 3 * axis;
            double start = boxes[a] * x + boxes[a + 1] * y + boxes[a + 2] * z;
            double speed = boxes[a] * direction.x() + boxes[a + 1] * direction.y() + boxes[a + 2] * direction.z();
            double half = boxes[at + 12 + axis];
            double one = (-half - start) / speed;
            double other = (half - start) / speed;
            enter = Math.max(enter, Math.min(one, other));
            leave = Math.min(leave, Math.max(one, other));
        }
        return enter <= leave;
    }

    /** 1 outwards, -1 inwards, 0 past it; Moller and Trumbore, Journal of Graphics Tools 2 (1997) (from memory). */
    private static int crossing(TriangleMesh mesh, int triangle, Vec3 from, Vec3 direction) {
        Vec3 corner = mesh.corner(triangle, 0);
        Vec3 first = mesh.corner(triangle, 1).minus(corner);
        Vec3 second = mesh.corner(triangle, 2).minus(corner);
        Vec3 across = direction.cross(second);
        double volume = first.dot(across);
        if (volume == 0) {
            return 0;
        }
        Vec3 way = from.minus(corner);
        double u = way.dot(across) / volume;
        Vec3 turned = way.cross(first);
        double v = direction.dot(turned) / volume;
        boolean hit = u >= 0 && v >= 0 && u + v <= 1 && second.dot(turned) / volume > 0;
        // The volume is minus the direction along the normal.
        return !hit ? 0 : volume < 0 ? 1 : -1;
    }
}
