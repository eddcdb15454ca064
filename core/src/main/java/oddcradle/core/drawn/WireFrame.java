package oddcradle.core.drawn;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import oddcradle.core.catalog.SectionStock;
import oddcradle.core.job.FreeMark;
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
     * The host with a tube for each line, of the section and material that its first tube has, else of the first of the stock; ends that
     * meet, and ends that lie on a node there is already, are one node.
     *
     * @param lines two ends each, host axes
     * @param metresPerUnit of the numbers of the lines, more than 0
     * @throws InvalidValue if an end lies farther away than a machine is large
     */
    public static Host with(Job job, List<List<Vec3>> lines, double metresPerUnit) {
        WireFrame work = new WireFrame(job);
        Optional<Member> first = job.host().members().stream().findFirst();
        Section section = first.map(Member::section).orElse(SectionStock.tubes().get(0));
        String material =
                first.map(Member::material).orElse(job.materials().get(0).name());
        for (List<Vec3> line : lines) {
            work.add(line.get(0).times(metresPerUnit), line.get(1).times(metresPerUnit), section, material);
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
        String mark = FreeMark.of(letter, marks);
        marks.add(mark);
        return mark;
    }
}
