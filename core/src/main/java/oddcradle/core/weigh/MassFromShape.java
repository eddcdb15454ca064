package oddcradle.core.weigh;

import java.util.List;
import oddcradle.core.geometry.Solid;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.MassProperties;

/** Mass properties of solids of even density; textbook moments of inertia. Where solids overlap, both count. */
public final class MassFromShape {
    private MassFromShape() {}

    /** A solid and its density, kg/m3. */
    public record Weighted(Solid solid, double density) {}

    /**
     * @param parts at least one
     * @return about the common centre of gravity, in the axes of the solids
     */
    public static MassProperties of(List<Weighted> parts) {
        return MassProperties.together(parts.stream().map(MassFromShape::alone).toList());
    }

    private static MassProperties alone(Weighted part) {
        double mass = part.density() * volume(part.solid());
        return new MassProperties(
                mass, part.solid().centre(), about(part.solid()).times(mass));
    }

    /** m3. */
    static double volume(Solid solid) {
        if (solid instanceof Solid.Sphere sphere) {
            return 4.0 / 3 * Math.PI * Math.pow(sphere.radius(), 3);
        }
        if (solid instanceof Solid.Capsule capsule) {
            double r = capsule.radius();
            return Math.PI * r * r * (capsule.p1().distanceTo(capsule.p0()) + 4.0 / 3 * r);
        }
        if (solid instanceof Solid.Cylinder cylinder) {
            return Math.PI
                    * cylinder.radius()
                    * cylinder.radius()
                    * cylinder.p1().distanceTo(cylinder.p0());
        }
        Vec3 half = ((Solid.Box) solid).half();
        return 8 * half.x() * half.y() * half.z();
    }

    /** Inertia of one kilogram about the solid's own centre. */
    private static Mat3 about(Solid solid) {
        if (solid instanceof Solid.Sphere sphere) {
            double i = 0.4 * sphere.radius() * sphere.radius();
            return Mat3.diagonal(i, i, i);
        }
        if (solid instanceof Solid.Capsule capsule) {
            return capsule(capsule);
        }
        if (solid instanceof Solid.Cylinder cylinder) {
            double r = cylinder.radius();
            double l = cylinder.p1().distanceTo(cylinder.p0());
            return round(cylinder.axis(), r * r / 2, r * r / 4 + l * l / 12);
        }
        Solid.Box box = (Solid.Box) solid;
        Vec3 h = box.half();
        Mat3 own = Mat3.diagonal(
                (h.y() * h.y() + h.z() * h.z()) / 3,
                (h.x() * h.x() + h.z() * h.z()) / 3,
                (h.x() * h.x() + h.y() * h.y()) / 3);
        Mat3 turn = box.pose().rotation();
        return turn.times(own).times(turn.transposed());
    }

    private static Mat3 capsule(Solid.Capsule capsule) {
        double r = capsule.radius();
        double l = capsule.p1().distanceTo(capsule.p0());
        double middle = Math.PI * r * r * l;
        double ends = 4.0 / 3 * Math.PI * r * r * r;
        double all = middle + ends;
        // A half ball's own centre lies 3/8 r beyond its flat face, its inertia about it is 83/320 m r2.
        double shift = l / 2 + 0.375 * r;
        double along = middle / all * r * r / 2 + ends / all * 0.4 * r * r;
        double across = middle / all * (r * r / 4 + l * l / 12) + ends / all * (83.0 / 320 * r * r + shift * shift);
        return l == 0
                ? Mat3.diagonal(along, along, along)
                : round(capsule.p1().minus(capsule.p0()).unit(), along, across);
    }

    private static Mat3 round(Vec3 axis, double along, double across) {
        Mat3 outer = Mat3.ofColumns(axis.times(axis.x()), axis.times(axis.y()), axis.times(axis.z()));
        return Mat3.diagonal(across, across, across).plus(outer.times(along - across));
    }
}
