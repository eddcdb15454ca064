package oddcradle.core.fitup;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.edit.Side;
import oddcradle.core.math.Vec3;
import oddcradle.core.step.fit.MountFound;
import oddcradle.core.survey.AdjustedPoint;

/**
 * Whether a mount is merely the wrong way round: its hole mirrored through the place it is welded or bolted to. A bracket turned the wrong way is out by twice its offset, an inch or two; it is
 * cheaper to turn than to drill anew (common practice).
 */
final class MountTurns {
    /** Nearer to its place a mount is not looked at this way, m. */
    private static final double WORTH_TURNING = 0.004;

    /** What turning leaves of how far it is off. */
    private static final double BETTER = 0.3;

    private static final List<Turn> TURNS = List.of(
            new Turn("front to back", new Vec3(-1, 1, 1)),
            new Turn("left to right", new Vec3(1, -1, 1)),
            new Turn("upside down", new Vec3(1, 1, -1)),
            new Turn("half a turn about its upright", new Vec3(-1, -1, 1)));

    private MountTurns() {}

    private record Turn(String words, Vec3 signs) {
        Vec3 of(Vec3 arm) {
            return new Vec3(arm.x() * signs.x(), arm.y() * signs.y(), arm.z() * signs.z());
        }
    }

    /**
     * A way round that is better.
     *
     * @param off what is left then, m
     */
    record Better(String words, double off) {}

    static Optional<Better> of(Examination examination, MountFound mount) {
        Vec3 off = mount.hole().off();
        if (!mount.measured() || off.length() < WORTH_TURNING) {
            return Optional.empty();
        }
        Vec3 drawn = mount.hole().place();
        String node = mount.mount().node();
        Vec3 on = examination
                .survey(Side.MOUNT)
                .point(node)
                .filter(AdjustedPoint::known)
                .map(AdjustedPoint::position)
                .orElseGet(() -> examination.seating().node(node));
        Vec3 arm = drawn.plus(off).minus(on);
        return TURNS.stream()
                .map(turn -> new Better(turn.words(), on.plus(turn.of(arm)).distanceTo(drawn)))
                .min(Comparator.comparingDouble(Better::off))
                .filter(best -> best.off() < BETTER * off.length());
    }
}
