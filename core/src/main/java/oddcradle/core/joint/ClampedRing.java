package oddcradle.core.joint;

import oddcradle.core.math.Guard;

/**
 * A sleeve or spacer that a bolt clamps between two faces: bent, it stands as one piece with them until one edge opens, at the clamp force times the
 * radius of its kern {@code (D² + d²) / 8D}. VDI 2230 lets no joint open on one side (from memory); the kern is that of a ring, exact.
 *
 * @param outer diameter, m
 * @param inner diameter, m
 */
public record ClampedRing(double outer, double inner) {
    public ClampedRing {
        Guard.size("outer", outer);
        Guard.within("inner", inner, 0, outer, "m");
    }

    /** Bending moment that opens an edge, N m. @param clamp what the bolt and the load leave of the clamp force, N */
    public double opensAt(double clamp) {
        return Math.max(0, clamp) * (outer * outer + inner * inner) / (8 * outer);
    }
}
