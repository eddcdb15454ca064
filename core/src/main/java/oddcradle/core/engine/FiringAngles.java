package oddcradle.core.engine;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import oddcradle.core.math.InvalidValue;

/**
 * At which crank angle each cylinder fires. Top dead centre of a cylinder is where its pin points along it, by definition; a
 * four-stroke fires at every second one, and engines are made to fire as evenly as their cranks allow (common practice).
 */
public final class FiringAngles {
    private static final double TURN = 2 * Math.PI;
    /** Within this of top dead centre a given angle counts as it, rad. */
    private static final double SAME = Math.toRadians(1);

    private FiringAngles() {}

    /**
     * The most even order that the crank allows, the first cylinder first; rad from 0 to one cycle.
     *
     * @param throwAngles of the crank pins at crank angle 0, rad
     * @param banks of the cylinders, rad
     * @param strokes 2 or 4
     */
    public static List<Double> mostEven(List<Double> throwAngles, List<Double> banks, int strokes) {
        int cylinders = throwAngles.size();
        List<Double> centres = new ArrayList<>();
        for (int k = 0; k < cylinders; k++) {
            centres.add(deadCentre(throwAngles.get(k), banks.get(k)));
        }
        if (strokes == 2) {
            return List.copyOf(centres);
        }
        List<Double> best = centres;
        double least = Double.POSITIVE_INFINITY;
        // The first cylinder may as well fire on its first turn: the others follow.
        for (long choice = 0; choice < 1L << (cylinders - 1); choice++) {
            List<Double> tried = new ArrayList<>(centres);
            for (int k = 1; k < cylinders; k++) {
                if ((choice >> (k - 1) & 1) == 1) {
                    tried.set(k, tried.get(k) + TURN);
                }
            }
            double uneven = unevenness(tried, strokes);
            if (uneven < least - 1e-9) {
                least = uneven;
                best = tried;
            }
        }
        return List.copyOf(best);
    }

    /**
     * The angles as given, where the crank allows them.
     *
     * @param given rad, one for each cylinder
     * @throws InvalidValue if one does not lie at its cylinder's top dead centre
     */
    public static List<Double> required(List<Double> given, List<Double> throwAngles, List<Double> banks, int strokes) {
        if (given.size() != throwAngles.size()) {
            throw new InvalidValue(
                    "firingAngles",
                    "has " + given.size() + " entries, must have one for each of the " + throwAngles.size()
                            + " cylinders");
        }
        double cycle = strokes * Math.PI;
        List<Double> angles = new ArrayList<>();
        for (int k = 0; k < given.size(); k++) {
            double centre = deadCentre(throwAngles.get(k), banks.get(k));
            double off = Math.IEEEremainder(given.get(k) - centre, TURN);
            if (Math.abs(off) > SAME) {
                throw new InvalidValue(
                        "firingAngles[" + k + "]",
                        "is " + degrees(given.get(k))
                                + " degrees, where its crank does not stand at top dead centre: that is at "
                                + degrees(centre) + (strokes == 4 ? " or " + degrees(centre + TURN) : ""));
            }
            angles.add(positive(given.get(k) - off, cycle));
        }
        return List.copyOf(angles);
    }

    private static double deadCentre(double throwAngle, double bank) {
        return positive(bank - throwAngle, TURN);
    }

    /** From 0 to less than a period; what rounding leaves just under it is 0. */
    private static double positive(double angle, double period) {
        double within = angle % period;
        double up = within < 0 ? within + period : within;
        return period - up < 1e-6 ? 0 : up;
    }

    private static long degrees(double angle) {
        return Math.round(Math.toDegrees(angle));
    }

    /** Sum of the squared intervals, least where all are alike. */
    private static double unevenness(List<Double> angles, int strokes) {
        List<Double> sorted = new ArrayList<>(angles);
        Collections.sort(sorted);
        double sum = 0;
        for (int k = 0; k < sorted.size(); k++) {
            double next = k + 1 < sorted.size() ? sorted.get(k + 1) : sorted.get(0) + strokes * Math.PI;
            sum += Math.pow(next - sorted.get(k), 2);
        }
        return sum;
    }
}
