package oddcradle.core.frame;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import oddcradle.core.math.ComplexEnvelope;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.NodeOrdering;
import oddcradle.core.math.SparseSymmetric;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.MassProperties;

/** Engine, mounts and frame as numbered equations of motion: the free ones first, the engine's six at their end, then those that supports hold. */
final class MovingWhole {
    /** Two motions that pull at each other; k (1 + i loss) less mass times the square of the angular frequency. */
    private record Link(int row, int column, double stiffness, double loss, double mass) {}

    final FrameModel model;
    final int free;
    private final MassProperties engine;
    private final List<Link> links = new ArrayList<>();
    private final int[] equation;
    private final int engineAt;
    private final int all;
    private final int[] first;

    MovingWhole(ResponseInput input) {
        FrameInput fine = Subdivision.of(input.frame(), input.pieces(), true, List.of());
        this.model = new FrameModel(fine);
        this.engine = input.engine();
        List<MovingBeam> beams = model.beams.stream().map(MovingBeam::new).toList();
        int nodes = fine.nodes().size();
        this.equation = new int[6 * nodes];
        boolean[] held = held(fine);
        List<List<int[]>> ends = releasedEnds(beams, nodes);
        int[][] own = new int[beams.size()][];
        for (int k = 0; k < own.length; k++) {
            own[k] = new int[beams.get(k).released.length];
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
        this.engineAt = next;
        this.free = next + 6;
        next = free;
        for (int k = 0; k < held.length; k++) {
            if (held[k]) {
                equation[k] = next++;
            }
        }
        this.all = next;
        for (int k = 0; k < own.length; k++) {
            addBeam(beams.get(k), own[k], input.loss());
        }
        for (FrameSupport support : fine.supports()) {
            for (int motion = 0; motion < 3; motion++) {
                int row = equation[6 * model.nodeIndex.get(support.node()) + motion];
                link(row, row, support.spring(motion), input.loss(), 0);
            }
        }
        fine.masses().forEach(this::addMass);
        addEngine();
        input.mounts().forEach(this::addMount);
        holdIdle();
        this.first = first();
    }

    /** A turning that neither strains nor moves anything, as of a node where every end is released, stays at rest. */
    private void holdIdle() {
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

    /** For each node the released motions of the beams that end there: number of the beam, number among its released ones. */
    private static List<List<int[]>> releasedEnds(List<MovingBeam> beams, int nodes) {
        List<List<int[]>> ends = new ArrayList<>();
        for (int node = 0; node < nodes; node++) {
            ends.add(new ArrayList<>());
        }
        for (int k = 0; k < beams.size(); k++) {
            MovingBeam beam = beams.get(k);
            for (int r = 0; r < beam.released.length; r++) {
                int node = beam.released[r] < 6 ? beam.beam.nodeI : beam.beam.nodeJ;
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

    private void link(int row, int column, double stiffness, double loss, double mass) {
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

    private void addEngine() {
        Mat3 inertia = engine.inertia();
        for (int i = 0; i < 3; i++) {
            link(engineAt + i, engineAt + i, 0, 0, engine.mass());
            for (int j = 0; j < 3; j++) {
                link(engineAt + 3 + i, engineAt + 3 + j, 0, 0, inertia.get(i, j));
            }
        }
    }

    private void addMount(DampedMount mount) {
        for (int axis = 0; axis < 3; axis++) {
            double[] stretch = stretch(mount, axis);
            int[] at = mountEquations(mount);
            for (int i = 0; i < 12; i++) {
                for (int j = 0; j < 12; j++) {
                    link(at[i], at[j], stiffness(mount, axis) * stretch[i] * stretch[j], mount.loss(), 0);
                }
            }
        }
    }

    private int[] mountEquations(DampedMount mount) {
        int[] at = new int[12];
        int node = model.nodeIndex.get(mount.node());
        for (int k = 0; k < 6; k++) {
            at[k] = engineAt + k;
            at[6 + k] = equation[6 * node + k];
        }
        return at;
    }

    /** What a mount stretches along one of its axes as engine and node move: six of the engine, six of the node. */
    private double[] stretch(DampedMount mount, int axis) {
        Vec3 direction = axis(mount, axis);
        double[] body = sixOf(direction, mount.position().minus(engine.cg()));
        double[] node = sixOf(direction, mount.position().minus(model.position(model.nodeIndex.get(mount.node()))));
        double[] stretch = Arrays.copyOf(body, 12);
        for (int k = 0; k < 6; k++) {
            stretch[6 + k] = -node[k];
        }
        return stretch;
    }

    private static Vec3 axis(DampedMount mount, int k) {
        return k == 0
                ? mount.axes().row0()
                : k == 1 ? mount.axes().row1() : mount.axes().row2();
    }

    private static double stiffness(DampedMount mount, int k) {
        return k == 0
                ? mount.stiffness().x()
                : k == 1 ? mount.stiffness().y() : mount.stiffness().z();
    }

    /** How a point at the end of an arm moves along a direction with the three shifts and three turns at its foot. */
    private static double[] sixOf(Vec3 direction, Vec3 arm) {
        Vec3 turn = arm.cross(direction);
        return new double[] {direction.x(), direction.y(), direction.z(), turn.x(), turn.y(), turn.z()};
    }

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
        ComplexEnvelope z = new ComplexEnvelope(first);
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

    /** A force and a moment at a point of the engine, on the free equations. */
    double[] onEngine(Vec3 force, Vec3 moment, Vec3 point) {
        Vec3 about = moment.plus(point.minus(engine.cg()).cross(force));
        double[] f = new double[free];
        double[] six = {force.x(), force.y(), force.z(), about.x(), about.y(), about.z()};
        System.arraycopy(six, 0, f, engineAt, 6);
        return f;
    }

    Vec3 enginePoint(double[] u, Vec3 point) {
        Vec3 shift = new Vec3(u[engineAt], u[engineAt + 1], u[engineAt + 2]);
        Vec3 turn = new Vec3(u[engineAt + 3], u[engineAt + 4], u[engineAt + 5]);
        return shift.plus(turn.cross(point.minus(engine.cg())));
    }

    Vec3 node(double[] u, String id) {
        int at = 6 * model.nodeIndex.get(id);
        return new Vec3(of(u, at), of(u, at + 1), of(u, at + 2));
    }

    private double of(double[] u, int motion) {
        return equation[motion] < free ? u[equation[motion]] : 0;
    }

    /** Force on the frame along the global axes; rows 0: real, 1: imaginary part. */
    Vec3[] mountForce(DampedMount mount, double[][] u) {
        Vec3[] force = {Vec3.ZERO, Vec3.ZERO};
        int[] at = mountEquations(mount);
        for (int axis = 0; axis < 3; axis++) {
            double[] stretch = stretch(mount, axis);
            double re = 0;
            double im = 0;
            for (int k = 0; k < 12; k++) {
                if (at[k] < free) {
                    re += stretch[k] * u[0][at[k]];
                    im += stretch[k] * u[1][at[k]];
                }
            }
            double k = stiffness(mount, axis);
            force[0] = force[0].along(axis(mount, axis), k * (re - mount.loss() * im));
            force[1] = force[1].along(axis(mount, axis), k * (im + mount.loss() * re));
        }
        return force;
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

    /** Which part a free equation belongs to, in words. */
    String nameOf(int row) {
        for (int k = 0; k < equation.length; k++) {
            if (equation[k] == row) {
                return "node " + model.input.nodes().get(k / 6).id();
            }
        }
        return row >= engineAt ? "the engine" : "a released end of a member";
    }
}
