package oddcradle.core.step.fit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import oddcradle.core.drive.SoftFoot;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.fit.FootGap;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;

/**
 * What feelers found under loose bolts, and the least shims that let all feet stand alike. Only of mounts that are bolted from above or below.
 *
 * @param gaps of mounts that there are
 * @param foot in the order of the gaps
 */
public record FeetFound(List<FootGap> gaps, SoftFoot foot) {
    /** A bolt that leans more has no foot that stands on it. */
    private static final double UPRIGHT = Math.cos(Math.toRadians(30));

    public FeetFound {
        gaps = List.copyOf(gaps);
    }

    /** Empty where nobody has looked, or fewer than three feet were looked at, or all in a line: their gaps lie in one plane anyway. */
    static Optional<FeetFound> of(Job job, Map<String, Vec3> bosses) {
        Map<String, Isolator> mounts = new HashMap<>();
        job.cradle().isolators().forEach(mount -> mounts.put(mount.id(), mount));
        List<FootGap> gaps = new ArrayList<>();
        List<Vec3> feet = new ArrayList<>();
        for (FootGap gap : job.asBuilt().feet()) {
            Isolator mount = mounts.get(gap.mount());
            if (mount != null && Math.abs(mount.axis().unit().z()) > UPRIGHT) {
                gaps.add(gap);
                feet.add(bosses.get(mount.boss()));
            }
        }
        try {
            return gaps.isEmpty()
                    ? Optional.empty()
                    : Optional.of(new FeetFound(
                            gaps,
                            SoftFoot.of(feet, gaps.stream().map(FootGap::gap).toList())));
        } catch (InvalidValue few) {
            return Optional.empty();
        }
    }

    /** All shims together, m. */
    public double shims() {
        return foot.shims().stream().mapToDouble(shim -> shim).sum();
    }
}
