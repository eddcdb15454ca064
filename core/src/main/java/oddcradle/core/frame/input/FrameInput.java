package oddcradle.core.frame.input;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import oddcradle.core.math.InvalidValue;

/** A frame, what holds it and what loads it. References between its parts are checked here. */
public record FrameInput(
        Theory theory,
        List<FrameNode> nodes,
        List<FrameMember> members,
        List<FrameSupport> supports,
        List<ElasticMount> mounts,
        List<PointMass> masses,
        List<FrameCase> cases) {
    /** Below a micrometre two ends are the same point. */
    static final double SHORTEST = 1e-6;

    public FrameInput {
        nodes = List.copyOf(nodes);
        members = List.copyOf(members);
        supports = List.copyOf(supports);
        mounts = List.copyOf(mounts);
        masses = List.copyOf(masses);
        cases = List.copyOf(cases);
        if (nodes.isEmpty()) {
            throw new InvalidValue("nodes", "is empty, a frame needs at least two nodes");
        }
        Map<String, FrameNode> known = new HashMap<>();
        for (int k = 0; k < nodes.size(); k++) {
            if (known.put(nodes.get(k).id(), nodes.get(k)) != null) {
                throw new InvalidValue(
                        "nodes[" + k + "].id", "repeats \"" + nodes.get(k).id() + "\", ids must differ");
            }
        }
        requireMembers(members, known);
        for (int k = 0; k < supports.size(); k++) {
            require(known, "supports[" + k + "].node", supports.get(k).node());
        }
        for (int k = 0; k < mounts.size(); k++) {
            require(known, "mounts[" + k + "].bodyNode", mounts.get(k).bodyNode());
            require(known, "mounts[" + k + "].frameNode", mounts.get(k).frameNode());
        }
        for (int k = 0; k < masses.size(); k++) {
            require(known, "masses[" + k + "].node", masses.get(k).node());
        }
        for (FrameCase each : cases) {
            for (int k = 0; k < each.loads().size(); k++) {
                require(known, "loads[" + k + "].node", each.loads().get(k).node());
            }
        }
    }

    /** The same with other members. */
    public FrameInput withMembers(List<FrameMember> others) {
        return new FrameInput(theory, nodes, others, supports, mounts, masses, cases);
    }

    private static void requireMembers(List<FrameMember> members, Map<String, FrameNode> known) {
        Set<String> ids = new HashSet<>();
        for (int k = 0; k < members.size(); k++) {
            FrameMember member = members.get(k);
            String field = "members[" + k + "]";
            if (!ids.add(member.id())) {
                throw new InvalidValue(field + ".id", "repeats \"" + member.id() + "\", ids must differ");
            }
            require(known, field + ".i", member.i());
            require(known, field + ".j", member.j());
            double length = known.get(member.i())
                    .position()
                    .plus(member.offsetI())
                    .distanceTo(known.get(member.j()).position().plus(member.offsetJ()));
            if (!(length > SHORTEST)) {
                throw new InvalidValue(
                        field, "\"" + member.id() + "\" has no length, its two ends must be different points");
            }
        }
    }

    private static void require(Map<String, FrameNode> known, String field, String node) {
        if (!known.containsKey(node)) {
            throw new InvalidValue(field, "names the node \"" + node + "\", which is not among the nodes");
        }
    }
}
