package oddcradle.core.job.body;

import java.util.List;
import oddcradle.core.geometry.Solid;
import oddcradle.core.material.Material;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.RectTube;
import oddcradle.core.section.Section;
import oddcradle.core.section.Tube;

/** What sizes the things of a job can have; beyond them a unit or a digit was mistyped. */
public final class Sizes {
    /** A hangar or a barn still fits round the machine, m. */
    private static final double LARGEST_BODY = 25;

    private static final double FARTHEST = 50;
    private static final double SMALLEST_BODY = 1e-4;
    private static final double THINNEST_BAR = 0.001;
    private static final double THICKEST_BAR = 0.6;
    /** Foil, m. */
    public static final double THINNEST_WALL = 1e-4;

    /** From a soft plastic to diamond, Pa. */
    private static final double SOFTEST = 1e6;

    private static final double STIFFEST = 2e12;
    private static final double WEAKEST = 1e5;
    private static final double STRONGEST = 1e10;
    private static final double DENSEST = 25_000;

    private Sizes() {}

    /** @throws InvalidValue naming the solid that is larger than a barn or smaller than a hair */
    static void requireBodies(List<Solid> solids) {
        for (int k = 0; k < solids.size(); k++) {
            String field = "solids[" + k + "]";
            requirePlace(field, solids.get(k).bounds().centre());
            Vec3 size = solids.get(k).bounds().size();
            Guard.within(field, Math.max(size.x(), Math.max(size.y(), size.z())), SMALLEST_BODY, LARGEST_BODY, "m");
        }
    }

    /** @throws InvalidValue if a place lies farther from the origin than any machine reaches */
    public static Vec3 requirePlace(String field, Vec3 place) {
        Guard.present(field, place);
        Guard.within(field + "[0]", place.x(), -FARTHEST, FARTHEST, "m");
        Guard.within(field + "[1]", place.y(), -FARTHEST, FARTHEST, "m");
        Guard.within(field + "[2]", place.z(), -FARTHEST, FARTHEST, "m");
        return place;
    }

    /** @throws InvalidValue if no shop has such a bar or tube */
    public static void requireSection(Section section) {
        Guard.within("section", 2 * section.outerRadius(), THINNEST_BAR, THICKEST_BAR, "m");
        if (section instanceof Tube tube) {
            requireWall("section.wall", tube.wall());
        } else if (section instanceof RectTube tube) {
            requireWall("section.wall", tube.wall());
        }
    }

    /** @throws InvalidValue naming the material that nothing is made of */
    public static void requireMaterials(List<Material> materials) {
        for (int k = 0; k < materials.size(); k++) {
            Material material = materials.get(k);
            String here = "materials[" + k + "].";
            Guard.within(here + "youngsModulus", material.youngsModulus(), SOFTEST, STIFFEST, "Pa");
            Guard.within(here + "density", material.density(), 0, DENSEST, "kg/m3");
            Guard.within(here + "yieldStrength", material.yieldStrength(), WEAKEST, STRONGEST, "Pa");
        }
    }

    public static void requireWall(String field, double wall) {
        Guard.within(field, wall, THINNEST_WALL, THICKEST_BAR, "m");
    }
}
