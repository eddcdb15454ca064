package oddcradle.core.strength;

import oddcradle.core.material.Material;
import oddcradle.core.math.Guard;
import oddcradle.core.section.RectTube;
import oddcradle.core.section.Section;
import oddcradle.core.section.Tube;

/**
 * A straight tube that is pressed and bent. It buckles as a column whose ends stay where they are and turn freely (Euler, and
 * Johnson's kind of transition where it is stout), its wall may dent first, and pressure and bending share what it bears. ANSI/AISC
 * 360-16, E3, E7 and H1 (from memory). Ends that sway are for the whole frame's factor.
 *
 * @param length between what holds it aside, m
 * @param area m2
 * @param euler elastic critical stress, Pa
 * @param critical stress at which it gives way as a column, Pa; never more than yield
 */
public record Column(double length, double area, double euler, double critical) {
    /** Where the column is stout enough that its yield decides, Fy/Fe. */
    private static final double STOUT = 2.25;

    private static final double ELASTIC_SHARE = 0.877;
    private static final double INELASTIC_BASE = 0.658;
    /** Below this share of axial use it counts half; H1.1. */
    private static final double LIGHTLY_PRESSED = 0.2;
    /** A bow is taken to grow no more than that: by then the axial use alone is past 1. */
    private static final double MOST_BOWED = 20;

    /** @param length between what holds it aside, m, above 0 */
    public static Column of(Section section, Material material, double length) {
        Guard.positive("length", length, "m");
        double area = section.area();
        double inertia = Math.min(section.secondMomentY(), section.secondMomentZ());
        double euler = Math.PI * Math.PI * material.youngsModulus() * inertia / (area * length * length);
        double yield = material.yieldStrength() * wallShare(section, material);
        double critical =
                yield / euler <= STOUT ? yield * Math.pow(INELASTIC_BASE, yield / euler) : ELASTIC_SHARE * euler;
        return new Column(length, area, euler, critical);
    }

    /** What of its yield a thin wall lets a pressed tube reach, a ratio; 1 where the wall is thick enough. */
    static double wallShare(Section section, Material material) {
        double strain = material.youngsModulus() / material.yieldStrength();
        if (section instanceof Tube tube) {
            double thinness = tube.od() / tube.wall();
            return thinness <= 0.11 * strain ? 1 : Math.min(1, 0.038 * strain / thinness + 2.0 / 3);
        }
        if (section instanceof RectTube tube) {
            double wide = Math.max(tube.b(), tube.h()) / tube.wall() - 3;
            double narrow = Math.min(tube.b(), tube.h()) / tube.wall() - 3;
            double lost = 2 * tube.wall() * tube.wall() * (lost(wide, strain) + lost(narrow, strain));
            return Math.max(0.1, 1 - lost / tube.area());
        }
        return 1;
    }

    /** Of a flat wall the part in its middle that bears nothing, in thicknesses; E7, effective width. */
    private static double lost(double thinness, double strain) {
        if (thinness <= 1.40 * Math.sqrt(strain)) {
            return 0;
        }
        double bears = 1.92 * Math.sqrt(strain) * (1 - 0.38 / thinness * Math.sqrt(strain));
        return Math.max(0, thinness - bears);
    }

    /**
     * Share of what it bears that is used; more than 1 gives way.
     *
     * @param pressure N, pressing positive
     * @param bending greatest stress of bending, Pa
     * @param onBuckling factor that is kept from buckling
     * @param allowedBending Pa
     */
    public double utilisation(double pressure, double bending, double onBuckling, double allowedBending) {
        if (pressure <= 0) {
            return 0;
        }
        double axial = pressure / area * onBuckling / critical;
        double grown = Math.min(MOST_BOWED, 1 / Math.max(1e-9, 1 - onBuckling * pressure / (area * euler)));
        double bent = grown * bending / allowedBending;
        return axial >= LIGHTLY_PRESSED ? axial + 8.0 / 9 * bent : axial / 2 + bent;
    }
}
