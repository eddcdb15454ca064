package oddcradle.core.step.make;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import oddcradle.core.frame.input.MemberAxes;
import oddcradle.core.geometry.RoundedPath;
import oddcradle.core.geometry.distance.SegmentDistance;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.Round;
import oddcradle.core.section.Section;
import oddcradle.core.section.Tube;
import oddcradle.core.shop.CopeBranch;
import oddcradle.core.shop.CopeHeader;

/** Tubes of a job as a cope sees them: ends that come to a joint, and what they sit on there. */
final class JoinedTubes {
    /** Between nodes nearer than that there is no tube, m. */
    private static final double SHORTEST = 1e-6;

    private static final double STRAIGHT = 1e-3;
    /** Chords of a bend that a cope may sit on: fine enough for a hundredth of a millimetre. */
    private static final int PIECES_PER_BEND = 48;
    /** How much straight tube beside a bend still counts, in outside radii. */
    private static final double BESIDE = 4;

    private JoinedTubes() {}

    /** A run as it leads away from its first end, without points that lie on each other. */
    static List<Vec3> fromFirst(List<Vec3> path) {
        List<Vec3> run = new ArrayList<>(List.of(path.get(0)));
        for (Vec3 point : path) {
            if (point.distanceTo(run.get(run.size() - 1)) > SHORTEST) {
                run.add(point);
            }
        }
        return run;
    }

    /** The same as it leads away from its last end. */
    static List<Vec3> reversed(List<Vec3> run) {
        List<Vec3> back = new ArrayList<>(run);
        Collections.reverse(back);
        return back;
    }

    /** The end of a tube as it comes to a joint; empty for one without length. */
    static Optional<CopeBranch> branch(Member tube, List<Vec3> fromEnd) {
        if (fromEnd.size() < 2) {
            return Optional.empty();
        }
        Vec3 way = fromEnd.get(1).minus(fromEnd.get(0)).unit();
        return Optional.of(new CopeBranch(fromEnd.get(0), way, tube.section(), reference(tube, fromEnd, way)));
    }

    /** The outside of the nearest bend; else up, or forward for a tube that stands upright. Box tubes lie as the frame has them. */
    private static Vec3 reference(Member tube, List<Vec3> fromEnd, Vec3 way) {
        if (!isRound(tube.section())) {
            return MemberAxes.of(way).z();
        }
        int bend = bend(tube, fromEnd);
        if (bend > 0) {
            return fromEnd.get(bend + 1)
                    .minus(fromEnd.get(bend))
                    .withoutPartAlong(way)
                    .times(-1);
        }
        return isUpright(way) ? Vec3.X : Vec3.Z;
    }

    static String marks(Member tube, List<Vec3> fromEnd) {
        Vec3 way = fromEnd.get(1).minus(fromEnd.get(0)).unit();
        if (isRound(tube.section()) && bend(tube, fromEnd) > 0) {
            return "0° on the outside of the nearest bend";
        }
        boolean upright = isRound(tube.section())
                ? isUpright(way)
                : MemberAxes.of(way).z().x() > 0.5;
        return upright ? "0° faces forward" : "0° faces up";
    }

    /** The first corner from an end that is bent; 0 where there is none. One that turns right back has no outside. */
    private static int bend(Member tube, List<Vec3> fromEnd) {
        for (int k = 1; k < fromEnd.size() - 1 && tube.bend() > 0; k++) {
            double turn = RoundedPath.turn(fromEnd, k);
            if (turn > STRAIGHT && turn < Math.PI - STRAIGHT) {
                return k;
            }
        }
        return 0;
    }

    private static boolean isUpright(Vec3 way) {
        return Math.hypot(way.x(), way.y()) < 0.5;
    }

    private static boolean isRound(Section section) {
        return section instanceof Tube || section instanceof Round;
    }

    /**
     * What of a tube is met at a place: its straight piece that is nearest, or its bend; none where all its nodes lie in one place.
     *
     * @param path of the tube, without points that lie on each other
     * @param around thickness of what is clamped round it there, m
     */
    static Optional<CopeHeader> header(Member tube, List<Vec3> path, Vec3 at, double around) {
        if (path.size() < 2) {
            return Optional.empty();
        }
        double radius = tube.section().halfSize(false) + around;
        if (isRound(tube.section())) {
            for (int k = 1; k < path.size() - 1 && tube.bend() > 0; k++) {
                double beside = RoundedPath.tangent(path, k, tube.bend()) + BESIDE * radius;
                boolean fits = RoundedPath.straight(path, k, tube.bend()) >= 0
                        && RoundedPath.straight(path, k + 1, tube.bend()) >= 0;
                if (RoundedPath.turn(path, k) > STRAIGHT && fits && path.get(k).distanceTo(at) < beside) {
                    return Optional.of(bent(path, k, tube.bend(), radius));
                }
            }
        }
        int nearest = 1;
        for (int k = 2; k < path.size(); k++) {
            if (distance(path, k, at) < distance(path, nearest, at) - 1e-12) {
                nearest = k;
            }
        }
        Vec3 from = path.get(nearest - 1);
        Vec3 way = path.get(nearest).minus(from).unit();
        if (isRound(tube.section())) {
            return Optional.of(new CopeHeader.Round(from, way, radius));
        }
        return Optional.of(new CopeHeader.Box(
                from,
                way,
                MemberAxes.of(way).z(),
                2 * (tube.section().halfSize(false) + around),
                2 * (tube.section().halfSize(true) + around)));
    }

    private static double distance(List<Vec3> path, int piece, Vec3 at) {
        return SegmentDistance.closestOnSegment(at, path.get(piece - 1), path.get(piece))
                .distanceTo(at);
    }

    private static CopeHeader bent(List<Vec3> path, int corner, double bend, double radius) {
        List<Vec3> line = new ArrayList<>();
        Vec3 in = path.get(corner).minus(path.get(corner - 1)).unit();
        Vec3 out = path.get(corner + 1).minus(path.get(corner)).unit();
        List<Vec3> arc = RoundedPath.arc(path, corner, bend, PIECES_PER_BEND);
        line.add(arc.get(0).along(in, -2 * BESIDE * radius));
        line.addAll(arc);
        line.add(arc.get(arc.size() - 1).along(out, 2 * BESIDE * radius));
        return new CopeHeader.Bent(line, radius);
    }
}
