package oddcradle.core.workshop;

/** How far a weld pulls as it cools. Blodgett, Design of Welded Structures, section 7 (from memory). */
public final class Shrinkage {
    private static final double TRANSVERSE = 0.10;

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
}
