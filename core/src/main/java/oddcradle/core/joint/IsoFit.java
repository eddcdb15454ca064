package oddcradle.core.joint;

import java.util.List;
import oddcradle.core.math.Guard;

/**
 * Limits of hole H7 with shafts g6 (slides) and p6 (pressed), m.
 *
 * <p>Tolerance unit {@code i = 0.45 D^(1/3) + 0.001 D} with D the geometric mean of the size step, mm, i in micrometres; IT6 = 10 i,
 * IT7 = 16 i; g: {@code -2.5 D^0.34}; p: IT7 and the least step over it. Source: ISO 286-1:2010, annex (from memory); its table
 * rounds, so a micrometre or two may differ.
 *
 * @param low least of what is left between hole and shaft, m; negative where they overlap
 * @param high most of it
 */
public record IsoFit(double low, double high) {
    private static final List<Double> STEPS_MM = List.of(3.0, 6.0, 10.0, 18.0, 30.0, 50.0, 80.0, 120.0, 180.0);
    private static final double MICRO = 1e-6;
    /** Over IT7, micrometres, for the steps above. */
    private static final double[] PRESS_OVER = {0, 0, 0, 0, 1, 1, 2, 2, 3};

    /** A pin that slides in: H7/g6. Diameter in m. */
    public static IsoFit sliding(double diameter) {
        double d = mean(diameter);
        double gap = 2.5 * Math.pow(d, 0.34);
        return new IsoFit(gap * MICRO, (gap + grade(d, 16) + grade(d, 10)) * MICRO);
    }

    /** A bush that is pressed in: H7/p6. Diameter in m. */
    public static IsoFit pressed(double diameter) {
        double d = mean(diameter);
        double least = grade(d, 16) + PRESS_OVER[step(diameter)];
        return new IsoFit(-(least + grade(d, 10)) * MICRO, -(least - grade(d, 16)) * MICRO);
    }

    private static double grade(double d, double units) {
        return units * (0.45 * Math.cbrt(d) + 0.001 * d);
    }

    private static double mean(double diameter) {
        int step = step(diameter);
        double from = step == 0 ? 1 : STEPS_MM.get(step - 1);
        return Math.sqrt(from * STEPS_MM.get(step));
    }

    private static int step(double diameter) {
        double mm = Guard.within("diameter", diameter, 0.001, 0.180, "m") * 1000;
        int step = 0;
        while (mm > STEPS_MM.get(step) + 1e-9) {
            step++;
        }
        return step;
    }
}
