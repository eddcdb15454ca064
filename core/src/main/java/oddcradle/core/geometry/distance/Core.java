package oddcradle.core.geometry.distance;

import java.util.List;
import oddcradle.core.geometry.Solid;
import oddcradle.core.math.Vec3;

/**
 * A solid as a core with a rounding radius: a sphere is a rounded point, a capsule a rounded segment; box and cylinder
 * are cores without rounding.
 *
 * @param centre of symmetry of the core
 * @param edges half vectors; the core is all sums of {@code t_k edge_k}, each t between -1 and 1, plus the disc
 * @param discAxis unit normal of the disc, or null where there is none
 * @param discRadius metres
 * @param rounding radius added all round, metres
 */
record Core(Vec3 centre, List<Vec3> edges, Vec3 discAxis, double discRadius, double rounding) {
    static Core of(Solid solid) {
        if (solid instanceof Solid.Sphere sphere) {
            return new Core(sphere.center(), List.of(), null, 0, sphere.radius());
        }
        if (solid instanceof Solid.Capsule capsule) {
            Vec3 half = capsule.p1().minus(capsule.p0()).times(0.5);
            return new Core(capsule.centre(), List.of(half), null, 0, capsule.radius());
        }
        if (solid instanceof Solid.Cylinder cylinder) {
            Vec3 half = cylinder.p1().minus(cylinder.p0()).times(0.5);
            return new Core(cylinder.centre(), List.of(half), cylinder.axis(), cylinder.radius(), 0);
        }
        Solid.Box box = (Solid.Box) solid;
        return new Core(
                box.centre(),
                List.of(
                        box.pose().rotation().column(0).times(box.half().x()),
                        box.pose().rotation().column(1).times(box.half().y()),
                        box.pose().rotation().column(2).times(box.half().z())),
                null,
                0,
                0);
    }

    /** The point of the core that lies farthest along {@code direction}, which may have any length but 0. */
    Vec3 support(Vec3 direction) {
        Vec3 point = centre;
        for (Vec3 edge : edges) {
            point = point.along(edge, edge.dot(direction) < 0 ? -1 : 1);
        }
        if (discAxis != null) {
            Vec3 across = direction.withoutPartAlong(discAxis);
            double length = across.length();
            if (length > 1e-14 * direction.length()) {
                point = point.along(across, discRadius / length);
            }
        }
        return point;
    }

    /** Half the width of the core along the unit vector {@code n}. */
    double halfWidth(Vec3 n) {
        double width = 0;
        for (Vec3 edge : edges) {
            width += Math.abs(edge.dot(n));
        }
        if (discAxis != null) {
            width += discRadius * discAxis.cross(n).length();
        }
        return width;
    }
}
