package oddcradle.core.job;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import oddcradle.core.drive.JackShaft;
import oddcradle.core.drive.Stage;
import oddcradle.core.job.body.KeepOut;
import oddcradle.core.job.body.Part;
import oddcradle.core.job.body.Scan;
import oddcradle.core.job.cradle.Cradle;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.job.donor.JoinedUnit;
import oddcradle.core.job.donor.UnitKind;
import oddcradle.core.job.host.Host;
import oddcradle.core.job.host.HostMass;
import oddcradle.core.job.line.Line;
import oddcradle.core.job.load.LoadCase;
import oddcradle.core.job.seat.Bracket;
import oddcradle.core.job.seat.Neighbour;
import oddcradle.core.job.seat.SeatPlan;
import oddcradle.core.job.tube.Anchor;
import oddcradle.core.job.tube.Member;
import oddcradle.core.job.tube.Node;
import oddcradle.core.material.Material;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.survey.Survey;

/** Ids are unique and every name points at something. */
final class JobReferences {
    private JobReferences() {}

    static void check(
            List<Material> materials,
            Donor donor,
            Host host,
            Line line,
            Cradle cradle,
            List<LoadCase> cases,
            SeatPlan plan) {
        Set<String> materialNames = unique(
                "materials", "name", materials.stream().map(Material::name).toList());
        Set<String> bosses = unique(
                "donor.bosses", "id", donor.bosses().stream().map(Boss::id).toList());
        if (line.datum().pivot().isPresent()) {
            require(bosses, "line.datum.pivot.boss", line.datum().pivot().get().boss(), "boss");
        }
        unique("cases", "id", cases.stream().map(LoadCase::id).toList());
        Set<String> bodies = unique(
                "donor.parts", "id", donor.bodies().stream().map(Part::id).toList());
        requirePicks("donor", "boss", donor.scan(), bosses, donor.survey());
        requireUnits(donor, bosses, bodies);
        for (int k = 0; k < donor.services().size(); k++) {
            require(
                    bodies,
                    "donor.services[" + k + "].part",
                    donor.services().get(k).part(),
                    "part of the donor");
        }
        addUnique(
                bodies,
                "host.keepOuts",
                host.keepOuts().stream().map(KeepOut::id).toList());
        addUnique(bodies, "line.stages", line.stages().stream().map(Stage::id).toList());
        addUnique(
                bodies, "line.shafts", line.shafts().stream().map(JackShaft::id).toList());
        Set<String> nodes =
                unique("host.nodes", "id", host.nodes().stream().map(Node::id).toList());
        requirePicks("host", "node", host.scan(), nodes, host.survey());
        requireMembers("host.members", host.members(), nodes, materialNames, bodies);
        for (int k = 0; k < host.nodes().size(); k++) {
            if (!(host.nodes().get(k).anchor() instanceof Anchor.At)) {
                throw new InvalidValue("host.nodes[" + k + "].anchor", "is not a point, host nodes must be points");
            }
        }
        for (int k = 0; k < host.hardPoints().size(); k++) {
            require(
                    nodes,
                    "host.hardPoints[" + k + "].node",
                    host.hardPoints().get(k).node(),
                    "host node");
        }
        for (int k = 0; k < host.squares().size(); k++) {
            for (String corner : host.squares().get(k).corners()) {
                require(nodes, "host.squares[" + k + "].corners", corner, "host node");
            }
        }
        unique("host.masses", "id", host.masses().stream().map(HostMass::id).toList());
        for (int k = 0; k < host.masses().size(); k++) {
            for (String node : host.masses().get(k).nodes()) {
                require(nodes, "host.masses[" + k + "].nodes", node, "host node");
            }
        }
        for (int k = 0; k < host.supports().size(); k++) {
            require(
                    nodes,
                    "host.supports[" + k + "].node",
                    host.supports().get(k).node(),
                    "host node");
        }
        for (int k = 0; k < host.drivenEnd().bearings().size(); k++) {
            require(
                    nodes,
                    "host.drivenEnd.bearings[" + k + "]",
                    host.drivenEnd().bearings().get(k),
                    "host node");
        }
        addUnique(nodes, "cradle.nodes", cradle.nodes().stream().map(Node::id).toList());
        requireMembers("cradle.members", cradle.members(), nodes, materialNames, bodies);
        for (int k = 0; k < line.shafts().size(); k++) {
            for (String node : line.shafts().get(k).bearingNodes()) {
                require(nodes, "line.shafts[" + k + "].bearingNodes", node, "node");
            }
        }
        requireAnchors(cradle, host, bosses, nodes);
        requireIsolators(cradle, donor, bosses, nodes);
        CradleReferences.check(cradle, bosses, nodes);
        requirePlan(plan, bodies, bosses, nodes, host);
    }

