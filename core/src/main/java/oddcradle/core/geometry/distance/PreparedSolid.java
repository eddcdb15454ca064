package oddcradle.core.geometry.distance;

import java.util.Arrays;
import oddcradle.core.geometry.Aabb;
import oddcradle.core.geometry.Solid;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;

/**
 * A solid made ready for many distance queries: a core with a rounding radius. A sphere is a rounded point, a capsule a
 * rounded segment; box and cylinder are cores without rounding. The core is its centre plus all sums of {@code t_k edge_k},
 * each t between -1 and 1, plus a disc where there is one.
 */
public final class PreparedSolid {
    /** Made when it is first asked for; the same whoever makes it. */
    private Aabb bounds;

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

    private PreparedSolid(PreparedSolid own, Pose pose) {
        Mat3 r = pose.rotation();
        Vec3 centre = pose.place(own.centre());
        this.cx = centre.x();
        this.cy = centre.y();
        this.cz = centre.z();
        Vec3 axis = r.times(new Vec3(own.ax, own.ay, own.az));
        this.ax = axis.x();
        this.ay = axis.y();
        this.az = axis.z();
        this.discRadius = own.discRadius;
        this.rounding = own.rounding;
        this.edges = new double[own.edges.length];
        for (int k = 0; k < own.edgeCount(); k++) {
            Vec3 edge = r.times(own.edge(k));
            edges[3 * k] = edge.x();
            edges[3 * k + 1] = edge.y();
            edges[3 * k + 2] = edge.z();
        }
    }

    /** The same solid carried along by a body that is put in its place. */
    public PreparedSolid placed(Pose pose) {
        return new PreparedSolid(this, pose);
    }

    private PreparedSolid(PreparedSolid own, Vec3 travel) {
        this.cx = own.cx + travel.x() / 2;
        this.cy = own.cy + travel.y() / 2;
        this.cz = own.cz + travel.z() / 2;
        this.ax = own.ax;
        this.ay = own.ay;
        this.az = own.az;
        this.discRadius = own.discRadius;
        this.rounding = own.rounding;
        int n = own.edges.length;
        this.edges = Arrays.copyOf(own.edges, n + 3);
        edges[n] = travel.x() / 2;
        edges[n + 1] = travel.y() / 2;
        edges[n + 2] = travel.z() / 2;
    }

    /**
     * The room that the solid takes while it slides straight on: one edge more. Good for distances between bodies that do not
     * meet; its edges no longer stand square to each other, as depths and {@link #noNearerThan} need.
     *
     * @param travel from first to last, m
     */
    public PreparedSolid slid(Vec3 travel) {
        return new PreparedSolid(this, travel);
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
        if (bounds == null) {
            Vec3 half = new Vec3(halfWidth(Vec3.X), halfWidth(Vec3.Y), halfWidth(Vec3.Z));
            bounds = Aabb.around(centre(), half.plus(new Vec3(rounding, rounding, rounding)));
        }
        return bounds;
    }

    public Vec3 centre() {
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

    /** Radius of a ball about the centre that holds the whole solid, m. */
    public double ballRadius() {
        double squared = discRadius * discRadius;
        for (int k = 0; k < edgeCount(); k++) {
            squared += edge(k).squaredLength();
        }
        return Math.sqrt(squared) + rounding;
    }

    /**
     * No point of the solid is nearer to this one than that, m; 0 inside. Edges stand square to each other and a disc's axis
     * runs along its edge, so what sticks out along each edge and beside it adds up squared.
     */
    public double noNearerThan(double x, double y, double z) {
        double dx = x - cx;
        double dy = y - cy;
        double dz = z - cz;
        double within = 0;
        double beyond = 0;
        for (int k = 0; k < edges.length; k += 3) {
            double ex = edges[k];
            double ey = edges[k + 1];
            double ez = edges[k + 2];
            double half = Math.sqrt(ex * ex + ey * ey + ez * ez);
            if (half == 0) {
                continue;
            }
            double along = (dx * ex + dy * ey + dz * ez) / half;
            double out = Math.abs(along) - half;
            within += along * along;
            beyond += out > 0 ? out * out : 0;
        }
        double across = Math.sqrt(Math.max(0, dx * dx + dy * dy + dz * dz - within));
        double beside = Math.max(0, across - discRadius);
        return Math.max(0, Math.sqrt(beyond + beside * beside) - rounding);
    }

    /** How deep a point lies within, m; 0 outside. */
    double depthAt(double x, double y, double z) {
        double dx = x - cx;
        double dy = y - cy;
        double dz = z - cz;
        double toFaces = Double.POSITIVE_INFINITY;
        double within = 0;
        double beyond = 0;
        for (int k = 0; k < edges.length; k += 3) {
            double ex = edges[k];
            double ey = edges[k + 1];
            double ez = edges[k + 2];
            double half = Math.sqrt(ex * ex + ey * ey + ez * ez);
            if (half > 0) {
                double along = (dx * ex + dy * ey + dz * ez) / half;
                double out = Math.abs(along) - half;
                within += along * along;
                beyond += out > 0 ? out * out : 0;
                toFaces = Math.min(toFaces, -out);
            }
        }
        double across = Math.sqrt(Math.max(0, dx * dx + dy * dy + dz * dz - within));
        if (rounding > 0) {
            return Math.max(0, rounding - Math.sqrt(beyond + across * across));
        }
        return Math.max(0, discRadius > 0 ? Math.min(toFaces, discRadius - across) : toFaces);
    }

    /** How far a ball reaches in, m; 0 where it stays outside. */
    double depthOfBall(Vec3 at, double radius) {
        double inside = depthAt(at.x(), at.y(), at.z());
        return Math.max(0, radius + (inside > 0 ? inside : -noNearerThan(at.x(), at.y(), at.z())));
    }

    /** Radius of a ball about the centre that the solid holds, m. */
    double inwardRadius() {
        Vec3 c = centre();
        return depthAt(c.x(), c.y(), c.z());
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
