package oddcradle.core.structure;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeMap;
import java.util.function.DoubleFunction;
import oddcradle.core.frame.FrameFlexibility;
import oddcradle.core.frame.FrameReceptance;
import oddcradle.core.frame.input.FrameInput;
import oddcradle.core.frame.input.MemberEnd;
import oddcradle.core.math.Complex;
import oddcradle.core.math.ComplexEnvelope;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.MassProperties;
import oddcradle.core.mechanics.SmallMotion;
import oddcradle.core.vibration.HarmonicWrench;
import oddcradle.core.vibration.Mount;
import oddcradle.core.vibration.RigidBodyModes;

/**
 * The machine that carries a donor, ready for any mounts on the same nodes: what it gives there in every direction and about every axis, and at the places
 * where it is watched, worked out once. Any threads.
 */
public final class ShakenFrame {
    /**
     * Of welded tubes, a ratio: 2 % of critical damping, the lower figure for welded steel up to half of yield. Newmark and Hall, Earthquake
     * Spectra and Design, 1982 (from memory).
     */
    public static final double LOSS = 0.04;

    /** Elements of a tube: its own first bending is right within 1 %. */
    public static final int PIECES = 4;

    private static final int BODY = 6;
    private static final List<Vec3> AXES = List.of(Vec3.X, Vec3.Y, Vec3.Z);

    /**
     * A foot of rubber, whose springs are in the frame.
     *
     * @param springs as stiff as they are while they shake, N/m
     * @param loss structural loss factor of its rubber, a ratio
     */
    public record Foot(String node, Vec3 at, Vec3 springs, double loss) {}

    private final FrameReceptance receptance;
    private final List<Vec3> nodes;
    private final List<Foot> feet;
    private final List<SeatedPerson> people;
    private final List<ShakeWatch> watches;

    private ShakenFrame(
            FrameReceptance receptance,
            List<Vec3> nodes,
            List<Foot> feet,
            List<SeatedPerson> people,
            List<ShakeWatch> watches) {
        this.feet = List.copyOf(feet);
        this.people = List.copyOf(people);
        this.receptance = receptance;
        this.nodes = nodes;
        this.watches = List.copyOf(watches);
    }

    /**
     * @param frame with the masses that its nodes carry and supports as stiff as they are while they shake, without the donor
     * @param mountNodes nodes that carry the mounts, in their order, at least one
     * @param feet whose rubber loses more, or less, than the frame does
     * @param people of whom the frame's masses have only what goes along with it
     * @param ends of members whose forces {@link #motions} tells
     * @return empty where the frame alone can move without strain
     */
    public static Optional<ShakenFrame> of(
            FrameInput frame,
            List<String> mountNodes,
            List<Foot> feet,
            List<SeatedPerson> people,
            List<ShakeWatch> watches,
            List<MemberEnd> ends) {
        List<FrameFlexibility.Probe> probes = new ArrayList<>();
        List<Vec3> places = new ArrayList<>();
        for (String node : mountNodes) {
            Vec3 at = frame.nodes().stream()
                    .filter(each -> each.id().equals(node))
                    .findFirst()
                    .orElseThrow()
                    .position();
            places.add(at);
            AXES.forEach(axis -> probes.add(new FrameFlexibility.Probe(node, at, axis)));
            // A metre out along the next axis, across both: less the node's own shift it is what the node turns.
            for (int k = 0; k < AXES.size(); k++) {
                Vec3 out = at.plus(AXES.get((k + 1) % AXES.size()));
                probes.add(new FrameFlexibility.Probe(node, out, AXES.get((k + 2) % AXES.size())));
            }
        }
        for (Foot foot : feet) {
            AXES.forEach(axis -> probes.add(new FrameFlexibility.Probe(foot.node(), foot.at(), axis)));
        }
        for (SeatedPerson person : people) {
            AXES.forEach(axis -> probes.add(new FrameFlexibility.Probe(person.node(), person.at(), axis)));
        }
        for (ShakeWatch watch : watches) {
            if (watch.isOnFrame()) {
                AXES.forEach(axis -> probes.add(new FrameFlexibility.Probe(watch.id(), watch.at(), axis)));
            }
        }
        return FrameReceptance.of(frame, LOSS, PIECES, probes, ends)
                .map(receptance -> new ShakenFrame(receptance, places, feet, people, watches));
    }

    /**
     * What a donor on these mounts does to it.
     *
     * @param mounts on the nodes in their order, places from the donor's centre of gravity, m
     * @param body of the donor, host axes
     */
    public OrderMap map(List<Mount> mounts, MassProperties body, Excitation excitation) {
        return new Shaken(mounts, body, Optional.empty()).map(excitation);
    }

