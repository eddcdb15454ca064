package oddcradle.core.structure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import oddcradle.core.frame.input.PointMass;
import oddcradle.core.job.Job;
import oddcradle.core.job.host.Host;
import oddcradle.core.job.host.HostMass;
import oddcradle.core.job.host.MachineWeight;
import oddcradle.core.job.tube.Member;
import oddcradle.core.material.Material;
import oddcradle.core.math.DenseAlgebra;
import oddcradle.core.math.Vec3;

/**
 * The machine's own mass on its frame: what the job lists stands on the nodes that carry it; what was weighed beside that, less
 * the tubes, is shared over all nodes. Every mass keeps its centre of gravity; its nodes share it as evenly as that allows (least
 * squares), and none carries less than nothing.
 */
public final class HostMasses {
    /** Less is the rounding of a weighing, kg. */
    private static final double LIGHT = 0.1;
    /** How much more a centre of gravity that lies right is worth than even shares, 1/m2. */
    private static final double RIGHT_PLACE = 1e6;

    private final Host host;
    private final List<Material> materials;
    private final Map<String, Vec3> places;

    private HostMasses(Host host, List<Material> materials) {
        this.host = host;
        this.materials = materials;
        this.places = host.places();
    }

    public static HostMasses of(Host host, List<Material> materials) {
        return new HostMasses(host, materials);
    }

    public static HostMasses of(Job job) {
        return of(job.host(), job.materials());
    }

    /** All the machine weighs without its donor; empty where nobody has weighed it or listed anything. */
    public Optional<MachineWeight> whole() {
        if (host.weight().isEmpty() && host.masses().isEmpty()) {
            return Optional.empty();
        }
        Sum sum = new Sum();
        host.weight().ifPresentOrElse(weight -> sum.add(weight.mass(), weight.cg()), () -> addTubes(sum, 1));
        for (HostMass each : host.masses()) {
            if (host.weight().isEmpty() || !each.weighed()) {
                sum.add(each.mass(), each.at());
            }
        }
        return sum.weight();
    }

    /**
     * What was weighed and is neither tube nor listed: sheet, wiring, paint. In kg; below nothing where tubes and list weigh more than
     * the scales said, empty where nobody weighed.
     */
    public Optional<Double> unlisted() {
        return host.weight().map(weight -> rest(weight).mass);
    }

    /** Everybody who sits on the frame, by the nodes that carry them. */
    public List<SeatedPerson> people() {
        List<SeatedPerson> people = new ArrayList<>();
        for (HostMass each : host.masses()) {
            if (each.sort() == HostMass.Sort.PERSON) {
                onNodes(each).forEach(mass -> people.add(new SeatedPerson(mass.node(), mass.position(), mass.mass())));
            }
        }
        return people;
    }

    private List<String> ofFrame() {
        return host.members().stream()
                .flatMap(member -> member.nodes().stream())
                .distinct()
                .toList();
    }

    private List<PointMass> onNodes(HostMass each) {
        List<String> ofFrame = ofFrame();
        if (ofFrame.isEmpty()) {
            return List.of();
        }
        // A node that is on no tube yet carries nothing.
        List<String> named = each.nodes().stream().filter(ofFrame::contains).toList();
        return shared(named.isEmpty() ? nearest(ofFrame, each.at()) : named, each.mass(), each.at());
    }

    /** By node of the host. */
    List<PointMass> onNodes() {
        List<PointMass> masses = new ArrayList<>();
        List<String> ofFrame = ofFrame();
        if (ofFrame.isEmpty()) {
            return masses;
        }
        for (HostMass each : host.masses()) {
            masses.addAll(onNodes(each));
        }
        host.weight()
                .map(this::rest)
                .filter(rest -> rest.mass >= LIGHT)
                .flatMap(Sum::weight)
                .ifPresent(rest -> masses.addAll(shared(ofFrame, rest.mass(), rest.cg())));
        return masses;
    }

