package oddcradle.core.survey;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import oddcradle.core.math.DenseAlgebra;
import oddcradle.core.math.Vec3;

/** Which points can move without any reading noticing, and the fewest offsets that would hold them. */
final class RankDiagnosis {
    private static final double NOTHING = 1e-9;
    private static final double NOTICEABLE = 1e-5;
    private static final int MOST_TOGETHER = 150;

    private final Network network;
    private final Vec3[] at;
    private final boolean[] used;
    private final List<MissingReading> missing = new ArrayList<>();
    private final Set<String> loose = new HashSet<>();

    RankDiagnosis(Network network, Vec3[] at, boolean[] used) {
        this.network = network;
        this.at = at;
        this.used = used;
        groups().forEach(this::diagnose);
    }

    /** One offset for each way of moving. */
    List<MissingReading> missing() {
        return missing;
    }

    /** Points that can move in some direction. */
    Set<String> loose() {
        return loose;
    }

    /** Points joined to each other by readings: what one group does, another does not feel. */
    private List<List<Integer>> groups() {
        List<List<Integer>> neighbours = new ArrayList<>();
        for (int k = 0; k < network.pointCount(); k++) {
            neighbours.add(new ArrayList<>());
        }
        for (int k = 0; k < network.readings(); k++) {
            if (used[k]) {
                neighbours.get(network.from(k)).add(network.to(k));
                neighbours.get(network.to(k)).add(network.from(k));
            }
        }
        boolean[] seen = new boolean[network.pointCount()];
        List<List<Integer>> groups = new ArrayList<>();
        for (int k = 0; k < seen.length; k++) {
            if (seen[k] || network.firstUnknown(k) < 0) {
                continue;
            }
            List<Integer> group = new ArrayList<>();
            ArrayDeque<Integer> queue = new ArrayDeque<>(List.of(k));
            seen[k] = true;
            while (!queue.isEmpty()) {
                int here = queue.remove();
                group.add(here);
                for (int other : neighbours.get(here)) {
                    if (!seen[other] && network.firstUnknown(other) >= 0) {
                        seen[other] = true;
                        queue.add(other);
                    }
                }
            }
            groups.add(group);
        }
        return groups;
    }

    private void diagnose(List<Integer> group) {
        if (group.size() > MOST_TOGETHER) {
            // Too many to look through at once: every one of them is asked for in full.
            for (int point : group) {
                loose.add(network.point(point).id());
                for (DatumPlane plane : DatumPlane.values()) {
                    missing.add(new MissingReading(network.point(point).id(), plane));
                }
            }
            return;
        }
        List<double[]> motions = freeMotions(group);
        for (double[] motion : motions) {
            for (int k = 0; k < motion.length; k++) {
                if (Math.abs(motion[k]) > NOTICEABLE) {
                    loose.add(network.point(group.get(k / 3)).id());
                }
            }
        }
        while (!motions.isEmpty()) {
            hold(group, motions);
        }
    }

    /** Directions in which the scaled normal matrix has no stiffness. */
    private List<double[]> freeMotions(List<Integer> group) {
        int size = 3 * group.size();
        int[] place = new int[network.unknowns()];
        for (int k = 0; k < group.size(); k++) {
            for (int axis = 0; axis < 3; axis++) {
                place[network.firstUnknown(group.get(k)) + axis] = 3 * k + axis;
            }
        }
        double[][] normal = new double[size][size];
        Set<Integer> members = new HashSet<>(group);
        double[] values = new double[Network.PER_ROW];
        for (int reading = 0; reading < network.readings(); reading++) {
            if (!used[reading] || !members.contains(network.from(reading)) && !members.contains(network.to(reading))) {
                continue;
            }
            network.row(reading, at, values);
            double square = 0;
            for (int i = 0; i < 6; i++) {
                square += network.column(reading, i) < 0 ? 0 : values[i] * values[i];
            }
            for (int i = 0; i < 6; i++) {
                for (int j = 0; j < 6; j++) {
                    int row = network.column(reading, i);
                    int column = network.column(reading, j);
                    if (row >= 0 && column >= 0) {
                        normal[place[row]][place[column]] += values[i] * values[j] / square;
                    }
                }
            }
        }
        DenseAlgebra.Eigen eigen = DenseAlgebra.symmetric(normal);
        List<double[]> motions = new ArrayList<>();
        for (int k = 0; k < eigen.count() && eigen.value(k) < NOTHING * size; k++) {
            motions.add(eigen.vector(k));
        }
        return motions;
    }

    /** Asks for the offset that the free motions change most, and takes that one freedom out of them. */
    private void hold(List<Integer> group, List<double[]> motions) {
        int bestMotion = 0;
        int best = 0;
        for (int m = 0; m < motions.size(); m++) {
            for (int k = 0; k < motions.get(m).length; k++) {
                if (Math.abs(motions.get(m)[k]) > Math.abs(motions.get(bestMotion)[best]) + NOTICEABLE) {
                    bestMotion = m;
                    best = k;
                }
            }
        }
        double[] held = motions.remove(bestMotion);
        for (double[] other : motions) {
            double factor = other[best] / held[best];
            for (int k = 0; k < other.length; k++) {
                other[k] -= factor * held[k];
            }
        }
        missing.add(new MissingReading(network.point(group.get(best / 3)).id(), DatumPlane.values()[best % 3]));
    }
}
