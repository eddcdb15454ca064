package oddcradle.core.job;

import java.util.List;
import java.util.Optional;
import oddcradle.core.math.Guard;
import oddcradle.core.survey.Survey;

/**
 * The machine that the donor goes into.
 *
 * @param survey the readings behind the nodes; nothing was read where it is left out
 */
public record Host(
        String name,
        List<Node> nodes,
        List<Member> members,
        List<KeepOut> keepOuts,
        DrivenEnd drivenEnd,
        List<Support> supports,
        Survey survey) {
    public Host {
        Guard.named("name", name);
        nodes = List.copyOf(Guard.present("nodes", nodes));
        members = List.copyOf(Guard.present("members", members));
        keepOuts = List.copyOf(Guard.present("keepOuts", keepOuts));
        Guard.present("drivenEnd", drivenEnd);
        supports = List.copyOf(Guard.present("supports", supports));
        survey = survey == null ? Survey.NONE : survey;
    }

    public Optional<Member> member(String id) {
        return members.stream().filter(member -> member.id().equals(id)).findFirst();
    }

    public Host withNodes(List<Node> others) {
        return new Host(name, others, members, keepOuts, drivenEnd, supports, survey);
    }

    public Host withMembers(List<Member> others) {
        return new Host(name, nodes, others, keepOuts, drivenEnd, supports, survey);
    }

    public Host withDrivenEnd(DrivenEnd other) {
        return new Host(name, nodes, members, keepOuts, other, supports, survey);
    }

    public Host withSurvey(Survey other) {
        return new Host(name, nodes, members, keepOuts, drivenEnd, supports, other);
    }
}