    /** The same for one set of mounts after another: what the frame gives at each frequency is worked out once. */
    public OrderMap map(List<Mount> mounts, MassProperties body, Excitation excitation, Known known) {
        return new Shaken(mounts, body, Optional.of(known)).map(excitation);
    }

    /** What a frame gives at the frequencies that have been asked for. One thread. */
    public static final class Known {
        private final Map<Double, double[][][]> byOmega = new HashMap<>();
    }

    /** How a donor on these mounts moves, speed by speed, and what the ends of members carry. */
    public List<ShakenMotion> motions(List<Mount> mounts, MassProperties body, Excitation excitation) {
        return new Shaken(mounts, body, Optional.empty()).motions(excitation);
    }

    /**
     * One direction in which something pulls at the frame.
     *
     * @param mount index of it; none for a foot
     * @param probes what it stretches by as a sum of the probes of the frame
     * @param onBody what it stretches by as the donor moves
     * @param gives what it stretches by for a force of 1, m/N, by angular frequency, rad/s
     */
    private record Pull(OptionalInt mount, double[] probes, double[] onBody, DoubleFunction<Complex> gives) {}

    /** Engine, mounts and frame together. */
    private final class Shaken {
        private final List<Mount> mounts;
        private final MassProperties body;
        private final List<Pull> pulls = new ArrayList<>();
        private final Optional<Known> known;
        /** Where nothing is known of other mounts. */
        private final Optional<FrameReceptance> atPulls;

        private final double[][] weights;

        Shaken(List<Mount> mounts, MassProperties body, Optional<Known> known) {
            this.known = known;
            this.mounts = mounts;
            this.body = body;
            for (int k = 0; k < mounts.size(); k++) {
                addPulls(k, mounts.get(k));
            }
            for (int k = 0; k < feet.size(); k++) {
                addLoss(k, feet.get(k));
            }
            for (int k = 0; k < people.size(); k++) {
                addPerson(k, people.get(k));
            }
            this.weights = weights();
            this.atPulls = known.isPresent() ? Optional.empty() : Optional.of(receptance.combined(weights));
        }

        private void addPulls(int at, Mount mount) {
            Mat3 axes = mount.axes();
            List<Vec3> directions = List.of(axes.row0(), axes.row1(), axes.row2());
            List<Double> stiffness = List.of(
                    mount.stiffness().x(),
                    mount.stiffness().y(),
                    mount.stiffness().z());
            for (int axis = 0; axis < 3; axis++) {
                if (stiffness.get(axis) > 0) {
                    Vec3 d = directions.get(axis);
                    Vec3 turn = mount.position().cross(d);
                    double square = stiffness.get(axis) * (1 + mount.loss() * mount.loss());
                    Complex gives = new Complex(1 / square, -mount.loss() / square);
                    pulls.add(new Pull(
                            OptionalInt.of(at),
                            onNode(at, mount, d),
                            new double[] {d.x(), d.y(), d.z(), turn.x(), turn.y(), turn.z()},
                            omega -> gives));
                }
            }
        }

        /** The springs of a foot lose in the frame what the frame loses; what they lose beside is a pull of its own without stiffness. */
        private void addLoss(int at, Foot foot) {
            double[] springs = {
                foot.springs().x(), foot.springs().y(), foot.springs().z()
            };
            for (int axis = 0; axis < 3; axis++) {
                double lost = springs[axis] * (foot.loss() - LOSS);
                if (lost != 0) {
                    Complex gives = new Complex(0, -1 / lost);
                    pulls.add(new Pull(OptionalInt.empty(), probe(at, axis), new double[BODY], omega -> gives));
                }
            }
        }

        private void addPerson(int at, SeatedPerson person) {
            for (int axis = 0; axis < 3; axis++) {
                pulls.add(new Pull(
                        OptionalInt.empty(),
                        probe(feet.size() + at, axis),
                        new double[BODY],
                        omega -> Complex.ONE.over(person.resists(omega))));
            }
        }

        /** Of a foot, or after all of them of a person, one direction. */
        private double[] probe(int at, int axis) {
            double[] probes = new double[probes()];
            probes[AXES.size() * (2 * nodes.size() + at) + axis] = 1;
            return probes;
        }

        private int watched() {
            return AXES.size()
                    * (int) watches.stream().filter(ShakeWatch::isOnFrame).count();
        }

        private int probes() {
            return AXES.size() * (2 * nodes.size() + feet.size() + people.size()) + watched();
        }