    private static void requireUnits(Donor donor, Set<String> bosses, Set<String> bodies) {
        List<JoinedUnit> units = donor.units();
        Set<String> ids =
                unique("donor.units", "id", units.stream().map(JoinedUnit::id).toList());
        long first = units.stream()
                .filter(each -> each.kind() == UnitKind.FIRST_ENGINE)
                .count();
        if (!units.isEmpty() && first != 1) {
            throw new InvalidValue(
                    "donor.units",
                    "has " + first + " units that are " + UnitKind.FIRST_ENGINE.words() + ", must have exactly one");
        }
        long outputs = units.stream().filter(JoinedUnit::hasOutput).count();
        if (outputs > 1) {
            throw new InvalidValue(
                    "donor.units", "has " + outputs + " units with the donor's output shaft, must have one at most");
        }
        Set<String> taken = new HashSet<>();
        for (int k = 0; k < units.size(); k++) {
            JoinedUnit unit = units.get(k);
            String here = "donor.units[" + k + "].";
            unit.joint().ifPresent(joint -> require(ids, here + "joint.to", joint.to(), "unit"));
            for (String boss : unit.bosses()) {
                require(bosses, here + "bosses", boss, "boss");
                requireFree(taken, here + "bosses", boss);
            }
            for (String part : unit.parts()) {
                require(bodies, here + "parts", part, "part of the donor");
                requireFree(taken, here + "parts", part);
            }
        }
    }

    private static void requireFree(Set<String> taken, String field, String id) {
        if (!taken.add(id)) {
            throw new InvalidValue(field, "names \"" + id + "\", which is on another unit; take it off there first");
        }
    }

    /** Rules of pairs may name a body that is gone: they wait for it; all else must be there. */
    private static void requirePlan(
            SeatPlan plan, Set<String> bodies, Set<String> bosses, Set<String> nodes, Host host) {
        for (int k = 0; k < plan.way().removable().size(); k++) {
            require(
                    bodies,
                    "plan.way.removable[" + k + "]",
                    plan.way().removable().get(k),
                    "part, keep-out or tube");
        }
        for (int k = 0; k < plan.errors().holes().size(); k++) {
            require(
                    bosses,
                    "plan.errors.holes[" + k + "].boss",
                    plan.errors().holes().get(k).boss(),
                    "boss");
        }
        unique("plan.brackets", "id", plan.brackets().stream().map(Bracket::id).toList());
        for (int k = 0; k < plan.brackets().size(); k++) {
            require(
                    bosses,
                    "plan.brackets[" + k + "].boss",
                    plan.brackets().get(k).boss(),
                    "boss");
            require(
                    nodes,
                    "plan.brackets[" + k + "].node",
                    plan.brackets().get(k).node(),
                    "node");
        }
        Set<String> keepOuts =
                new HashSet<>(host.keepOuts().stream().map(KeepOut::id).toList());
        unique(
                "plan.neighbours",
                "id",
                plan.neighbours().stream().map(Neighbour::id).toList());
        for (int k = 0; k < plan.neighbours().size(); k++) {
            Neighbour neighbour = plan.neighbours().get(k);
            String here = "plan.neighbours[" + k + "].";
            neighbour
                    .keepOutNamed()
                    .ifPresent(id -> require(
                            keepOuts,
                            here + (neighbour instanceof Neighbour.Tank ? "tank" : "keepOut"),
                            id,
                            "keep-out"));
        }
    }

