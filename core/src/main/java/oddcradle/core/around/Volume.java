package oddcradle.core.around;

import oddcradle.core.geometry.Solid;

/**
 * Volume of plain solids, m3.
 *
 * <p>Closed forms, exact.
 */
public final class Volume {
    private Volume() {}

    /** m3 */
    public static double of(Solid solid) {
        if (solid instanceof Solid.Sphere sphere) {
            return 4.0 / 3 * Math.PI * Math.pow(sphere.radius(), 3);
        }
        if (solid instanceof Solid.Capsule capsule) {
            double r = capsule.radius();
            return Math.PI * r * r * (capsule.p0().distanceTo(capsule.p1()) + 4.0 / 3 * r);
        }
        if (solid instanceof Solid.Cylinder cylinder) {
            return Math.PI
                    * cylinder.radius()
                    * cylinder.radius()
                    * cylinder.p0().distanceTo(cylinder.p1());
        }
        Solid.Box box = (Solid.Box) solid;
        return 8 * box.half().x() * box.half().y() * box.half().z();
    }
}