        /** How the end of the arm from a mount's node moves along a direction. */
        private double[] onNode(int at, Mount mount, Vec3 direction) {
            double[] probes = new double[probes()];
            int first = 2 * AXES.size() * at;
            Vec3 arm = body.cg().plus(mount.position()).minus(nodes.get(at));
            Vec3 turn = arm.cross(direction);
            double[] shifts = {direction.x(), direction.y(), direction.z()};
            double[] turns = {turn.x(), turn.y(), turn.z()};
            for (int k = 0; k < 3; k++) {
                probes[first + k] += shifts[k];
                probes[first + 3 + k] += turns[k];
                probes[first + (k + 2) % 3] -= turns[k];
            }
            return probes;
        }

        /** Every pull, then every watched direction, as a sum of the probes of the frame. */
        private double[][] weights() {
            double[][] weights = new double[pulls.size() + watched()][probes()];
            for (int p = 0; p < pulls.size(); p++) {
                weights[p] = pulls.get(p).probes();
            }
            for (int k = 0; k < watched(); k++) {
                weights[pulls.size() + k][probes() - watched() + k] = 1;
            }
            return weights;
        }

        OrderMap map(Excitation excitation) {
            Map<Double, double[][]> byOrder = new TreeMap<>();
            int speeds = excitation.speeds().size();
            for (int s = 0; s < speeds; s++) {
                for (Excitation.Part part : excitation.at().get(s)) {
                    double[] here = amplitudes(part.wrench(), part.omega());
                    double[][] row = byOrder.computeIfAbsent(part.order(), order -> new double[watches.size()][speeds]);
                    for (int k = 0; k < here.length; k++) {
                        // Engines out of step meet at times.
                        row[k][s] += here[k];
                    }
                }
            }
            List<Double> orders = List.copyOf(byOrder.keySet());
            double[][][] amplitudes = new double[watches.size()][orders.size()][];
            for (int o = 0; o < orders.size(); o++) {
                for (int k = 0; k < amplitudes.length; k++) {
                    amplitudes[k][o] = byOrder.get(orders.get(o))[k];
                }
            }
            return new OrderMap(excitation.speeds(), orders, watches, amplitudes);
        }

        private double[][][] given(double omega) {
            return atPulls.map(each -> each.at(omega))
                    .orElseGet(() -> combined(known.orElseThrow().byOmega.computeIfAbsent(omega, receptance::at)));
        }

        /** Most weights of a pull are nothing: it hangs on one node. */
        private double[][][] combined(double[][][] h) {
            int n = weights.length;
            double[][][] sum = new double[2][n][n];
            for (int part = 0; part < 2; part++) {
                double[][] half = new double[n][h[part].length];
                for (int p = 0; p < n; p++) {
                    for (int a = 0; a < weights[p].length; a++) {
                        if (weights[p][a] != 0) {
                            addRow(half[p], h[part][a], weights[p][a]);
                        }
                    }
                }
                for (int q = 0; q < n; q++) {
                    for (int b = 0; b < weights[q].length; b++) {
                        if (weights[q][b] != 0) {
                            for (int p = 0; p < n; p++) {
                                sum[part][p][q] += weights[q][b] * half[p][b];
                            }
                        }
                    }
                }
            }
            return sum;
        }

        private static void addRow(double[] to, double[] row, double factor) {
            for (int b = 0; b < row.length; b++) {
                to[b] += factor * row[b];
            }
        }

        List<ShakenMotion> motions(Excitation excitation) {
            List<ShakenMotion> motions = new ArrayList<>();
            for (int s = 0; s < excitation.speeds().size(); s++) {
                motions.add(motion(excitation.speeds().get(s), excitation.at().get(s)));
            }
            return motions;
        }

        private ShakenMotion motion(double speed, List<Excitation.Part> excitation) {
            List<ShakenMotion.Part> parts = new ArrayList<>();
            for (Excitation.Part part : excitation) {
                double[][] x = solved(given(part.omega()), part.wrench(), part.omega());
                List<ShakenMotion.Force> forces = new ArrayList<>();
                for (int m = 0; m < mounts.size(); m++) {
                    forces.add(new ShakenMotion.Force(
                            force(m, x[0]), force(m, x[1]).negated()));
                }
                // Re (a + i b) exp(i angle) is a in step and -b a quarter turn behind.
                parts.add(new ShakenMotion.Part(
                        part.order(),
                        new RigidBodyModes.Swing(body(x[0], 1), body(x[1], -1)),
                        forces,
                        ends(part.omega(), x)));
            }
            return new ShakenMotion(speed, parts);
        }

        private List<ShakenMotion.End> ends(double omega, double[][] x) {
            double[][] pulled = new double[2][weights.length];
            for (int half = 0; half < 2; half++) {
                System.arraycopy(x[half], BODY, pulled[half], 0, pulls.size());
            }
            return atPulls.orElseThrow().endForces(omega, pulled[0], pulled[1]).stream()
                    .map(end -> new ShakenMotion.End(end[0], end[1].negated()))
                    .toList();
        }

