package oddcradle.core.job.cradle;

import io.soabase.recordbuilder.core.RecordBuilder;
import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;
import oddcradle.core.mounting.MountElement;

/**
 * What is between a boss and the cradle.
 *
 * @param boss donor boss that it holds
 * @param node cradle node that carries it, through a bracket taken as rigid
 * @param axis of the pad or bush, host axes; a pad is stiff along it and soft across
 * @param element what is soft in it, or that it is hard
 * @param loss structural loss factor of the rubber, 0 to 1
 * @param choices what has been decided about its bolt and tab; nothing where it is left out
 */
@RecordBuilder
public record Isolator(
        String id, String boss, String node, Vec3 axis, MountElement element, double loss, MountChoices choices)
        implements IsolatorBuilder.With {
    public Isolator {
        Guard.named("id", id);
        Guard.named("boss", boss);
        Guard.named("node", node);
        Guard.present("axis", axis).unit();
        Guard.present("pad", element);
        Guard.within("loss", loss, 0, 1, "");
        choices = choices == null ? MountChoices.UNDECIDED : choices;
    }

    /** Nothing is decided yet about its bolt and tab. */
    public Isolator(String id, String boss, String node, Vec3 axis, MountElement element, double loss) {
        this(id, boss, node, axis, element, loss, MountChoices.UNDECIDED);
    }

    /** Itself where it is hard. */
    public Isolator withHardness(double hardness) {
        return withElement(element.withHardness(hardness));
    }

    public Isolator withElement(MountElement other) {
        return new Isolator(id, boss, node, axis, other, loss, choices);
    }

    public Isolator withLoss(double other) {
        return new Isolator(id, boss, node, axis, element, other, choices);
    }

    public Isolator withChoices(MountChoices other) {
        return new Isolator(id, boss, node, axis, element, loss, other);
    }
}
