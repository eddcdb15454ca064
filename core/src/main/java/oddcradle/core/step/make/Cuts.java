package oddcradle.core.step.make;

import static oddcradle.core.finding.Why.input;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.geometry.distance.SegmentDistance;
import oddcradle.core.job.tube.Member;
import oddcradle.core.material.Material;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.Seating;
import oddcradle.core.section.Tube;
import oddcradle.core.shop.CopeHeader;
import oddcradle.core.shop.CopeResult;

/**
 * True lengths and copes of the cradle's tubes. A tube that runs through a node, or is listed before the others that end
 * there, runs on; the others are coped to it, and all are coped to the host tube they land on.
 */
public final class Cuts {
    /** Between nodes nearer than that there is no tube, m. */
    private static final double SHORTEST = 1e-6;

    private Cuts() {}

    /**
     * Everything that decides the lengths and copes.
     *
     * @param tubes of the cradle, in the order in which they are cut
     * @param hostTubes that they may land on
     */
    public record Input(List<Member> tubes, List<Member> hostTubes, List<Material> materials, Seating seating) {}

    /** @param book copes of the same shape are taken from it */
    public static List<CutTube> of(Input input, CopeBook book) {
        return input.tubes().stream().map(tube -> cut(input, book, tube)).toList();
    }

    private static CutTube cut(Input input, CopeBook book, Member tube) {
        List<Vec3> path = input.seating().path(tube);
        double length = 0;
        double bend = 0;
        for (int k = 1; k < path.size(); k++) {
            length += path.get(k).distanceTo(path.get(k - 1));
            if (k > 1) {
                Vec3 before = path.get(k - 1).minus(path.get(k - 2));
                bend = Math.max(bend, before.angleTo(path.get(k).minus(path.get(k - 1))));
            }
        }
        TubeEnd first = end(input, book, tube, tube.first(), path.get(0), path.get(1));
        TubeEnd last = end(input, book, tube, tube.last(), path.get(path.size() - 1), path.get(path.size() - 2));
        double cut = length + first.reach() + last.reach();
        double mass =
                cut * tube.section().area() * tube.madeOf(input.materials()).density();
        return new CutTube(tube, length, cut, bend, mass, first, last);
    }

    private static TubeEnd end(Input input, CopeBook book, Member tube, String node, Vec3 at, Vec3 inward) {
        List<String> landsOn = new ArrayList<>();
        List<CopeHeader> headers = new ArrayList<>();
        hostTubeAt(input, node).ifPresent(host -> {
            header(input.seating(), host, at).ifPresent(headers::add);
            landsOn.add(host.id());
        });
        double extension = 0;
        boolean before = true;
        for (Member other : input.tubes()) {
            if (other == tube) {
                before = false;
            } else if (other.nodes().contains(node)) {
                boolean runsThrough =
                        !other.first().equals(node) && !other.last().equals(node);
                if (runsThrough || before) {
                    header(input.seating(), other, at).ifPresent(headers::add);
                    landsOn.add(other.id());
                } else {
                    extension = Math.max(extension, other.section().outerRadius());
                }
            }
        }
        Vec3 direction = inward.minus(at);
        if (headers.isEmpty() || !(tube.section() instanceof Tube round) || at.equals(inward)) {
            return new TubeEnd(node, at, landsOn, Optional.empty(), extension, "");
        }
        CopeResult cope = book.cope(at, direction.unit(), reference(direction.unit()), round, headers);
        boolean crosses = cope.deepest().isPresent();
        return new TubeEnd(
                node, at, landsOn, crosses ? Optional.of(cope) : Optional.empty(), extension, marks(direction.unit()));
    }

    /** The host tube that a cradle node lands on, or the first one through a host node. */
    private static Optional<Member> hostTubeAt(Input input, String node) {
        Optional<Member> landing = input.seating().landing(node);
        if (landing.isPresent()) {
            return landing;
        }
        for (Member tube : input.hostTubes()) {
            if (tube.nodes().contains(node)) {
                return Optional.of(tube);
            }
        }
        return Optional.empty();
    }

    /** The straight piece of a tube that is nearest to a point, as a header; none where all its nodes lie in one place. */
    private static Optional<CopeHeader> header(Seating seating, Member tube, Vec3 at) {
        List<Vec3> path = seating.path(tube);
        int nearest = 0;
        double least = Double.POSITIVE_INFINITY;
        for (int k = 1; k < path.size(); k++) {
            if (path.get(k).distanceTo(path.get(k - 1)) < SHORTEST) {
                continue;
            }
            double distance = SegmentDistance.closestOnSegment(at, path.get(k - 1), path.get(k))
                    .distanceTo(at);
            if (distance < least - 1e-12) {
                least = distance;
                nearest = k;
            }
        }
        if (nearest == 0) {
            return Optional.empty();
        }
        Vec3 from = path.get(nearest - 1);
        return Optional.of(new CopeHeader(
                from, path.get(nearest).minus(from), tube.section().outerRadius()));
    }

    /** Up, or forward for a tube that stands upright. */
    private static Vec3 reference(Vec3 direction) {
        return isUpright(direction) ? Vec3.X : Vec3.Z;
    }

    private static boolean isUpright(Vec3 direction) {
        return Math.hypot(direction.x(), direction.y()) < 0.5;
    }

    private static String marks(Vec3 direction) {
        return isUpright(direction) ? "0° faces forward" : "0° faces up";
    }
}
