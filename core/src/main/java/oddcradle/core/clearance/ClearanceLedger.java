package oddcradle.core.clearance;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import oddcradle.core.geometry.distance.PreparedSolid;
import oddcradle.core.geometry.distance.Separation;
import oddcradle.core.geometry.distance.SolidDistance;

/**
 * Every pair of a donor part and an obstacle, the one with least margin first. Exact distances; boxes around the bodies
 * only decide in which order a body's solids are tried.
 */
public record ClearanceLedger(List<Gap> gaps) {
    public ClearanceLedger {
        gaps = List.copyOf(gaps);
    }

    public static ClearanceLedger of(List<Body> donorParts, List<Body> obstacles) {
        List<Gap> gaps = new ArrayList<>(donorParts.size() * obstacles.size());
        for (Body part : donorParts) {
            for (Body obstacle : obstacles) {
                gaps.add(gap(part, obstacle));
            }
        }
        gaps.sort(Comparator.comparingDouble(Gap::margin));
        return new ClearanceLedger(gaps);
    }

    public static Gap gap(Body part, Body obstacle) {
        Separation shortest = null;
        for (PreparedSolid a : part.prepared()) {
            for (PreparedSolid b : obstacle.prepared()) {
                if (shortest != null && a.bounds().distanceTo(b.bounds()) > Math.max(0, shortest.distance())) {
                    continue;
                }
                Separation here = SolidDistance.between(a, b);
                if (shortest == null || here.distance() < shortest.distance()) {
                    shortest = here;
                }
            }
        }
        return new Gap(part, obstacle, shortest, Math.max(part.room(), obstacle.room()));
    }
}
