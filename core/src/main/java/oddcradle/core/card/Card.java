package oddcradle.core.card;

import java.util.List;
import oddcradle.core.finding.Step;
import oddcradle.core.math.Guard;

/**
 * One thing of a job, ready to be read and changed.
 *
 * @param step at which it is worked on
 * @param kind what it is: boss, tube, neighbour
 * @param id of it within its kind
 * @param label what the builder calls it
 * @param fields in the order in which they are asked
 * @param deeds what can be done with it beside changing a field
 */
public record Card(Step step, String kind, String id, String label, List<Field> fields, List<Deed> deeds) {
    public Card {
        Guard.present("step", step);
        Guard.named("kind", kind);
        Guard.present("id", id);
        Guard.present("label", label);
        fields = List.copyOf(fields);
        deeds = List.copyOf(deeds);
    }

    /** Step, kind and id: no two cards of a job share them. */
    public String key() {
        return step + " " + kind + " " + id;
    }

    /** Kind and name, as a list shows it. */
    public String words() {
        return label.isEmpty() ? kind : kind + ": " + label;
    }
}
