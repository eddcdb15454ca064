package oddcradle.core.geometry.distance;

import oddcradle.core.geometry.Aabb;
import oddcradle.core.geometry.Solid;
import oddcradle.core.math.Vec3;

/**
 * A solid made ready for many distance queries: a core with a rounding radius. A sphere is a rounded point, a capsule a
 * rounded segment; box and cylinder are cores without rounding. The core is its centre plus all sums of {@code t_k edge_k},
 * each t between -1 and 1, plus a disc where there is one.
 */
public final class PreparedSolid {
    private final Aabb bounds;
    private final double cx;
    private final double cy;
    private final double cz;
    /** Half vectors, three numbers each. */
    private final double[] edges;
    /** Unit normal of the disc; meaningless where its radius is 0. */
    private final double ax;

    private final double ay;
    private final double az;
    private final double discRadius;
    private final double rounding;

    private PreparedSolid(Solid solid, Vec3 centre, Vec3 discAxis, double discRadius, double rounding, Vec3... edges) {
        this.bounds = solid.bounds();
        this.cx = centre.x();
        this.cy = centre.y();
        this.cz = centre.z();
        this.ax = discAxis.x();
        this.ay = discAxis.y();
        this.az = discAxis.z();
        this.discRadius = discRadius;
        this.rounding = rounding;
        this.edges = new double[3 * edges.length];
        for (int k = 0; k < edges.length; k++) {
            this.edges[3 * k] = edges[k].x();
            this.edges[3 * k + 1] = edges[k].y();
            this.edges[3 * k + 2] = edges[k].z();
        }
    }

    public static PreparedSolid of(Solid solid) {
        if (solid instanceof Solid.Sphere sphere) {
            return new PreparedSolid(solid, sphere.center(), Vec3.Z, 0, sphere.radius());
        }
        if (solid instanceof Solid.Capsule capsule) {
            Vec3 half = capsule.p1().minus(capsule.p0()).times(0.5);
            return new PreparedSolid(solid, capsule.centre(), Vec3.Z, 0, capsule.radius(), half);
        }
        if (solid instanceof Solid.Cylinder cylinder) {
            Vec3 half = cylinder.p1().minus(cylinder.p0()).times(0.5);
            return new PreparedSolid(solid, cylinder.centre(), cylinder.axis(), cylinder.radius(), 0, half);
        }
        Solid.Box box = (Solid.Box) solid;
        return new PreparedSolid(
                solid,
                box.centre(),
                Vec3.Z,
                0,
                0,
                box.pose().rotation().column(0).times(box.half().x()),
                box.pose().rotation().column(1).times(box.half().y()),
                box.pose().rotation().column(2).times(box.half().z()));
    }

    public Aabb bounds() {
        return bounds;
    }

    Vec3 centre() {
        return new Vec3(cx, cy, cz);
    }

    double rounding() {
        return rounding;
    }

    boolean hasDisc() {
        return discRadius > 0;
    }

    /** A point or a segment. */
    boolean isSegment() {
        return discRadius == 0 && edges.length <= 3;
    }

    int edgeCount() {
        return edges.length / 3;
    }

    Vec3 edge(int k) {
        return new Vec3(edges[3 * k], edges[3 * k + 1], edges[3 * k + 2]);
    }

    Vec3 start() {
        return edges.length == 0 ? centre() : centre().minus(edge(0));
    }

    Vec3 end() {
        return edges.length == 0 ? centre() : centre().plus(edge(0));
    }

    /** Half the diagonal or more. */
    double reach() {
        double reach = discRadius;
        for (int k = 0; k < edgeCount(); k++) {
            reach += edge(k).length();
        }
        return reach;
    }

    /** The point of the core farthest along a direction of any length but 0, put into {@code point} at {@code at}. */
    void support(double dx, double dy, double dz, double[] point, int at) {
        double x = cx;
        double y = cy;
        double z = cz;
        for (int k = 0; k < edges.length; k += 3) {
            double sign = edges[k] * dx + edges[k + 1] * dy + edges[k + 2] * dz < 0 ? -1 : 1;
            x += sign * edges[k];
            y += sign * edges[k + 1];
            z += sign * edges[k + 2];
        }
        if (discRadius > 0) {
            double along = ax * dx + ay * dy + az * dz;
            double ux = dx - along * ax;
            double uy = dy - along * ay;
            double uz = dz - along * az;
            // Once more: close to the axis little but rounding is left of u, some of it along the axis.
            along = ax * ux + ay * uy + az * uz;
            ux -= along * ax;
            uy -= along * ay;
            uz -= along * az;
            double across = Math.sqrt(ux * ux + uy * uy + uz * uz);
            if (across > 1e-14 * (Math.abs(dx) + Math.abs(dy) + Math.abs(dz))) {
                double factor = discRadius / across;
                x += ux * factor;
                y += uy * factor;
                z += uz * factor;
            }
        }
        point[at] = x;
        point[at + 1] = y;
        point[at + 2] = z;
    }

    Vec3 support(Vec3 direction) {
        double[] point = new double[3];
        support(direction.x(), direction.y(), direction.z(), point, 0);
        return new Vec3(point[0], point[1], point[2]);
    }

    /** The point of the whole solid that lies farthest along a unit direction. */
    public Vec3 farthest(Vec3 direction) {
        return support(direction).along(direction, rounding);
    }

    /** Half the width of the core along the unit vector n. */
    double halfWidth(Vec3 n) {
        double width = 0;
        for (int k = 0; k < edges.length; k += 3) {
            width += Math.abs(edges[k] * n.x() + edges[k + 1] * n.y() + edges[k + 2] * n.z());
        }
        if (discRadius > 0) {
            width += discRadius * new Vec3(ax, ay, az).cross(n).length();
        }
        return width;
    }
}
