package oddcradle.core.recording;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import oddcradle.core.finding.Phrase;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.Quantity;

/**
 * Acceleration over time at one place, evenly sampled, with the crank's speed where a tacho was on it. What is wrong with it is told, what makes it useless is
 * refused. Rates and lengths by definition.
 */
public final class Recording {
    private static final int FEWEST = 256;
    private static final int MOST = 2_000_000;
    /** A step longer than this many of the usual ones has lost samples. */
    private static final double LOST = 1.5;

    /** More lost than this share is no record. */
    private static final double MOST_LOST = 0.02;

    /** So many samples in a row at the very same extreme have been cut off. */
    private static final int FLAT = 4;

    /** Crank speeds and accelerations that nothing here has, rad/s and m/s2. */
    private static final double FASTEST = 3000;

    private static final double HARDEST = 1e5;

    private final double rate;
    private final double[][] axes;
    private final Optional<double[]> speed;
    private final List<Phrase> troubles;

    private Recording(double rate, double[][] axes, Optional<double[]> speed, List<Phrase> troubles) {
        this.rate = rate;
        this.axes = axes;
        this.speed = speed;
        this.troubles = List.copyOf(troubles);
    }

    /**
     * @param times s, ascending
     * @param accelerations at those times, m/s2; a steady part, such as gravity, does not matter
     * @param speeds of the crank at those times, rad/s; empty where no tacho was on it
     * @throws InvalidValue naming what makes it useless
     */
    public static Recording of(List<Double> times, List<Vec3> accelerations, Optional<List<Double>> speeds) {
        int n = times.size();
        if (n < FEWEST || n > MOST) {
            throw new InvalidValue(
                    "record",
                    "has " + n + " samples, must have " + FEWEST + " to " + MOST + ": record longer, or split it");
        }
        double[] steps = new double[n - 1];
        for (int k = 1; k < n; k++) {
            steps[k - 1] = times.get(k) - times.get(k - 1);
            if (!(steps[k - 1] > 0)) {
                throw new InvalidValue(
                        "record",
                        "goes from " + times.get(k - 1) + " s to " + times.get(k) + " s at sample " + (k + 1)
                                + ": times must rise; sort it or record it again");
            }
        }
        double[] sorted = steps.clone();
        Arrays.sort(sorted);
        double usual = sorted[sorted.length / 2];
        List<Phrase> troubles = new ArrayList<>();
        checkLost(times, steps, usual, troubles);
        for (Vec3 each : accelerations) {
            if (!(each.length() < HARDEST)) {
                throw new InvalidValue(
                        "record", "holds " + each.length() + " m/s2: look at the unit in the header of its columns");
            }
        }
        double length = times.get(n - 1) - times.get(0);
        int even = Math.min(MOST, (int) Math.round(length / usual) + 1);
        double[][] axes = new double[3][even];
        double[] tacho = new double[even];
        int before = 0;
        for (int k = 0; k < even; k++) {
            double t = times.get(0) + Math.min(length, k * usual);
            while (before < n - 2 && times.get(before + 1) < t) {
                before++;
            }
            double share = (t - times.get(before)) / steps[before];
            Vec3 a = accelerations.get(before).towards(accelerations.get(before + 1), share);
            axes[0][k] = a.x();
            axes[1][k] = a.y();
            axes[2][k] = a.z();
            if (speeds.isPresent()) {
                double from = speeds.get().get(before);
                tacho[k] = from + (speeds.get().get(before + 1) - from) * share;
            }
        }
        checkClipped(accelerations, troubles);
        speeds.ifPresent(Recording::checkSpeeds);
        return new Recording(1 / usual, axes, speeds.map(all -> tacho), troubles);
    }

    private static void checkLost(List<Double> times, double[] steps, double usual, List<Phrase> troubles) {
        double lost = 0;
        int first = -1;
        for (int k = 0; k < steps.length; k++) {
            if (steps[k] > LOST * usual) {
                lost += steps[k] / usual - 1;
                first = first < 0 ? k : first;
            }
        }
        if (lost > MOST_LOST * times.size()) {
            throw new InvalidValue(
                    "record",
                    "has lost about " + Math.round(lost) + " samples, the first after " + times.get(first)
                            + " s: record again at a lower rate, or with nothing else running");
        }
        if (first >= 0) {
            troubles.add(Phrase.of(
                    "About {} samples are lost, the first after {}; straight lines stand for them.",
                    Quantity.count(Math.round(lost)),
                    Quantity.time(times.get(first))));
        }
    }

    private static void checkClipped(List<Vec3> all, List<Phrase> troubles) {
        for (int axis = 0; axis < 3; axis++) {
            double most = 0;
            for (Vec3 each : all) {
                most = Math.max(most, Math.abs(part(each, axis)));
            }
            int row = 0;
            int flat = 0;
            for (int k = 1; k < all.size() && most > 0; k++) {
                double here = part(all.get(k), axis);
                boolean same = here == part(all.get(k - 1), axis) && Math.abs(here) == most;
                row = same ? row + 1 : 0;
                flat = Math.max(flat, row + 1);
            }
            if (flat >= FLAT) {
                troubles.add(Phrase.of(
                        "The {} axis is cut off at {}: take a larger range, or a softer place.",
                        "xyz".substring(axis, axis + 1),
                        Quantity.acceleration(most)));
            }
        }
    }

    private static void checkSpeeds(List<Double> speeds) {
        for (double each : speeds) {
            if (!(each >= 0 && each <= FASTEST)) {
                throw new InvalidValue(
                        "speed",
                        "holds " + each * 30 / Math.PI + " rpm: look at the tacho and at the unit in the header");
            }
        }
    }

    private static double part(Vec3 v, int axis) {
        return axis == 0 ? v.x() : axis == 1 ? v.y() : v.z();
    }

    /** Samples a second, Hz. */
    public double rate() {
        return rate;
    }

    public int samples() {
        return axes[0].length;
    }

    /** s */
    public double length() {
        return (samples() - 1) / rate;
    }

    public boolean hasSpeed() {
        return speed.isPresent();
    }

    /** What is not right with it but does not make it useless. */
    public List<Phrase> troubles() {
        return troubles;
    }

    /** m/s2, by axis and sample; not to be changed. */
    double[][] axes() {
        return axes;
    }

    /** rad/s, by sample. */
    Optional<double[]> speed() {
        return speed;
    }
}
