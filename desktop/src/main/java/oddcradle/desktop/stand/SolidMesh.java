package oddcradle.desktop.stand;

import java.util.List;
import javafx.scene.shape.TriangleMesh;
import oddcradle.core.geometry.Solid;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;

/** The solids of one part as one triangle mesh, in a scene whose axes are the host's; outward faces wind right-handed. */
final class SolidMesh {
    private static final int AROUND_SLENDER = 16;
    private static final int AROUND_STOUT = 40;
    private static final double STOUT = 0.06;
    /** Latitudes of the rings of a round end, rad. */
    private static final double[] ROUND_END = {0, Math.PI / 6, Math.PI / 3, 0.49 * Math.PI};

    private static final int SMOOTH = 1;
    private static final int FLAT = 0;

    private final TriangleMesh mesh = new TriangleMesh();

    private SolidMesh() {
        mesh.getTexCoords().addAll(0, 0);
    }

    static TriangleMesh of(List<Solid> solids) {
        SolidMesh builder = new SolidMesh();
        solids.forEach(builder::add);
        return builder.mesh;
    }

    private void add(Solid solid) {
        if (solid instanceof Solid.Sphere sphere) {
            capsule(sphere.center(), sphere.center(), Vec3.Z, sphere.radius());
        } else if (solid instanceof Solid.Capsule capsule) {
            Vec3 axis = capsule.p0().equals(capsule.p1())
                    ? Vec3.Z
                    : capsule.p1().minus(capsule.p0()).unit();
            capsule(capsule.p0(), capsule.p1(), axis, capsule.radius());
        } else if (solid instanceof Solid.Cylinder cylinder) {
            cylinder(cylinder);
        } else {
            box((Solid.Box) solid);
        }
    }

    private void capsule(Vec3 p0, Vec3 p1, Vec3 axis, double radius) {
        int below = -1;
        for (int k = ROUND_END.length - 1; k >= 0; k--) {
            below = ringOn(below, p0, axis, radius, -ROUND_END[k]);
        }
        for (double latitude : ROUND_END) {
            below = ringOn(below, p1, axis, radius, latitude);
        }
    }

    private int ringOn(int below, Vec3 centre, Vec3 axis, double radius, double latitude) {
        int around = around(radius);
        int ring = ring(centre.along(axis, radius * Math.sin(latitude)), axis, radius * Math.cos(latitude), around);
        if (below >= 0) {
            band(below, ring, around);
        }
        return ring;
    }

    private void cylinder(Solid.Cylinder cylinder) {
        Vec3 axis = cylinder.axis();
        int around = around(cylinder.radius());
        band(
                ring(cylinder.p0(), axis, cylinder.radius(), around),
                ring(cylinder.p1(), axis, cylinder.radius(), around),
                around);
        cap(cylinder.p0(), axis, cylinder.radius(), false);
        cap(cylinder.p1(), axis, cylinder.radius(), true);
    }

    /** @return index of the ring's first point; they run right-handed about the axis */
    private int ring(Vec3 centre, Vec3 axis, double radius, int around) {
        int first = mesh.getPoints().size() / 3;
        Vec3 u = axis.anyPerpendicular();
        Vec3 v = axis.cross(u);
        for (int k = 0; k < around; k++) {
            double angle = 2 * Math.PI * k / around;
            point(centre.along(u, radius * Math.cos(angle)).along(v, radius * Math.sin(angle)));
        }
        return first;
    }

    /** Corners of a ring: a tyre shows them more than a tube. */
    private static int around(double radius) {
        return radius > STOUT ? AROUND_STOUT : AROUND_SLENDER;
    }

    private void point(Vec3 p) {
        mesh.getPoints().addAll((float) p.x(), (float) p.y(), (float) p.z());
    }

    private void band(int lower, int upper, int around) {
        for (int k = 0; k < around; k++) {
            int next = (k + 1) % around;
            face(lower + k, lower + next, upper + next, SMOOTH);
            face(lower + k, upper + next, upper + k, SMOOTH);
        }
    }

    private void cap(Vec3 centre, Vec3 axis, double radius, boolean alongAxis) {
        int around = around(radius);
        int ring = ring(centre, axis, radius, around);
        int middle = mesh.getPoints().size() / 3;
        point(centre);
        for (int k = 0; k < around; k++) {
            int next = (k + 1) % around;
            face(middle, ring + (alongAxis ? k : next), ring + (alongAxis ? next : k), FLAT);
        }
    }

    private void box(Solid.Box box) {
        int first = mesh.getPoints().size() / 3;
        Mat3 r = box.pose().rotation();
        for (int corner = 0; corner < 8; corner++) {
            point(box.centre()
                    .along(
                            r.column(0),
                            (corner & 1) == 0 ? -box.half().x() : box.half().x())
                    .along(
                            r.column(1),
                            (corner & 2) == 0 ? -box.half().y() : box.half().y())
                    .along(
                            r.column(2),
                            (corner & 4) == 0 ? -box.half().z() : box.half().z()));
        }
        int[][] sides = {{0, 4, 6, 2}, {1, 3, 7, 5}, {0, 1, 5, 4}, {2, 6, 7, 3}, {0, 2, 3, 1}, {4, 5, 7, 6}};
        for (int[] side : sides) {
            face(first + side[0], first + side[1], first + side[2], FLAT);
            face(first + side[0], first + side[2], first + side[3], FLAT);
        }
    }

    private void face(int a, int b, int c, int smoothing) {
        mesh.getFaces().addAll(a, 0, b, 0, c, 0);
        mesh.getFaceSmoothingGroups().addAll(smoothing);
    }
}
