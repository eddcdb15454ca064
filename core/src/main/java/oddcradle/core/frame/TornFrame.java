package oddcradle.core.frame;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import oddcradle.core.finding.Outcome;
import oddcradle.core.frame.input.EndJoint;
import oddcradle.core.frame.input.FrameCase;
import oddcradle.core.frame.input.FrameInput;
import oddcradle.core.frame.input.FrameMember;
import oddcradle.core.math.DenseAlgebra;
import oddcradle.core.math.SparseSymmetric;
import oddcradle.core.math.Vec3;

/**
 * A frame with one part after the other torn off, each by an update of one factor: {@code u' = u - W (I + D W)^-1 D u} with W what unit loads at the part's ends
 * give and D what of its stiffness is gone. What is gone keeps a billionth, so that a part that nothing holds any more is found where it goes, not by a
 * matrix that fails. Stops of mounts are left out. Source: Hager, Updating the Inverse of a Matrix, SIAM Review 31, 1989 (from memory). Checked against frames
 * solved anew.
 */
public final class TornFrame {
    private static final double KEPT = 1e-9;
    /** What goes farther has come loose, m. */
    private static final double LOOSE = 1;

    private final FrameModel model;
    private final SparseSymmetric.Factor factor;
    /** Of each case, without loss. */
    private final List<double[]> whole = new ArrayList<>();

    private final Map<String, Integer> beams = new HashMap<>();

    private TornFrame(FrameModel model, SparseSymmetric.Factor factor) {
        this.model = model;
        this.factor = factor;
        for (FrameCase load : model.input.cases()) {
            whole.add(factor.solve(model.free(model.nodeLoads(load))));
        }
        for (int k = 0; k < model.beams.size(); k++) {
            beams.put(model.beams.get(k).member.id(), k);
        }
    }

    /** @return not solved, with the part named, if something can move without strain before anything is torn */
    public static Outcome<TornFrame> of(FrameInput frame) {
        Outcome<FactoredFrame> factored = FactoredFrame.of(frame);
        return factored.answer().isPresent()
                ? Outcome.solved(new TornFrame(
                        factored.answer().get().model, factored.answer().get().factor))
                : new Outcome.NotSolved<>(factored.reasons());
    }

    /**
     * What goes at once.
     *
     * @param members gone as a whole
     * @param firstEnds of members torn off at their first end
     * @param secondEnds of members torn off at their second end
     * @param mounts gone
     */
    public record Torn(Set<String> members, Set<String> firstEnds, Set<String> secondEnds, Set<String> mounts) {
        public Torn {
            members = Set.copyOf(members);
            firstEnds = Set.copyOf(firstEnds);
            secondEnds = Set.copyOf(secondEnds);
            mounts = Set.copyOf(mounts);
        }
    }

    /**
     * The member that is stressed the most against what it bears.
     *
     * @param over stress over strength, a ratio
     */
    public record Worst(String member, String load, double over) {}

    /**
     * @param strength of a member, Pa; von Mises by definition of the stress that is held against it
     * @param cases ids of those that count
     * @return empty if something comes loose
     */
    public Optional<Worst> without(Torn torn, ToDoubleFunction<FrameMember> strength, Set<String> cases) {
        Change change = new Change(torn);
        Worst worst = new Worst("", "", 0);
        for (int c = 0; c < whole.size(); c++) {
            FrameCase load = model.input.cases().get(c);
            if (cases.contains(load.id())) {
                double[] u = change.solution(c);
                for (double motion : u) {
                    if (!(Math.abs(motion) < LOOSE)) {
                        return Optional.empty();
                    }
                }
                worst = worst(change, load, u, strength, worst);
            }
        }
        return Optional.of(worst);
    }

    private Worst worst(
            Change change, FrameCase load, double[] u, ToDoubleFunction<FrameMember> strength, Worst before) {
        Worst worst = before;
        for (BeamElement each : model.beams) {
            String id = each.member.id();
            if (change.torn.members().contains(id)) {
                continue;
            }
            BeamElement beam = change.changed.getOrDefault(id, each);
            double[] elastic = beam.elasticForces(model.motions(u, beam.nodeI, beam.nodeJ));
            double bears = strength.applyAsDouble(beam.member);
            if (beam.most(elastic, load.acceleration()) > worst.over() * bears) {
                double over = beam.result(elastic, load.acceleration()).vonMisesMax() / bears;
                worst = over > worst.over() ? new Worst(id, load.id(), over) : worst;
            }
        }
        return worst;
    }

    /** What is different: the equations it touches, and the stiffness and weight that are gone there. */
    private final class Change {
        final Torn torn;
        final Map<String, BeamElement> changed = new LinkedHashMap<>();
        private final List<Integer> touched;
        private final double[][] gone;
        private final double[][] given;
        private final double[][] answer;

