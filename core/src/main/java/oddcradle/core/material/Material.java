package oddcradle.core.material;

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
 */
public record Material(String name, double youngsModulus, double poissonRatio, double density, double yieldStrength) {
    private static final double LIGHT = 4000;

    public Material {
        Guard.named("name", name);
        Guard.positive("youngsModulus", youngsModulus, "Pa");
        Guard.within("poissonRatio", poissonRatio, 0, 0.5, "");
        Guard.notNegative("density", density, "kg/m3");
        Guard.positive("yieldStrength", yieldStrength, "Pa");
    }

    /** Whether it is a light alloy, which cannot be welded to steel: told by its density. */
    public boolean isLightAlloy() {
        return density < LIGHT;
    }

    /** G = E / (2 (1 + nu)), Pa. */
    public double shearModulus() {
        return youngsModulus / (2 * (1 + poissonRatio));
    }
}
