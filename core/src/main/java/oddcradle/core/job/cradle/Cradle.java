package oddcradle.core.job.cradle;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import oddcradle.core.job.tube.Member;
import oddcradle.core.job.tube.Node;
import oddcradle.core.math.Guard;
import oddcradle.core.mounting.Elastomer;

/**
 * What holds the donor. Where tubes end at one node, the first listed runs on.
 *
 * @param joints ends that are not welded; none where left out
 * @param details plates, pads and fittings; none where left out
 * @param lone nodes that do not follow when their twin on the other side is pulled; none where left out
 * @param packed whether the mounts are packed by what they sag, so that the donor stands as it is drawn; not where left out
 */
@RecordBuilder
public record Cradle(
        List<Node> nodes,
        List<Member> members,
        List<Isolator> isolators,
        List<TubeJoint> joints,
        List<Detail> details,
        List<String> lone,
        Boolean packed)
        implements CradleBuilder.With {
    /** Nothing holds the donor yet. */
    public static final Cradle EMPTY = new Cradle(List.of(), List.of(), List.of());

    public Cradle {
        nodes = List.copyOf(Guard.present("nodes", nodes));
        members = List.copyOf(Guard.present("members", members));
        isolators = List.copyOf(Guard.present("isolators", isolators));
        joints = joints == null ? List.of() : List.copyOf(joints);
        details = details == null ? List.of() : List.copyOf(details);
        lone = lone == null ? List.of() : List.copyOf(lone);
        packed = packed != null && packed;
    }

    /** Welded throughout, without plates. */
    public Cradle(List<Node> nodes, List<Member> members, List<Isolator> isolators) {
        this(nodes, members, isolators, List.of(), List.of(), List.of(), false);
    }

    public Optional<Member> member(String id) {
        return members.stream().filter(member -> member.id().equals(id)).findFirst();
    }

    /** How one end of a tube is joined; empty where it is welded. */
    public Optional<TubeJoint> joint(String member, String node) {
        return joints.stream()
                .filter(joint -> joint.member().equals(member) && joint.node().equals(node))
                .findFirst();
    }

    /** Whether a tube is bolted so that it comes out. */
    public boolean isRemovable(String member) {
        return joints.stream()
                .anyMatch(joint -> joint.member().equals(member) && joint.kind() == TubeJoint.Kind.REMOVABLE);
    }

    /** Whether a tube is bolted at both ends, and so comes off without a cut. */
    public boolean isBoltedIn(Member tube) {
        return isBolted(tube.id(), tube.first()) && isBolted(tube.id(), tube.last());
    }

    private boolean isBolted(String member, String end) {
        return joint(member, end).filter(each -> each.kind().isBolted()).isPresent();
    }

    /** Details of one kind. */
    public <T extends Detail> Stream<T> details(Class<T> kind) {
        return details.stream().filter(kind::isInstance).map(kind::cast);
    }

    /** Whether anything soft lets the donor move. */
    public boolean isSoft() {
        return isolators.stream().anyMatch(isolator -> !isolator.element().isHard());
    }

    /** Hardnesses that everything soft here is sold in, softest first; none where nothing is soft. */
    public List<Double> soldHardnesses() {
        List<Elastomer> kinds = isolators.stream()
                .flatMap(isolator -> isolator.element().madeOf().stream())
                .distinct()
                .toList();
        return kinds.stream()
                .flatMap(kind -> kind.soldHardnesses().stream())
                .distinct()
                .sorted()
                .filter(each -> kinds.stream().allMatch(kind -> each >= kind.softest() && each <= kind.hardest()))
                .toList();
    }
}
