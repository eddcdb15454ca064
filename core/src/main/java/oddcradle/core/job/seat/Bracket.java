package oddcradle.core.job.seat;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import oddcradle.core.geometry.Solid;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;

/**
 * A bracket from another machine, in its own axes: bolted to a boss at one hole, to the frame at the other.
 *
 * @param bossHole middle of the hole at the boss, m
 * @param bossAxis of that hole
 * @param frameHole middle of the hole at the frame, m
 * @param boss it is to go on
 * @param node of the host it is to reach
 */
@RecordBuilder
public record Bracket(
        String id,
        String label,
        Vec3 bossHole,
        Vec3 bossAxis,
        Vec3 frameHole,
        List<Solid> solids,
        String boss,
        String node)
        implements BracketBuilder.With {
    public Bracket {
        Guard.named("id", id);
        Guard.named("label", label);
        Guard.present("bossHole", bossHole);
        Guard.present("bossAxis", bossAxis).unit();
        Guard.present("frameHole", frameHole);
        solids = List.copyOf(Guard.present("solids", solids));
        Guard.named("boss", boss);
        Guard.named("node", node);
        if (solids.isEmpty()) {
            throw new InvalidValue("solids", "is empty, a bracket needs at least one solid");
        }
        if (bossHole.distanceTo(frameHole) < 1e-6) {
            throw new InvalidValue("frameHole", "is the same point as bossHole; measure them apart");
        }
    }
}
