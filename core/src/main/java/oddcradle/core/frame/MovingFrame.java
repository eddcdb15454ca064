package oddcradle.core.frame;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import oddcradle.core.frame.input.FrameInput;
import oddcradle.core.frame.input.FrameSupport;
import oddcradle.core.frame.input.MemberEnd;
import oddcradle.core.frame.input.PointMass;
import oddcradle.core.math.ComplexEnvelope;
import oddcradle.core.math.NodeOrdering;
import oddcradle.core.math.SparseSymmetric;
import oddcradle.core.math.Vec3;

/**
 * A frame with its own mass as numbered equations of motion: the free ones first, those of whatever else moves at their end, then those that supports
 * hold.
 */
final class MovingFrame {
    /** Two motions that pull at each other; k (1 + i loss) less mass times the square of the angular frequency. */
    private record Link(int row, int column, double stiffness, double loss, double mass) {}

    final FrameModel model;
    final int free;
    private final List<Link> links = new ArrayList<>();
    private final int[] equation;
    /** First equation of what the frame carries. */
    final int carriedAt;

    private final int all;

    /**
     * @param loss structural loss factor, a ratio
     * @param pieces into how many elements each member is cut
     * @param more equations for what the frame carries
     */
    MovingFrame(FrameInput frame, double loss, int pieces, int more) {
        FrameInput fine = Subdivision.of(frame, pieces, true, List.of());
        this.model = new FrameModel(fine);
        List<MovingBeam> beams = model.beams.stream().map(MovingBeam::new).toList();
        int nodes = fine.nodes().size();
        this.equation = new int[6 * nodes];
        boolean[] held = held(fine);
        List<List<int[]>> ends = givingEnds(beams, nodes);
        int[][] own = new int[beams.size()][];
        for (int k = 0; k < own.length; k++) {
            own[k] = new int[beams.get(k).gives.size()];
        }
        int next = 0;
        for (int node : NodeOrdering.reverseCuthillMcKee(neighbours(beams, nodes))) {
            for (int motion = 0; motion < 6; motion++) {
                if (!held[6 * node + motion]) {
                    equation[6 * node + motion] = next++;
                }
            }
            for (int[] end : ends.get(node)) {
                own[end[0]][end[1]] = next++;
            }
        }
        this.carriedAt = next;
        this.free = next + more;
        next = free;
        for (int k = 0; k < held.length; k++) {
            if (held[k]) {
                equation[k] = next++;
            }
        }
        this.all = next;
        for (int k = 0; k < own.length; k++) {
            addBeam(beams.get(k), own[k], loss);
        }
        for (FrameSupport support : fine.supports()) {
            for (int motion = 0; motion < 3; motion++) {
                int row = equation[6 * model.nodeIndex.get(support.node()) + motion];
                link(row, row, support.spring(motion), loss, 0);
            }
        }
        fine.masses().forEach(this::addMass);
    }

    /** A turning that neither strains nor moves anything, as of a node where every end is released, stays at rest. */
    void holdIdle() {
        boolean[] alive = new boolean[free];
        for (Link link : links) {
            if (link.row() == link.column() && link.row() < free) {
                alive[link.row()] = true;
            }
        }
        for (int row = 0; row < free; row++) {
            if (!alive[row]) {
                link(row, row, 1, 0, 0);
            }
        }
    }

    /** Equation of a motion of a node; those held come after the free ones. */
    int equationOf(int node, int motion) {
        return equation[6 * node + motion];
    }

    private boolean[] held(FrameInput fine) {
        boolean[] held = new boolean[equation.length];
        for (FrameSupport support : fine.supports()) {
            for (int motion = 0; motion < 6; motion++) {
                held[6 * model.nodeIndex.get(support.node()) + motion] |=
                        support.fix().holds(motion);
            }
        }
        return held;
    }

