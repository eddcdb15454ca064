package oddcradle.core.job;

import java.util.List;
import java.util.Optional;
import oddcradle.core.math.Guard;

/** What holds the donor: nodes, tubes and isolators. Where tubes end at one node, the first listed runs on. */
public record Cradle(List<Node> nodes, List<Member> members, List<Isolator> isolators) {
    public Cradle {
        nodes = List.copyOf(Guard.present("nodes", nodes));
        members = List.copyOf(Guard.present("members", members));
        isolators = List.copyOf(Guard.present("isolators", isolators));
    }

    public Optional<Member> member(String id) {
        return members.stream().filter(member -> member.id().equals(id)).findFirst();
    }

    public Cradle withMembers(List<Member> others) {
        return new Cradle(nodes, others, isolators);
    }

    public Cradle withIsolators(List<Isolator> others) {
        return new Cradle(nodes, members, others);
    }

    public Cradle withNodes(List<Node> others) {
        return new Cradle(others, members, isolators);
    }
}
