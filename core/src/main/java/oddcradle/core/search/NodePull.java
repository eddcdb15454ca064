package oddcradle.core.search;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Phrase;
import oddcradle.core.job.Job;
import oddcradle.core.job.edit.CradleEdit;
import oddcradle.core.job.tube.Anchor;
import oddcradle.core.job.tube.Member;
import oddcradle.core.job.tube.Node;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.PathPoint;
import oddcradle.core.placement.Seating;

/**
 * A node of the cradle pulled by the hand: along the host tube that it lies on, or anywhere where it lies on none. It snaps to the
 * host's nodes, and its twin on the other side of the machine goes along unless one of them is to go alone.
 */
public final class NodePull {
    /** Within this a pulled end goes onto a node of the host, m. */
    private static final double SNAP = 0.008;

    /** Nodes this near to each other's mirror image are twins, m. */
    private static final double TWIN = 0.02;

    private NodePull() {}

    /**
     * The edit that brings a node as near to a place as what it lies on allows.
     *
     * @param to host axes, m
     * @param mirrored whether its twin goes along
     */
    public static CradleEdit to(Examination examination, String node, Vec3 to, boolean mirrored) {
        Node pulled = node(examination.job(), node);
        List<Node> put = new ArrayList<>();
        Node there = put(examination, pulled, to);
        put.add(there);
        if (mirrored) {
            twin(examination, node)
                    .ifPresent(twin -> put.add(put(
                            examination,
                            node(examination.job(), twin),
                            mirror(examination.job(), snapped(examination, pulled, to)))));
        }
        return new CradleEdit.PutNodes(put, Phrase.of("pull {}", node), "pull." + node);
    }

    private static Node node(Job job, String id) {
        return job.cradle().nodes().stream()
                .filter(each -> each.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static Node put(Examination examination, Node node, Vec3 to) {
        Seating seating = examination.seating();
        if (node.anchor() instanceof Anchor.OnMember landing) {
            Vec3 at = snapped(examination, node, to);
            return new Node(
                    node.id(),
                    new Anchor.OnMember(landing.member(), landing.near(), at.minus(seating.node(landing.near()))));
        }
        if (node.anchor() instanceof Anchor.FromBoss fromBoss) {
            return new Node(node.id(), new Anchor.FromBoss(fromBoss.boss(), to.minus(seating.boss(fromBoss.boss()))));
        }
        return new Node(node.id(), new Anchor.At(to));
    }

    /** On the host tube's middle line, and onto a node of it that is near. */
    private static Vec3 snapped(Examination examination, Node node, Vec3 to) {
        if (!(node.anchor() instanceof Anchor.OnMember landing)) {
            return to;
        }
        Seating seating = examination.seating();
        Member host = seating.tube(landing.member());
        Vec3 on = PathPoint.nearest(seating.path(host), to);
        for (String corner : host.nodes()) {
            if (seating.node(corner).distanceTo(on) < SNAP) {
                return seating.node(corner);
            }
        }
        return on;
    }

    /** The node that is where this one's mirror image would be; empty where either goes alone. */
    public static Optional<String> twin(Examination examination, String node) {
        Job job = examination.job();
        Vec3 image = mirror(job, examination.seating().node(node));
        if (job.cradle().lone().contains(node)) {
            return Optional.empty();
        }
        return job.cradle().nodes().stream()
                .map(Node::id)
                .filter(id -> !id.equals(node) && !job.cradle().lone().contains(id))
                .filter(id -> examination.seating().node(id).distanceTo(image) < TWIN)
                .findFirst();
    }

    /** To the other side of the host's middle plane. */
    private static Vec3 mirror(Job job, Vec3 at) {
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        for (Node node : job.host().nodes()) {
            if (node.anchor() instanceof Anchor.At point) {
                low = Math.min(low, point.point().y());
                high = Math.max(high, point.point().y());
            }
        }
        double middle = low <= high ? (low + high) / 2 : 0;
        return new Vec3(at.x(), 2 * middle - at.y(), at.z());
    }
}
