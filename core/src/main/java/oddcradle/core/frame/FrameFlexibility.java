package oddcradle.core.frame;

import java.util.List;
import java.util.Optional;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Outcome;
import oddcradle.core.math.SparseSymmetric;
import oddcradle.core.math.Vec3;

/**
 * How a frame gives at some of its points: entry (i, j) is what probe i moves along its direction under a force of 1 N along
 * that of probe j, m/N. Symmetric. Loads of the input do not matter. Cost: one factorisation and two triangular solves a probe.
 */
public final class FrameFlexibility {
    private final double[][] entries;

    private FrameFlexibility(double[][] entries) {
        this.entries = entries;
    }

    /**
     * A point that moves with a node as if on a rigid arm.
     *
     * @param point global axes, m
     * @param direction unit vector
     */
    public record Probe(String node, Vec3 point, Vec3 direction) {}

    /** @return not solved, with the part named, if something can move without strain */
    public static Outcome<FrameFlexibility> of(FrameInput input, List<Probe> probes) {
        FrameModel model = new FrameModel(input);
        Optional<Finding> floating = MechanismDiagnosis.floatingPart(model);
        if (floating.isPresent()) {
            return Outcome.notSolved(floating.get());
        }
        SparseSymmetric stiffness = model.stiffness();
        Optional<SparseSymmetric.Factor> factor = stiffness.factor();
        if (factor.isEmpty() || !(factor.get().smallestPivotRatio() > FrameAnalysis.SINGULAR)) {
            return Outcome.notSolved(MechanismDiagnosis.freeMotion(model, stiffness));
        }
        double[][] loads = new double[probes.size()][];
        for (int k = 0; k < loads.length; k++) {
            loads[k] = unit(model, probes.get(k));
        }
        double[][] entries = new double[loads.length][loads.length];
        for (int j = 0; j < loads.length; j++) {
            double[] u = factor.get().solve(loads[j]);
            for (int i = 0; i < loads.length; i++) {
                for (int k = 0; k < u.length; k++) {
                    entries[i][j] += loads[i][k] * u[k];
                }
            }
        }
        return Outcome.solved(new FrameFlexibility(entries));
    }

    private static double[] unit(FrameModel model, Probe probe) {
        int node = model.nodeIndex.get(probe.node());
        double[] applied = new double[6 * model.input.nodes().size()];
        FrameModel.addAt(
                applied,
                node,
                probe.direction(),
                probe.point().minus(model.position(node)).cross(probe.direction()));
        return model.free(applied);
    }

    /** What probe i moves under 1 N at probe j, m/N. */
    public double at(int i, int j) {
        return entries[i][j];
    }
}
