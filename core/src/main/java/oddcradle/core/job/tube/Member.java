package oddcradle.core.job.tube;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import oddcradle.core.job.body.Sizes;
import oddcradle.core.material.Material;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.section.Section;

/**
 * One tube as it is cut: a run through two or more nodes.
 *
 * @param nodes ids in order along the tube
 * @param section as it was bought
 * @param material name of one of the job's materials
 * @param condition what is left of the wall; as bought where it is left out
 * @param bendRadius of its centre line at every corner, m; where it is left out it is straight stock, and a corner has to be cut and welded
 */
@RecordBuilder
public record Member(
        String id,
        String label,
        List<String> nodes,
        Section section,
        String material,
        Optional<Condition> condition,
        Optional<Double> bendRadius)
        implements MemberBuilder.With {
    public Member {
        Guard.named("id", id);
        Guard.named("label", label);
        nodes = List.copyOf(Guard.present("nodes", nodes));
        Sizes.requireSection(Guard.present("section", section));
        Guard.named("material", material);
        condition = condition == null ? Optional.empty() : condition;
        if (condition.isPresent()) {
            section.withWall(condition.get().remainingWall());
        }
        bendRadius = bendRadius == null ? Optional.empty() : bendRadius;
        if (bendRadius.isPresent()) {
            Guard.size("bendRadius", bendRadius.get());
            if (!(bendRadius.get() > section.halfSize(false))) {
                throw new InvalidValue(
                        "bendRadius",
                        "is " + bendRadius.get() + " m on the centre line, must be more than half the tube, "
                                + section.halfSize(false) + " m");
            }
        }
        if (nodes.size() < 2) {
            throw new InvalidValue("nodes", "names " + nodes.size() + " node, a tube runs through at least two");
        }
    }

    /** Its name with the mark that is written on it. */
    public String named() {
        return label.contains(id) ? label : label + " (" + id + ")";
    }

    public String first() {
        return nodes.get(0);
    }

    public String last() {
        return nodes.get(nodes.size() - 1);
    }

    public Member withSection(Section other) {
        return new Member(id, label, nodes, other, material, condition, bendRadius);
    }

    public Member withLabel(String other) {
        return new Member(id, other, nodes, section, material, condition, bendRadius);
    }

    public Member withMaterial(String other) {
        return new Member(id, label, nodes, section, other, condition, bendRadius);
    }

    /** The same tube through other nodes. */
    public Member through(List<String> others) {
        return new Member(id, label, others, section, material, condition, bendRadius);
    }

    /** A tube as it was bought. */
    public static Member sound(String id, String label, List<String> nodes, Section section, String material) {
        return new Member(id, label, nodes, section, material, Optional.empty(), Optional.empty());
    }

    public Member withCondition(Optional<Condition> other) {
        return new Member(id, label, nodes, section, material, other, bendRadius);
    }

    /** Of its centre line at its corners, m; 0 where it is straight stock. */
    public double bend() {
        return bendRadius.orElse(0.0);
    }

    /** The same tube bent to a radius, m; straight stock for 0. */
    public Member withBend(double radius) {
        return withBendRadius(radius == 0 ? Optional.empty() : Optional.of(radius));
    }

    /** What carries load: the section with the wall that is left. */
    public Section remaining() {
        return condition.map(c -> section.withWall(c.remainingWall())).orElse(section);
    }

    /** What it is made of, of those that the job knows. */
    public Material madeOf(List<Material> materials) {
        return materials.stream()
                .filter(each -> each.name().equals(material))
                .findFirst()
                .orElseThrow();
    }
}