    /** For each node what the ends of beams there give: number of the beam, number among its ways to give. */
    private static List<List<int[]>> givingEnds(List<MovingBeam> beams, int nodes) {
        List<List<int[]>> ends = new ArrayList<>();
        for (int node = 0; node < nodes; node++) {
            ends.add(new ArrayList<>());
        }
        for (int k = 0; k < beams.size(); k++) {
            MovingBeam beam = beams.get(k);
            for (int r = 0; r < beam.gives.size(); r++) {
                int node = beam.gives.get(r).isAtFirstEnd() ? beam.beam.nodeI : beam.beam.nodeJ;
                ends.get(node).add(new int[] {k, r});
            }
        }
        return ends;
    }

    private static List<List<Integer>> neighbours(List<MovingBeam> beams, int nodes) {
        List<List<Integer>> neighbours = new ArrayList<>();
        for (int node = 0; node < nodes; node++) {
            neighbours.add(new ArrayList<>());
        }
        for (MovingBeam beam : beams) {
            neighbours.get(beam.beam.nodeI).add(beam.beam.nodeJ);
            neighbours.get(beam.beam.nodeJ).add(beam.beam.nodeI);
        }
        return neighbours;
    }

    /** Couples two motions; only what is at or below the diagonal counts. */
    void link(int row, int column, double stiffness, double loss, double mass) {
        if (row >= column && (stiffness != 0 || mass != 0)) {
            links.add(new Link(row, column, stiffness, loss, mass));
        }
    }

    private void addBeam(MovingBeam beam, int[] own, double loss) {
        int[] at = new int[beam.size()];
        for (int k = 0; k < at.length; k++) {
            at[k] = k < 6
                    ? equation[6 * beam.beam.nodeI + k]
                    : k < 12 ? equation[6 * beam.beam.nodeJ + k - 6] : own[k - 12];
        }
        for (int i = 0; i < at.length; i++) {
            for (int j = 0; j < at.length; j++) {
                link(at[i], at[j], beam.stiffness(i, j), loss, beam.mass(i, j));
            }
        }
    }

    private void addMass(PointMass mass) {
        int node = model.nodeIndex.get(mass.node());
        Vec3 arm = mass.position().minus(model.position(node));
        for (Vec3 direction : List.of(Vec3.X, Vec3.Y, Vec3.Z)) {
            double[] row = sixOf(direction, arm);
            for (int i = 0; i < 6; i++) {
                for (int j = 0; j < 6; j++) {
                    link(equation[6 * node + i], equation[6 * node + j], 0, 0, mass.mass() * row[i] * row[j]);
                }
            }
        }
    }

    /** How a point at the end of an arm moves along a direction with the three shifts and three turns at its foot. */
    static double[] sixOf(Vec3 direction, Vec3 arm) {
        Vec3 turn = arm.cross(direction);
        return new double[] {direction.x(), direction.y(), direction.z(), turn.x(), turn.y(), turn.z()};
    }

    /** For each row the first column with an entry. */
    private int[] first() {
        int[] least = new int[free];
        Arrays.setAll(least, row -> row);
        for (Link link : links) {
            if (link.row() < free) {
                least[link.row()] = Math.min(least[link.row()], link.column());
            }
        }
        return least;
    }

    SparseSymmetric stiffness() {
        return sparse(true);
    }

    SparseSymmetric mass() {
        return sparse(false);
    }

    private SparseSymmetric sparse(boolean stiffness) {
        SparseSymmetric.Builder builder = new SparseSymmetric.Builder(free, links.size() + free);
        for (int k = 0; k < free; k++) {
            // Every diagonal entry is there, if only as 0.
            builder.add(k, k, 0);
        }
        for (Link link : links) {
            if (link.row() < free) {
                builder.add(link.column(), link.row(), stiffness ? link.stiffness() : link.mass());
            }
        }
        return builder.build();
    }

    /** @param omega angular frequency, rad/s */
    ComplexEnvelope dynamicStiffness(double omega) {
        ComplexEnvelope z = new ComplexEnvelope(first());
        for (Link link : links) {
            if (link.row() < free) {
                z.add(
                        link.row(),
                        link.column(),
                        link.stiffness() - omega * omega * link.mass(),
                        link.stiffness() * link.loss());
            }
        }
        return z;
    }

    Vec3 node(double[] u, String id) {
        int at = 6 * model.nodeIndex.get(id);
        return new Vec3(of(u, at), of(u, at + 1), of(u, at + 2));
    }

