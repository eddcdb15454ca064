package oddcradle.core.catalog;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.section.Section;

/**
 * A length bolts are sold in.
 *
 * @param length under the head, m
 * @param grip the part without thread, m
 * @param mark how it is asked for: "M10x1.5 x 45" or a dash number of the aircraft series
 */
public record BoltLength(double length, double grip, String mark) {
    private static final double INCH = 0.0254;
    private static final double[] METRIC_MM = {
        12, 16, 20, 25, 30, 35, 40, 45, 50, 55, 60, 65, 70, 75, 80, 85, 90, 95, 100, 110, 120, 130, 140, 150, 160, 180,
        200
    };
    private static final int MOST_EIGHTHS = 64;
    /** Thread of an aircraft bolt with nut and cotter room by its diameter in sixteenths, in; from memory. */
    private static final double[] AIRCRAFT_THREAD = {13.0 / 32, 15.0 / 32, 17.0 / 32, 41.0 / 64, 21.0 / 32, 25.0 / 32};

    /** Lengths that a bolt of this thread comes in, shortest first. */
    public static List<BoltLength> of(ScrewThread thread) {
        return thread.inch() ? dashes(thread) : metric(thread);
    }

    /** Shank of a hexagon bolt: {@code L - (2 d + 6 mm)}, ISO 4014 for lengths up to 125 mm (from memory); short ones are threaded to the head. */
    private static List<BoltLength> metric(ScrewThread thread) {
        List<BoltLength> lengths = new ArrayList<>();
        for (double mm : METRIC_MM) {
            double length = mm / 1000;
            double threaded = 2 * thread.diameter() + (mm <= 125 ? 0.006 : 0.012);
            lengths.add(new BoltLength(
                    length, Math.max(0, length - threaded), thread.designation() + " x " + Section.mm(length)));
        }
        return lengths;
    }

    /**
     * The aircraft series: the number before the dash is the diameter in sixteenths, behind it whole inches and eighths. Length is
     * a thirty-second over. Coarse threads and screws of number sizes come in the same lengths, threaded to the head.
     */
    private static List<BoltLength> dashes(ScrewThread thread) {
        List<BoltLength> lengths = new ArrayList<>();
        int sixteenths = thread.designation().startsWith("10-") ? 3 : (int) Math.round(16 * thread.diameter() / INCH);
        boolean aircraft = thread.designation().equals("10-32") || thread.isFine() && sixteenths >= 4;
        for (int eighths = 3; eighths <= MOST_EIGHTHS; eighths++) {
            int dash = eighths < 8 ? eighths : 10 * (eighths / 8) + eighths % 8;
            double length = (eighths / 8.0 + (aircraft ? 1.0 / 32 : 0)) * INCH;
            double threaded = AIRCRAFT_THREAD[Math.min(sixteenths - 3, AIRCRAFT_THREAD.length - 1)] * INCH;
            lengths.add(new BoltLength(
                    length,
                    aircraft ? Math.max(0, length - threaded) : 0,
                    aircraft
                            ? "AN" + sixteenths + "-" + dash
                            : thread.designation() + " x " + eighths / 8
                                    + (eighths % 8 == 0 ? "" : " " + eighths % 8 + "/8")));
        }
        return lengths;
    }

    /** The shortest that is long enough. */
    public static Optional<BoltLength> atLeast(ScrewThread thread, double length) {
        return of(thread).stream()
                .filter(each -> each.length() >= length - 1e-9)
                .findFirst();
    }

    /** The longest that is short enough. */
    public static Optional<BoltLength> atMost(ScrewThread thread, double length) {
        return of(thread).stream()
                .filter(each -> each.length() <= length + 1e-9)
                .reduce((shorter, longer) -> longer);
    }

    /** The one of this very length, or of the user's own where it is not sold. */
    public static BoltLength exactly(ScrewThread thread, double length) {
        return of(thread).stream()
                .filter(each -> Math.abs(each.length() - length) < 1e-4)
                .findFirst()
                .orElse(new BoltLength(
                        length, 0, thread.designation() + " x " + Section.mm(length) + " (not a stock length)"));
    }
}
