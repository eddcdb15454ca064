package oddcradle.core.mounting;

import java.util.List;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.Section;

/**
 * An isolator of the user's own with its load-deflection table: as stiff as the table is steep where it is loaded, so that rubber that hardens is harder under a
 * heavier engine. Straight lines between the points, common practice.
 *
 * @param diameter of the whole, m
 * @param height of what is soft, m
 * @param table from the first deflection on, both rising; nothing at nothing is left out
 * @param load that it carries at rest along its axis, N
 * @param across stiffness across over that along, a ratio
 * @param shaking stiffness while it shakes over that under a steady load, a ratio
 */
public record MeasuredMount(
        double diameter, double height, List<Step> table, double load, double across, double shaking)
        implements MountElement {
    private static final int MOST_STEPS = 100;
    private static final double HEAVIEST = 1e6;
    private static final double FARTHEST = 0.2;
    /** The slope is taken over so much of the load either way. */
    private static final double ABOUT = 0.1;

    /**
     * A point of the table.
     *
     * @param deflection m
     * @param force N
     */
    public record Step(double deflection, double force) {
        public Step {
            Guard.within("deflection", deflection, 0, FARTHEST, "m");
            Guard.within("force", force, 0, HEAVIEST, "N");
        }
    }

    public MeasuredMount {
        Guard.size("diameter", diameter);
        Guard.size("height", height);
        table = List.copyOf(Guard.present("table", table));
        Guard.within("table", table.size(), 1, MOST_STEPS, "");
        double deflection = 0;
        double force = 0;
        for (int k = 0; k < table.size(); k++) {
            Step step = table.get(k);
            if (!(step.deflection() > deflection && step.force() > force)) {
                throw new InvalidValue(
                        "table",
                        "goes from " + 1000 * deflection + " mm, " + force + " N to " + 1000 * step.deflection()
                                + " mm, " + step.force() + " N: both must rise; leave the point out or measure again");
            }
            deflection = step.deflection();
            force = step.force();
        }
        Guard.within("load", load, 0, force, "N");
        Guard.within("across", across, 0.01, 10, "");
        Guard.within("shaking", shaking, 1, 5, "");
    }

    /** Deflection under a load within the table, m. */
    public double deflection(double wanted) {
        double x = 0;
        double f = 0;
        for (Step step : table) {
            if (wanted <= step.force()) {
                return x + (step.deflection() - x) * (wanted - f) / (step.force() - f);
            }
            x = step.deflection();
            f = step.force();
        }
        return x;
    }

    @Override
    public Vec3 stiffness() {
        double most = table.get(table.size() - 1).force();
        double about = ABOUT * Math.max(load, 0.1 * most);
        double from = Math.max(0, load - about);
        double to = Math.min(most, load + about);
        double along = (to - from) / (deflection(to) - deflection(from));
        return new Vec3(along, across * along, across * along);
    }

    @Override
    public double thickness() {
        return height;
    }

    @Override
    public Strain strain(double along, double across) {
        return new Strain(along / height, across / height);
    }

    @Override
    public double dynamicRatio() {
        return shaking;
    }

    @Override
    public String designation() {
        return "own " + Section.mm(diameter) + " x " + Section.mm(height) + " mm, measured";
    }
}
