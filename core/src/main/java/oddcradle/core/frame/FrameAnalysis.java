package oddcradle.core.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Outcome;
import oddcradle.core.frame.input.FrameCase;
import oddcradle.core.frame.input.FrameInput;
import oddcradle.core.frame.input.FrameSupport;
import oddcradle.core.math.SparseSymmetric;
import oddcradle.core.math.Vec3;

/**
 * Displacements, reactions, end forces and stresses of a space frame under several load cases, by the direct stiffness
 * method with one sparse Cholesky factor for all cases; stops of mounts are met where their way is used up.
 *
 * <p>Source: Przemieniecki, Theory of Matrix Structural Analysis, 1968 (from memory). Checked in the tests against closed
 * forms and against CalculiX. Cost: one factorisation, then two triangular solves a case. Any threads.
 */
public final class FrameAnalysis {
    /** A pivot below this share of its diagonal is rounding: that motion has no stiffness of its own. */
    static final double SINGULAR = 1e-13;

    private FrameAnalysis() {}

    /** @return not solved, with the part named, if something can move without strain */
    public static Outcome<FrameResult> solve(FrameInput input) {
        if (input.members().isEmpty() && input.mounts().isEmpty()) {
            return Outcome.notSolved(MechanismDiagnosis.empty());
        }
        FrameModel model = new FrameModel(input);
        Optional<Finding> floating = MechanismDiagnosis.floatingPart(model);
        if (floating.isPresent()) {
            return Outcome.notSolved(floating.get());
        }
        SparseSymmetric stiffness = stiffness(model);
        Optional<SparseSymmetric.Factor> factor = stiffness.factor();
        if (factor.isEmpty() || !(factor.get().smallestPivotRatio() > SINGULAR)) {
            return Outcome.notSolved(MechanismDiagnosis.freeMotion(model, stiffness));
        }
        return results(model, factor.get()::solve);
    }

    /**
     * The same answer by the factor of the frame alone, where bodies on mounts are all that comes to it; else from the beginning.
     * Two triangular solves for each spring of the mounts, and two a case.
     */
    public static Outcome<FrameResult> solve(FrameInput input, FactoredFrame alone) {
        Optional<FrameModel> carrying = alone.model.carrying(input);
        Optional<CarriedBodies> carried = carrying.flatMap(model -> CarriedBodies.on(alone, model));
        return carried.isPresent() ? results(carrying.get(), carried.get()::solve) : solve(input);
    }

    private static Outcome<FrameResult> results(FrameModel model, UnaryOperator<double[]> solution) {
        List<CaseResult> cases = new ArrayList<>();
        MountStops stops = new MountStops(model, solution);
        for (FrameCase load : model.input.cases()) {
            double[] applied = model.nodeLoads(load);
            Optional<Finding> idle = MechanismDiagnosis.loadedIdleNode(model, applied);
            if (idle.isPresent()) {
                return Outcome.notSolved(idle.get());
            }
            cases.add(result(model, load, applied, stops.with(solution.apply(model.free(applied)))));
        }
        double mass = model.beams.stream().mapToDouble(BeamElement::mass).sum();
        return Outcome.solved(new FrameResult(cases, mass));
    }

    /** The stiffness matrix in the order in which it is factored, N/m, N, N m. */
    public static SparseSymmetric stiffness(FrameInput input) {
        return stiffness(new FrameModel(input));
    }

    static SparseSymmetric stiffness(FrameModel model) {
        return model.stiffness();
    }

    /** @param applied six loads of every node, self-weight included */
    private static CaseResult result(FrameModel model, FrameCase load, double[] applied, double[] u) {
        List<MemberResult> members = new ArrayList<>();
        double[] internal = new double[applied.length];
        for (BeamElement beam : model.beams) {
            double[] elastic = beam.elasticForces(model.motions(u, beam.nodeI, beam.nodeJ));
            FrameModel.addEnds(internal, beam, beam.onNodes(elastic));
            members.add(beam.result(elastic, load.acceleration()));
        }
        List<MountResult> mounts = new ArrayList<>();
        for (MountElement mount : model.mounts) {
            MountResult result = mount.result(model.motions(u, mount.body, mount.frame));
            mounts.add(result);
            addMount(internal, model, mount, result.forceOnFrame());
        }
        List<Reaction> reactions = new ArrayList<>();
        for (FrameSupport support : model.input.supports()) {
            int node = model.nodeIndex.get(support.node());
            double[] r = new double[6];
            for (int motion = 0; motion < 6; motion++) {
                int k = 6 * node + motion;
                boolean held = support.fix().holds(motion) || support.spring(motion) > 0;
                r[motion] = held ? internal[k] - applied[k] : 0;
            }
            reactions.add(new Reaction(support.node(), new Vec3(r[0], r[1], r[2]), new Vec3(r[3], r[4], r[5])));
        }
        return new CaseResult(
                load.id(),
                movements(model, u),
                reactions,
                members,
                mounts,
                equilibriumError(model, applied, reactions));
    }

    private static void addMount(double[] internal, FrameModel model, MountElement mount, Vec3 onFrame) {
        Vec3 centre = mount.mount.centre();
        Vec3 onBody = onFrame;
        FrameModel.addAt(
                internal,
                mount.body,
                onBody,
                centre.minus(model.position(mount.body)).cross(onBody));
        Vec3 back = onFrame.negated();
        FrameModel.addAt(
                internal,
                mount.frame,
                back,
                centre.minus(model.position(mount.frame)).cross(back));
    }

    private static List<NodeMovement> movements(FrameModel model, double[] u) {
        List<NodeMovement> movements = new ArrayList<>();
        for (int node = 0; node < model.input.nodes().size(); node++) {
            double[] m = model.motions(u, node, node);
            movements.add(new NodeMovement(
                    model.input.nodes().get(node).id(), new Vec3(m[0], m[1], m[2]), new Vec3(m[3], m[4], m[5])));
        }
        return movements;
    }

    /** Sum of everything that acts from outside, about the first node. */
    private static double equilibriumError(FrameModel model, double[] applied, List<Reaction> reactions) {
        Vec3 origin = model.position(0);
        Vec3 force = Vec3.ZERO;
        Vec3 moment = Vec3.ZERO;
        double size = 0;
        double[] f = applied.clone();
        for (Reaction reaction : reactions) {
            int node = model.nodeIndex.get(reaction.node());
            FrameModel.addAt(f, node, reaction.force(), reaction.moment());
        }
        for (int node = 0; node < model.input.nodes().size(); node++) {
            Vec3 arm = model.position(node).minus(origin);
            Vec3 here = new Vec3(f[6 * node], f[6 * node + 1], f[6 * node + 2]);
            force = force.plus(here);
            moment = moment.plus(arm.cross(here)).plus(new Vec3(f[6 * node + 3], f[6 * node + 4], f[6 * node + 5]));
            size = Math.max(size, arm.length());
        }
        double greatest = largest(applied);
        if (greatest == 0) {
            return 0;
        }
        return Math.max(force.length(), moment.length() / Math.max(size, 1e-3)) / greatest;
    }

    private static double largest(double[] values) {
        double largest = 0;
        for (double value : values) {
            largest = Math.max(largest, Math.abs(value));
        }
        return largest;
    }
}
