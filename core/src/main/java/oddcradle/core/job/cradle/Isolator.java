package oddcradle.core.job.cradle;

import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;
import oddcradle.core.mounting.MountElement;

/**
 * What is between a boss and the cradle, its elastic centre at the boss.
 *
 * @param boss donor boss that it holds
 * @param node cradle node that carries it, through a bracket taken as rigid
 * @param axis of the pad or bush, host axes; a pad is stiff along it and soft across
 * @param pad what is soft in it, or that it is hard
 * @param loss structural loss factor of the rubber, 0 to 1
 * @param corner what has been decided about its bolt and tab; nothing where it is left out
 */
public record Isolator(
        String id, String boss, String node, Vec3 axis, MountElement pad, double loss, MountChoices corner) {
    public Isolator {
        Guard.named("id", id);
        Guard.named("boss", boss);
        Guard.named("node", node);
        Guard.present("axis", axis).unit();
        Guard.present("pad", pad);
        Guard.within("loss", loss, 0, 1, "");
        corner = corner == null ? MountChoices.UNDECIDED : corner;
    }

    /** Nothing is decided yet about its bolt and tab. */
    public Isolator(String id, String boss, String node, Vec3 axis, MountElement pad, double loss) {
        this(id, boss, node, axis, pad, loss, MountChoices.UNDECIDED);
    }

    /** Itself where it is hard. */
    public Isolator withHardness(double hardness) {
        return withPad(pad.withHardness(hardness));
    }

    public Isolator withPad(MountElement other) {
        return new Isolator(id, boss, node, axis, other, loss, corner);
    }

    public Isolator withLoss(double other) {
        return new Isolator(id, boss, node, axis, pad, other, corner);
    }

    public Isolator withCorner(MountChoices other) {
        return new Isolator(id, boss, node, axis, pad, loss, other);
    }
}
