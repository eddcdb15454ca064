package oddcradle.core.geometry;

import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.section.Rect;
import oddcradle.core.section.RectTube;
import oddcradle.core.section.Section;

/** The room a straight member takes. */
public final class MemberSolid {
    private static final double VERTICAL = 1e-6;

    private MemberSolid() {}

    /** A capsule for round sections, whose round ends stand for the joint; a box for rectangular ones. */
    public static Solid between(Vec3 from, Vec3 to, Section section) {
        if (section instanceof RectTube tube) {
            return box(from, to, tube.b(), tube.h());
        }
        if (section instanceof Rect rect) {
            return box(from, to, rect.b(), rect.h());
        }
        return new Solid.Capsule(from, to, section.outerRadius());
    }

    private static Solid box(Vec3 from, Vec3 to, double b, double h) {
        Vec3 x = to.minus(from).unit();
        Vec3 up = Math.hypot(x.x(), x.y()) <= VERTICAL ? Vec3.X : Vec3.Z;
        Vec3 y = up.cross(x).unit();
        Mat3 axes = Mat3.ofColumns(x, y, x.cross(y));
        return new Solid.Box(new Vec3(from.distanceTo(to) / 2, b / 2, h / 2), new Pose(axes, from.towards(to, 0.5)));
    }
}