        private static SmallMotion body(double[] x, double sign) {
            return new SmallMotion(
                    Vec3.ZERO, new Vec3(x[0], x[1], x[2]).times(sign), new Vec3(x[3], x[4], x[5]).times(sign));
        }

        /** Of a mount on the frame: its pulls along its axes. */
        private Vec3 force(int mount, double[] x) {
            Vec3 force = Vec3.ZERO;
            for (int p = 0; p < pulls.size(); p++) {
                if (pulls.get(p).mount().equals(OptionalInt.of(mount))) {
                    double[] along = pulls.get(p).onBody();
                    force = force.along(new Vec3(along[0], along[1], along[2]), x[BODY + p]);
                }
            }
            return force;
        }

        /** At every watch, under a wrench about the centre of gravity that swings with {@code omega}, rad/s. */
        private double[] amplitudes(HarmonicWrench wrench, double omega) {
            double[][][] h = given(omega);
            double[][] x = solved(h, wrench, omega);
            double[] amplitudes = new double[watches.size()];
            int watched = pulls.size();
            for (int k = 0; k < amplitudes.length; k++) {
                ShakeWatch watch = watches.get(k);
                switch (watch.kind()) {
                    case MOUNT_FORCE -> amplitudes[k] = force(watch, x);
                    case ENGINE_MOTION -> amplitudes[k] = motion(watch, x);
                    case FRAME_VELOCITY, CARRIED_VELOCITY -> {
                        amplitudes[k] = omega * onFrame(watched, x, h) / Math.sqrt(2);
                        watched += 3;
                    }
                }
            }
            return amplitudes;
        }

        /** Motion of the donor, then every pull, real and imaginary. */
        private double[][] solved(double[][][] h, HarmonicWrench wrench, double omega) {
            int size = BODY + pulls.size();
            double[] re = new double[size];
            double[] im = new double[size];
            Complex[] parts = {wrench.fx(), wrench.fy(), wrench.fz(), wrench.mx(), wrench.my(), wrench.mz()};
            for (int k = 0; k < BODY; k++) {
                re[k] = parts[k].re();
                im[k] = parts[k].im();
            }
            return system(h, omega).factor().solve(re, im);
        }

        /** The donor's own motion first, then the pull of every mount along each of its axes: one symmetric system. */
        private ComplexEnvelope system(double[][][] h, double omega) {
            ComplexEnvelope z = new ComplexEnvelope(new int[BODY + pulls.size()]);
            for (int i = 0; i < 3; i++) {
                z.add(i, i, -omega * omega * body.mass(), 0);
                for (int j = 0; j <= i; j++) {
                    z.add(3 + i, 3 + j, -omega * omega * body.inertia().get(i, j), 0);
                }
            }
            for (int p = 0; p < pulls.size(); p++) {
                Pull pull = pulls.get(p);
                for (int k = 0; k < BODY; k++) {
                    z.add(BODY + p, k, pull.onBody()[k], 0);
                }
                Complex gives = pull.gives().apply(omega);
                z.add(BODY + p, BODY + p, -gives.re(), -gives.im());
                for (int q = 0; q <= p; q++) {
                    z.add(BODY + p, BODY + q, -h[0][p][q], -h[1][p][q]);
                }
            }
            return z;
        }

        private double force(ShakeWatch watch, double[][] x) {
            double sum = 0;
            for (int p = 0; p < pulls.size(); p++) {
                OptionalInt mount = pulls.get(p).mount();
                if (mount.isPresent() && mounts.get(mount.getAsInt()).name().equals(watch.id())) {
                    sum += square(x[0][BODY + p]) + square(x[1][BODY + p]);
                }
            }
            return Math.sqrt(sum);
        }

        private double motion(ShakeWatch watch, double[][] x) {
            double sum = 0;
            for (double[] part : x) {
                Vec3 shift = new Vec3(part[0], part[1], part[2]);
                Vec3 turn = new Vec3(part[3], part[4], part[5]);
                Vec3 moved = shift.plus(turn.cross(watch.at().minus(body.cg())));
                sum += moved.dot(moved);
            }
            return Math.sqrt(sum);
        }

        private double onFrame(int first, double[][] x, double[][][] h) {
            double sum = 0;
            for (int k = first; k < first + 3; k++) {
                double re = 0;
                double im = 0;
                for (int p = 0; p < pulls.size(); p++) {
                    re += h[0][k][p] * x[0][BODY + p] - h[1][k][p] * x[1][BODY + p];
                    im += h[0][k][p] * x[1][BODY + p] + h[1][k][p] * x[0][BODY + p];
                }
                sum += re * re + im * im;
            }
            return Math.sqrt(sum);
        }

        private static double square(double value) {
            return value * value;
        }
    }
}
