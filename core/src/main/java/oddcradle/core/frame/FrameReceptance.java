package oddcradle.core.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.frame.input.FrameInput;
import oddcradle.core.frame.input.MemberEnd;
import oddcradle.core.math.LowestModes;
import oddcradle.core.math.RitzModes;
import oddcradle.core.math.SparseSymmetric;
import oddcradle.core.math.Sums;
import oddcradle.core.math.Vec3;

/**
 * What a frame with its own mass gives at its probes under forces that swing, at any frequency: by the modes that loads at those very probes call up
 * ({@link RitzModes}), so that what it gives at rest is exact. Cost: one sparse factorisation and a few solutions a probe; a frequency then costs the number
 * of modes times the square of the probes. Any threads.
 */
public final class FrameReceptance {
    private static final double SINGULAR = 1e-13;
    /** A frame of forty tubes has that many modes below a few hundred hertz, most of them of single tubes. */
    private static final int MOST_MODES = 200;

    /** Square of how many times as high a mode must be to count as far above. */
    private static final double FAR = 36;

    private static final int FEWEST_ROUNDS = 2;
    private static final int MOST_ROUNDS = 12;

    private final double loss;
    private final double[] eigenvalues;
    /** For each mode what it moves at the probes. */
    private final double[][] shapes;
    /** For each mode what it and all above it give at rest, and what they give more by the square of frequency; rows of a lower triangle. */
    private final double[][] above;

    private final double[][] growing;
    /** For each mode the forces and moments at the ends that are looked at, six each. */
    private final double[][] strains;

    private FrameReceptance(double loss, double[] eigenvalues, double[][] shapes, double[][] strains) {
        this.strains = strains;
        this.loss = loss;
        this.eigenvalues = eigenvalues;
        this.shapes = shapes;
        int n = shapes.length == 0 ? 0 : shapes[0].length;
        this.above = new double[shapes.length + 1][n * (n + 1) / 2];
        this.growing = new double[shapes.length + 1][n * (n + 1) / 2];
        for (int m = shapes.length - 1; m >= 0; m--) {
            int at = 0;
            for (int i = 0; i < n; i++) {
                for (int j = 0; j <= i; j++) {
                    double still = shapes[m][i] * shapes[m][j] / eigenvalues[m];
                    above[m][at] = above[m + 1][at] + still;
                    growing[m][at] = growing[m + 1][at] + still / eigenvalues[m];
                    at++;
                }
            }
        }
    }

    /**
     * @param frame its members, supports and masses count
     * @param loss structural loss factor, a ratio, 0 or more
     * @param pieces into how many elements each member is cut
     * @param probes at least one
     * @param ends of members whose forces are looked at
     * @return empty where the frame alone can move without strain
     */
    public static Optional<FrameReceptance> of(
            FrameInput frame, double loss, int pieces, List<FrameFlexibility.Probe> probes, List<MemberEnd> ends) {
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
        double[][] strains = new double[shapes.length][6 * ends.size()];
        for (int e = 0; e < ends.size(); e++) {
            MovingFrame.EndReading[] readings = moving.endForces(ends.get(e), pieces);
            for (int m = 0; m < shapes.length; m++) {
                for (int k = 0; k < 6; k++) {
                    strains[m][6 * e + k] = readings[k].of(modes.vectors()[m]);
                }
            }
        }
        return Optional.of(new FrameReceptance(loss, modes.values(), shapes, strains));
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
        return new FrameReceptance(loss, eigenvalues, other, strains);
    }

    /**
     * What the ends that are looked at carry while forces swing at the probes; with the frame's own mass in it.
     *
     * @param omega angular frequency, rad/s
     * @param re real parts of the forces, N, as many as probes
     * @param im imaginary parts
     * @return for each end its force and moment, local axes, N and N m; index 0 real, 1 imaginary parts
     */
    public List<EndForces[]> endForces(double omega, double[] re, double[] im) {
        int numbers = strains.length == 0 ? 0 : strains[0].length;
        double[][] sum = new double[2][numbers];
        for (int m = 0; m < eigenvalues.length; m++) {
            double real = eigenvalues[m] - omega * omega;
            double lost = eigenvalues[m] * loss;
            double size = real * real + lost * lost;
            double pushRe = Sums.dot(shapes[m], re);
            double pushIm = Sums.dot(shapes[m], im);
            double movesRe = (pushRe * real + pushIm * lost) / size;
            double movesIm = (pushIm * real - pushRe * lost) / size;
            for (int k = 0; k < numbers; k++) {
                // Material that loses resists with k (1 + i loss).
                sum[0][k] += strains[m][k] * (movesRe - loss * movesIm);
                sum[1][k] += strains[m][k] * (movesIm + loss * movesRe);
            }
        }
        List<EndForces[]> ends = new ArrayList<>();
        for (int e = 0; e < numbers / 6; e++) {
            ends.add(new EndForces[] {end(sum[0], 6 * e), end(sum[1], 6 * e)});
        }
        return ends;
    }

    private static EndForces end(double[] numbers, int at) {
        return new EndForces(
                new Vec3(numbers[at], numbers[at + 1], numbers[at + 2]),
                new Vec3(numbers[at + 3], numbers[at + 4], numbers[at + 5]));
    }

    /**
     * What probe i moves for a force of 1 at probe j, m/N.
     *
     * @param omega angular frequency, rad/s
     * @return index 0 real, 1 imaginary parts
     */
    public double[][][] at(double omega) {
        int n = shapes.length == 0 ? 0 : shapes[0].length;
        double square = omega * omega;
        // What rings far above goes along as at rest, and a little more.
        int far = 0;
        while (far < eigenvalues.length && eigenvalues[far] <= FAR * square) {
            far++;
        }
        double[] re = new double[n * (n + 1) / 2];
        double[] im = new double[re.length];
        double damped = 1 + loss * loss;
        double twice = damped * damped;
        for (int at = 0; at < re.length; at++) {
            double still = above[far][at] / damped;
            double more = square * growing[far][at] / twice;
            re[at] = still + more * (1 - loss * loss);
            im[at] = -loss * still - 2 * loss * more;
        }
        for (int m = 0; m < far; m++) {
            double real = eigenvalues[m] - square;
            double lost = eigenvalues[m] * loss;
            double size = real * real + lost * lost;
            double[] shape = shapes[m];
            int at = 0;
            for (int i = 0; i < n; i++) {
                double mineRe = shape[i] * real / size;
                double mineIm = -shape[i] * lost / size;
                for (int j = 0; j <= i; j++) {
                    re[at] += mineRe * shape[j];
                    im[at] += mineIm * shape[j];
                    at++;
                }
            }
        }
        double[][][] h = new double[2][n][n];
        int at = 0;
        for (int i = 0; i < n; i++) {
            for (int j = 0; j <= i; j++) {
                h[0][i][j] = h[0][j][i] = re[at];
                h[1][i][j] = h[1][j][i] = im[at];
                at++;
            }
        }
        return h;
    }
}
