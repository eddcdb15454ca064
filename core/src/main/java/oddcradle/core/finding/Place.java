package oddcradle.core.finding;

import java.util.List;
import oddcradle.core.math.Vec3;

/**
 * Where a finding is: the parts it is about, by id, and up to two points in host axes, metres.
 */
public record Place(List<String> parts, List<Vec3> points) {
    public static final Place NOWHERE = new Place(List.of(), List.of());

    public Place {
        parts = List.copyOf(parts);
        points = List.copyOf(points);
    }

    public static Place of(String part, Vec3... points) {
        return new Place(List.of(part), List.of(points));
    }

    public static Place between(String partA, Vec3 a, String partB, Vec3 b) {
        return new Place(List.of(partA, partB), List.of(a, b));
    }
}
