package oddcradle.core.propose;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import oddcradle.core.examine.Examination;
import oddcradle.core.examine.Seating;
import oddcradle.core.examine.WaysOut;
import oddcradle.core.geometry.Aabb;
import oddcradle.core.geometry.MemberSolid;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.distance.PreparedSolid;
import oddcradle.core.geometry.distance.SolidDistance;
import oddcradle.core.job.Job;
import oddcradle.core.job.Member;
import oddcradle.core.job.Part;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;

/**
 * How the donor comes straight out of a cradle, at a glance: six ways, and what stands in each. The whole search ({@link WaysOut})
 * takes a thousand times as long and also finds ways that turn.
 */
final class QuickWay {
    private static final double OUT = 0.5;
    private static final double STEP = 0.012;
    private static final List<Vec3> WAYS =
            List.of(Vec3.Z, Vec3.Z.negated(), Vec3.X, Vec3.X.negated(), Vec3.Y, Vec3.Y.negated());

    private final List<Piece> donor = new ArrayList<>();
    /** For each way what of the host stands in it. */
    private final Map<Vec3, Set<String>> host = new LinkedHashMap<>();

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
            Set<String> blocking = new LinkedHashSet<>();
            job.host().members().forEach(member -> {
                if (blocks(member, seating, way)) {
                    blocking.add(member.label());
                }
            });
            job.host().keepOuts().stream()
                    .filter(keepOut -> keepOut.solids().stream().anyMatch(solid -> blocks(solid, way)))
                    .forEach(keepOut -> blocking.add(keepOut.label()));
            host.put(way, blocking);
        }
    }

    /**
     * The way with least in it.
     *
     * @param words such as "up, once the front cross tube is off"
     * @param off how many tubes of the cradle and things of the host stand in it
     */
    record Way(String words, int off) {}

    Way of(Job job, Seating seating) {
        Way best = null;
        for (Vec3 way : WAYS) {
            Set<String> off = new LinkedHashSet<>(host.get(way));
            int limit = best == null ? Integer.MAX_VALUE : best.off();
            for (Member member : job.cradle().members()) {
                if (off.size() >= limit) {
                    break;
                }
                if (blocks(member, seating, way)) {
                    off.add(member.label());
                }
            }
            if (off.size() < limit) {
                best = new Way(words(way, off), off.size());
            }
        }
        return best;
    }

    private static String words(Vec3 way, Set<String> off) {
        String exit = "straight " + WaysOut.exit(way);
        if (off.isEmpty()) {
            return exit;
        }
        return off.size() <= 3
                ? exit + ", once off: " + String.join(", ", off)
                : exit + ", once " + off.size() + " things are off";
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
