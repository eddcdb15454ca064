package oddcradle.core.frame;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import oddcradle.core.frame.input.ElasticMount;
import oddcradle.core.frame.input.FrameCase;
import oddcradle.core.frame.input.FrameInput;
import oddcradle.core.frame.input.FrameMember;
import oddcradle.core.frame.input.FrameNode;
import oddcradle.core.frame.input.FrameSupport;
import oddcradle.core.frame.input.NodeLoad;
import oddcradle.core.frame.input.PointMass;
import oddcradle.core.math.NodeOrdering;
import oddcradle.core.math.SparseSymmetric;
import oddcradle.core.math.Vec3;

/** The frame as numbered equations: six per node less what supports hold. */
final class FrameModel {
    private static final int HELD = -1;

    final FrameInput input;
    final Map<String, Integer> nodeIndex = new HashMap<>();
    final List<BeamElement> beams = new ArrayList<>();
    final List<MountElement> mounts = new ArrayList<>();
    final int equations;
    private final int[] equation;
    private final boolean[] stiff;

    FrameModel(FrameInput input) {
        this.input = input;
        numberNodes();
        for (FrameMember member : input.members()) {
            int i = nodeIndex.get(member.i());
            int j = nodeIndex.get(member.j());
            beams.add(new BeamElement(
                    member,
                    i,
                    j,
                    position(i).plus(member.offsetI()),
                    position(j).plus(member.offsetJ()),
                    input.theory()));
        }
        addMounts();
        this.equation = new int[6 * input.nodes().size()];
        this.equations = numberEquations();
        this.stiff = new boolean[equations];
        for (FrameSupport support : input.supports()) {
            for (int motion = 0; motion < 3; motion++) {
                int row = springEquation(support, motion);
                if (row >= 0) {
                    stiff[row] = true;
                }
            }
        }
    }

    /** Equation that a support's spring works on; negative where it has none. */
    private int springEquation(FrameSupport support, int motion) {
        return support.spring(motion) > 0 ? equation[6 * nodeIndex.get(support.node()) + motion] : -1;
    }

    /** The same frame with bodies and mounts: its own equations keep their numbers, those of the bodies come after them. */
    private FrameModel(FrameInput whole, FrameModel alone) {
        this.input = whole;
        numberNodes();
        beams.addAll(alone.beams);
        addMounts();
        this.equation = Arrays.copyOf(alone.equation, 6 * whole.nodes().size());
        int next = alone.equations;
        for (int k = alone.equation.length; k < equation.length; k++) {
            equation[k] = next++;
        }
        this.equations = next;
        this.stiff = Arrays.copyOf(alone.stiff, equations);
        for (MountElement mount : mounts) {
            for (int axis = 0; axis < 3; axis++) {
                markStiff(mount, axis);
            }
        }
    }

    /**
     * This frame with what it carries: nodes after its own, on mounts alone.
     *
     * @return empty where {@code whole} is more than that, as one that props the frame up
     */
    Optional<FrameModel> carrying(FrameInput whole) {
        int own = input.nodes().size();
        boolean same = whole.nodes().size() >= own
                && whole.nodes().subList(0, own).equals(input.nodes())
                && whole.members().equals(input.members())
                && whole.supports().equals(input.supports())
                && whole.theory() == input.theory();
        if (!same) {
            return Optional.empty();
        }
        FrameModel carrying = new FrameModel(whole, this);
        boolean propped = false;
        for (int k = 0; k < equations; k++) {
            propped |= carrying.stiff[k] != stiff[k];
        }
        return propped ? Optional.empty() : Optional.of(carrying);
    }

    private void numberNodes() {
        for (FrameNode node : input.nodes()) {
            nodeIndex.put(node.id(), nodeIndex.size());
        }
    }

    private void addMounts() {
        for (ElasticMount mount : input.mounts()) {
            int body = nodeIndex.get(mount.bodyNode());
            int frame = nodeIndex.get(mount.frameNode());
            mounts.add(new MountElement(mount, body, frame, position(body), position(frame)));
        }
    }

    private void markStiff(MountElement mount, int axis) {
        if (mount.stiffness(axis) > 0) {
            double[] row = equations(mount, mount.deflectionRow(axis));
            for (int k = 0; k < row.length; k++) {
                stiff[k] |= row[k] != 0;
            }
        }
    }

    /** Twelve numbers of a mount's two nodes, in the order of the equations. */
    double[] equations(MountElement mount, double[] ends) {
        double[] row = new double[equations];
        for (int k = 0; k < ends.length; k++) {
            int at = elementEquation(mount.body, mount.frame, k);
            if (at >= 0) {
                row[at] += ends[k];
            }
        }
        return row;
    }

    private int numberEquations() {
        for (FrameSupport support : input.supports()) {
            for (int motion = 0; motion < 6; motion++) {
                if (support.fix().holds(motion)) {
                    equation[6 * nodeIndex.get(support.node()) + motion] = HELD;
                }
            }
        }
        int next = 0;
        for (int node : NodeOrdering.reverseCuthillMcKee(neighbours())) {
            for (int motion = 0; motion < 6; motion++) {
                if (equation[6 * node + motion] != HELD) {
                    equation[6 * node + motion] = next++;
                }
            }
        }
        return next;
    }

