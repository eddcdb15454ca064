package oddcradle.core.survey;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import oddcradle.core.math.NodeOrdering;
import oddcradle.core.math.SparsePattern;
import oddcradle.core.math.SparseSymmetric;
import oddcradle.core.math.Vec3;

/** The unknowns of a survey, three for each point that is not fixed, numbered so that the normal equations stay narrow. */
final class Network {
    private static final int ENTRIES_PER_READING = 21;
    /** Derivatives of a reading: of two points along three axes. */
    static final int PER_ROW = 6;

    private final List<SurveyPoint> points;
    private final List<Observation> observations;
    private final int[] from;
    private final int[] to;
    private final Map<String, Integer> index = new HashMap<>();
    private final int[] firstUnknown;
    private final int unknowns;
    private final int[] columns;
    private final double[] weight;
    private final SparsePattern pattern;
    private int contributions;

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
        columns = new int[PER_ROW * observations.size()];
        weight = new double[observations.size()];
        for (int k = 0; k < weight.length; k++) {
            columns(observations.get(k), from[k], to[k], columns, PER_ROW * k);
            weight[k] = 1 / (observations.get(k).sigma() * observations.get(k).sigma());
        }
        pattern = pattern();
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
                double misfit = misfit(k, at);
                cost += weight[k] * misfit * misfit;
            }
        }
        return cost;
    }

    /** Unknown that the i-th derivative of a reading's row belongs to, i from 0 to 5; -1 where there is none. */
    int column(int reading, int i) {
        return columns[PER_ROW * reading + i];
    }

    /**
     * What a reading would be with the points there, and its derivatives: of the second point, then of the first, with the sign
     * turned.
     */
    double row(int reading, Vec3[] at, double[] values) {
        return observations.get(reading).predicted(at[from[reading]], at[to[reading]], values);
    }

    /** The same for an observation that is not among the readings; fills its columns too. */
    void row(Observation each, Vec3[] at, int[] itsColumns, double[] values) {
        int first = index.get(each.from());
        int second = index.get(each.to());
        columns(each, first, second, itsColumns, 0);
        each.predicted(at[first], at[second], values);
    }

    private void columns(Observation each, int first, int second, int[] into, int start) {
        boolean single = each.kind() == Observation.Kind.OFFSET;
        for (int axis = 0; axis < 3; axis++) {
            boolean counts = !single || axis == each.plane().ordinal();
            into[start + axis] = counts && firstUnknown[second] >= 0 ? firstUnknown[second] + axis : -1;
            into[start + 3 + axis] = !single && firstUnknown[first] >= 0 ? firstUnknown[first] + axis : -1;
        }
    }

    /** A'W times the misfits: the right-hand side of the normal equations. */
    double[] right(Vec3[] at, boolean[] used) {
        double[] right = new double[unknowns];
        double[] values = new double[PER_ROW];
        for (int k = 0; k < observations.size(); k++) {
            if (used[k]) {
                double pull = weight[k] * (observations.get(k).value() - row(k, at, values));
                for (int i = 0; i < PER_ROW; i++) {
                    int column = columns[PER_ROW * k + i];
                    if (column >= 0) {
                        right[column] += pull * values[i];
                    }
                }
            }
        }
        return right;
    }

    /** Normal equations A'WA. */
    SparseSymmetric normal(Vec3[] at, boolean[] used) {
        double[] entries = new double[contributions];
        double[] values = new double[PER_ROW];
        int next = 0;
        for (int k = 0; k < observations.size(); k++) {
            row(k, at, values);
            double counts = used[k] ? weight[k] : 0;
            for (int i = 0; i < PER_ROW; i++) {
                int row = columns[PER_ROW * k + i];
                for (int j = 0; row >= 0 && j < PER_ROW; j++) {
                    if (columns[PER_ROW * k + j] >= row) {
                        entries[next++] = counts * values[i] * values[j];
                    }
                }
            }
        }
        return pattern.matrix(entries);
    }

    /** The places of all contributions in the order in which {@link #normal} makes them. */
    private SparsePattern pattern() {
        int[] row = new int[ENTRIES_PER_READING * observations.size() + 2 * unknowns];
        int[] column = new int[row.length];
        int next = 0;
        for (int k = 0; k < observations.size(); k++) {
            for (int i = 0; i < PER_ROW; i++) {
                int here = columns[PER_ROW * k + i];
                for (int j = 0; here >= 0 && j < PER_ROW; j++) {
                    if (columns[PER_ROW * k + j] >= here) {
                        row[next] = here;
                        column[next++] = columns[PER_ROW * k + j];
                    }
                }
            }
        }
        // Places for a point's own covariances, whatever was read.
        for (int k = 0; k < unknowns; k += 3) {
            for (int i = 0; i < 3; i++) {
                for (int j = i; j < 3; j++) {
                    row[next] = k + i;
                    column[next++] = k + j;
                }
            }
        }
        contributions = next;
        return new SparsePattern(unknowns, Arrays.copyOf(row, next), Arrays.copyOf(column, next));
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
