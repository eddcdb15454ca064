package oddcradle.core.joint;

import oddcradle.core.material.Material;

/** What the throat of a fillet may be stressed to with the usual filler of a metal. */
public final class Filler {
    /** 0.30 of an electrode of 70 ksi, Pa; AWS D1.1, from memory. */
    public static final double ON_STEEL = 0.30 * 482.6e6;

    /** Shear strength of 4043 in a fillet, 11.5 ksi, over 1.95, Pa; Aluminum Design Manual, from memory. */
    public static final double ON_ALLOY = 79.3e6 / 1.95;

    /** Throat over leg of a fillet with legs alike, a ratio. */
    public static final double THROAT = Math.sqrt(0.5);

    private Filler() {}

    /** Pa; AWS D1.1 and the Aluminum Design Manual, from memory. */
    public static double allowed(Material metal) {
        return metal.isLightAlloy() ? ON_ALLOY : ON_STEEL;
    }
}
