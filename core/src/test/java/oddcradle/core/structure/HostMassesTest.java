package oddcradle.core.structure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import oddcradle.core.frame.input.PointMass;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.host.Host;
import oddcradle.core.job.host.HostMass;
import oddcradle.core.job.host.MachineWeight;
import oddcradle.core.job.tube.Anchor;
import oddcradle.core.job.tube.Node;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.Test;

/** Whatever stands on the frame stays as heavy as it was, where it was, and pushes no node up. */
class HostMassesTest {
    private static final Job JOB = TestJobs.plain();
    private static final List<String> NODES = List.copyOf(JOB.host().places().keySet());

    private static HostMasses masses(Optional<MachineWeight> weight, HostMass... listed) {
        return HostMasses.of(JOB.withHost(JOB.host().withWeight(weight).withMasses(List.of(listed))));
    }

    private static HostMass mass(String id, double mass, Vec3 at, boolean weighed, String... nodes) {
        return new HostMass(id, id, HostMass.Sort.CARGO, mass, at, List.of(nodes), weighed);
    }

    private static double total(List<PointMass> masses) {
        return masses.stream().mapToDouble(PointMass::mass).sum();
    }

    private static Vec3 moment(List<PointMass> masses) {
        Vec3 moment = Vec3.ZERO;
        for (PointMass each : masses) {
            moment = moment.along(each.position(), each.mass());
        }
        return moment;
    }

    @Test
    void anyMassOnAnyNodes_keepsItsWeightAndItsPlace() {
        Random random = new Random(20261126);
        for (int run = 0; run < 200; run++) {
            List<String> nodes = new ArrayList<>(NODES);
            Collections.shuffle(nodes, random);
            HostMass one = mass(
                    "box",
                    1 + 200 * random.nextDouble(),
                    new Vec3(4 * random.nextDouble() - 2, 2 * random.nextDouble() - 1, 2 * random.nextDouble()),
                    false,
                    nodes.subList(0, 1 + random.nextInt(nodes.size())).toArray(String[]::new));
            List<PointMass> shared = masses(Optional.empty(), one).onNodes();
            assertThat(total(shared)).isCloseTo(one.mass(), within(1e-9 * one.mass()));
            assertThat(moment(shared).distanceTo(one.at().times(one.mass()))).isLessThan(1e-8 * one.mass());
            assertThat(shared).allMatch(each -> each.mass() > 0 && one.nodes().contains(each.node()));
        }
    }

    @Test
    void twoBearers_shareByTheLever() {
        Map<String, Vec3> places = JOB.host().places();
        Vec3 at = places.get("AL").towards(places.get("CL"), 0.25);
        List<PointMass> shared = masses(Optional.empty(), mass("tank", 40, at, false, "AL", "CL"))
                .onNodes();
        assertThat(shared).hasSize(2);
        assertThat(shared.get(0).mass()).isCloseTo(30, within(0.01));
        assertThat(shared.get(1).mass()).isCloseTo(10, within(0.01));
    }

    /** A node that was only just measured is on no tube: whoever is named beside it carries all, and the nearest of the frame where it is named alone. */
    @Test
    void nodeOnNoTube_carriesNothing() {
        List<Node> nodes = new ArrayList<>(JOB.host().nodes());
        nodes.add(new Node("NEW", new Anchor.At(new Vec3(1.1, 0.3, 0.5))));
        Host host = JOB.host().withNodes(nodes);
        HostMass both = mass("tank", 40, new Vec3(1.1, 0.3, 0.5), false, "NEW", "CL");
        HostMass alone = mass("tools", 12, new Vec3(1.1, 0.3, 0.5), false, "NEW");

        assertThat(HostMasses.of(JOB.withHost(host.withMasses(List.of(both, alone))))
                        .onNodes())
                .hasSize(2)
                .extracting(PointMass::node)
                .containsOnly("CL");
    }

    @Test
    void whatNobodyNames_isCarriedByTheNearestNode() {
        List<PointMass> shared = masses(Optional.empty(), mass("tools", 12, new Vec3(1.2, 0.35, 0.3), false))
                .onNodes();
        assertThat(shared).extracting(PointMass::node).containsExactly("CL");
    }

    @Test
    void whatWasOnTheScales_countsOnce_andWhatCameAfter_comesToIt() {
        Optional<MachineWeight> weighed = Optional.of(new MachineWeight(300, new Vec3(0.6, 0, 0.5)));
        HostMass driver = mass("driver", 80, new Vec3(0.9, 0, 0.7), false);
        HostMass tank = mass("tank", 20, new Vec3(0.2, 0, 0.6), true);
        HostMasses both = masses(weighed, driver, tank);
        assertThat(both.whole().orElseThrow().mass()).isCloseTo(380, within(1e-9));
        // By hand: (300 x 0.6 + 80 x 0.9) / 380.
        assertThat(both.whole().orElseThrow().cg().x()).isCloseTo(0.66316, within(1e-5));
        double alone = masses(weighed).unlisted().orElseThrow();
        assertThat(both.unlisted().orElseThrow()).isCloseTo(alone - 20, within(1e-9));
        // On the nodes stands all of it but the tubes, which the frame itself is.
        assertThat(total(both.onNodes())).isCloseTo(alone + 80, within(1e-9));
    }

    @Test
    void listHeavierThanTheScales_isTold() {
        HostMasses masses = masses(
                Optional.of(new MachineWeight(30, new Vec3(0.6, 0, 0.5))), mass("alternator", 60, Vec3.ZERO, true));
        assertThat(masses.unlisted().orElseThrow()).isLessThan(-30);
    }
}
