package oddcradle.core.propose;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import oddcradle.core.examine.Examination;
import oddcradle.core.examine.PathPoint;
import oddcradle.core.examine.Seating;
import oddcradle.core.geometry.Aabb;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.distance.PreparedSolid;
import oddcradle.core.geometry.distance.SolidDistance;
import oddcradle.core.job.Boss;
import oddcradle.core.job.Job;
import oddcradle.core.job.KeepOut;
import oddcradle.core.job.Member;
import oddcradle.core.job.Part;
import oddcradle.core.math.Vec3;

/** What a cradle is built between: lugs, host tubes, and what its tubes must keep clear of. */
final class Site {
    private static final double SPACING = 0.06;
    private static final int TRIED = 14;
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

    private record Keep(PreparedSolid solid, Aabb bounds, double room) {}

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
        job.host().members().forEach(this::addSpots);
    }

    private void keep(Solid solid, double room) {
        keeps.add(new Keep(PreparedSolid.of(solid), solid.bounds(), room));
    }

    private void addSpots(Member member) {
        List<Vec3> path = seating.path(member);
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

    /** The host tubes' material that most of them are of. */
    boolean isLightAlloy(Member host) {
        return job.material(host).isLightAlloy();
    }

    /**
     * Places to end a tube, nearest first, none at a slant that cannot be welded.
     *
     * @param wanted host tubes that will do
     * @param reach longest tube, m
     */
    private List<Spot> near(Vec3 from, double reach, Predicate<Landing> wanted) {
        List<Spot> near = new ArrayList<>();
        for (Spot spot : spots) {
            Vec3 way = spot.at.minus(from);
            double length = way.length();
            if (length < SHORTEST || length > reach || slant(way, spot.along) < LEAST_ANGLE) {
                continue;
            }
            if (wanted.test(new Landing(spot.host, spot.at, length, 0))) {
                near.add(spot);
            }
        }
        for (Member host : job.host().members()) {
            Vec3 at = PathPoint.nearest(seating.path(host), from);
            double length = at.distanceTo(from);
            if (length >= SHORTEST && length <= reach && wanted.test(new Landing(host, at, length, 0))) {
                near.add(new Spot(host, at, Vec3.ZERO));
            }
        }
        near.sort(Comparator.comparingDouble(spot -> spot.at.distanceTo(from)));
        return near;
    }

    /** Places to end a tube, best first; see {@link #landing}. */
    List<Landing> landings(Vec3 from, double radius, double reach, Predicate<Landing> wanted) {
        return near(from, reach, wanted).stream()
                .limit(TRIED)
                .map(spot -> landing(from, spot, radius))
                .sorted(Comparator.comparingDouble(Site::cost))
                .toList();
    }

    /** The best place to end a tube: as soon as what is farther off cannot be better, nothing more is tried. */
    Optional<Landing> landing(Vec3 from, double radius, double reach, Predicate<Landing> wanted) {
        Landing best = null;
        int tried = 0;
        for (Spot spot : near(from, reach, wanted)) {
            if (best != null && spot.at.distanceTo(from) >= cost(best) || tried++ == TRIED) {
                break;
            }
            Landing here = landing(from, spot, radius);
            best = best == null || cost(here) < cost(best) ? here : best;
        }
        return Optional.ofNullable(best);
    }

    private Landing landing(Vec3 from, Spot spot, double radius) {
        return new Landing(spot.host, spot.at, spot.at.distanceTo(from), margin(from, spot.at, radius));
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
