package oddcradle.core.asbuilt;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import oddcradle.core.math.DenseAlgebra;
import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.SmallMotion;

/**
 * The one move of a body that brings everything right that was read of its line, so that mending one end does not spoil the other.
 *
 * <p>The least work first: nothing, side moves alone, shims alone, both; the first that leaves half of every tolerance is taken (common practice). Each by
 * least squares of the shares of the tolerances; what the line leaves open, such as a turn about a shaft, stays as it is. Where something stays outside its tolerance that way, the
 * least possible worst share, by Lawson's weights (Lawson 1961, from memory): if even that is over 1, no move of the body alone holds all of them.
 *
 * @param motion of the body
 * @param conditions it was found for
 */
public record LineUp(SmallMotion motion, List<Condition> conditions) {
    private static final int MOST = 200;
    private static final int MOST_MOUNTS = 100_000;
    private static final int ROUNDS = 400;
    private static final int FREEDOMS = 6;
    /** Forward, left and a turn about the upright; then up and a turn about each level axis. */
    private static final List<List<Integer>> LEAST_WORK = List.of(List.of(), List.of(0, 1, 5), List.of(2, 3, 4));

    private static final List<Integer> ALL = List.of(0, 1, 2, 3, 4, 5);
    /** Of a tolerance that is left for what nobody read. */
    private static final double SPARE = 0.5;

    /** A movement weighs as little against a tolerance, by m and by rad: only what the line leaves open is decided by it. */
    private static final double STILL = 0.1;

    /** A movement that is not wanted weighs so much that none is left. */
    private static final double HELD = 1e20;

    public LineUp {
        conditions = List.copyOf(conditions);
    }

    /**
     * @param conditions one or more
     * @param mounts places of the body that are moved, m; where only angles were read it turns about their middle
     * @throws oddcradle.core.math.InvalidValue if there are none of the one or of the other, or too many
     */
    public static LineUp of(List<Condition> conditions, List<Vec3> mounts) {
        Guard.within("readings", conditions.size(), 1, MOST, "readings");
        Guard.within("mounts", mounts.size(), 1, MOST_MOUNTS, "mounts");
        List<Vec3> offsets = conditions.stream()
                .filter(each -> !each.isAngle())
                .map(Condition::place)
                .toList();
        List<Vec3> places = offsets.isEmpty() ? mounts : offsets;
        Vec3 middle = places.stream().reduce(Vec3.ZERO, Vec3::plus).times(1.0 / places.size());
        double[] weights = new double[conditions.size()];
        Arrays.fill(weights, 1.0);
        for (List<Integer> freedoms : LEAST_WORK) {
            LineUp some = solved(conditions, weights, middle, freedoms);
            if (some.worst() <= SPARE) {
                return some;
            }
        }
        LineUp even = solved(conditions, weights, middle, ALL);
        if (even.worst() <= 1) {
            return even;
        }
        LineUp best = even;
        LineUp now = even;
        for (int round = 0; round < ROUNDS; round++) {
            double sum = 0;
            for (int k = 0; k < weights.length; k++) {
                weights[k] *= conditions.get(k).share(now.motion);
                sum += weights[k];
            }
            for (int k = 0; k < weights.length; k++) {
                weights[k] *= weights.length / sum;
            }
            now = solved(conditions, weights, middle, ALL);
            best = now.worst() < best.worst() ? now : best;
        }
        return best;
    }

    private static LineUp solved(List<Condition> conditions, double[] weights, Vec3 middle, List<Integer> freedoms) {
        double[][] normal = new double[FREEDOMS][FREEDOMS];
        double[] right = new double[FREEDOMS];
        for (int k = 0; k < weights.length; k++) {
            Condition each = conditions.get(k);
            Vec3 turns = each.place().minus(middle).cross(each.way()).plus(each.about());
            add(normal, right, each.way(), turns, each.off(), weights[k] / (each.tolerance() * each.tolerance()));
        }
        for (int i = 0; i < FREEDOMS; i++) {
            normal[i][i] += STILL * STILL;
            if (!freedoms.contains(i)) {
                normal[i][i] += HELD;
            }
        }
        double[] x = DenseAlgebra.solve(normal, right).orElseThrow();
        return new LineUp(new SmallMotion(middle, new Vec3(x[0], x[1], x[2]), new Vec3(x[3], x[4], x[5])), conditions);
    }

    private static void add(double[][] normal, double[] right, Vec3 shift, Vec3 turn, double off, double weight) {
        double[] row = {shift.x(), shift.y(), shift.z(), turn.x(), turn.y(), turn.z()};
        for (int i = 0; i < FREEDOMS; i++) {
            for (int j = 0; j < FREEDOMS; j++) {
                normal[i][j] += weight * row[i] * row[j];
            }
            right[i] -= weight * row[i] * off;
        }
    }

    /** Largest share of a tolerance that is left, a ratio. */
    public double worst() {
        return worstAt(motion);
    }

    /** The same after another move, a ratio. */
    public double worstAt(SmallMotion other) {
        return conditions.stream().mapToDouble(each -> each.share(other)).max().orElse(0);
    }

    /** Whether everything is inside its tolerance then. */
    public boolean holds() {
        return worst() <= 1 + 1e-6;
    }

    /** What stays outside its tolerance, worst first. */
    public List<Condition> leftOut() {
        List<Condition> out = new ArrayList<>(conditions);
        out.removeIf(each -> each.share(motion) <= 1 + 1e-6);
        out.sort(Comparator.comparingDouble(each -> -each.share(motion)));
        return out;
    }
}
