package oddcradle.desktop.stand;

import java.util.List;
import javafx.scene.shape.TriangleMesh;
import oddcradle.core.geometry.Solid;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;

/** The solids of one part as one triangle mesh, in a scene whose axes are the host's; outward faces wind right-handed. */
final class SolidMesh {
    private static final int AROUND_SLENDER = 16;
    private static final int AROUND_STOUT = 40;
    private static final double STOUT = 0.06;
    /** Latitudes of the rings of a round end, rad. */
    private static final double[] ROUND_END = {0, Math.PI / 6, Math.PI / 3, 0.49 * Math.PI};

    /** How far a casting's edges are broken, m. */
    private static final double BROKEN_EDGE = 0.006;

    /** Fins of an air-cooled cylinder: from one to the next, m; what of that is fin; the barrel between them, of their radius. */
    private static final double FIN_PITCH = 0.011;

    private static final double FIN_SHARE = 0.4;
    private static final double BARREL = 0.84;

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

    /** As cast: boxes with broken edges, and bars with fins where they are cylinders of an engine; nothing stands out of the solids. */
    static TriangleMesh cast(List<Solid> solids, boolean finned) {
        SolidMesh builder = new SolidMesh();
        for (Solid solid : solids) {
            if (solid instanceof Solid.Box box) {
                builder.castBox(box, finned);
            } else if (finned && solid instanceof Solid.Cylinder bar) {
                builder.fins(bar);
            } else {
                builder.add(solid);
            }
        }
        return builder.mesh;
    }

    /** A block of cylinders stands along its own up. */
    private void castBox(Solid.Box box, boolean finned) {
        if (!finned) {
            castBox(box);
            return;
        }
        Vec3 half = box.half();
        box(new Solid.Box(new Vec3(BARREL * half.x(), BARREL * half.y(), half.z()), box.pose()));
        int fins = fins(2 * half.z());
        double pitch = 2 * half.z() / fins;
        for (int k = 0; k < fins; k++) {
            Vec3 middle = box.pose().place(new Vec3(0, 0, (k + 0.5) * pitch - half.z()));
            box(new Solid.Box(
                    new Vec3(half.x(), half.y(), FIN_SHARE * pitch / 2),
                    new Pose(box.pose().rotation(), middle)));
        }
    }

    private static int fins(double length) {
        return Math.max(2, (int) Math.round(length / FIN_PITCH));
    }

    private void fins(Solid.Cylinder bar) {
        double length = bar.p0().distanceTo(bar.p1());
        Vec3 axis = bar.axis();
        cylinder(new Solid.Cylinder(bar.p0(), bar.p1(), BARREL * bar.radius()));
        int fins = fins(length);
        double pitch = length / fins;
        for (int k = 0; k < fins; k++) {
            Vec3 foot = bar.p0().along(axis, (k + (1 - FIN_SHARE) / 2) * pitch);
            cylinder(new Solid.Cylinder(foot, foot.along(axis, FIN_SHARE * pitch), bar.radius()));
        }
    }

    /** Each corner is cut to three points; each edge becomes a narrow side. */
    private void castBox(Solid.Box box) {
        Vec3 half = box.half();
        double cut = Math.min(BROKEN_EDGE, 0.2 * Math.min(half.x(), Math.min(half.y(), half.z())));
        double[] whole = {half.x(), half.y(), half.z()};
        int first = mesh.getPoints().size() / 3;
        for (int corner = 0; corner < 8; corner++) {
            for (int face = 0; face < 3; face++) {
                double[] at = new double[3];
                for (int k = 0; k < 3; k++) {
                    at[k] = ((corner >> k & 1) == 0 ? -1 : 1) * (k == face ? whole[k] : whole[k] - cut);
                }
                point(box.pose().place(new Vec3(at[0], at[1], at[2])));
            }
        }
        Vec3 middle = box.centre();
        for (int face = 0; face < 3; face++) {
            int u = 1 << (face + 1) % 3;
            int v = 1 << (face + 2) % 3;
            for (int side = 0; side <= 1 << face; side += 1 << face) {
                int[] four = {side, side | u, side | u | v, side | v};
                outward(middle, at(first, four[0], face), at(first, four[1], face), at(first, four[2], face));
                outward(middle, at(first, four[0], face), at(first, four[2], face), at(first, four[3], face));
            }
            int next = (face + 1) % 3;
            int along = 1 << (face + 2) % 3;
            for (int edge = 0; edge < 8; edge++) {
                if ((edge & along) == 0) {
                    int from = edge;
                    int to = edge | along;
                    outward(middle, at(first, from, face), at(first, from, next), at(first, to, next));
                    outward(middle, at(first, from, face), at(first, to, next), at(first, to, face));
                }
            }
        }
        for (int corner = 0; corner < 8; corner++) {
            outward(middle, at(first, corner, 0), at(first, corner, 1), at(first, corner, 2));
        }
    }

    private static int at(int first, int corner, int face) {
        return first + 3 * corner + face;
    }

    /** A side of something round its middle, wound so that it looks away from it. */
    private void outward(Vec3 middle, int a, int b, int c) {
        Vec3 from = corner(a);
        boolean right = corner(b).minus(from).cross(corner(c).minus(from)).dot(from.minus(middle)) > 0;
        face(a, right ? b : c, right ? c : b, FLAT);
    }

    private Vec3 corner(int index) {
        return new Vec3(
                mesh.getPoints().get(3 * index),
                mesh.getPoints().get(3 * index + 1),
                mesh.getPoints().get(3 * index + 2));
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