    private static void requirePicks(String body, String what, Optional<Scan> scan, Set<String> places, Survey survey) {
        List<Scan.Pick> picks = scan.map(Scan::picks).orElse(List.of());
        for (int k = 0; k < picks.size(); k++) {
            String point = picks.get(k).point();
            if (!places.contains(point) && survey.point(point).isEmpty()) {
                throw new InvalidValue(
                        body + ".scan.picks[" + k + "].point",
                        "is \"" + point + "\", which is neither a " + what + " nor a surveyed point of the " + body);
            }
        }
    }

    private static void requireMembers(
            String field, List<Member> members, Set<String> nodes, Set<String> materials, Set<String> bodies) {
        addUnique(bodies, field, members.stream().map(Member::id).toList());
        for (int k = 0; k < members.size(); k++) {
            Member member = members.get(k);
            String here = field + "[" + k + "]";
            for (int n = 0; n < member.nodes().size(); n++) {
                require(nodes, here + ".nodes[" + n + "]", member.nodes().get(n), "node");
                if (n > 0 && member.nodes().get(n).equals(member.nodes().get(n - 1))) {
                    throw new InvalidValue(
                            here + ".nodes[" + n + "]",
                            "repeats \"" + member.nodes().get(n) + "\": tube " + member.id() + " has no length there");
                }
            }
            require(materials, here + ".material", member.material(), "material");
        }
    }

    private static void requireAnchors(Cradle cradle, Host host, Set<String> bosses, Set<String> nodes) {
        Set<String> hostMembers =
                new HashSet<>(host.members().stream().map(Member::id).toList());
        Map<String, String> near = new HashMap<>();
        for (int k = 0; k < cradle.nodes().size(); k++) {
            Node node = cradle.nodes().get(k);
            String field = "cradle.nodes[" + k + "].anchor";
            if (node.anchor() instanceof Anchor.FromBoss fromBoss) {
                require(bosses, field + ".boss", fromBoss.boss(), "boss");
            } else if (node.anchor() instanceof Anchor.OnMember onMember) {
                require(hostMembers, field + ".member", onMember.member(), "host tube");
                require(nodes, field + ".near", onMember.near(), "node");
                near.put(node.id(), onMember.near());
            }
        }
        for (int k = 0; k < cradle.nodes().size(); k++) {
            String start = cradle.nodes().get(k).id();
            String here = near.get(start);
            for (int steps = 0; here != null && steps <= near.size(); steps++) {
                if (here.equals(start)) {
                    throw new InvalidValue(
                            "cradle.nodes[" + k + "].anchor.near",
                            "leads back to node \"" + start + "\" itself; anchor one of the ring to a boss or a point");
                }
                here = near.get(here);
            }
        }
    }

    private static void requireIsolators(Cradle cradle, Donor donor, Set<String> bosses, Set<String> nodes) {
        unique(
                "cradle.isolators",
                "id",
                cradle.isolators().stream().map(Isolator::id).toList());
        Set<Vec3> taken = new HashSet<>();
        for (int k = 0; k < cradle.isolators().size(); k++) {
            Isolator isolator = cradle.isolators().get(k);
            String field = "cradle.isolators[" + k + "]";
            require(bosses, field + ".boss", isolator.boss(), "boss");
            require(nodes, field + ".node", isolator.node(), "node");
            if (!taken.add(donor.boss(isolator.boss()).orElseThrow().position())) {
                throw new InvalidValue(
                        field + ".boss",
                        "is \"" + isolator.boss()
                                + "\", a place that already has an isolator; two isolators cannot stand in one place");
            }
        }
    }

    static Set<String> unique(String field, String key, List<String> ids) {
        Set<String> known = new HashSet<>();
        for (int k = 0; k < ids.size(); k++) {
            if (!known.add(ids.get(k))) {
                throw new InvalidValue(
                        field + "[" + k + "]." + key, "repeats \"" + ids.get(k) + "\", they must differ");
            }
        }
        return known;
    }

    private static void addUnique(Set<String> known, String field, List<String> ids) {
        for (int k = 0; k < ids.size(); k++) {
            if (!known.add(ids.get(k))) {
                throw new InvalidValue(field + "[" + k + "].id", "repeats \"" + ids.get(k) + "\", they must differ");
            }
        }
    }

    static void require(Set<String> known, String field, String name, String what) {
        if (!known.contains(name)) {
            throw new InvalidValue(field, "names the " + what + " \"" + name + "\", which does not exist");
        }
    }
}
