package oddcradle.files.drawing;

import java.util.List;

/**
 * The outline of one convex solid.
 *
 * @param part id of the part it belongs to
 * @param outline corners in order, m
 * @param depth of its middle towards the eye, m
 */
public record DrawnShape(String part, Role role, List<FlatPoint> outline, double depth) {
    public DrawnShape {
        outline = List.copyOf(outline);
    }
}
