package oddcradle.core.frame;

import java.util.List;
import java.util.Optional;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Outcome;
import oddcradle.core.frame.input.FrameInput;
import oddcradle.core.math.SparseSymmetric;
import oddcradle.core.math.Sums;

/**
 * A frame that stands by itself, its stiffness factored once for all who ask: what it gives at its mounts, and every load case
 * of what it carries ({@link FrameAnalysis#solve(FrameInput, FactoredFrame)}). Cost: one sparse factorisation. Any threads.
 */
public final class FactoredFrame {
    final FrameModel model;
    final SparseSymmetric.Factor factor;

    private FactoredFrame(FrameModel model, SparseSymmetric.Factor factor) {
        this.model = model;
        this.factor = factor;
    }

    /**
     * @param frame its masses and cases do not matter
     * @return not solved, with the part named, if something can move without strain
     */
    public static Outcome<FactoredFrame> of(FrameInput frame) {
        FrameModel model = new FrameModel(frame);
        Optional<Finding> floating = MechanismDiagnosis.floatingPart(model);
        if (floating.isPresent()) {
            return Outcome.notSolved(floating.get());
        }
        SparseSymmetric stiffness = model.stiffness();
        Optional<SparseSymmetric.Factor> factor = stiffness.factor();
        if (factor.isEmpty() || !(factor.get().smallestPivotRatio() > FrameAnalysis.SINGULAR)) {
            return Outcome.notSolved(MechanismDiagnosis.freeMotion(model, stiffness));
        }
        return Outcome.solved(new FactoredFrame(model, factor.get()));
    }

    /** What the frame gives at its probes; two triangular solves a probe. */
    public FrameFlexibility flexibility(List<FrameFlexibility.Probe> probes) {
        double[][] loads = new double[probes.size()][];
        for (int k = 0; k < loads.length; k++) {
            loads[k] = unit(probes.get(k));
        }
        double[][] entries = new double[loads.length][loads.length];
        for (int j = 0; j < loads.length; j++) {
            double[] u = factor.solve(loads[j]);
            for (int i = 0; i < loads.length; i++) {
                entries[i][j] = Sums.dot(loads[i], u);
            }
        }
        return new FrameFlexibility(entries);
    }

    private double[] unit(FrameFlexibility.Probe probe) {
        int node = model.nodeIndex.get(probe.node());
        double[] applied = new double[6 * model.input.nodes().size()];
        FrameModel.addAt(
                applied,
                node,
                probe.direction(),
                probe.point().minus(model.position(node)).cross(probe.direction()));
        return model.free(applied);
    }
}
