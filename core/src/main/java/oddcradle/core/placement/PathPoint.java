package oddcradle.core.placement;

import java.util.List;
import oddcradle.core.geometry.distance.SegmentDistance;
import oddcradle.core.math.Vec3;

/** Points on the middle line of a tube. */
public final class PathPoint {
    private PathPoint() {}

    /** The point of a run of straight pieces that is nearest to another. */
    public static Vec3 nearest(List<Vec3> path, Vec3 point) {
        Vec3 nearest = path.get(0);
        for (int k = 1; k < path.size(); k++) {
            Vec3 here = SegmentDistance.closestOnSegment(point, path.get(k - 1), path.get(k));
            nearest = here.distanceTo(point) < nearest.distanceTo(point) ? here : nearest;
        }
        return nearest;
    }
}
