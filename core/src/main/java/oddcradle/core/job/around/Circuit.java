package oddcradle.core.job.around;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;

/**
 * Water or oil on its way round.
 *
 * @param round points of the way, one after the other, back to the first, host axes, m
 * @param bleeds where air can be let out, m
 * @param drains where it can be let run, m
 * @param share heat into it over the engine's power at the crank; 0 where there is no radiator
 * @param face area of the radiator's core, m2
 * @param airSpeed before the core when the machine works hard and moves slowly, m/s
 * @param hottest that the coolant may get, K
 * @param air hottest air it works in, K
 */
@RecordBuilder
public record Circuit(
        String id,
        String label,
        List<Vec3> round,
        List<Vec3> bleeds,
        List<Vec3> drains,
        double share,
        double face,
        double airSpeed,
        double hottest,
        double air)
        implements CircuitBuilder.With {
    private static final int MOST_POINTS = 100;

    public Circuit {
        Guard.named("id", id);
        Guard.named("label", label);
        round = List.copyOf(Guard.present("round", round));
        Guard.within("round", round.size(), 3, MOST_POINTS, "points");
        bleeds = bleeds == null ? List.of() : List.copyOf(bleeds);
        drains = drains == null ? List.of() : List.copyOf(drains);
        Guard.within("bleeds", bleeds.size(), 0, MOST_POINTS, "points");
        Guard.within("drains", drains.size(), 0, MOST_POINTS, "points");
        Guard.within("share", share, 0, 3, "");
        Guard.within("face", face, 1e-4, 10, "m2");
        Guard.within("airSpeed", airSpeed, 0.1, 100, "m/s");
        Guard.within("hottest", hottest, 300, 500, "K");
        Guard.within("air", air, 230, 330, "K");
    }
}
