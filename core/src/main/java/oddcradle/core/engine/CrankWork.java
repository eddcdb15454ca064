package oddcradle.core.engine;

import io.soabase.recordbuilder.core.RecordBuilder;
import oddcradle.core.balance.BalancePart;
import oddcradle.core.math.Guard;

/**
 * Something done to a crank for its balance, or planned: a hole, a hole filled with another metal, or a weight put on. A drilled crank
 * loses what the hole held, common practice.
 *
 * @param label in the user's words
 * @param sort what it is
 * @param angle of its place from the first crank pin, in the sense in which the crank turns, rad
 * @param along of its place along the crank from its middle, m
 * @param radius of a hole's axis where it is drilled along the crank, of its mouth where it is drilled inward, of a weight's centre, m
 * @param diameter of a hole, m; 0 for a weight
 * @param depth of a hole's straight wall, m; 0 for a weight
 * @param density of what fills a hole, kg/m3; 0 where it stays empty
 * @param mass of a weight, kg; 0 for a hole
 */
@RecordBuilder
public record CrankWork(
        String label,
        Sort sort,
        double angle,
        double along,
        double radius,
        double diameter,
        double depth,
        double density,
        double mass)
        implements CrankWorkBuilder.With {
    /** Steel of a crank, kg/m3; common practice. */
    public static final double STEEL = 7850;
    /** Heavy metal of tungsten and copper, kg/m3; common practice. */
    public static final double HEAVY_METAL = 15_000;

    /** Cone of a common drill, rad. */
    private static final double DRILL_POINT = Math.toRadians(118);

    private static final double FARTHEST = 0.5;
    private static final double HEAVIEST = 20;
    private static final double DENSEST = 22_600;

    /** What is done. */
    public enum Sort {
        HOLE_ALONG("hole along the crank"),
        HOLE_INWARD("hole from the rim inward"),
        WEIGHT("weight put on");

        private final String words;

        Sort(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public CrankWork {
        Guard.named("label", label);
        Guard.present("sort", sort);
        Guard.within("angle", angle, -2 * Math.PI, 2 * Math.PI, "rad");
        Guard.within("along", along, -FARTHEST, FARTHEST, "m");
        Guard.within("radius", radius, 0, FARTHEST, "m");
        Guard.within("diameter", diameter, 0, FARTHEST, "m");
        Guard.within("depth", depth, 0, FARTHEST, "m");
        Guard.within("density", density, 0, DENSEST, "kg/m3");
        Guard.within("mass", mass, 0, HEAVIEST, "kg");
        if (isHole(sort, diameter, depth)) {
            // A hole that reaches past the middle is refused where it is made.
            bore(sort, diameter, depth, radius);
        }
    }

    private static boolean isHole(Sort sort, double diameter, double depth) {
        return sort != Sort.WEIGHT && diameter > 0 && depth > 0;
    }

    private static BalancePart.Bore bore(Sort sort, double diameter, double depth, double radius) {
        return new BalancePart.Bore(
                diameter,
                depth,
                DRILL_POINT,
                sort == Sort.HOLE_ALONG ? BalancePart.Direction.AXIAL : BalancePart.Direction.RADIAL,
                radius);
    }

    /** What it adds along its angle, kg m; less than 0 where it takes mass away. A hole of no size adds nothing yet. */
    public double amount() {
        if (sort == Sort.WEIGHT) {
            return new BalancePart.Mass(mass, radius, angle).amount();
        }
        if (!isHole(sort, diameter, depth)) {
            return 0;
        }
        BalancePart.Bore bore = bore(sort, diameter, depth, radius);
        return density > 0
                ? new BalancePart.Plug(bore, STEEL, density, angle).amount()
                : new BalancePart.Hole(bore, STEEL, angle).amount();
    }
}
