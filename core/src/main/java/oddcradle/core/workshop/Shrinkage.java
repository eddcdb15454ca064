package oddcradle.core.workshop;

/** How far a weld pulls as it cools. Blodgett, Design of Welded Structures, section 7 (from memory); in inches there, here in any unit. */
public final class Shrinkage {
    private static final double TRANSVERSE = 0.10;
    private static final double ANGULAR = 0.02;
    private static final double INCH = 0.0254;

    private Shrinkage() {}

    /**
     * Across a seam: a tenth of its metal over the thickness.
     *
     * @param leg of the fillet, m
     * @param thickness of what is welded on, m
     */
    public static double transverse(double leg, double thickness) {
        return TRANSVERSE * leg * leg / 2 / thickness;
    }

    /**
     * How far the edge of a flange rises that is welded by one fillet: 0.02 W D^1.3 / t^2 with all in inches. For plate no thinner than its
     * leg; thin round tube has no such formula.
     *
     * @param reach of the flange from its weld, m
     * @param leg m
     * @param thickness of the flange, m
     */
    public static double angular(double reach, double leg, double thickness) {
        return INCH * ANGULAR * (reach / INCH) * Math.pow(leg / INCH, 1.3) / Math.pow(thickness / INCH, 2);
    }
}
