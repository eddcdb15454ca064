package oddcradle.core.drawn;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import oddcradle.core.job.Job;
import oddcradle.core.job.host.Host;
import oddcradle.core.job.tube.Anchor;
import oddcradle.core.job.tube.Member;
import oddcradle.core.job.tube.Node;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.Section;

/** A frame from the centre lines of its tubes. */
public final class WireFrame {
    /** Ends nearer than this are one node, m. */
    private static final double ONE_NODE = 0.002;

    private final List<Node> nodes;
    private final List<Member> tubes;
    private final Set<String> marks;

    private WireFrame(Job job) {
        nodes = new ArrayList<>(job.host().nodes());
        tubes = new ArrayList<>(job.host().members());
        marks = new HashSet<>(job.ids());
    }

    /**
     * The host with a tube for each line; ends that meet, and ends that lie on a node there is already, are one node.
     *
     * @param lines two ends each, host axes, m
     * @throws InvalidValue if a line has no length, or lies farther away than a machine is large
     */
    public static Host with(Job job, List<List<Vec3>> lines, Section section, String material) {
        WireFrame work = new WireFrame(job);
        for (List<Vec3> line : lines) {
            work.add(line.get(0), line.get(1), section, material);
        }
        return job.host().withNodes(work.nodes).withMembers(work.tubes);
    }

    private void add(Vec3 from, Vec3 to, Section section, String material) {
        String first = node(from);
        String last = node(to);
        if (first.equals(last)) {
            return;
        }
        boolean there = tubes.stream().anyMatch(tube -> Set.copyOf(tube.nodes()).equals(Set.of(first, last)));
        if (!there) {
            String mark = free("T");
            tubes.add(Member.sound(mark, "tube " + mark, List.of(first, last), section, material));
        }
    }

    private String node(Vec3 at) {
        return nodes.stream()
                .filter(node -> ((Anchor.At) node.anchor()).point().distanceTo(at) < ONE_NODE)
                .map(Node::id)
                .findFirst()
                .orElseGet(() -> {
                    String mark = free("N");
                    nodes.add(new Node(mark, new Anchor.At(at)));
                    return mark;
                });
    }

    private String free(String letter) {
        int number = 1;
        while (marks.contains(letter + number)) {
            number++;
        }
        marks.add(letter + number);
        return letter + number;
    }
}
