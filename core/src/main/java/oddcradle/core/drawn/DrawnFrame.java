package oddcradle.core.drawn;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import oddcradle.core.job.Job;
import oddcradle.core.job.host.Host;
import oddcradle.core.job.tube.Anchor;
import oddcradle.core.job.tube.Member;
import oddcradle.core.job.tube.Node;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.Section;

/**
 * The frame of a job while a hand draws on it: tubes from place to place, nodes moved, each with its twin on the other side where that
 * is asked for.
 */
public final class DrawnFrame {
    /** Two ends nearer to each other than this make no tube, m. */
    private static final double SHORTEST = 0.01;

    /** Nearer to a node of a tube than this the node itself is meant, m. */
    private static final double ONTO_NODE = 0.008;

    /** Nodes this near to each other's mirror image are twins, m. */
    private static final double TWIN = 0.005;

    private static final int MOST_COPIES = 40;

    private final Set<String> taken;
    private final List<Node> nodes;
    private final List<Member> tubes;
    private final Host before;

    private DrawnFrame(Job job) {
        before = job.host();
        taken = new HashSet<>(job.ids());
        nodes = new ArrayList<>(before.nodes());
        nodes.forEach(each -> taken.add(each.id()));
        job.cradle().nodes().forEach(each -> taken.add(each.id()));
        tubes = new ArrayList<>(before.members());
    }

    /**
     * A host with a tube more.
     *
     * @param tube id of the new tube; of the first where two were drawn
     */
    public record Drawn(Host host, String tube) {}

    /**
     * Draws a straight tube; a tube that is begun or ended along another gets a node there.
     *
     * @param mirrored whether its twin on the other side is drawn too
     * @throws InvalidValue if it would have no length, or lies where another runs already
     */
    public static Drawn tube(Job job, TubeEnd from, TubeEnd to, Section section, String material, boolean mirrored) {
        DrawnFrame frame = new DrawnFrame(job);
        String first = frame.draw(from, to, section, material);
        if (mirrored) {
            frame.drawTwin(first, section, material);
        }
        return new Drawn(frame.host(), first);
    }

    /**
     * A node somewhere else, its tubes with it.
     *
     * @param to host axes, m
     * @param mirrored whether its twin on the other side goes along
     * @throws InvalidValue if it or its twin would lie on another node, or the two on each other
     */
    public static Host moved(Job job, String node, Vec3 to, boolean mirrored) {
        DrawnFrame frame = new DrawnFrame(job);
        Vec3 from = frame.place(node);
        Optional<String> twin = mirrored && Math.abs(from.y()) > TWIN
                ? frame.nodeAt(mirror(from)).filter(id -> !id.equals(node))
                : Optional.empty();
        frame.put(node, to);
        twin.ifPresent(id -> frame.put(id, mirror(to)));
        frame.requireAlone(node);
        twin.ifPresent(frame::requireAlone);
        return frame.host();
    }

    /**
     * A node more, or one of that name somewhere else.
     *
     * @param at host axes, m
     * @throws InvalidValue if it would lie on another node
     */
    public static Host withNode(Job job, String node, Vec3 at) {
        DrawnFrame frame = new DrawnFrame(job);
        frame.nodes.removeIf(each -> each.id().equals(node));
        frame.nodes.add(new Node(node, new Anchor.At(at)));
        frame.requireAlone(node);
        return frame.host();
    }

    /**
     * A row of copies of a tube, each through nodes as far beside those of the one before; where a copy's end meets a node or a tube it is
     * joined to it.
     *
     * @param count 1 to {@value #MOST_COPIES}
     * @param step from one to the next, host axes, m
     * @throws InvalidValue if a copy would lie where a tube runs already
     */
    public static Host copies(Job job, String tube, int count, Vec3 step) {
        Guard.within("copies", count, 1, MOST_COPIES, "");
        DrawnFrame frame = new DrawnFrame(job);
        Member original = frame.tube(tube);
        for (int k = 1; k <= count; k++) {
            frame.copy(original, step.times(k));
        }
        return frame.host();
    }

    private void copy(Member original, Vec3 by) {
        List<String> through = new ArrayList<>();
        for (String node : original.nodes()) {
            through.add(node(endAt(place(node).plus(by))));
        }
        for (int k = 1; k < through.size(); k++) {
            alreadyThere(through.get(k - 1), through.get(k)).ifPresent(other -> {
                throw new InvalidValue("copy", "would lie where " + other.label() + " runs already");
            });
        }
        String id = fresh("H");
        tubes.add(new Member(
                id,
                original.label() + " " + id.substring(1),
                through,
                original.section(),
                original.material(),
                original.condition(),
                original.bendRadius()));
    }

    /**
     * A node in the middle of a tube's longest piece; the tube runs through it.
     *
     * @throws InvalidValue if there is no such tube
     */
    public static Host withMiddle(Job job, String tube) {
        DrawnFrame frame = new DrawnFrame(job);
        Member member = frame.tube(tube);
        Vec3 middle = Vec3.ZERO;
        double longest = 0;
        for (int k = 1; k < member.nodes().size(); k++) {
            Vec3 from = frame.place(member.nodes().get(k - 1));
            Vec3 to = frame.place(member.nodes().get(k));
            if (from.distanceTo(to) > longest) {
                longest = from.distanceTo(to);
                middle = from.towards(to, 0.5);
            }
        }
        frame.nodeOn(new TubeEnd.OnTube(tube, middle));
        return frame.host();
    }

    private Member tube(String id) {
        return tubes.stream()
                .filter(each -> each.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new InvalidValue("tube", "is \"" + id + "\", which the frame has none of"));
    }

