package oddcradle.core.geometry.mesh;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.geometry.Solid;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;

/** Solids as triangles that face outwards, corners on the surface. */
public final class Tessellation {
    private final int around;
    private final List<Vec3> corners = new ArrayList<>();

    private Tessellation(int around) {
        this.around = around;
    }

    /**
     * @param around triangles round a full turn, 8 or more; the flat of each lies inside by {@code r (1 - cos(pi / around))}
     * @return one mesh of all the solids
     */
    public static TriangleMesh of(List<Solid> solids, int around) {
        Tessellation work = new Tessellation(Math.max(8, around));
        solids.forEach(work::add);
        float[] numbers = new float[3 * work.corners.size()];
        for (int k = 0; k < work.corners.size(); k++) {
            numbers[3 * k] = (float) work.corners.get(k).x();
            numbers[3 * k + 1] = (float) work.corners.get(k).y();
            numbers[3 * k + 2] = (float) work.corners.get(k).z();
        }
        return TriangleMesh.of(numbers);
    }

    private void add(Solid solid) {
        if (solid instanceof Solid.Sphere sphere) {
            round(sphere.center(), sphere.center(), Vec3.Z, sphere.radius(), true);
        } else if (solid instanceof Solid.Capsule capsule) {
            Vec3 way = capsule.p1().minus(capsule.p0());
            round(capsule.p0(), capsule.p1(), way.length() == 0 ? Vec3.Z : way.unit(), capsule.radius(), true);
        } else if (solid instanceof Solid.Cylinder cylinder) {
            round(cylinder.p0(), cylinder.p1(), cylinder.axis(), cylinder.radius(), false);
        } else {
            box((Solid.Box) solid);
        }
    }

    private void triangle(Vec3 a, Vec3 b, Vec3 c) {
        if (!a.equals(b) && !b.equals(c) && !c.equals(a)) {
            corners.addAll(List.of(a, b, c));
        }
    }

    private void quad(Vec3 a, Vec3 b, Vec3 c, Vec3 d) {
        triangle(a, b, c);
        triangle(a, c, d);
    }

    private void box(Solid.Box box) {
        Pose pose = box.pose();
        Mat3 r = pose.rotation();
        Vec3 h = box.half();
        for (int axis = 0; axis < 3; axis++) {
            Vec3 n = r.column(axis).times(axis == 0 ? h.x() : axis == 1 ? h.y() : h.z());
            int second = (axis + 1) % 3;
            int third = (axis + 2) % 3;
            Vec3 u = r.column(second).times(second == 0 ? h.x() : second == 1 ? h.y() : h.z());
            Vec3 v = r.column(third).times(third == 0 ? h.x() : third == 1 ? h.y() : h.z());
            for (int side = -1; side <= 1; side += 2) {
                Vec3 m = pose.translation().plus(n.times(side));
                Vec3 w = v.times(side);
                quad(
                        m.minus(u).minus(w),
                        m.plus(u).minus(w),
                        m.plus(u).plus(w),
                        m.minus(u).plus(w));
            }
        }
    }

    /** Rings from end to end: flat ends meet in a point of the axis, round ones are half balls. */
    private void round(Vec3 p0, Vec3 p1, Vec3 axis, double radius, boolean ball) {
        Vec3 u = axis.anyPerpendicular();
        Vec3 v = axis.cross(u);
        List<Vec3[]> rings = new ArrayList<>();
        int caps = ball ? around / 4 : 1;
        for (int k = 0; k <= caps; k++) {
            double angle = Math.PI / 2 * k / caps;
            double back = ball ? -radius * Math.cos(angle) : 0;
            rings.add(ring(p0.along(axis, back), u, v, k == 0 ? 0 : ball ? radius * Math.sin(angle) : radius));
        }
        for (int k = caps; k >= 0; k--) {
            double angle = Math.PI / 2 * k / caps;
            double ahead = ball ? radius * Math.cos(angle) : 0;
            rings.add(ring(p1.along(axis, ahead), u, v, k == 0 ? 0 : ball ? radius * Math.sin(angle) : radius));
        }
        for (int k = 1; k < rings.size(); k++) {
            for (int j = 0; j < around; j++) {
                int next = (j + 1) % around;
                quad(rings.get(k - 1)[j], rings.get(k - 1)[next], rings.get(k)[next], rings.get(k)[j]);
            }
        }
    }

    private Vec3[] ring(Vec3 middle, Vec3 u, Vec3 v, double radius) {
        Vec3[] ring = new Vec3[around];
        for (int j = 0; j < around; j++) {
            double angle = 2 * Math.PI * j / around;
            ring[j] = middle.along(u, radius * Math.cos(angle)).along(v, radius * Math.sin(angle));
        }
        return ring;
    }
}
