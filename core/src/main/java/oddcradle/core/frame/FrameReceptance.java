package oddcradle.core.frame;

import java.util.List;
import java.util.Optional;
import oddcradle.core.math.LowestModes;
import oddcradle.core.math.RitzModes;
import oddcradle.core.math.SparseSymmetric;
import oddcradle.core.math.Sums;

/**
 * What a frame with its own mass gives at its probes under forces that swing, at any frequency: by the modes that loads at those very probes call up
 * ({@link RitzModes}), so that what it gives at rest is exact. Cost: one sparse factorisation and a few solutions a probe; a frequency then costs the number
 * of modes times the square of the probes. Any threads.
 */
public final class FrameReceptance {
    private static final double SINGULAR = 1e-13;
    private static final int MOST_MODES = 100;
    private static final int FEWEST_ROUNDS = 2;
    private static final int MOST_ROUNDS = 6;

    private final double loss;
    private final double[] eigenvalues;
    /** For each mode what it moves at the probes. */
    private final double[][] shapes;

    private FrameReceptance(double loss, double[] eigenvalues, double[][] shapes) {
        this.loss = loss;
        this.eigenvalues = eigenvalues;
        this.shapes = shapes;
    }

    /**
     * @param frame its members, supports and masses count
     * @param loss structural loss factor, a ratio, 0 or more
     * @param pieces into how many elements each member is cut
     * @param probes at least one
     * @return empty where the frame alone can move without strain
     */
    public static Optional<FrameReceptance> of(
            FrameInput frame, double loss, int pieces, List<FrameFlexibility.Probe> probes) {
        MovingFrame moving = new MovingFrame(frame, loss, pieces, 0);
        moving.holdIdle();
        SparseSymmetric stiffness = moving.stiffness();
        Optional<SparseSymmetric.Factor> factor =
                stiffness.factor().filter(each -> each.smallestPivotRatio() > SINGULAR);
        if (factor.isEmpty()) {
            return Optional.empty();
        }
        double[][] rows = new double[probes.size()][];
        for (int k = 0; k < rows.length; k++) {
            rows[k] = moving.probe(probes.get(k));
        }
        int rounds = Math.max(FEWEST_ROUNDS, Math.min(MOST_ROUNDS, MOST_MODES / rows.length));
        LowestModes.Modes modes = RitzModes.of(factor.get(), stiffness, moving.mass(), rows, rounds);
        double[][] shapes = new double[modes.values().length][rows.length];
        for (int m = 0; m < shapes.length; m++) {
            for (int k = 0; k < rows.length; k++) {
                shapes[m][k] = Sums.dot(rows[k], modes.vectors()[m]);
            }
        }
        return Optional.of(new FrameReceptance(loss, modes.values(), shapes));
    }

    /**
     * The same at other probes, each a sum of these.
     *
     * @param weights for each new probe the share of every old one, ratios
     */
    public FrameReceptance combined(double[][] weights) {
        double[][] other = new double[shapes.length][weights.length];
        for (int m = 0; m < shapes.length; m++) {
            for (int k = 0; k < weights.length; k++) {
                other[m][k] = Sums.dot(weights[k], shapes[m]);
            }
        }
        return new FrameReceptance(loss, eigenvalues, other);
    }

    /**
     * What probe i moves for a force of 1 at probe j, m/N.
     *
     * @param omega angular frequency, rad/s
     * @return index 0 real, 1 imaginary parts
     */
    public double[][][] at(double omega) {
        int n = shapes.length == 0 ? 0 : shapes[0].length;
        double[][][] h = new double[2][n][n];
        for (int m = 0; m < eigenvalues.length; m++) {
            double re = eigenvalues[m] - omega * omega;
            double im = eigenvalues[m] * loss;
            double square = re * re + im * im;
            double[] shape = shapes[m];
            for (int i = 0; i < n; i++) {
                double mine = shape[i];
                for (int j = 0; j <= i; j++) {
                    double product = mine * shape[j];
                    h[0][i][j] += product * re / square;
                    h[1][i][j] -= product * im / square;
                }
            }
        }
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < i; j++) {
                h[0][j][i] = h[0][i][j];
                h[1][j][i] = h[1][i][j];
            }
        }
        return h;
    }
}