    private List<List<Integer>> neighbours() {
        List<List<Integer>> neighbours = new ArrayList<>();
        for (int k = 0; k < input.nodes().size(); k++) {
            neighbours.add(new ArrayList<>());
        }
        beams.forEach(beam -> join(neighbours, beam.nodeI, beam.nodeJ));
        mounts.forEach(mount -> join(neighbours, mount.body, mount.frame));
        return neighbours;
    }

    private static void join(List<List<Integer>> neighbours, int a, int b) {
        neighbours.get(a).add(b);
        neighbours.get(b).add(a);
    }

    Vec3 position(int node) {
        return input.nodes().get(node).position();
    }

    /** Equation of a node's motion, or negative if it is held. */
    int equationOf(int node, int motion) {
        return equation[6 * node + motion];
    }

    SparseSymmetric stiffness() {
        int elements = beams.size() + mounts.size();
        SparseSymmetric.Builder builder = new SparseSymmetric.Builder(
                equations, 78 * elements + 3 * input.supports().size() + equations);
        for (BeamElement beam : beams) {
            scatter(builder, beam.globalStiffness(), beam.nodeI, beam.nodeJ);
        }
        for (MountElement mount : mounts) {
            scatter(builder, mount.globalStiffness(), mount.body, mount.frame);
        }
        for (FrameSupport support : input.supports()) {
            for (int motion = 0; motion < 3; motion++) {
                int row = springEquation(support, motion);
                if (row >= 0) {
                    builder.add(row, row, support.spring(motion));
                }
            }
        }
        for (int k = 0; k < equations; k++) {
            builder.add(k, k, isIdle(k) ? 1 : 0);
        }
        return builder.build();
    }

    /**
     * Whether nothing at all resists this motion, as the turning of a node whose every member ends in a ball. Such a
     * motion stays at rest unless it is loaded.
     */
    private boolean isIdle(int row) {
        return !stiff[row];
    }

    /** The first node loaded along a motion that nothing resists. */
    OptionalInt loadedIdleNode(double[] applied) {
        for (int k = 0; k < applied.length; k++) {
            if (equation[k] >= 0 && isIdle(equation[k]) && applied[k] != 0) {
                return OptionalInt.of(k / 6);
            }
        }
        return OptionalInt.empty();
    }

    private void scatter(SparseSymmetric.Builder builder, double[] k, int nodeA, int nodeB) {
        for (int i = 0; i < 12; i++) {
            int row = elementEquation(nodeA, nodeB, i);
            if (row < 0) {
                continue;
            }
            for (int j = 0; j < 12; j++) {
                int column = elementEquation(nodeA, nodeB, j);
                if (column >= row && k[12 * i + j] != 0) {
                    builder.add(row, column, k[12 * i + j]);
                    stiff[row] |= row == column;
                }
            }
        }
    }

    private int elementEquation(int nodeA, int nodeB, int motion) {
        return motion < 6 ? equation[6 * nodeA + motion] : equation[6 * nodeB + motion - 6];
    }

    /** All six loads of every node, held or not. */
    double[] nodeLoads(FrameCase load) {
        double[] f = new double[6 * input.nodes().size()];
        for (NodeLoad each : load.loads()) {
            addAt(f, nodeIndex.get(each.node()), each.force(), each.moment());
        }
        for (PointMass mass : input.masses()) {
            int node = nodeIndex.get(mass.node());
            Vec3 weight = load.acceleration().times(mass.mass());
            addAt(f, node, weight, mass.position().minus(position(node)).cross(weight));
        }
        if (!load.acceleration().equals(Vec3.ZERO)) {
            for (BeamElement beam : beams) {
                addEnds(f, beam, beam.selfWeight(load.acceleration()));
            }
        }
        return f;
    }

    static void addEnds(double[] f, BeamElement beam, double[] ends) {
        for (int motion = 0; motion < 6; motion++) {
            f[6 * beam.nodeI + motion] += ends[motion];
            f[6 * beam.nodeJ + motion] += ends[motion + 6];
        }
    }

    static void addAt(double[] f, int node, Vec3 force, Vec3 moment) {
        f[6 * node] += force.x();
        f[6 * node + 1] += force.y();
        f[6 * node + 2] += force.z();
        f[6 * node + 3] += moment.x();
        f[6 * node + 4] += moment.y();
        f[6 * node + 5] += moment.z();
    }

    /** The loads on the motions that no support holds, in the order of the equations. */
    double[] free(double[] all) {
        double[] f = new double[equations];
        for (int k = 0; k < all.length; k++) {
            if (equation[k] >= 0) {
                f[equation[k]] = all[k];
            }
        }
        return f;
    }

    /** Motions of two nodes, 12 numbers, picked from the solution; held motions are 0. */
    double[] motions(double[] solution, int nodeA, int nodeB) {
        double[] u = new double[12];
        for (int k = 0; k < 12; k++) {
            int row = elementEquation(nodeA, nodeB, k);
            u[k] = row < 0 ? 0 : solution[row];
        }
        return u;
    }
}
