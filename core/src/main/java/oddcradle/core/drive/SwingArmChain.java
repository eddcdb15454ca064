package oddcradle.core.drive;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;

/**
 * How a chain tightens and slackens as a swing arm moves. Side view: x forward, z up; arm angles from +x, so that an arm
 * straight aft is at pi. Plane geometry, exact; the chain length as in {@link RollerChain}.
 *
 * @param travel at each angle asked for, in that order
 * @param maxCentre longest centre distance between the least and the greatest angle, m: there the chain is tightest
 * @param maxCentreAngle where that is, rad
 * @param minCentre shortest, m
 */
public record SwingArmChain(List<At> travel, double maxCentre, double maxCentreAngle, double minCentre) {
    private static final int MOST_ANGLES = 100_000;

    /**
     * @param centre distance between countershaft and axle, m
     * @param lengthPitches the chain would need, pitches
     * @param angle of the arm, rad
     */
    public record At(double angle, double centre, double lengthPitches) {}

    /** A point of the side view, m. */
    public record Point(double x, double z) {
        public Point {
            Guard.finite("x", x);
            Guard.finite("z", z);
        }

        double distanceTo(Point other) {
            return Math.hypot(other.x - x, other.z - z);
        }
    }

    /** The difference between the tightest and the slackest place, m of centre distance. */
    public double range() {
        return maxCentre - minCentre;
    }

    /**
     * @param armLength m
     * @param angles of the arm, rad, at least one
     * @throws InvalidValue naming a field that is wrong; the sprockets may touch nowhere in the travel
     */
    public static SwingArmChain of(
            Point countershaft,
            Point pivot,
            double armLength,
            double pitch,
            int teethDriver,
            int teethDriven,
            List<Double> angles) {
        Guard.positive("arm_length", armLength, "m");
        if (angles.isEmpty() || angles.size() > MOST_ANGLES) {
            throw new InvalidValue("angles", "has " + angles.size() + " entries, must have 1 to " + MOST_ANGLES);
        }
        List<At> travel = new ArrayList<>();
        double least = Double.POSITIVE_INFINITY;
        double most = Double.NEGATIVE_INFINITY;
        for (double angle : angles) {
            Guard.finite("angles", angle);
            double centre = centre(countershaft, pivot, armLength, angle);
            double length = RollerChain.solve(new ChainInput(pitch, teethDriver, teethDriven, centre, 0))
                    .lengthPitches();
            travel.add(new At(angle, centre, length));
            least = Math.min(least, angle);
            most = Math.max(most, angle);
        }
        // Farthest where the arm points straight away from the countershaft, nearest where it points at it.
        List<Double> ends = new ArrayList<>(List.of(least, most));
        double away = Math.atan2(pivot.z - countershaft.z, pivot.x - countershaft.x);
        for (double extreme : new double[] {away, away + Math.PI}) {
            double turned = extreme + 2 * Math.PI * Math.ceil((least - extreme) / (2 * Math.PI));
            if (turned <= most) {
                ends.add(turned);
            }
        }
        double farthest = least;
        double nearest = least;
        for (double angle : ends) {
            double here = centre(countershaft, pivot, armLength, angle);
            farthest = here > centre(countershaft, pivot, armLength, farthest) ? angle : farthest;
            nearest = here < centre(countershaft, pivot, armLength, nearest) ? angle : nearest;
        }
        return new SwingArmChain(
                List.copyOf(travel),
                centre(countershaft, pivot, armLength, farthest),
                farthest,
                centre(countershaft, pivot, armLength, nearest));
    }

    private static double centre(Point countershaft, Point pivot, double armLength, double angle) {
        return countershaft.distanceTo(
                new Point(pivot.x + armLength * Math.cos(angle), pivot.z + armLength * Math.sin(angle)));
    }
}