        Change(Torn torn) {
            this.torn = torn;
            Set<String> ends = new LinkedHashSet<>(torn.firstEnds());
            ends.addAll(torn.secondEnds());
            for (String id : ends) {
                BeamElement beam = model.beams.get(beams.get(id));
                FrameMember loose = beam.member.with(
                        torn.firstEnds().contains(id) ? EndJoint.GONE : beam.member.jointI(),
                        torn.secondEnds().contains(id) ? EndJoint.GONE : beam.member.jointJ());
                changed.put(id, beam.with(loose));
            }
            Map<Integer, Integer> at = new LinkedHashMap<>();
            List<int[]> where = new ArrayList<>();
            List<double[]> lost = new ArrayList<>();
            torn.members().forEach(id -> {
                BeamElement beam = model.beams.get(beams.get(id));
                lose(beam.nodeI, beam.nodeJ, scaled(beam.globalStiffness(), KEPT - 1), where, lost, at);
            });
            changed.forEach((id, loose) -> {
                BeamElement beam = model.beams.get(beams.get(id));
                double[] less = scaled(beam.globalStiffness(), KEPT - 1);
                double[] left = scaled(loose.globalStiffness(), 1 - KEPT);
                for (int k = 0; k < less.length; k++) {
                    less[k] += left[k];
                }
                lose(beam.nodeI, beam.nodeJ, less, where, lost, at);
            });
            for (MountElement mount : model.mounts) {
                if (torn.mounts().contains(mount.mount.id())) {
                    lose(mount.body, mount.frame, scaled(mount.globalStiffness(), KEPT - 1), where, lost, at);
                }
            }
            this.touched = List.copyOf(at.keySet());
            int n = touched.size();
            this.gone = new double[n][n];
            for (int k = 0; k < where.size(); k++) {
                for (int i = 0; i < 12; i++) {
                    for (int j = 0; j < 12; j++) {
                        if (where.get(k)[i] >= 0 && where.get(k)[j] >= 0) {
                            gone[at.get(where.get(k)[i])][at.get(where.get(k)[j])] += lost.get(k)[12 * i + j];
                        }
                    }
                }
            }
            this.given = new double[n][];
            for (int k = 0; k < n; k++) {
                double[] unit = new double[model.equations];
                unit[touched.get(k)] = 1;
                given[k] = factor.solve(unit);
            }
            this.answer = answer();
        }

        private void lose(
                int nodeA, int nodeB, double[] k, List<int[]> where, List<double[]> lost, Map<Integer, Integer> at) {
            int[] rows = new int[12];
            for (int motion = 0; motion < 12; motion++) {
                rows[motion] = motion < 6 ? model.equationOf(nodeA, motion) : model.equationOf(nodeB, motion - 6);
                if (rows[motion] >= 0) {
                    at.putIfAbsent(rows[motion], at.size());
                }
            }
            where.add(rows);
            lost.add(k);
        }

        /** (I + D W)^-1 D by columns. */
        private double[][] answer() {
            int n = touched.size();
            double[][] system = new double[n][n];
            for (int i = 0; i < n; i++) {
                for (int j = 0; j < n; j++) {
                    double sum = i == j ? 1 : 0;
                    for (int k = 0; k < n; k++) {
                        sum += gone[i][k] * given[j][touched.get(k)];
                    }
                    system[i][j] = sum;
                }
            }
            double[][] columns = new double[n][];
            for (int j = 0; j < n; j++) {
                double[] right = new double[n];
                for (int i = 0; i < n; i++) {
                    right[i] = gone[i][j];
                }
                columns[j] = DenseAlgebra.solve(system, right).orElseThrow();
            }
            return columns;
        }

        double[] solution(int load) {
            double[] u = whole.get(load).clone();
            Vec3 acceleration = model.input.cases().get(load).acceleration();
            double[] weight = new double[6 * model.input.nodes().size()];
            torn.members().forEach(id -> {
                BeamElement beam = model.beams.get(beams.get(id));
                FrameModel.addEnds(weight, beam, beam.selfWeight(acceleration));
            });
            // A torn end leaves its weight to the other.
            changed.forEach((id, loose) -> {
                BeamElement beam = model.beams.get(beams.get(id));
                FrameModel.addEnds(weight, beam, beam.selfWeight(acceleration));
                FrameModel.addEnds(weight, beam, scaled(loose.selfWeight(acceleration), -1));
            });
            double[] lighter = model.free(weight);
            int n = touched.size();
            for (int k = 0; k < n; k++) {
                add(u, given[k], -lighter[touched.get(k)]);
            }
            double[] there = new double[n];
            for (int k = 0; k < n; k++) {
                there[k] = u[touched.get(k)];
            }
            for (int i = 0; i < n; i++) {
                double push = 0;
                for (int j = 0; j < n; j++) {
                    push += answer[j][i] * there[j];
                }
                add(u, given[i], -push);
            }
            return u;
        }
    }

    private static void add(double[] to, double[] what, double times) {
        if (times != 0) {
            for (int k = 0; k < to.length; k++) {
                to[k] += times * what[k];
            }
        }
    }

    private static double[] scaled(double[] k, double factor) {
        double[] scaled = new double[k.length];
        for (int i = 0; i < k.length; i++) {
            scaled[i] = factor * k[i];
        }
        return scaled;
    }
}
