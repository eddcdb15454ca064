package oddcradle.core.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.finding.Outcome;
import oddcradle.core.math.LowestModes;
import oddcradle.core.math.SparseSymmetric;
import oddcradle.core.math.Vec3;

/**
 * A rigid engine on elastic mounts with loss on a flexible frame with its own mass: the frequencies of the undamped whole, and how it moves under
 * a steady shaking of the engine, each frequency by its own full solution. No stiffening by gravity.
 * Craig, Structural Dynamics, 1981, chapters 9 and 14 (from memory).
 */
public final class CoupledResponse {
    private static final double SINGULAR = 1e-13;

    private final ResponseInput input;
    private final MovingWhole whole;
    private final SparseSymmetric.Factor factor;

    private CoupledResponse(ResponseInput input, MovingWhole whole, SparseSymmetric.Factor factor) {
        this.input = input;
        this.whole = whole;
        this.factor = factor;
    }

    /** @return not solved, with what moves named, if something can move without strain */
    public static Outcome<CoupledResponse> of(ResponseInput input) {
        MovingWhole whole = new MovingWhole(input);
        SparseSymmetric stiffness = whole.frame.stiffness();
        Optional<SparseSymmetric.Factor> factor = stiffness.factor();
        if (factor.isEmpty() || !(factor.get().smallestPivotRatio() > SINGULAR)) {
            return Outcome.notSolved(MechanismDiagnosis.freeMotion(whole.frame, stiffness));
        }
        return Outcome.solved(new CoupledResponse(input, whole, factor.get()));
    }

    /**
     * Frequencies of the undamped whole from the lowest, Hz.
     *
     * @param count how many, 1 or more
     */
    public List<Double> frequenciesHz(int count) {
        LowestModes.Modes modes = LowestModes.of(factor, whole.frame.mass(), count, LowestModes.EXACT)
                .orElseThrow();
        List<Double> frequencies = new ArrayList<>();
        for (double value : modes.values()) {
            frequencies.add(Math.sqrt(value) / (2 * Math.PI));
        }
        return frequencies;
    }

    /**
     * Steady motion, one result for each frequency in its order.
     *
     * @param enginePoints points of the engine, global axes, m
     * @param frameNodes ids of nodes
     */
    public List<ResponseResult> to(ResponseInput.Harmonic harmonic, List<Vec3> enginePoints, List<String> frameNodes) {
        double[] force = whole.onEngine(harmonic.force(), harmonic.moment(), harmonic.point());
        List<ResponseResult> results = new ArrayList<>();
        for (double frequency : harmonic.frequenciesHz()) {
            double omega = 2 * Math.PI * frequency;
            double[][] u = whole.frame.dynamicStiffness(omega).factor().solve(force, new double[force.length]);
            results.add(new ResponseResult(
                    frequency,
                    enginePoints.stream()
                            .map(point -> new ResponseResult.Motion(
                                    whole.enginePoint(u[0], point), whole.enginePoint(u[1], point)))
                            .toList(),
                    frameNodes.stream()
                            .map(node -> new ResponseResult.Motion(
                                    whole.frame.node(u[0], node), whole.frame.node(u[1], node)))
                            .toList(),
                    input.mounts().stream()
                            .map(mount -> moduli(whole.mountForce(mount, u)))
                            .toList(),
                    moduli(whole.frame.supportForce(u, omega))));
        }
        return results;
    }

    private static Vec3 moduli(Vec3[] parts) {
        return new Vec3(
                Math.hypot(parts[0].x(), parts[1].x()),
                Math.hypot(parts[0].y(), parts[1].y()),
                Math.hypot(parts[0].z(), parts[1].z()));
    }
}
