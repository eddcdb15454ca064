package oddcradle.core.job;

import java.util.List;
import java.util.Optional;
import oddcradle.core.math.Guard;

/** The machine that the donor goes into. */
public record Host(
        String name,
        List<Node> nodes,
        List<Member> members,
        List<KeepOut> keepOuts,
        DrivenEnd drivenEnd,
        List<Support> supports) {
    public Host {
        Guard.named("name", name);
        nodes = List.copyOf(Guard.present("nodes", nodes));
        members = List.copyOf(Guard.present("members", members));
        keepOuts = List.copyOf(Guard.present("keepOuts", keepOuts));
        Guard.present("drivenEnd", drivenEnd);
        supports = List.copyOf(Guard.present("supports", supports));
    }

    public Optional<Member> member(String id) {
        return members.stream().filter(member -> member.id().equals(id)).findFirst();
    }
}
