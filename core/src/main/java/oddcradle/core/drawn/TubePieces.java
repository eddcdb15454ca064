package oddcradle.core.drawn;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import oddcradle.core.job.Job;
import oddcradle.core.job.host.Host;
import oddcradle.core.job.tube.Anchor;
import oddcradle.core.job.tube.Member;
import oddcradle.core.job.tube.Node;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.Seating;

/** One tube of the frame cut in two at a node, and two that run on into each other made one; what lies on them stays on them. */
public final class TubePieces {
    /** Two tubes that meet straighter than this are one that nobody has bent, rad; common practice. */
    private static final double STRAIGHT = 0.05;

    private TubePieces() {}

    /**
     * @param node within the tube, neither its first nor its last
     * @param second id of the piece behind the node
     * @throws InvalidValue if the tube does not run through the node
     */
    public static Job cut(Job job, String tube, String node, String second) {
        Member whole = required(job, tube);
        int at = whole.nodes().indexOf(node);
        if (at <= 0 || at == whole.nodes().size() - 1) {
            throw new InvalidValue("node", "is \"" + node + "\", through which " + whole.label() + " does not run on");
        }
        Member begin = whole.through(whole.nodes().subList(0, at + 1));
        Member end = new Member(
                second,
                whole.label() + ", second piece",
                whole.nodes().subList(at, whole.nodes().size()),
                whole.section(),
                whole.material(),
                whole.condition(),
                whole.bendRadius());
        List<Member> tubes = new ArrayList<>();
        for (Member each : job.host().members()) {
            tubes.add(each.id().equals(tube) ? begin : each);
            if (each.id().equals(tube)) {
                tubes.add(end);
            }
        }
        Host host = job.host().withMembers(tubes);
        Seating seating = Seating.of(job);
        List<Node> nodes = job.cradle().nodes().stream()
                .map(each -> onTube(each, tube, member -> {
                    Vec3 here = seating.node(each.id());
                    return away(seating, end, here) < away(seating, begin, here) ? second : tube;
                }))
                .toList();
        return job.withHost(host).withCradle(job.cradle().withNodes(nodes));
    }

    private static double away(Seating seating, Member tube, Vec3 from) {
        double least = Double.POSITIVE_INFINITY;
        for (int k = 1; k < tube.nodes().size(); k++) {
            Vec3 begin = seating.node(tube.nodes().get(k - 1));
            Vec3 along = seating.node(tube.nodes().get(k)).minus(begin);
            double share = Math.max(0, Math.min(1, from.minus(begin).dot(along) / along.squaredLength()));
            least = Math.min(least, from.distanceTo(begin.along(along, share)));
        }
        return least;
    }

    /** Tubes that begin or end where this one does, run on straight, and are of the same stuff. */
    public static List<Member> joinable(Job job, String tube) {
        Member one = required(job, tube);
        return job.host().members().stream()
                .filter(other -> !other.id().equals(tube))
                .filter(other -> other.section().equals(one.section())
                        && other.material().equals(one.material())
                        && other.condition().equals(one.condition()))
                .filter(other -> runsOn(job.host(), one, other))
                .toList();
    }

    private static boolean runsOn(Host host, Member one, Member other) {
        return through(one, other).size() > 1 && bend(host, through(one, other), one) < STRAIGHT;
    }

    /** The nodes of both as of one tube, from the far end of the first; empty where they do not meet at their ends, or at both. */
    private static List<String> through(Member one, Member other) {
        List<String> begin = one.nodes();
        List<String> end = other.nodes();
        boolean atLast = one.last().equals(other.first()) || one.last().equals(other.last());
        boolean atFirst = one.first().equals(other.first()) || one.first().equals(other.last());
        if (atLast == atFirst) {
            return List.of();
        }
        List<String> whole = new ArrayList<>(atLast ? begin : turned(begin));
        String meets = whole.get(whole.size() - 1);
        List<String> rest = end.get(0).equals(meets) ? end : turned(end);
        whole.addAll(rest.subList(1, rest.size()));
        return whole;
    }

    private static List<String> turned(List<String> nodes) {
        List<String> turned = new ArrayList<>();
        for (int k = nodes.size() - 1; k >= 0; k--) {
            turned.add(nodes.get(k));
        }
        return turned;
    }

    private static double bend(Host host, List<String> whole, Member one) {
        int at = one.nodes().size() - 1;
        Vec3 here = host.places().get(whole.get(at));
        return here.minus(host.places().get(whole.get(at - 1)))
                .angleTo(host.places().get(whole.get(at + 1)).minus(here));
    }

    /**
     * Both as one tube under the first one's name.
     *
     * @throws InvalidValue if they do not run on into each other
     */
    public static Job joined(Job job, String tube, String other) {
        Member one = required(job, tube);
        Member two = required(job, other);
        if (!joinable(job, tube).contains(two)) {
            throw new InvalidValue(
                    "tube",
                    "\"" + other + "\" does not run straight on from " + one.label()
                            + " with the same section and material");
        }
        Member whole = one.through(through(one, two));
        List<Member> tubes = job.host().members().stream()
                .filter(each -> !each.id().equals(other))
                .map(each -> each.id().equals(tube) ? whole : each)
                .toList();
        List<Node> nodes = job.cradle().nodes().stream()
                .map(each -> onTube(each, other, member -> tube))
                .toList();
        // First what lies on the tube that goes, then the tube.
        return job.withCradle(job.cradle().withNodes(nodes)).withHost(job.host().withMembers(tubes));
    }

    private static Node onTube(Node node, String tube, UnaryOperator<String> now) {
        return node.anchor() instanceof Anchor.OnMember on && on.member().equals(tube)
                ? new Node(node.id(), new Anchor.OnMember(now.apply(tube), on.near(), on.offset()))
                : node;
    }

    private static Member required(Job job, String tube) {
        return job.host()
                .member(tube)
                .orElseThrow(() -> new InvalidValue("tube", "is \"" + tube + "\", which the frame has none of"));
    }
}
