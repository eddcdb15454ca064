package oddcradle.core.job.edit;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import oddcradle.core.finding.Phrase;
import oddcradle.core.job.Job;
import oddcradle.core.job.host.Host;
import oddcradle.core.job.tube.Anchor;
import oddcradle.core.job.tube.Member;
import oddcradle.core.job.tube.Node;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.Section;

/**
 * A tube of the frame traced on its scan. Its corners become nodes; one that comes out nearer than the tube is thick
 * to a node that is already there uses that node.
 *
 * @param id of the tube; new nodes are called after it
 * @param path host axes, m, at least two places
 */
public record TracedTube(String id, List<Vec3> path, Section section, String material) implements JobEdit {
    public TracedTube {
        path = List.copyOf(path);
        if (path.size() < 2) {
            throw new InvalidValue("path", "has " + path.size() + " places, a tube needs two");
        }
    }

    /** The id of the node that each place is or becomes, in order. */
    public List<String> nodes(Host host) {
        Set<String> taken = new HashSet<>(host.nodes().stream().map(Node::id).toList());
        List<String> nodes = new ArrayList<>();
        for (Vec3 place : path) {
            String fresh = id + (nodes.size() + 1);
            while (taken.contains(fresh)) {
                fresh = fresh + "'";
            }
            String node = host.nodes().stream()
                    .filter(each -> each.anchor() instanceof Anchor.At at
                            && at.point().distanceTo(place) < 2 * section.outerRadius())
                    .map(Node::id)
                    .findFirst()
                    .orElse(fresh);
            taken.add(node);
            nodes.add(node);
        }
        return nodes;
    }

    @Override
    public Job applyTo(Job job) {
        Host host = job.host();
        List<String> ids = nodes(host);
        List<Node> nodes = new ArrayList<>(host.nodes());
        for (int k = 0; k < ids.size(); k++) {
            String node = ids.get(k);
            if (nodes.stream().noneMatch(each -> each.id().equals(node))) {
                nodes.add(new Node(node, new Anchor.At(path.get(k))));
            }
        }
        List<Member> members = new ArrayList<>(host.members());
        members.add(Member.sound(id, id, ids, section, material));
        return job.withHost(host.withNodes(nodes).withMembers(members));
    }

    @Override
    public Phrase label() {
        return Phrase.of("trace tube {}", id);
    }

    @Override
    public String mergeKey() {
        return "trace." + id;
    }
}
