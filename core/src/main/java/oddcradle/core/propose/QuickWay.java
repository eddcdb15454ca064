package oddcradle.core.propose;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import oddcradle.core.examine.Examination;
import oddcradle.core.geometry.Aabb;
import oddcradle.core.geometry.MemberSolid;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.distance.PreparedSolid;
import oddcradle.core.geometry.distance.SolidDistance;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Part;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.placement.Seating;
import oddcradle.core.placement.Sides;

/**
 * How the donor comes straight out of a cradle, at a glance: six ways, and what stands in each. The whole search ({@link WaysOut})
 * takes a thousand times as long and also finds ways that turn.
 */
final class QuickWay {
    private static final double OUT = 0.5;
    private static final double STEP = 0.012;
    /** A cut costs as much as taking off so many things. */
    private static final int CUT = 20;

    private static final int MOST_NAMED = 3;
    private static final List<Vec3> WAYS =
            List.of(Vec3.Z, Vec3.Z.negated(), Vec3.X, Vec3.X.negated(), Vec3.Y, Vec3.Y.negated());

    private final List<Piece> donor = new ArrayList<>();
    /** For each way what of the host stands in it. */
    private final Map<Vec3, List<Obstacle>> host = new LinkedHashMap<>();

    /** @param comesOff whether it is bolted or may be taken off; else it would have to be cut */
    private record Obstacle(String label, String id, boolean comesOff) {}

    private record Piece(PreparedSolid solid, Aabb bounds) {}

    QuickWay(Examination examination) {
        Job job = examination.job();
        Seating seating = examination.seating();
        for (Part part : job.donor().bodies()) {
            part.solids().forEach(solid -> {
                Solid placed = solid.placed(seating.pose());
                donor.add(new Piece(PreparedSolid.of(placed), placed.bounds()));
            });
        }
        for (Vec3 way : WAYS) {
            List<Obstacle> blocking = new ArrayList<>();
            job.host().members().stream()
                    .filter(member -> blocks(member, seating, way))
                    .forEach(member ->
                            blocking.add(new Obstacle(member.label(), member.id(), mayComeOff(job, member.id()))));
            job.host().keepOuts().stream()
                    .filter(keepOut -> keepOut.solids().stream().anyMatch(solid -> blocks(solid, way)))
                    .forEach(keepOut ->
                            blocking.add(new Obstacle(keepOut.label(), keepOut.id(), mayComeOff(job, keepOut.id()))));
            host.put(way, blocking);
        }
    }

    /**
     * The way with least in it; a cut counts as much as many bolts.
     *
     * @param words such as "straight up, with the front cross tube taken off"
     * @param off how many bolted or removable things stand in it
     * @param cut how many things that would have to be cut
     */
    record Way(String words, int off, int cut) {
        private int effort() {
            return off + CUT * cut;
        }
    }

    Way of(Job job, Seating seating) {
        Way best = null;
        for (Vec3 way : WAYS) {
            int limit = best == null ? Integer.MAX_VALUE : best.effort();
            List<Obstacle> inIt = new ArrayList<>(host.get(way));
            for (Member member : job.cradle().members()) {
                if (effort(inIt) >= limit) {
                    break;
                }
                if (blocks(member, seating, way)) {
                    inIt.add(new Obstacle(member.label(), member.id(), comesOff(job, member)));
                }
            }
            if (effort(inIt) < limit) {
                best = way(way, inIt);
            }
        }
        return best;
    }

    private static boolean mayComeOff(Job job, String id) {
        return job.plan().way().removable().contains(id);
    }

    /** A tube of the cradle comes off where it is bolted in, or where the user says so. */
    private static boolean comesOff(Job job, Member member) {
        return mayComeOff(job, member.id()) || job.cradle().isBoltedIn(member);
    }

    private static int effort(List<Obstacle> obstacles) {
        return obstacles.stream().mapToInt(each -> each.comesOff() ? 1 : CUT).sum();
    }

    private static Way way(Vec3 way, List<Obstacle> inIt) {
        List<Obstacle> off = inIt.stream().filter(Obstacle::comesOff).toList();
        List<Obstacle> cut = inIt.stream().filter(each -> !each.comesOff()).toList();
        String exit = "straight " + Sides.exit(way);
        if (!off.isEmpty()) {
            exit += ", with " + named(off, inIt) + " taken off";
        }
        if (!cut.isEmpty()) {
            exit += "; fixed in the way, to be cut or taken apart: " + named(cut, inIt);
        }
        return new Way(exit, off.size(), cut.size());
    }

    /** Labels, with their ids where two things are called the same. */
    private static String named(List<Obstacle> some, List<Obstacle> all) {
        if (some.size() > MOST_NAMED) {
            return some.size() + " things";
        }
        return some.stream()
                .map(each -> all.stream()
                                        .filter(other -> other.label().equals(each.label()))
                                        .count()
                                > 1
                        ? each.label() + " " + each.id()
                        : each.label())
                .collect(Collectors.joining("; "));
    }

    private boolean blocks(Member member, Seating seating, Vec3 way) {
        List<Vec3> path = seating.path(member);
        for (int k = 1; k < path.size(); k++) {
            if (path.get(k - 1).distanceTo(path.get(k)) > 1e-4
                    && blocks(MemberSolid.between(path.get(k - 1), path.get(k), member.section()), way)) {
                return true;
            }
        }
        return false;
    }

    /** The donor goes one way: what stands comes the other way towards it. */
    private boolean blocks(Solid standing, Vec3 way) {
        Aabb from = standing.bounds();
        Aabb swept = from.joined(moved(standing, way, OUT).bounds());
        PreparedSolid still = PreparedSolid.of(standing);
        for (Piece piece : donor) {
            if (piece.bounds.distanceTo(swept) <= 0 && meets(still, piece, way)) {
                return true;
            }
        }
        return false;
    }

    private static boolean meets(PreparedSolid standing, Piece piece, Vec3 way) {
        double gone = 0;
        while (gone <= OUT) {
            PreparedSolid here = standing.placed(new Pose(Mat3.IDENTITY, way.times(-gone)));
            double gap = SolidDistance.quick(here, piece.solid).distance();
            if (gap <= 0) {
                return true;
            }
            gone += Math.max(gap, STEP);
        }
        return false;
    }

    private static Solid moved(Solid solid, Vec3 way, double by) {
        return solid.placed(new Pose(Mat3.IDENTITY, way.times(-by)));
    }
}
