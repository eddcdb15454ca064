package oddcradle.core.job.donor;

import io.soabase.recordbuilder.core.RecordBuilder;
import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;

/**
 * A part that must come off or be reached with the donor in its place: filter, plug, dipstick, starter.
 *
 * @param part id of the part that is drawn off
 * @param direction in which it comes off, donor axes
 * @param travel how far until it is free, m
 * @param room wanted around it on the way, for a hand or a tool, m
 */
@RecordBuilder
public record Service(String id, String label, String part, Vec3 direction, double travel, double room)
        implements ServiceBuilder.With {
    private static final double FARTHEST = 2;

    public Service {
        Guard.named("id", id);
        Guard.named("label", label);
        Guard.named("part", part);
        Guard.present("direction", direction).unit();
        Guard.positive("travel", travel, "m");
        Guard.within("travel", travel, 0, FARTHEST, "m");
        Guard.within("room", room, 0, FARTHEST, "m");
    }
}
