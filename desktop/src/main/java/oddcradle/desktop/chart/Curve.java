package oddcradle.desktop.chart;

import java.util.List;
import java.util.OptionalDouble;

/**
 * Points joined in their order, in the units of the axes.
 *
 * @param name as the legend says it; empty for none
 * @param pen which of the pens of the chart draws it, 0 the first; curves of one pen look alike
 * @param dots whether each point has a dot
 */
public record Curve(String name, List<Point> points, int pen, boolean dots) {
    /** One of them. */
    public record Point(double x, double y) {}

    public Curve {
        points = List.copyOf(points);
    }

    /** Between the two points around a place; empty beyond its ends. */
    OptionalDouble at(double x) {
        for (int k = 1; k < points.size(); k++) {
            Point a = points.get(k - 1);
            Point b = points.get(k);
            double low = Math.min(a.x(), b.x());
            double high = Math.max(a.x(), b.x());
            if (x >= low && x <= high) {
                return OptionalDouble.of(high == low ? b.y() : a.y() + (x - a.x()) / (b.x() - a.x()) * (b.y() - a.y()));
            }
        }
        return OptionalDouble.empty();
    }
}
