package oddcradle.core.fitup;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.edit.Side;
import oddcradle.core.job.tube.Anchor;
import oddcradle.core.job.tube.Node;
import oddcradle.core.math.Vec3;
import oddcradle.core.step.fit.MountFound;
import oddcradle.core.survey.AdjustedPoint;
import oddcradle.core.survey.SurveyResult;

/**
 * The job as the machine came out: the engine where it lies, every node of the cradle where it was found; nodes that nobody measured go along with their mount, or
 * stay where they were drawn. What was drawn stays what it was: nothing of this is written into the job.
 */
public final class BuiltJob {
    private BuiltJob() {}

    /** Empty where nothing is measured. */
    public static Optional<Job> of(Examination examination) {
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
        Map<String, Vec3> places = new HashMap<>(examination.seating().nodes());
        for (Node node : job.cradle().nodes()) {
            boolean mark =
                    job.cradle().isolators().stream().anyMatch(each -> each.id().equals(node.id()));
            places.put(
                    node.id(),
                    found.point(node.id())
                            .filter(point -> point.known() && !mark)
                            .map(AdjustedPoint::position)
                            .orElseGet(() -> places.get(node.id()).plus(carried.getOrDefault(node.id(), Vec3.ZERO))));
        }
        List<Node> nodes = job.cradle().nodes().stream()
                .map(node -> new Node(node.id(), anchor(node, places)))
                .toList();
        return Optional.of(job.withCradle(job.cradle().withNodes(nodes))
                .withSeat(job.seat()
                        .at(examination.fit().mounts().motion().moved(job.seat().pose()))));
    }

    /** A node that landed on a tube stays landed: only its place along it is what was found. */
    private static Anchor anchor(Node node, Map<String, Vec3> places) {
        Vec3 at = places.get(node.id());
        return node.anchor() instanceof Anchor.OnMember on
                ? new Anchor.OnMember(on.member(), on.near(), at.minus(places.get(on.near())))
                : new Anchor.At(at);
    }
}
