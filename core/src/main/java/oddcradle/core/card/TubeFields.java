package oddcradle.core.card;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import oddcradle.core.card.Field.Named;
import oddcradle.core.job.Job;
import oddcradle.core.job.tube.Condition;
import oddcradle.core.job.tube.Member;
import oddcradle.core.material.Material;
import oddcradle.core.section.RectTube;
import oddcradle.core.section.Tube;

/** The fields of a tube, of the frame or of the cradle. */
final class TubeFields {
    private final Job job;
    private final List<Named> nodes;
    private final Function<Member, Job> put;

    /** @param nodes it may run through */
    TubeFields(Job job, List<Named> nodes, Function<Member, Job> put) {
        this.job = job;
        this.nodes = nodes;
        this.put = put;
    }

    FieldsOf<Member> of(Member tube) {
        FieldsOf<Member> of = new FieldsOf<>(tube, put)
                .words("called", Member::label, Member::withLabel)
                .inner(Member::section, Member::withSection, Sections::fields)
                .choice(
                        "material",
                        Listed.named(job.materials(), Material::name, Material::name),
                        Member::material,
                        Member::withMaterial)
                .several("through nodes", nodes, Member::nodes, Member::withNodes)
                .length("bend radius at its corners (0: straight stock)", Member::bend, Member::withBend);
        if (tube.condition().isPresent()) {
            of.inner(
                    each -> each.condition().orElseThrow(),
                    (each, condition) -> each.withCondition(Optional.of(condition)),
                    condition -> condition
                            .length("wall, measured", Condition::wall, Condition::withWall)
                            .length("deepest pit", Condition::pit, Condition::withPit)
                            .length("deepest dent", Condition::dentDepth, Condition::withDent));
        }
        return of;
    }

    List<Deed> deeds(Member tube) {
        if (tube.condition().isPresent()) {
            return List.of(Deed.of("Sound as bought", () -> put.apply(tube.withCondition(Optional.empty()))));
        }
        Optional<Double> wall = tube.section() instanceof Tube round
                ? Optional.of(round.wall())
                : tube.section() instanceof RectTube box ? Optional.of(box.wall()) : Optional.empty();
        return wall.map(bought -> List.of(Deed.of(
                        "Write its wall down as measured",
                        () -> put.apply(tube.withCondition(Optional.of(new Condition(bought, 0)))))))
                .orElse(List.of());
    }
}
