package oddcradle.core.joint;

import java.util.ArrayList;
import java.util.List;

/**
 * A flat piece to be cut: its edge and its holes, m, the weld along y = 0.
 *
 * <p>Area by the shoelace formula, exact.
 *
 * @param edge corners in order, counter-clockwise, not closed
 */
public record Outline(List<Point> edge, List<Hole> holes) {
    private static final int ARC_STEPS = 24;

    public Outline {
        edge = List.copyOf(edge);
        holes = List.copyOf(holes);
    }

    /**
     * @param x m
     * @param y m
     */
    public record Point(double x, double y) {}

    /**
     * @param x m
     * @param y m
     * @param diameter m
     */
    public record Hole(double x, double y, double diameter) {}

    /**
     * A tab: straight where it is welded, round about its hole, the sides tangent to the round.
     *
     * @param root width where it is welded, m
     * @param standoff from the weld to the middle of the hole, m
     * @param edge from the middle of the hole to the edge, m
     * @param hole diameter, m
     */
    public static Outline tab(double root, double standoff, double edge, double hole) {
        double half = root / 2;
        List<Point> points = new ArrayList<>(List.of(new Point(-half, 0), new Point(half, 0)));
        double from = standoff <= edge ? 0 : tangent(half, standoff, edge);
        for (int k = 0; k <= ARC_STEPS; k++) {
            double angle = from + (Math.PI - 2 * from) * k / ARC_STEPS;
            points.add(new Point(edge * Math.cos(angle), standoff + edge * Math.sin(angle)));
        }
        return new Outline(points, List.of(new Hole(0, standoff, hole)));
    }

    /** A square seat with a hole in its middle. Side and hole in m. */
    public static Outline seat(double side, double hole) {
        double half = side / 2;
        return new Outline(
                List.of(new Point(-half, 0), new Point(half, 0), new Point(half, side), new Point(-half, side)),
                List.of(new Hole(0, half, hole)));
    }

    /** Where a line from the corner of the root touches the round, as an angle from across. */
    private static double tangent(double half, double standoff, double edge) {
        double distance = Math.hypot(half, standoff);
        return Math.acos(edge / distance) - Math.atan2(standoff, half);
    }

    /** Of the plate without its holes, m2. */
    public double area() {
        double twice = 0;
        for (int k = 0; k < edge.size(); k++) {
            Point a = edge.get(k);
            Point b = edge.get((k + 1) % edge.size());
            twice += a.x() * b.y() - b.x() * a.y();
        }
        double holed = holes.stream()
                .mapToDouble(hole -> Math.PI / 4 * hole.diameter() * hole.diameter())
                .sum();
        return twice / 2 - holed;
    }
}
