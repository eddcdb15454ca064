package oddcradle.core.material;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import oddcradle.core.math.Guard;

/**
 * An isotropic linear-elastic material.
 *
 * <p>G = E / (2 (1 + nu)), isotropic, by definition.
 *
 * @param name as the shop calls it
 * @param youngsModulus E, Pa, greater than 0
 * @param poissonRatio 0 up to 0.5
 * @param density kg/m3, 0 or more
 * @param yieldStrength Pa, greater than 0
 * @param ultimateStrength Pa, no less than yield strength; empty where nobody knows it
 * @param weldedYield yield strength beside a weld, Pa, no more than yield strength; empty where nobody knows it
 */
@RecordBuilder
public record Material(
        String name,
        double youngsModulus,
        double poissonRatio,
        double density,
        double yieldStrength,
        Optional<Double> ultimateStrength,
        Optional<Double> weldedYield)
        implements MaterialBuilder.With {
    private static final double LIGHT = 4000;
    private static final double LEAST_WELDED = 0.05;
    /** What of its yield a light alloy keeps beside a weld where nobody says more: as 6061-T6; EN 1999-1-1, from memory. */
    private static final double LIGHT_KEEPS = 0.44;

    /** The same of a cold-drawn or heat-treated steel; common practice. */
    private static final double HARD_STEEL_KEEPS = 0.69;

    /** A steel up to this yield is hot rolled, and a weld takes nothing from it, Pa; common practice. */
    private static final double SOFT_STEEL = 300e6;

    private static final double MOST_OVER_YIELD = 10;

    public Material {
        Guard.named("name", name);
        Guard.positive("youngsModulus", youngsModulus, "Pa");
        Guard.within("poissonRatio", poissonRatio, 0, 0.5, "");
        Guard.notNegative("density", density, "kg/m3");
        Guard.positive("yieldStrength", yieldStrength, "Pa");
        ultimateStrength = ultimateStrength == null ? Optional.empty() : ultimateStrength;
        ultimateStrength.ifPresent(strength ->
                Guard.within("ultimateStrength", strength, yieldStrength, MOST_OVER_YIELD * yieldStrength, "Pa"));
        weldedYield = weldedYield == null ? Optional.empty() : weldedYield;
        weldedYield.ifPresent(
                strength -> Guard.within("weldedYield", strength, LEAST_WELDED * yieldStrength, yieldStrength, "Pa"));
    }

    /** Its ultimate strength unknown. */
    public static Material of(
            String name, double youngsModulus, double poissonRatio, double density, double yieldStrength) {
        return new Material(
                name, youngsModulus, poissonRatio, density, yieldStrength, Optional.empty(), Optional.empty());
    }

    /** Ultimate strength over yield strength, a ratio; 1 where nobody knows it. */
    public double ultimateOverYield() {
        return ultimateStrength.orElse(yieldStrength) / yieldStrength;
    }

    /** Whether it is a light alloy, which cannot be welded to steel: told by its density. */
    public boolean isLightAlloy() {
        return density < LIGHT;
    }

    /** Yield strength beside a weld, Pa: as written down, or what is usual of its kind. */
    public double yieldBesideWeld() {
        return weldedYield.orElseGet(() ->
                yieldStrength * (isLightAlloy() ? LIGHT_KEEPS : yieldStrength > SOFT_STEEL ? HARD_STEEL_KEEPS : 1));
    }

    /** G = E / (2 (1 + nu)), Pa. */
    public double shearModulus() {
        return youngsModulus / (2 * (1 + poissonRatio));
    }
}
