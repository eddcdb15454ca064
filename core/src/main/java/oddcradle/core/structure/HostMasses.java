package oddcradle.core.structure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.frame.PointMass;
import oddcradle.core.job.Job;
import oddcradle.core.job.host.MachineWeight;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.DenseAlgebra;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.Seating;

/**
 * The machine's own mass on its frame: what was weighed less its tubes, shared over the nodes of the host so that its centre of
 * gravity is where it was weighed, as evenly as that allows (least squares).
 */
final class HostMasses {
    /** Less is the rounding of a weighing, kg. */
    private static final double LIGHT = 0.1;

    private HostMasses() {}

    /** Nothing where nobody has weighed the machine, or its tubes are all of it. */
    static List<PointMass> of(Job job, Seating seating) {
        Optional<MachineWeight> weight = job.host().weight();
        List<String> nodes = job.host().members().stream()
                .flatMap(member -> member.nodes().stream())
                .distinct()
                .toList();
        if (weight.isEmpty() || nodes.isEmpty()) {
            return List.of();
        }
        double left = weight.get().mass();
        Vec3 moment = weight.get().cg().times(left);
        for (Member member : job.host().members()) {
            List<Vec3> path = seating.path(member);
            for (int k = 1; k < path.size(); k++) {
                double tube = path.get(k).distanceTo(path.get(k - 1))
                        * member.section().area()
                        * job.material(member).density();
                left -= tube;
                moment = moment.minus(path.get(k).towards(path.get(k - 1), 0.5).times(tube));
            }
        }
        return left < LIGHT ? List.of() : shared(seating, nodes, left, moment.times(1 / left));
    }

    private static List<PointMass> shared(Seating seating, List<String> nodes, double mass, Vec3 cg) {
        List<String> used = new ArrayList<>(nodes);
        while (!used.isEmpty()) {
            Optional<double[]> shares = shares(seating, used, cg);
            if (shares.isEmpty()) {
                break;
            }
            int worst = lightest(shares.get());
            if (shares.get()[worst] >= 0) {
                List<PointMass> masses = new ArrayList<>();
                for (int k = 0; k < used.size(); k++) {
                    double here = shares.get()[k] * mass;
                    if (here > 0) {
                        masses.add(new PointMass(used.get(k), here, seating.node(used.get(k))));
                    }
                }
                return masses;
            }
            used.remove(worst);
        }
        // It lies outside of all nodes: people over the rails, a tank behind. The nearest node carries it on an arm.
        String nearest = nodes.stream()
                .min((a, b) -> Double.compare(
                        seating.node(a).distanceTo(cg), seating.node(b).distanceTo(cg)))
                .orElseThrow();
        return List.of(new PointMass(nearest, mass, cg));
    }

    private static int lightest(double[] shares) {
        int worst = 0;
        for (int k = 1; k < shares.length; k++) {
            if (shares[k] < shares[worst]) {
                worst = k;
            }
        }
        return worst;
    }

    /** Least sum of squares with a sum of 1 and the centre where it is; empty where the nodes lie too much in one line or plane. */
    private static Optional<double[]> shares(Seating seating, List<String> nodes, Vec3 cg) {
        double[][] normal = new double[4][4];
        double[][] rows = new double[nodes.size()][];
        for (int k = 0; k < nodes.size(); k++) {
            Vec3 from = seating.node(nodes.get(k)).minus(cg);
            rows[k] = new double[] {1, from.x(), from.y(), from.z()};
            for (int i = 0; i < 4; i++) {
                for (int j = 0; j < 4; j++) {
                    normal[i][j] += rows[k][i] * rows[k][j];
                }
            }
        }
        return DenseAlgebra.solve(normal, new double[] {1, 0, 0, 0}).map(multipliers -> {
            double[] shares = new double[rows.length];
            for (int k = 0; k < shares.length; k++) {
                for (int i = 0; i < 4; i++) {
                    shares[k] += rows[k][i] * multipliers[i];
                }
            }
            return shares;
        });
    }
}
