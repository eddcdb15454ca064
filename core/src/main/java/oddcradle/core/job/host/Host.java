package oddcradle.core.job.host;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import oddcradle.core.job.body.KeepOut;
import oddcradle.core.job.body.Scan;
import oddcradle.core.job.tube.Anchor;
import oddcradle.core.job.tube.Member;
import oddcradle.core.job.tube.Node;
import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;
import oddcradle.core.survey.Survey;

/**
 * The machine that the donor goes into.
 *
 * <p>What is left out of a file is empty.
 *
 * @param survey the readings behind the nodes
 * @param squares fours of nodes that should stand square and flat
 * @param weight of the machine without the donor
 * @param masses that it carries, some of them weighed with it
 * @param scan of the frame as it stands, from which tubes are traced
 * @param plan the measures it was drawn from; empty where it was drawn or measured by hand
 */
@RecordBuilder
public record Host(
        String name,
        List<Node> nodes,
        List<Member> members,
        List<KeepOut> keepOuts,
        DrivenEnd drivenEnd,
        List<Support> supports,
        Survey survey,
        List<HardPoint> hardPoints,
        List<FrameSquare> squares,
        Optional<MachineWeight> weight,
        List<HostMass> masses,
        Optional<Scan> scan,
        Optional<HostPlan> plan)
        implements HostBuilder.With {
    public Host {
        Guard.named("name", name);
        nodes = List.copyOf(Guard.present("nodes", nodes));
        members = List.copyOf(Guard.present("members", members));
        keepOuts = List.copyOf(Guard.present("keepOuts", keepOuts));
        Guard.present("drivenEnd", drivenEnd);
        supports = List.copyOf(Guard.present("supports", supports));
        survey = survey == null ? Survey.NONE : survey;
        hardPoints = hardPoints == null ? List.of() : List.copyOf(hardPoints);
        squares = squares == null ? List.of() : List.copyOf(squares);
        weight = weight == null ? Optional.empty() : weight;
        masses = masses == null ? List.of() : List.copyOf(masses);
        scan = scan == null ? Optional.empty() : scan;
        plan = plan == null ? Optional.empty() : plan;
    }

    public Optional<Member> member(String id) {
        return members.stream().filter(member -> member.id().equals(id)).findFirst();
    }

    /** Where its nodes are, by id, m. */
    public Map<String, Vec3> places() {
        Map<String, Vec3> places = new LinkedHashMap<>();
        for (Node node : nodes) {
            if (node.anchor() instanceof Anchor.At at) {
                places.put(node.id(), at.point());
            }
        }
        return places;
    }
}
