package oddcradle.core.propose;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import oddcradle.core.examine.Examination;
import oddcradle.core.geometry.Aabb;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.distance.PreparedSolid;
import oddcradle.core.geometry.distance.SolidDistance;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.KeepOut;
import oddcradle.core.job.body.Part;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.PathPoint;
import oddcradle.core.placement.Seating;

/** What a cradle is built between: lugs, host tubes, and what its tubes must keep clear of. */
final class Site {
    private static final double SPACING = 0.06;
    private static final int TRIED = 9;
    /** More room than this is worth nothing more, m. */
    private static final double ENOUGH = 0.03;

    private static final double LEAST_ANGLE = Math.toRadians(28);
    private static final double SHORTEST = 0.075;
    /** What soft mounts let the donor draw nearer by before it is known, m. */
    private static final double SOFT_DRAW = 0.006;

    private final Job job;
    private final Seating seating;
    private final List<Lug> lugs = new ArrayList<>();
    private final List<Keep> keeps = new ArrayList<>();
    private final List<Spot> spots = new ArrayList<>();
    private final List<HostPath> paths = new ArrayList<>();

    private record Keep(PreparedSolid solid, Aabb bounds, double room) {}

    private record HostPath(Member member, List<Vec3> path) {}

    private record Spot(Member host, Vec3 at, Vec3 along) {}

    /** @param examination of the job, with or without a cradle */
    Site(Examination examination, boolean soft) {
        this.job = examination.job();
        this.seating = examination.seating();
        for (Boss boss : job.donor().bosses()) {
            lugs.add(new Lug(
                    boss,
                    seating.boss(boss.id()),
                    seating.pose().turn(boss.axis()).unit()));
        }
        double draw = soft ? SOFT_DRAW : 0;
        for (Part part : job.donor().bodies()) {
            double room = job.build().room().of(part.category()) + draw;
            part.solids().forEach(solid -> keep(solid.placed(seating.pose()), room));
        }
        for (KeepOut keepOut : job.host().keepOuts()) {
            keepOut.solids().forEach(solid -> keep(solid, 0));
        }
        for (Member member : job.host().members()) {
            HostPath host = new HostPath(member, seating.path(member));
            paths.add(host);
            addSpots(member, host.path);
        }
    }

    private void keep(Solid solid, double room) {
        keeps.add(new Keep(PreparedSolid.of(solid), solid.bounds(), room));
    }

    private void addSpots(Member member, List<Vec3> path) {
        for (int k = 1; k < path.size(); k++) {
            Vec3 from = path.get(k - 1);
            Vec3 to = path.get(k);
            int pieces = Math.max(1, (int) Math.ceil(from.distanceTo(to) / SPACING));
            for (int n = 0; n <= pieces; n++) {
                spots.add(new Spot(
                        member,
                        from.towards(to, (double) n / pieces),
                        to.minus(from).unit()));
            }
        }
    }

    Job job() {
        return job;
    }

    Seating seating() {
        return seating;
    }

    List<Lug> lugs() {
        return lugs;
    }

    Vec3 cg() {
        return seating.mass().cg();
    }

    /** What a round tube has to spare to the donor and to keep-outs; no more than {@link #ENOUGH}. */
    double margin(Vec3 from, Vec3 to, double radius) {
        Solid tube = new Solid.Capsule(from, to, radius);
        Aabb bounds = tube.bounds();
        PreparedSolid prepared = null;
        double margin = ENOUGH;
        for (Keep keep : keeps) {
            if (keep.bounds.distanceTo(bounds) - keep.room >= margin) {
                continue;
            }
            prepared = prepared == null ? PreparedSolid.of(tube) : prepared;
            margin = Math.min(margin, SolidDistance.quick(prepared, keep.solid).distance() - keep.room);
        }
        return margin;
    }

    /** The least margin along a run. */
    double margin(List<Vec3> path, double radius) {
        double margin = ENOUGH;
        for (int k = 1; k < path.size(); k++) {
            margin = Math.min(margin, margin(path.get(k - 1), path.get(k), radius));
        }
        return margin;
    }

    /** Whether a host tube is of a light alloy. */
    boolean isLightAlloy(Member host) {
        return job.material(host).isLightAlloy();
    }

    /**
     * Places to end a tube, nearest first, none at a slant that cannot be welded.
     *
     * @param wanted host tubes that will do
     * @param reach longest tube, m
     */
    private List<Landing> near(Vec3 from, double reach, Predicate<Landing> wanted) {
        List<Landing> near = new ArrayList<>();
        for (Spot spot : spots) {
            Vec3 way = spot.at.minus(from);
            double length = way.length();
            if (length >= SHORTEST && length <= reach) {
                Landing landing = new Landing(spot.host, spot.at, length, 0);
                if (wanted.test(landing) && slant(way, spot.along) >= LEAST_ANGLE) {
                    near.add(landing);
                }
            }
        }
        for (HostPath host : paths) {
            Vec3 at = PathPoint.nearest(host.path, from);
            Landing landing = new Landing(host.member, at, at.distanceTo(from), 0);
            if (landing.length() >= SHORTEST && landing.length() <= reach && wanted.test(landing)) {
                near.add(landing);
            }
        }
        near.sort(Comparator.comparingDouble(Landing::length));
        return near;
    }

    /** Places to end a tube, best first; see {@link #landing}. */
    List<Landing> landings(Vec3 from, double radius, double reach, Predicate<Landing> wanted) {
        return near(from, reach, wanted).stream()
                .limit(TRIED)
                .map(landing -> withMargin(from, landing, radius))
                .sorted(Comparator.comparingDouble(Site::cost))
                .toList();
    }

    /** The best place to end a tube: as soon as what is farther off cannot be better, nothing more is tried. */
    Optional<Landing> landing(Vec3 from, double radius, double reach, Predicate<Landing> wanted) {
        Landing best = null;
        int tried = 0;
        for (Landing landing : near(from, reach, wanted)) {
            if (best != null && landing.length() >= cost(best) || tried++ == TRIED) {
                break;
            }
            Landing here = withMargin(from, landing, radius);
            best = best == null || cost(here) < cost(best) ? here : best;
        }
        return Optional.ofNullable(best);
    }

    private Landing withMargin(Vec3 from, Landing landing, double radius) {
        return new Landing(landing.host(), landing.at(), landing.length(), margin(from, landing.at(), radius));
    }

    /** Metres of tube; a millimetre short counts as five centimetres of it. */
    static double cost(Landing landing) {
        return landing.length() + 50 * Math.max(0, -landing.margin());
    }

    private static double slant(Vec3 way, Vec3 along) {
        double angle = way.angleTo(along);
        return Math.min(angle, Math.PI - angle);
    }
}
