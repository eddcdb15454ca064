package oddcradle.core.job;

import java.util.List;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.section.Section;

/**
 * One tube as it is cut: a run through two or more nodes.
 *
 * @param nodes ids in order along the tube
 * @param material name of one of the job's materials
 */
public record Member(String id, String label, List<String> nodes, Section section, String material) {
    public Member {
        Guard.named("id", id);
        Guard.named("label", label);
        nodes = List.copyOf(Guard.present("nodes", nodes));
        Guard.present("section", section);
        Guard.named("material", material);
        if (nodes.size() < 2) {
            throw new InvalidValue("nodes", "names " + nodes.size() + " node, a tube runs through at least two");
        }
    }

    public String first() {
        return nodes.get(0);
    }

    public String last() {
        return nodes.get(nodes.size() - 1);
    }

    public Member withSection(Section other) {
        return new Member(id, label, nodes, other, material);
    }
}
