package oddcradle.core.search;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import oddcradle.core.examine.Examination;
import oddcradle.core.frame.input.FrameCase;
import oddcradle.core.frame.input.FrameNode;
import oddcradle.core.frame.input.NodeLoad;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.cradle.MountChoices;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.MassProperties;
import oddcradle.core.placement.MountedDonor;
import oddcradle.core.structure.CradleFrame;
import oddcradle.core.structure.MachineOnFeet;
import oddcradle.core.vibration.LinkedBodies;
import oddcradle.core.vibration.Mount;
import oddcradle.core.vibration.MountedBody;

/**
 * What moves in time, and on what: the donor on its mounts on the ground, or on a machine that stands on rubber feet itself; or that machine as one body where
 * the donor is bolted hard to it. The donor, or what holds it hard, is the first body.
 *
 * @param frame the body that the frame is part of; empty where it stands still
 * @param arm of the donor's centre of gravity from that of the first body, m
 * @param nodes of the frame, host axes, m
 */
record TimeSetting(LinkedBodies system, OptionalInt frame, Vec3 arm, Map<String, Vec3> nodes) {
    /** Empty where nothing is mounted, or neither donor nor machine is on rubber. */
    static Optional<TimeSetting> of(Examination examination) {
        Job job = examination.job();
        if (job.cradle().isolators().isEmpty()) {
            return Optional.empty();
        }
        Map<String, Vec3> nodes = new HashMap<>();
        for (FrameNode node : examination.frame().input().nodes()) {
            nodes.put(node.id(), node.position());
        }
        if (!job.cradle().isSoft()) {
            return examination.onFeet().map(feet -> asOne(examination, feet, nodes));
        }
        Vec3 cg = examination.seating().mass().cg();
        MountedBody donor = MountedDonor.shaking(job);
        Optional<MachineOnFeet> machine = MachineOnFeet.without(job, examination.seating());
        List<MassProperties> bodies = new ArrayList<>(List.of(at(donor.body(), cg)));
        List<LinkedBodies.Link> links = new ArrayList<>();
        for (int k = 0; k < donor.mounts().size(); k++) {
            Isolator isolator = job.cradle().isolators().get(k);
            links.add(link(
                    donor.mounts().get(k),
                    0,
                    machine.isPresent() ? 1 : LinkedBodies.GROUND,
                    cg,
                    isolator.choices().size(MountChoices.Item.SNUBBER)));
        }
        machine.ifPresent(feet -> {
            Vec3 middle = cg.minus(feet.donor());
            bodies.add(at(feet.shaking().body(), middle));
            feet.shaking()
                    .mounts()
                    .forEach(foot -> links.add(link(foot, 1, LinkedBodies.GROUND, middle, Optional.empty())));
        });
        return Optional.of(new TimeSetting(
                new LinkedBodies(bodies, links),
                machine.isPresent() ? OptionalInt.of(1) : OptionalInt.empty(),
                Vec3.ZERO,
                nodes));
    }

    private static TimeSetting asOne(Examination examination, MachineOnFeet feet, Map<String, Vec3> nodes) {
        Vec3 middle = examination.seating().mass().cg().minus(feet.donor());
        List<LinkedBodies.Link> links = feet.shaking().mounts().stream()
                .map(foot -> link(foot, 0, LinkedBodies.GROUND, middle, Optional.empty()))
                .toList();
        return new TimeSetting(
                new LinkedBodies(List.of(at(feet.shaking().body(), middle)), links),
                OptionalInt.of(0),
                feet.donor(),
                nodes);
    }

    private static MassProperties at(MassProperties body, Vec3 cg) {
        return new MassProperties(body.mass(), cg, body.inertia());
    }

    private static LinkedBodies.Link link(Mount mount, int of, int on, Vec3 cg, Optional<Double> freeWay) {
        return new LinkedBodies.Link(
                mount.name(),
                of,
                on,
                cg.plus(mount.position()),
                mount.axes(),
                mount.stiffness(),
                mount.loss(),
                freeWay.filter(way -> way > 0).map(OptionalDouble::of).orElse(OptionalDouble.empty()));
    }

    /** Adds a force and a moment about the donor's centre of gravity to the first six. */
    void addOnDonor(double[] donor, double[] loads) {
        Vec3 force = new Vec3(donor[0], donor[1], donor[2]);
        add(0, force, new Vec3(donor[3], donor[4], donor[5]).plus(arm.cross(force)), loads);
    }

    /** What a case of loads does beyond standing, on every body, as {@link oddcradle.core.vibration.LinkedBodiesInTime.Push} has it. */
    double[] beyond(FrameCase load, FrameCase standing) {
        double[] loads = new double[6 * system.bodies().size()];
        Vec3 field = load.acceleration().minus(standing.acceleration());
        for (int b = 0; b < system.bodies().size(); b++) {
            add(b, field.times(system.bodies().get(b).mass()), Vec3.ZERO, loads);
        }
        load.loads().forEach(each -> addAtNode(each, 1, loads));
        standing.loads().forEach(each -> addAtNode(each, -1, loads));
        return loads;
    }

    /** What pulls at a frame that stands still moves nothing. */
    private void addAtNode(NodeLoad each, double factor, double[] loads) {
        OptionalInt pulled = each.node().equals(CradleFrame.DONOR) ? OptionalInt.of(0) : frame;
        if (pulled.isEmpty()) {
            return;
        }
        int body = pulled.getAsInt();
        Vec3 at = nodes.get(each.node()).minus(system.bodies().get(body).cg());
        Vec3 force = each.force().times(factor);
        add(body, force, each.moment().times(factor).plus(at.cross(force)), loads);
    }

    private static void add(int body, Vec3 force, Vec3 moment, double[] loads) {
        int at = 6 * body;
        loads[at] += force.x();
        loads[at + 1] += force.y();
        loads[at + 2] += force.z();
        loads[at + 3] += moment.x();
        loads[at + 4] += moment.y();
        loads[at + 5] += moment.z();
    }
}
