package oddcradle.core.survey;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import oddcradle.core.math.NodeOrdering;
import oddcradle.core.math.SparseSymmetric;
import oddcradle.core.math.Vec3;

/** The unknowns of a survey, three for each point that is not fixed, numbered so that the normal equations stay narrow. */
final class Network {
    private static final int ENTRIES_PER_READING = 21;

    private final List<SurveyPoint> points;
    private final List<Observation> observations;
    private final int[] from;
    private final int[] to;
    private final Map<String, Integer> index = new HashMap<>();
    private final int[] firstUnknown;
    private final int unknowns;

    Network(Survey survey) {
        points = survey.points();
        observations = survey.readings().stream().map(Observation::of).toList();
        points.forEach(point -> index.put(point.id(), index.size()));
        from = observations.stream().mapToInt(each -> index.get(each.from())).toArray();
        to = observations.stream().mapToInt(each -> index.get(each.to())).toArray();
        firstUnknown = new int[points.size()];
        int next = 0;
        for (int point : order()) {
            firstUnknown[point] = points.get(point).fixed() ? -1 : 3 * next++;
        }
        unknowns = 3 * next;
    }

    private int[] order() {
        List<List<Integer>> neighbours = new ArrayList<>();
        points.forEach(point -> neighbours.add(new ArrayList<>()));
        for (int k = 0; k < from.length; k++) {
            boolean joins = from[k] != to[k]
                    && !points.get(from[k]).fixed()
                    && !points.get(to[k]).fixed();
            if (joins) {
                neighbours.get(from[k]).add(to[k]);
                neighbours.get(to[k]).add(from[k]);
            }
        }
        return NodeOrdering.reverseCuthillMcKee(neighbours);
    }

    int unknowns() {
        return unknowns;
    }

    int readings() {
        return observations.size();
    }

    SurveyPoint point(int index) {
        return points.get(index);
    }

    int pointCount() {
        return points.size();
    }

    Observation observation(int reading) {
        return observations.get(reading);
    }

    /** Index of the point a reading starts from; the same as {@link #to} where it is about one point. */
    int from(int reading) {
        return from[reading];
    }

    int to(int reading) {
        return to[reading];
    }

    /** Number of a point's first unknown; -1 if it is fixed. */
    int firstUnknown(int point) {
        return firstUnknown[point];
    }

    /** Where every point is by eye, bettered by the offsets that were read. */
    Vec3[] start(boolean[] used) {
        Vec3[] start = points.stream().map(SurveyPoint::about).toArray(Vec3[]::new);
        for (int k = 0; k < observations.size(); k++) {
            Observation each = observations.get(k);
            if (used[k] && each.kind() == Observation.Kind.OFFSET && firstUnknown[to[k]] >= 0) {
                Vec3 direction = each.plane().direction();
                start[to[k]] = start[to[k]].along(direction, each.value() - start[to[k]].dot(direction));
            }
        }
        return start;
    }

    /** Reading less prediction, m or rad. */
    double misfit(int reading, Vec3[] at) {
        Observation each = observations.get(reading);
        return each.value() - each.predicted(at[from[reading]], at[to[reading]]);
    }

    /** Sum of the squared misfits, each over its standard uncertainty. */
    double cost(Vec3[] at, boolean[] used) {
        double cost = 0;
        for (int k = 0; k < observations.size(); k++) {
            if (used[k]) {
                double share = misfit(k, at) / observations.get(k).sigma();
                cost += share * share;
            }
        }
        return cost;
    }

    /** The row of the design matrix: unknowns in {@code columns}, derivatives in {@code values}; entries not used are -1. */
    void row(int reading, Vec3[] at, int[] columns, double[] values) {
        row(observations.get(reading), from[reading], to[reading], at, columns, values);
    }

    /** The same for an observation that is not among the readings. */
    void row(Observation observation, Vec3[] at, int[] columns, double[] values) {
        row(observation, index.get(observation.from()), index.get(observation.to()), at, columns, values);
    }

    private void row(Observation each, int fromPoint, int toPoint, Vec3[] at, int[] columns, double[] values) {
        Vec3 gradient = each.gradient(at[fromPoint], at[toPoint]);
        fill(columns, values, 0, firstUnknown[toPoint], gradient, 1);
        boolean single = each.kind() == Observation.Kind.OFFSET;
        fill(columns, values, 3, single ? -1 : firstUnknown[fromPoint], gradient, -1);
        for (int axis = 0; single && axis < 3; axis++) {
            columns[axis] = axis == each.plane().ordinal() ? columns[axis] : -1;
        }
    }

    private static void fill(int[] columns, double[] values, int at, int first, Vec3 gradient, double sign) {
        for (int axis = 0; axis < 3; axis++) {
            columns[at + axis] = first < 0 ? -1 : first + axis;
        }
        values[at] = sign * gradient.x();
        values[at + 1] = sign * gradient.y();
        values[at + 2] = sign * gradient.z();
    }

    /** A'W times the misfits: the right-hand side of the normal equations. */
    double[] right(Vec3[] at, boolean[] used) {
        double[] right = new double[unknowns];
        int[] columns = new int[6];
        double[] values = new double[6];
        for (int k = 0; k < observations.size(); k++) {
            if (used[k]) {
                row(k, at, columns, values);
                double pull = weight(k) * misfit(k, at);
                for (int i = 0; i < 6; i++) {
                    if (columns[i] >= 0) {
                        right[columns[i]] += pull * values[i];
                    }
                }
            }
        }
        return right;
    }

    private double weight(int reading) {
        double sigma = observations.get(reading).sigma();
        return 1 / (sigma * sigma);
    }

    /** Normal equations A'WA. */
    SparseSymmetric normal(Vec3[] at, boolean[] used) {
        SparseSymmetric.Builder matrix =
                new SparseSymmetric.Builder(unknowns, ENTRIES_PER_READING * observations.size() + 2 * unknowns);
        int[] columns = new int[6];
        double[] values = new double[6];
        for (int k = 0; k < observations.size(); k++) {
            if (used[k]) {
                row(k, at, columns, values);
                addSquare(matrix, columns, values, weight(k));
            }
        }
        // Places for a point's own covariances, whatever was read.
        for (int k = 0; k < unknowns; k += 3) {
            for (int i = 0; i < 3; i++) {
                for (int j = i; j < 3; j++) {
                    matrix.add(k + i, k + j, 0);
                }
            }
        }
        return matrix.build();
    }

    private static void addSquare(SparseSymmetric.Builder matrix, int[] columns, double[] values, double weight) {
        for (int i = 0; i < 6; i++) {
            for (int j = 0; columns[i] >= 0 && j < 6; j++) {
                if (columns[j] >= columns[i]) {
                    matrix.add(columns[i], columns[j], weight * values[i] * values[j]);
                }
            }
        }
    }

    /** Every point that is not fixed moved by its part of {@code step}. */
    Vec3[] moved(Vec3[] at, double[] step, double factor) {
        Vec3[] moved = at.clone();
        for (int k = 0; k < at.length; k++) {
            int first = firstUnknown[k];
            if (first >= 0) {
                moved[k] = at[k].plus(new Vec3(step[first], step[first + 1], step[first + 2]).times(factor));
            }
        }
        return moved;
    }
}
