package oddcradle.core.fitup;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.edit.Side;
import oddcradle.core.job.seat.Seat;
import oddcradle.core.job.tube.Anchor;
import oddcradle.core.job.tube.Node;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.mechanics.SmallMotion;
import oddcradle.core.step.fit.MountFound;
import oddcradle.core.survey.AdjustedPoint;
import oddcradle.core.survey.SurveyResult;

/**
 * The job as the machine came out: the engine where it lies, every node of the cradle where it was found; nodes that nobody measured go along with their mount, or
 * stay where they were drawn. What was drawn stays what it was: nothing of this is written into the job.
 */
final class BuiltJob {
    private BuiltJob() {}

    /** Empty where nothing is measured. */
    static Optional<Job> of(Examination examination) {
        if (!examination.fit().mounts().isMeasured()) {
            return Optional.empty();
        }
        Job job = examination.job();
        SurveyResult found = examination.survey(Side.MOUNT);
        Map<String, Vec3> carried = new HashMap<>();
        for (MountFound mount : examination.fit().mounts().mounts()) {
            Isolator isolator = mount.mount();
            if (mount.measured() && !examination.fit().mounts().loaded()) {
                // Shims lie between mount and boss: the metal of the mount is where its hole is without them.
                carried.put(
                        isolator.node(),
                        mount.hole().shimmed(-mount.fitted()).off().minus(mount.inSlot()));
            }
        }
        List<Node> nodes = new ArrayList<>();
        for (Node node : job.cradle().nodes()) {
            boolean mark =
                    job.cradle().isolators().stream().anyMatch(each -> each.id().equals(node.id()));
            Vec3 drawn = examination.seating().node(node.id());
            Vec3 at = found.point(node.id())
                    .filter(point -> point.known() && !mark)
                    .map(AdjustedPoint::position)
                    .orElseGet(() -> drawn.plus(carried.getOrDefault(node.id(), Vec3.ZERO)));
            // A node that landed on a tube stays landed: only its place along it is what was found.
            nodes.add(
                    node.anchor() instanceof Anchor.OnMember on
                            ? new Node(node.id(), landed(examination, on, at))
                            : new Node(node.id(), new Anchor.At(at)));
        }
        return Optional.of(job.withCradle(job.cradle().withNodes(nodes)).withSeat(seat(job, examination)));
    }

    private static Anchor landed(Examination examination, Anchor.OnMember on, Vec3 at) {
        return new Anchor.OnMember(
                on.member(), on.near(), at.minus(examination.seating().node(on.near())));
    }

    private static Seat seat(Job job, Examination examination) {
        SmallMotion motion = examination.fit().mounts().motion();
        Pose pose = moved(job.seat().pose(), motion);
        Vec3 angles = pose.yawPitchRoll();
        Seat drawn = job.seat();
        return new Seat(
                pose.translation(),
                drawn.yaw() + wrapped(angles.x() - drawn.yaw()),
                drawn.pitch() + wrapped(angles.y() - drawn.pitch()),
                drawn.roll() + wrapped(angles.z() - drawn.roll()),
                drawn.held());
    }

    private static double wrapped(double angle) {
        return Math.IEEEremainder(angle, 2 * Math.PI);
    }

    private static Pose moved(Pose pose, SmallMotion motion) {
        double angle = motion.turn().length();
        Mat3 turn =
                angle == 0 ? Mat3.IDENTITY : Mat3.rotationAbout(motion.turn().unit(), angle);
        Vec3 about = motion.about();
        return new Pose(turn, about.plus(motion.shift()).minus(turn.times(about))).after(pose);
    }
}