    private void requireAlone(String node) {
        nodes.stream()
                .filter(each -> !each.id().equals(node) && place(each.id()).distanceTo(place(node)) < SHORTEST / 10)
                .findFirst()
                .ifPresent(each -> {
                    throw new InvalidValue("place", "is where node " + each.id() + " is already");
                });
    }

    private Host host() {
        return before.withNodes(nodes).withMembers(tubes);
    }

    private static Vec3 mirror(Vec3 at) {
        return new Vec3(at.x(), -at.y(), at.z());
    }

    private Vec3 place(String node) {
        return nodes.stream()
                .filter(each -> each.id().equals(node))
                .map(each -> ((Anchor.At) each.anchor()).point())
                .findFirst()
                .orElseThrow(() -> new InvalidValue("node", "is \"" + node + "\", which the frame has none of"));
    }

    private void put(String node, Vec3 to) {
        nodes.replaceAll(each -> each.id().equals(node) ? new Node(node, new Anchor.At(to)) : each);
    }

    private Optional<String> nodeAt(Vec3 at) {
        return nodes.stream()
                .map(Node::id)
                .filter(id -> place(id).distanceTo(at) < TWIN)
                .findFirst();
    }

    private String draw(TubeEnd from, TubeEnd to, Section section, String material) {
        String first = node(from);
        String second = node(to);
        if (first.equals(second) || place(first).distanceTo(place(second)) < SHORTEST) {
            throw new InvalidValue("tube", "has no length; end it somewhere else than it begins");
        }
        alreadyThere(first, second).ifPresent(other -> {
            throw new InvalidValue("tube", "lies where " + other.label() + " runs already");
        });
        String id = fresh("H");
        tubes.add(Member.sound(id, "tube " + id.substring(1), List.of(first, second), section, material));
        return id;
    }

    private void drawTwin(String tube, Section section, String material) {
        Member drawn = tube(tube);
        Vec3 from = mirror(place(drawn.first()));
        Vec3 to = mirror(place(drawn.last()));
        boolean itself = from.distanceTo(place(drawn.last())) < TWIN
                || from.distanceTo(place(drawn.first())) < TWIN && to.distanceTo(place(drawn.last())) < TWIN;
        boolean there = nodeAt(from)
                .flatMap(a -> nodeAt(to).flatMap(b -> alreadyThere(a, b)))
                .isPresent();
        if (!itself && !there) {
            draw(endAt(from), endAt(to), section, material);
        }
    }

    /** What a hand would have met at this place. */
    private TubeEnd endAt(Vec3 at) {
        return nodeAt(at)
                .<TubeEnd>map(TubeEnd.AtNode::new)
                .or(() -> tubes.stream()
                        .filter(each -> nearest(each, at).distanceTo(at) < TWIN)
                        .findFirst()
                        .map(each -> new TubeEnd.OnTube(each.id(), at)))
                .orElseGet(() -> new TubeEnd.Free(at));
    }

    private Optional<Member> alreadyThere(String first, String second) {
        return tubes.stream()
                .filter(tube -> {
                    for (int k = 1; k < tube.nodes().size(); k++) {
                        Set<String> piece =
                                Set.of(tube.nodes().get(k - 1), tube.nodes().get(k));
                        if (piece.equals(Set.of(first, second))) {
                            return true;
                        }
                    }
                    return false;
                })
                .findFirst();
    }

    private String node(TubeEnd end) {
        if (end instanceof TubeEnd.AtNode at) {
            place(at.node());
            return at.node();
        }
        if (end instanceof TubeEnd.OnTube on) {
            return nodeOn(on);
        }
        Vec3 at = ((TubeEnd.Free) end).at();
        return nodeAt(at).orElseGet(() -> newNode(at));
    }

    private String newNode(Vec3 at) {
        String id = fresh("N");
        nodes.add(new Node(id, new Anchor.At(at)));
        return id;
    }

    /** The tube runs through the new node from then on. */
    private String nodeOn(TubeEnd.OnTube on) {
        Member tube = tube(on.tube());
        Vec3 at = nearest(tube, on.at());
        for (String corner : tube.nodes()) {
            if (place(corner).distanceTo(at) < ONTO_NODE) {
                return corner;
            }
        }
        String id = newNode(at);
        List<String> through = new ArrayList<>(tube.nodes());
        through.add(1 + piece(tube, at), id);
        tubes.replaceAll(each -> each.id().equals(tube.id()) ? tube.through(through) : each);
        return id;
    }

    /** The piece of a tube that is nearest, by the node it begins at. */
    private int piece(Member tube, Vec3 at) {
        int best = 0;
        double least = Double.POSITIVE_INFINITY;
        for (int k = 1; k < tube.nodes().size(); k++) {
            double away = onPiece(tube, k, at).distanceTo(at);
            if (away < least) {
                least = away;
                best = k - 1;
            }
        }
        return best;
    }

    private Vec3 nearest(Member tube, Vec3 at) {
        return onPiece(tube, piece(tube, at) + 1, at);
    }

    private Vec3 onPiece(Member tube, int end, Vec3 at) {
        Vec3 from = place(tube.nodes().get(end - 1));
        Vec3 along = place(tube.nodes().get(end)).minus(from);
        double length = along.length();
        if (length == 0) {
            return from;
        }
        double share = at.minus(from).dot(along) / (length * length);
        return from.plus(along.times(Math.max(0, Math.min(1, share))));
    }

    private String fresh(String letter) {
        int number = 1;
        while (taken.contains(letter + number)) {
            number++;
        }
        taken.add(letter + number);
        return letter + number;
    }
}
