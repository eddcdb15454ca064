package oddcradle.core.workshop;

import oddcradle.core.material.Material;

/**
 * How a metal is welded. Common practice; the filler's maker and a qualified procedure go before.
 *
 * @param process by its usual letters
 * @param filler by its usual designation
 * @param size of rod or wire, m
 * @param preheat K above 0 degrees Celsius that the metal is warmed to; 0 for none
 * @param note what is to be minded
 */
public record WeldWay(String process, String filler, double size, double preheat, String note) {
    /** A steel from this yield on is taken as heat-treatable, Pa. */
    private static final double STRONG = 420e6;

    private static final double THICK = 0.0032;
    private static final double THIN = 0.0016;
    private static final double PREHEAT = 120;

    static WeldWay of(Material metal, double thickness) {
        if (metal.isLightAlloy()) {
            return new WeldWay(
                    "TIG, alternating current",
                    "5356, or 4043 where it is not anodised",
                    thickness <= THIN ? 0.0016 : 0.0024,
                    0,
                    "the metal beside the seam keeps less than half its strength: nothing is added to a joint that was not reckoned with it");
        }
        if (metal.yieldStrength() >= STRONG) {
            return new WeldWay(
                    "TIG",
                    "ER70S-2 for normalised chrome-molybdenum tube",
                    thickness <= THIN ? 0.0011 : 0.0016,
                    thickness > THICK ? PREHEAT : 0,
                    "no draught, no quenching: let it cool slowly; welded strength is the filler's, not the tube's");
        }
        return new WeldWay(
                "MIG, or TIG",
                "ER70S-6",
                thickness <= 0.003 ? 0.0008 : 0.001,
                0,
                "wire feed tried on an off-cut of the same wall: break it, the tube must tear before the weld");
    }
}
