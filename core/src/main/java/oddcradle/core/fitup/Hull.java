package oddcradle.core.fitup;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import oddcradle.core.math.Vec3;

/** The figure that points make on the ground. Monotone chain, Andrew (1979), from memory. */
final class Hull {
    private Hull() {}

    /** Corners counter-clockwise seen from above; fewer than three where all are in line. */
    static List<Vec3> of(List<Vec3> points) {
        List<Vec3> sorted = points.stream()
                .map(point -> new Vec3(point.x(), point.y(), 0))
                .distinct()
                .sorted(Comparator.comparingDouble(Vec3::x).thenComparingDouble(Vec3::y))
                .toList();
        List<Vec3> hull = new ArrayList<>();
        half(sorted, hull);
        List<Vec3> back = new ArrayList<>(sorted);
        Collections.reverse(back);
        List<Vec3> upper = new ArrayList<>();
        half(back, upper);
        hull.addAll(upper);
        return List.copyOf(hull);
    }

    private static void half(List<Vec3> sorted, List<Vec3> chain) {
        for (Vec3 point : sorted) {
            while (chain.size() > 1 && turn(chain.get(chain.size() - 2), chain.get(chain.size() - 1), point) <= 0) {
                chain.remove(chain.size() - 1);
            }
            chain.add(point);
        }
        if (!chain.isEmpty()) {
            chain.remove(chain.size() - 1);
        }
    }

    private static double turn(Vec3 a, Vec3 b, Vec3 c) {
        return (b.x() - a.x()) * (c.y() - a.y()) - (b.y() - a.y()) * (c.x() - a.x());
    }
}