    private double of(double[] u, int motion) {
        return equation[motion] < free ? u[equation[motion]] : 0;
    }

    /** Sum of what all supports press with on the frame, along the global axes; rows 0: real, 1: imaginary part. */
    Vec3[] supportForce(double[][] u, double omega) {
        double[][] held = new double[2][all];
        for (Link link : links) {
            if (link.row() >= free && link.column() < free) {
                double re = link.stiffness() - omega * omega * link.mass();
                double im = link.stiffness() * link.loss();
                double x = u[0][link.column()];
                double y = u[1][link.column()];
                held[0][link.row()] += re * x - im * y;
                held[1][link.row()] += re * y + im * x;
            }
        }
        Vec3[] sum = new Vec3[2];
        for (int part = 0; part < 2; part++) {
            double[] total = new double[3];
            for (int k = 0; k < equation.length; k++) {
                if (equation[k] >= free && k % 6 < 3) {
                    total[k % 6] += held[part][equation[k]];
                }
            }
            sum[part] = new Vec3(total[0], total[1], total[2]);
        }
        springs(u, sum);
        return sum;
    }

    private void springs(double[][] u, Vec3[] sum) {
        for (FrameSupport support : model.input.supports()) {
            Vec3[] moved = {node(u[0], support.node()), node(u[1], support.node())};
            for (int part = 0; part < 2; part++) {
                Vec3 k = support.springs();
                sum[part] = sum[part].minus(
                        new Vec3(k.x() * moved[part].x(), k.y() * moved[part].y(), k.z() * moved[part].z()));
            }
        }
    }

    /** What a probe moves for a unit of each free motion. */
    double[] probe(FrameFlexibility.Probe probe) {
        double[] row = new double[free];
        int node = model.nodeIndex.get(probe.node());
        double[] six = sixOf(probe.direction(), probe.point().minus(model.position(node)));
        for (int k = 0; k < 6; k++) {
            if (equation[6 * node + k] < free) {
                row[equation[6 * node + k]] = six[k];
            }
        }
        return row;
    }

    /**
     * What one component of the force or moment at a member's end is for a unit of each free motion: N/m, N/rad, N m/m or N m/rad. Few
     * motions strain an end, so that only those are kept.
     *
     * @param at free equations
     * @param weights in their order
     */
    record EndReading(int[] at, double[] weights) {
        double of(double[] motions) {
            double sum = 0;
            for (int k = 0; k < at.length; k++) {
                sum += weights[k] * motions[at[k]];
            }
            return sum;
        }
    }

    /** Force along and moment about the local axes at a member's end, as a beam has them from how its ends move; six readings. */
    EndReading[] endForces(MemberEnd end, int pieces) {
        BeamElement piece = piece(end.member() + "/" + (end.first() ? 1 : pieces) + "/");
        int from = end.first() ? 0 : 6;
        double[][] weights = new double[6][12];
        int[] at = new int[12];
        int moving = 0;
        for (int motion = 0; motion < 12; motion++) {
            int row = equation[motion < 6 ? 6 * piece.nodeI + motion : 6 * piece.nodeJ + motion - 6];
            if (row < free) {
                double[] unit = new double[12];
                unit[motion] = 1;
                double[] forces = piece.elasticForces(unit);
                for (int k = 0; k < 6; k++) {
                    weights[k][moving] = forces[from + k];
                }
                at[moving++] = row;
            }
        }
        EndReading[] readings = new EndReading[6];
        for (int k = 0; k < 6; k++) {
            readings[k] = new EndReading(Arrays.copyOf(at, moving), Arrays.copyOf(weights[k], moving));
        }
        return readings;
    }

    private BeamElement piece(String id) {
        return model.beams.stream()
                .filter(beam -> beam.member.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no member " + id));
    }

    /** Which part a free equation belongs to, in words. */
    String nameOf(int row) {
        for (int k = 0; k < equation.length; k++) {
            if (equation[k] == row) {
                return "node " + model.input.nodes().get(k / 6).id();
            }
        }
        return row >= carriedAt ? "the engine" : "an end of a member that is free";
    }
}
