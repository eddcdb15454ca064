package oddcradle.files.drawing;

import java.util.List;

/** The room that shapes take in a view, m. */
public record Extent(double left, double right, double bottom, double top) {
    /** @param shapes at least one */
    public static Extent of(List<DrawnShape> shapes) {
        double left = Double.POSITIVE_INFINITY;
        double right = Double.NEGATIVE_INFINITY;
        double bottom = Double.POSITIVE_INFINITY;
        double top = Double.NEGATIVE_INFINITY;
        for (DrawnShape shape : shapes) {
            for (FlatPoint point : shape.outline()) {
                left = Math.min(left, point.x());
                right = Math.max(right, point.x());
                bottom = Math.min(bottom, point.y());
                top = Math.max(top, point.y());
            }
        }
        return new Extent(left, right, bottom, top);
    }

    public double width() {
        return right - left;
    }

    public double height() {
        return top - bottom;
    }

    public FlatPoint middle() {
        return new FlatPoint((left + right) / 2, (bottom + top) / 2);
    }
}
