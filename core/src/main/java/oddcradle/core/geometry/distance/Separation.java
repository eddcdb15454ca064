package oddcradle.core.geometry.distance;

import oddcradle.core.math.Vec3;

/**
 * How far two solids are apart.
 *
 * @param distance metres; negative when they overlap: minus the length of the shortest translation that parts them
 * @param pointA closest point on the first solid; when they overlap, the point of A that reaches deepest into B
 * @param pointB closest point on the second solid, or the deepest of B in A
 */
public record Separation(double distance, Vec3 pointA, Vec3 pointB) {
    public boolean overlap() {
        return distance < 0;
    }
}
