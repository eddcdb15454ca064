package oddcradle.core.structure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import oddcradle.core.frame.EndForces;
import oddcradle.core.frame.MemberResult;
import oddcradle.core.frame.input.FrameMember;
import oddcradle.core.frame.input.MemberAxes;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Detail;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.RectTube;
import oddcradle.core.section.Section;
import oddcradle.core.section.Tube;
import oddcradle.core.strength.Footprint;

/**
 * Where a tube is welded: one end of one of its pieces.
 *
 * @param piece of the frame
 * @param first whether it is the piece's first end
 * @param at host axes, m
 * @param way of the piece from its first end to its second, unit, host axes
 * @param chord tube that this one ends on, the widest there; empty where something is only welded onto this one
 * @param chordWay unit, host axes
 */
public record WeldedEnd(
        Member tube, String piece, boolean first, Vec3 at, Vec3 way, Optional<Member> chord, Optional<Vec3> chordWay) {
    /** Angle from which an end counts as square, rad. */
    public static final double SQUARE = Math.toRadians(80);

    /** Diameters nearer than that are the same. */
    private static final double ALIKE = 0.999;

    /** Every one of a frame that {@link CradleFrame} made of a job. */
    public static List<WeldedEnd> of(Job job, CradleFrame.Built built) {
        Map<String, FreeTube> free = FreeTube.of(built);
        Map<String, List<FrameMember>> at = new HashMap<>();
        for (FrameMember piece : built.input().members()) {
            at.computeIfAbsent(piece.i(), node -> new ArrayList<>()).add(piece);
            at.computeIfAbsent(piece.j(), node -> new ArrayList<>()).add(piece);
        }
        List<WeldedEnd> ends = new ArrayList<>();
        for (FrameMember piece : built.input().members()) {
            Member tube = job.member(built.memberOfPiece().get(piece.id())).orElseThrow();
            for (double end : free.get(piece.id()).weldedEnds()) {
                boolean first = end == 0;
                List<FrameMember> there = at.get(first ? piece.i() : piece.j());
                Optional<FrameMember> chord = chord(built, piece, there);
                ends.add(new WeldedEnd(
                        tube,
                        piece.id(),
                        first,
                        built.pointOn(piece.id(), end),
                        built.wayOf(piece.id()),
                        chord.map(each ->
                                job.member(built.memberOfPiece().get(each.id())).orElseThrow()),
                        chord.map(each -> built.wayOf(each.id()))));
            }
        }
        return ends;
    }

    /** Another tube there, if this one ends there and is no wider: one that runs through before one that ends too, then the widest. */
    private static Optional<FrameMember> chord(CradleFrame.Built built, FrameMember piece, List<FrameMember> there) {
        String tube = built.memberOfPiece().get(piece.id());
        long own = there.stream()
                .filter(each -> built.memberOfPiece().get(each.id()).equals(tube))
                .count();
        if (own > 1) {
            return Optional.empty();
        }
        return there.stream()
                .filter(each -> !built.memberOfPiece().get(each.id()).equals(tube))
                .filter(each ->
                        each.section().outerRadius() >= ALIKE * piece.section().outerRadius())
                .max(Comparator.comparing((FrameMember each) -> runsThrough(built, each, there))
                        .thenComparingDouble(each -> each.section().outerRadius()));
    }

    private static boolean runsThrough(CradleFrame.Built built, FrameMember piece, List<FrameMember> there) {
        String tube = built.memberOfPiece().get(piece.id());
        return there.stream()
                        .filter(each -> built.memberOfPiece().get(each.id()).equals(tube))
                        .count()
                > 1;
    }

    /** The gusset between it and the tube it ends on; empty where there is none. */
    public Optional<Detail.Gusset> gusset(Job job) {
        String node = first ? tube.first() : tube.last();
        return chord.flatMap(other -> job.cradle()
                .details(Detail.Gusset.class)
                .filter(gusset -> gusset.node().equals(node))
                .filter(gusset -> gusset.first().equals(tube.id())
                                && gusset.second().equals(other.id())
                        || gusset.second().equals(tube.id()) && gusset.first().equals(other.id()))
                .findFirst());
    }

    /** Of the plane of the two tubes, unit, the tube's own axes; empty where they lie in one line, or there is one only. */
    public Optional<Vec3> normal() {
        MemberAxes axes = MemberAxes.of(way);
        return chordWay.map(chord -> chord.cross(way))
                .filter(each -> each.length() > 1e-6)
                .map(Vec3::unit)
                .map(each -> new Vec3(0, each.dot(axes.y()), each.dot(axes.z())));
    }

    /** What the tube carries a way off its end, its own axes; nothing comes onto it between. @param off m */
    public EndForces off(EndForces end, double off) {
        double ahead = first ? off : -off;
        Vec3 force = end.force();
        Vec3 moment = end.moment();
        return new EndForces(
                force, new Vec3(moment.x(), moment.y() + ahead * force.z(), moment.z() - ahead * force.y()));
    }

    /** Of the member's result what its end carries, its own axes. */
    public EndForces forces(MemberResult result) {
        return first ? result.endI() : result.endJ();
    }

    /** Angle between the tube and the one it ends on, 0 to a right angle, rad; a right angle where it ends on none. */
    public double angle() {
        return chordWay.map(chord -> Math.acos(Math.min(1, Math.abs(chord.dot(way)))))
                .orElse(Math.PI / 2);
    }

    /**
     * Bending moments at the end in the plane of the two tubes and out of it, N m; all in the plane where there is only one.
     *
     * @param inPlane size of it
     * @param outOfPlane size of it
     */
    public record Bending(double inPlane, double outOfPlane) {}

    public Bending bending(Vec3 moment) {
        Vec3 bending = new Vec3(0, moment.y(), moment.z());
        Optional<Vec3> normal = normal();
        if (normal.isEmpty()) {
            return new Bending(bending.length(), 0);
        }
        double within = Math.abs(bending.dot(normal.get()));
        return new Bending(within, Math.sqrt(Math.max(0, bending.squaredLength() - within * within)));
    }

    /** Whether it lands on a side of what it ends on, rather than on its top or bottom. */
    public boolean landsSideways() {
        return chordWay.filter(chord -> MemberAxes.of(chord).isSideways(way.withoutPartAlong(chord)))
                .isPresent();
    }

    /** What it covers of the tube it ends on, as it would standing square; empty for sections that are no tubes, and where it ends on none. */
    public Optional<Footprint> foot() {
        Section own = tube.remaining();
        if (chordWay.isEmpty()) {
            return Optional.empty();
        }
        if (own instanceof Tube round) {
            return Optional.of(new Footprint(round.od(), round.od()));
        }
        if (own instanceof RectTube box) {
            boolean widthAlong = MemberAxes.of(way).isSideways(chordWay.get());
            return Optional.of(widthAlong ? new Footprint(box.h(), box.b()) : new Footprint(box.b(), box.h()));
        }
        return Optional.empty();
    }

    /** Short: the marks of both tubes. */
    public String mark() {
        return chord.map(other -> tube.id() + " on " + other.id()).orElse("on " + tube.id());
    }

    /** In words: the tube, and what it is welded to. */
    public String words() {
        return chord.map(other -> tube.named() + " on " + other.named()).orElse("what is welded onto " + tube.named());
    }
}
