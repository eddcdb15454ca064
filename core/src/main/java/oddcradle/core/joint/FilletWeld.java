package oddcradle.core.joint;

import oddcradle.core.material.Material;
import oddcradle.core.math.Guard;

/**
 * A fillet weld reckoned as a line of unit throat.
 *
 * <p>Section moduli of the line: round {@code pi d²/4}, polar {@code pi d³/4}; two lines of length d at a distance b: {@code d²/3}
 * along them, {@code b d} across, polar {@code d (3 b² + d²)/6}. Throat 0.707 of the leg; a shear of 0.30 of the electrode's
 * strength is allowed. Source: Blodgett, Design of Welded Structures, 7.4; AWS D1.1 (both from memory).
 *
 * @param length of all runs, m
 * @param along section modulus for the moment that bends along the lines, m2
 * @param across for the moment across them, m2
 * @param polar m3
 * @param radius of the farthest point from the middle, m
 */
public record FilletWeld(double length, double along, double across, double polar, double radius) {
    /** 0.30 of 70 ksi, Pa. */
    public static final double ALLOWED = 0.30 * 482.6e6;

    /** Shear strength of 4043 in a fillet, 11.5 ksi, over 1.95, Pa; Aluminum Design Manual, from memory. */
    private static final double ALLOWED_ON_ALLOY = 79.3e6 / 1.95;

    private static final double THROAT = 0.707;

    /** What a throat may be stressed to with the usual filler of a metal, Pa. */
    public static double allowed(Material metal) {
        return metal.isLightAlloy() ? ALLOWED_ON_ALLOY : ALLOWED;
    }

    /** All round a tube's end; diameter m. */
    public static FilletWeld round(double diameter) {
        double d = Guard.size("diameter", diameter);
        double section = Math.PI * d * d / 4;
        return new FilletWeld(Math.PI * d, section, section, Math.PI * d * d * d / 4, d / 2);
    }

    /** On both faces of a plate; m. */
    public static FilletWeld bothFaces(double width, double thickness) {
        double d = Guard.size("width", width);
        double b = Guard.size("thickness", thickness);
        return new FilletWeld(2 * d, d * d / 3, b * d, d * (3 * b * b + d * d) / 6, Math.hypot(b, d) / 2);
    }

    /**
     * Stress in the throat, Pa; its parts are added as vectors where they are greatest.
     *
     * @param leg m
     * @param pull square to the joint, N
     * @param shear within the joint, N
     * @param bendAlong N m
     * @param bendAcross N m
     * @param twist N m
     */
    public double throatStress(
            double leg, double pull, double shear, double bendAlong, double bendAcross, double twist) {
        double normal = Math.abs(pull) / length + Math.abs(bendAlong) / along + Math.abs(bendAcross) / across;
        double within = Math.abs(shear) / length + Math.abs(twist) * radius / polar;
        return Math.hypot(normal, within) / (THROAT * Guard.positive("leg", leg, "m"));
    }
}
