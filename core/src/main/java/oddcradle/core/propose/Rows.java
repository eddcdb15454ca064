package oddcradle.core.propose;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import oddcradle.core.math.Vec3;

/** Lugs that lie across the machine together. */
final class Rows {
    /** Lugs nearer to each other than this along the axis are one row, m. */
    private static final double APART = 0.04;

    private Rows() {}

    /**
     * One row, or two parted where the lugs lie farthest apart along an axis; the foremost first, each from left to right.
     *
     * @param axis level
     */
    static List<List<Lug>> along(List<Lug> lugs, Vec3 axis) {
        List<Lug> sorted = new ArrayList<>(lugs);
        sorted.sort(Comparator.comparingDouble((Lug lug) -> lug.at().dot(axis)).reversed());
        int split = 0;
        double widest = APART;
        for (int k = 1; k < sorted.size(); k++) {
            double gap = sorted.get(k - 1).at().minus(sorted.get(k).at()).dot(axis);
            if (gap > widest) {
                widest = gap;
                split = k;
            }
        }
        List<List<Lug>> rows = new ArrayList<>();
        if (split > 0) {
            rows.add(across(sorted.subList(0, split), axis));
        }
        rows.add(across(sorted.subList(split, sorted.size()), axis));
        return rows;
    }

    private static List<Lug> across(List<Lug> row, Vec3 axis) {
        Vec3 side = across(axis);
        return row.stream()
                .sorted(Comparator.comparingDouble((Lug lug) -> lug.at().dot(side))
                        .reversed())
                .toList();
    }

    /** To the left of an axis. */
    static Vec3 across(Vec3 axis) {
        return Vec3.Z.cross(axis).unit();
    }

    static Vec3 middle(List<Lug> row) {
        return row.get(0).at().towards(row.get(row.size() - 1).at(), 0.5);
    }
}
