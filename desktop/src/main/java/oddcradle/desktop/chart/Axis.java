package oddcradle.desktop.chart;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.DoubleStream;
import oddcradle.core.units.DecimalMark;

/**
 * One direction of a chart, in the unit that is shown.
 *
 * @param label with its unit
 * @param least at its beginning
 * @param most at its end, more than {@code least}
 * @param byTens whether equal steps are equal factors; {@code least} is more than 0 then
 */
public record Axis(String label, double least, double most, boolean byTens) {
    private static final int LINES = 5;

    /** Less than this, in any unit that is shown, is nought. */
    private static final double SMALLEST = 1e-12;

    /** From 0, or from the least where that is less, to a round number that nothing stands out of. */
    public static Axis of(String label, DoubleStream values) {
        double[] finite = values.filter(Double::isFinite).toArray();
        double least = Math.min(0, DoubleStream.of(finite).min().orElse(0));
        double most = Math.max(0, DoubleStream.of(finite).max().orElse(1));
        if (most - least < SMALLEST) {
            most = least + 1;
        }
        double from = least;
        double to = most;
        double step;
        do {
            // To a round number the axis may grow so far that its lines stand wider apart.
            step = step(to - from);
            from = step * Math.floor(least / step + 1e-9);
            to = step * Math.ceil(most / step - 1e-9);
        } while (step(to - from) > step * 1.0001);
        return new Axis(label, from, to, false);
    }

    /**
     * By tens, for what is to be read when it is small and when it is large.
     *
     * @param floor what is less is shown as this, more than 0
     */
    public static Axis byTens(String label, DoubleStream values, double floor) {
        double[] shown = values.filter(Double::isFinite)
                .map(value -> Math.max(floor, value))
                .toArray();
        double least = DoubleStream.of(shown).min().orElse(floor);
        double most = DoubleStream.of(shown).max().orElse(10 * floor);
        double from = Math.pow(10, Math.floor(Math.log10(least) + 1e-9));
        double to = Math.pow(10, Math.ceil(Math.log10(most) - 1e-9));
        // A third of the way is enough where the curve ends soon after a ten.
        to = to / 3 >= most * 1.02 ? to / 3.0 : to;
        return new Axis(label, from, to <= from ? 10 * from : to, true);
    }

    /** Where a value stands, 0 at the beginning to 1 at the end; what lies beyond is held there. */
    public double share(double value) {
        double share = byTens
                ? Math.log(Math.max(value, least) / least) / Math.log(most / least)
                : (value - least) / (most - least);
        return Math.max(0, Math.min(1, share));
    }

    /** The value at a share of the way. */
    public double at(double share) {
        return byTens ? least * Math.pow(most / least, share) : least + share * (most - least);
    }

    /** Where numbers stand, from the beginning to the end. */
    public List<Double> ticks() {
        List<Double> ticks = new ArrayList<>();
        if (byTens) {
            for (double ten = least; ten <= most * 1.0001; ten *= 10) {
                ticks.add(ten);
                if (3 * ten <= most * 1.0001) {
                    ticks.add(3 * ten);
                }
            }
            return ticks;
        }
        double step = step(most - least);
        for (long k = Math.round(least / step); k * step <= most + step / 1000; k++) {
            ticks.add(k * step);
        }
        return ticks;
    }

    /** As a tick or a reading says it: no more digits than can be read off. */
    public String number(double value) {
        double size = byTens ? Math.abs(value) : step(most - least);
        int decimals = size >= 1 ? 0 : Math.min(4, (int) Math.ceil(-Math.log10(size) - 1e-9));
        String text = String.format(Locale.ROOT, "%." + decimals + "f", value);
        return (DecimalMark.used() == DecimalMark.COMMA ? text.replace('.', ',') : text)
                .replaceAll("^-(0([.,]0*)?)$", "$1");
    }

    /** One, two or five times a power of ten, so that there are about five lines. */
    private static double step(double span) {
        double rough = span / LINES;
        double power = Math.pow(10, Math.floor(Math.log10(rough)));
        double lead = rough / power;
        return power * (lead < 1.5 ? 1 : lead < 3.5 ? 2 : lead < 7.5 ? 5 : 10);
    }
}