    private Sum rest(MachineWeight weight) {
        Sum rest = new Sum();
        rest.add(weight.mass(), weight.cg());
        addTubes(rest, -1);
        host.masses().stream().filter(HostMass::weighed).forEach(each -> rest.add(-each.mass(), each.at()));
        return rest;
    }

    private void addTubes(Sum sum, double sign) {
        for (Member member : host.members()) {
            double perMetre =
                    member.remaining().area() * member.madeOf(materials).density();
            for (int k = 1; k < member.nodes().size(); k++) {
                Vec3 from = places.get(member.nodes().get(k - 1));
                Vec3 to = places.get(member.nodes().get(k));
                sum.add(sign * from.distanceTo(to) * perMetre, from.towards(to, 0.5));
            }
        }
    }

    /** Masses and their first moment, kg and kg m. */
    private static final class Sum {
        private double mass;
        private Vec3 moment = Vec3.ZERO;

        void add(double more, Vec3 at) {
            mass += more;
            moment = moment.along(at, more);
        }

        Optional<MachineWeight> weight() {
            return mass > 0 ? Optional.of(new MachineWeight(mass, moment.times(1 / mass))) : Optional.empty();
        }
    }

    private List<String> nearest(List<String> nodes, Vec3 to) {
        return nodes.stream()
                .sorted(Comparator.comparingDouble(id -> places.get(id).distanceTo(to)))
                .limit(1)
                .toList();
    }

    private List<PointMass> shared(List<String> nodes, double mass, Vec3 cg) {
        List<String> used = new ArrayList<>(nodes);
        double[] shares = shares(used, cg);
        for (int worst = least(shares); shares[worst] < 0; worst = least(shares)) {
            used.remove(worst);
            shares = shares(used, cg);
        }
        // What no share can reach, people over the rails, a tank behind, stands on an arm from each node.
        Vec3 arm = cg;
        for (int k = 0; k < shares.length; k++) {
            arm = arm.along(places.get(used.get(k)), -shares[k]);
        }
        List<PointMass> masses = new ArrayList<>();
        for (int k = 0; k < shares.length; k++) {
            if (shares[k] > 0) {
                masses.add(new PointMass(
                        used.get(k), shares[k] * mass, places.get(used.get(k)).plus(arm)));
            }
        }
        return masses;
    }

    private static int least(double[] shares) {
        int least = 0;
        for (int k = 1; k < shares.length; k++) {
            if (shares[k] < shares[least]) {
                least = k;
            }
        }
        return least;
    }

    /**
     * Shares with a sum of 1 whose squares are least, together with {@value #RIGHT_PLACE} times the square of how far off they leave
     * the centre of gravity. In closed form, as only three directions count: {@code s = c (1 - D (D'D + 1/w)^-1 D'1)}.
     */
    private double[] shares(List<String> nodes, Vec3 cg) {
        double[][] spread = new double[3][3];
        double[] sum = new double[3];
        double[][] from = new double[nodes.size()][];
        for (int k = 0; k < from.length; k++) {
            Vec3 d = places.get(nodes.get(k)).minus(cg);
            from[k] = new double[] {d.x(), d.y(), d.z()};
            for (int i = 0; i < 3; i++) {
                sum[i] += from[k][i];
                for (int j = 0; j < 3; j++) {
                    spread[i][j] += from[k][i] * from[k][j];
                }
            }
        }
        for (int i = 0; i < 3; i++) {
            spread[i][i] += 1 / RIGHT_PLACE;
        }
        double[] lean = DenseAlgebra.solve(spread, sum).orElseThrow();
        double[] shares = new double[from.length];
        double whole = 0;
        for (int k = 0; k < shares.length; k++) {
            shares[k] = 1;
            for (int i = 0; i < 3; i++) {
                shares[k] -= from[k][i] * lean[i];
            }
            whole += shares[k];
        }
        for (int k = 0; k < shares.length; k++) {
            shares[k] /= whole;
        }
        return shares;
    }
}
