package oddcradle.core.job.seat;

import java.util.List;
import oddcradle.core.math.Guard;

/**
 * How the donor is to go in and out.
 *
 * @param removable ids of parts, keep-outs and tubes that may come off for it
 * @param room wanted all round on the way, m
 */
public record WayPlan(List<String> removable, double room) {
    private static final double MOST_ROOM = 0.2;

    /** Nothing comes off; 3 mm all round, common practice for a careful hoist. */
    public static final WayPlan USUAL = new WayPlan(List.of(), 0.003);

    public WayPlan {
        removable = removable == null ? List.of() : List.copyOf(removable);
        Guard.within("room", room, 0, MOST_ROOM, "m");
    }

    public WayPlan withRoom(double other) {
        return new WayPlan(removable, other);
    }
}
