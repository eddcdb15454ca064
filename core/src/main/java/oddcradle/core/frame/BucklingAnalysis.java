package oddcradle.core.frame;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import oddcradle.core.finding.Outcome;
import oddcradle.core.frame.input.FrameCase;
import oddcradle.core.frame.input.FrameInput;
import oddcradle.core.math.DenseAlgebra;
import oddcradle.core.math.Guard;
import oddcradle.core.math.SparseSymmetric;

/**
 * Lowest factor on all loads of one case at which the frame buckles elastically: {@code (K + factor Kg) phi = 0} with the
 * geometric stiffness of the axial forces. Members cut into {@value #PIECES} pieces leave less than 0.1 % on an Euler column. Subspace iteration: Bathe, Finite Element Procedures, 1996, section 11.6 (from memory).
 *
 * <p>Not for: yielding, joint slip, crooked tubes; a real tube buckles earlier.
 */
public final class BucklingAnalysis {
    private static final int PIECES = 6;
    private static final int MOST_PIECES = 12;
    private static final int SUBSPACE = 16;
    private static final int ROUNDS = 200;
    private static final double CONVERGED = 1e-9;

    private BucklingAnalysis() {}

    /** @return empty answer if no positive factor exists; not solved if the frame is a mechanism */
    public static Outcome<OptionalDouble> lowestFactor(FrameInput input, FrameCase load) {
        Outcome<List<OptionalDouble>> factors = lowestFactors(input, List.of(load), PIECES);
        return factors.answer().isPresent()
                ? Outcome.solved(factors.answer().get().get(0))
                : new Outcome.NotSolved<>(factors.reasons());
    }

    /**
     * Of several cases with one factorisation, in their order.
     *
     * @param pieces that every member is cut into, 1 to 12: 2 leave 1 % on a column held at both ends, 1 only tells of sway
     */
    public static Outcome<List<OptionalDouble>> lowestFactors(FrameInput input, List<FrameCase> loads, int pieces) {
        Guard.within("pieces", pieces, 1, MOST_PIECES, "");
        FrameInput fine = Subdivision.of(input, pieces, false, loads);
        Outcome<FrameResult> statics = FrameAnalysis.solve(fine);
        Optional<FrameResult> result = statics.answer();
        if (result.isEmpty()) {
            return new Outcome.NotSolved<>(statics.reasons());
        }
        FrameModel model = new FrameModel(fine);
        SparseSymmetric.Factor factor = model.stiffness().factor().orElseThrow();
        List<OptionalDouble> factors = new ArrayList<>();
        for (CaseResult each : result.get().cases()) {
            factors.add(iterate(model, factor, geometric(model, each)));
        }
        return Outcome.solved(factors);
    }

    private static List<double[]> geometric(FrameModel model, CaseResult load) {
        List<double[]> geometric = new ArrayList<>();
        for (int k = 0; k < model.beams.size(); k++) {
            MemberResult member = load.members().get(k);
            double tension = (member.endJ().force().x() - member.endI().force().x()) / 2;
            geometric.add(model.beams.get(k).geometricStiffness(tension));
        }
        return geometric;
    }

    private static OptionalDouble iterate(FrameModel model, SparseSymmetric.Factor factor, List<double[]> geometric) {
        int n = model.equations;
        int q = Math.min(n, SUBSPACE);
        double[][] x = new double[q][n];
        for (int i = 0; i < q; i++) {
            for (int k = 0; k < n; k++) {
                x[i][k] = Math.sin(1 + (i + 1) * 0.7548776662 * k + i);
            }
        }
        double before = 0;
        for (int round = 0; round < ROUNDS; round++) {
            double[][] pushed = new double[q][];
            double[][] y = new double[q][];
            for (int i = 0; i < q; i++) {
                pushed[i] = minusGeometricTimes(model, geometric, x[i]);
                y[i] = factor.solve(pushed[i]);
            }
            double[][] pushedAgain = new double[q][];
            for (int i = 0; i < q; i++) {
                pushedAgain[i] = minusGeometricTimes(model, geometric, y[i]);
            }
            double[][] strain = products(y, pushed);
            double[][] work = products(y, pushedAgain);
            Optional<DenseAlgebra.Eigen> ritz = DenseAlgebra.generalised(work, strain);
            if (ritz.isEmpty()) {
                // The pushed vectors span less than q directions: few members carry axial force.
                q = q - 1;
                if (q == 0) {
                    return OptionalDouble.empty();
                }
                x = Arrays.copyOf(x, q);
                continue;
            }
            double largest = ritz.get().value(q - 1);
            x = combined(y, ritz.get());
            if (largest > 0 && Math.abs(largest - before) <= CONVERGED * largest) {
                return OptionalDouble.of(1 / largest);
            }
            before = largest;
        }
        return before > 0 ? OptionalDouble.of(1 / before) : OptionalDouble.empty();
    }

    private static double[] minusGeometricTimes(FrameModel model, List<double[]> geometric, double[] x) {
        double[] result = new double[x.length];
        for (int k = 0; k < model.beams.size(); k++) {
            BeamElement beam = model.beams.get(k);
            double[] f = Dense12.times12(geometric.get(k), model.motions(x, beam.nodeI, beam.nodeJ));
            for (int motion = 0; motion < 12; motion++) {
                int row = model.equationOf(motion < 6 ? beam.nodeI : beam.nodeJ, motion % 6);
                if (row >= 0) {
                    result[row] -= f[motion];
                }
            }
        }
        return result;
    }

    private static double[][] products(double[][] a, double[][] b) {
        double[][] m = new double[a.length][a.length];
        for (int i = 0; i < a.length; i++) {
            for (int j = 0; j < a.length; j++) {
                double sum = 0;
                for (int k = 0; k < a[i].length; k++) {
                    sum += a[i][k] * b[j][k];
                }
                m[i][j] = sum;
            }
        }
        return m;
    }

    private static double[][] combined(double[][] y, DenseAlgebra.Eigen ritz) {
        double[][] x = new double[ritz.count()][y[0].length];
        for (int i = 0; i < x.length; i++) {
            double[] weights = ritz.vector(i);
            for (int j = 0; j < weights.length; j++) {
                for (int k = 0; k < x[i].length; k++) {
                    x[i][k] += weights[j] * y[j][k];
                }
            }
        }
        return x;
    }
}
