package oddcradle.desktop.stand;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.shape.TriangleMesh;
import oddcradle.core.geometry.Solid;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;

/** The edges of boxes and bars as thin lines, as a pencil draws them; round shapes have none. */
final class EdgeMesh {
    /** Half the width of a line, m. */
    private static final double LINE = 0.0011;

    private static final int AROUND = 28;
    private static final int SIDES = 3;

    private final TriangleMesh mesh = new TriangleMesh();

    private EdgeMesh() {
        mesh.getTexCoords().addAll(0, 0);
    }

    static TriangleMesh of(List<Solid> solids) {
        EdgeMesh edges = new EdgeMesh();
        solids.forEach(edges::add);
        return edges.mesh;
    }

    private void add(Solid solid) {
        if (solid instanceof Solid.Box box) {
            box(box);
        } else if (solid instanceof Solid.Cylinder bar) {
            circle(bar.p0(), bar.axis(), bar.radius());
            circle(bar.p1(), bar.axis(), bar.radius());
        }
    }

    private void box(Solid.Box box) {
        List<Vec3> corners = new ArrayList<>();
        Pose pose = box.pose();
        for (int k = 0; k < 8; k++) {
            Vec3 half = box.half();
            corners.add(pose.place(new Vec3(
                    (k & 1) == 0 ? -half.x() : half.x(),
                    (k & 2) == 0 ? -half.y() : half.y(),
                    (k & 4) == 0 ? -half.z() : half.z())));
        }
        for (int k = 0; k < 8; k++) {
            for (int axis = 1; axis < 8; axis *= 2) {
                if ((k & axis) == 0) {
                    line(corners.get(k), corners.get(k | axis));
                }
            }
        }
    }

    private void circle(Vec3 centre, Vec3 axis, double radius) {
        Vec3 u = axis.anyPerpendicular();
        Vec3 v = axis.cross(u);
        Vec3 last = centre.along(u, radius);
        for (int k = 1; k <= AROUND; k++) {
            double angle = 2 * Math.PI * k / AROUND;
            Vec3 next = centre.along(u, radius * Math.cos(angle)).along(v, radius * Math.sin(angle));
            line(last, next);
            last = next;
        }
    }

    /** A three-sided stick from one point to the other. */
    private void line(Vec3 from, Vec3 to) {
        Vec3 way = to.minus(from).unit();
        Vec3 u = way.anyPerpendicular();
        Vec3 v = way.cross(u);
        int first = mesh.getPoints().size() / 3;
        for (int k = 0; k < SIDES; k++) {
            double angle = 2 * Math.PI * k / SIDES;
            Vec3 out = u.times(LINE * Math.cos(angle)).plus(v.times(LINE * Math.sin(angle)));
            point(from.plus(out));
            point(to.plus(out));
        }
        for (int k = 0; k < SIDES; k++) {
            int a = first + 2 * k;
            int b = first + 2 * ((k + 1) % SIDES);
            mesh.getFaces().addAll(a, 0, b, 0, b + 1, 0, a, 0, b + 1, 0, a + 1, 0);
        }
    }

    private void point(Vec3 at) {
        mesh.getPoints().addAll((float) at.x(), (float) at.y(), (float) at.z());
    }
}
