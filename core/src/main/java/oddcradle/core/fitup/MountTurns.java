package oddcradle.core.fitup;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import oddcradle.core.examine.Examination;
import oddcradle.core.hardware.MountDesign;
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

    /** Sine of the angle under which a bolt runs along its tube. */
    private static final double PARALLEL = 0.1;

    private MountTurns() {}

    /** Mirrored along an axis, or half a turn about it. */
    private record Turn(String words, Vec3 axis, boolean half) {
        Vec3 of(Vec3 arm) {
            Vec3 along = axis.times(2 * arm.dot(axis));
            return half ? along.minus(arm) : arm.minus(along);
        }
    }

    /** About the machine's axes, and about those of the mount itself: its tube, its bolt, and across both. */
    private static List<Turn> turns(Examination examination, MountFound mount) {
        List<Turn> turns = new ArrayList<>(List.of(
                new Turn("front to back", Vec3.X, false),
                new Turn("left to right", Vec3.Y, false),
                new Turn("upside down", Vec3.Z, false),
                new Turn("half a turn about its upright", Vec3.Z, true)));
        examination.mountDesigns().stream()
                .filter(design -> design.isolator().id().equals(mount.id()))
                .findFirst()
                .ifPresent(design -> {
                    Vec3 tube = tube(examination, design);
                    Vec3 bolt = mount.hole().up();
                    Vec3 across = tube.cross(bolt);
                    turns.add(new Turn("end for end along its tube", tube, false));
                    turns.add(new Turn("half a turn about its tube", tube, true));
                    turns.add(new Turn("half a turn about its bolt", bolt, true));
                    if (across.length() > PARALLEL) {
                        turns.add(new Turn("to the other side of its tube", across.unit(), false));
                    }
                });
        return turns;
    }

    private static Vec3 tube(Examination examination, MountDesign design) {
        List<Vec3> path = examination.seating().centreLine(design.tube());
        int nearest = 1;
        for (int k = 2; k < path.size(); k++) {
            if (beside(path, k, design.at()) < beside(path, nearest, design.at())) {
                nearest = k;
            }
        }
        return path.get(nearest).minus(path.get(nearest - 1)).unit();
    }

    /** From a point to the middle of a straight run of the tube, m. */
    private static double beside(List<Vec3> path, int run, Vec3 at) {
        return path.get(run - 1).towards(path.get(run), 0.5).distanceTo(at);
    }

    /**
     * A way round that is better.
     *
     * @param left from its place then, m
     */
    record Better(String words, Vec3 left) {
        /** m. */
        double off() {
            return left.length();
        }
    }

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
        return turns(examination, mount).stream()
                .map(turn -> new Better(turn.words(), on.plus(turn.of(arm)).minus(drawn)))
                .min(Comparator.comparingDouble(Better::off))
                .filter(best -> best.off() < BETTER * off.length());
    }
}
