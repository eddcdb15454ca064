package oddcradle.core.step.cradle;

import static oddcradle.core.finding.Why.input;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.geometry.EndName;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.distance.PreparedSolid;
import oddcradle.core.geometry.motion.Motion;
import oddcradle.core.geometry.motion.Sweep;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.KeepOut;
import oddcradle.core.job.body.Part;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.Bodies;
import oddcradle.core.placement.Seating;
import oddcradle.core.placement.TubeBody;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.units.Quantity;

/** Whether a bar that is bolted in to come out for service goes back with the engine in its place: along straight ways. */
public final class RefitCheck {
    /** A bar that has come this far is out, m; common practice. */
    private static final double OUT = 0.25;

    private final Job job;
    private final Seating seating;

    private RefitCheck(Job job, Seating seating) {
        this.job = job;
        this.seating = seating;
    }

    static void add(ReportBuilder report, Job job, Seating seating) {
        for (Member member : job.cradle().members()) {
            if (job.cradle().isRemovable(member.id())) {
                new RefitCheck(job, seating).refits(report, member);
            }
        }
    }

    private record Other(String id, String label, PreparedSolid solid) {}

    /**
     * A straight way by which a bar comes out, square to it where that can be; empty if there is none.
     *
     * @param engine whether the donor is in its place
     */
    public static Optional<Vec3> way(Job job, Seating seating, Member bar, boolean engine) {
        RefitCheck check = new RefitCheck(job, seating);
        List<Solid> pieces = TubeBody.betweenJoints(job, seating, bar);
        List<Other> others = check.others(bar, engine);
        return check.directions(bar).stream()
                .filter(direction -> check.blocked(pieces, direction, others).isEmpty())
                .findFirst();
    }

    private void refits(ReportBuilder report, Member bar) {
        List<Solid> pieces = TubeBody.betweenJoints(job, seating, bar);
        List<Other> others = others(bar, true);
        Optional<Other> inTheWay = Optional.empty();
        for (Vec3 direction : directions(bar)) {
            Optional<Other> blocked = blocked(pieces, direction, others);
            if (blocked.isEmpty()) {
                report.say(
                        CradleFinding.REFIT,
                        Severity.GOOD,
                        Phrase.of(
                                "{} comes out and goes back with the engine in, towards the {}",
                                bar.named(),
                                EndName.of(direction)),
                        Place.of(
                                Subject.tube(bar.id()),
                                seating.node(bar.first()).towards(seating.node(bar.last()), 0.5)),
                        why());
                return;
            }
            inTheWay = inTheWay.or(() -> blocked);
        }
        report.say(
                CradleFinding.REFIT,
                Severity.WATCH,
                Phrase.of(
                        "{} does not come out straight with the engine in: {} ({}) is in its way; bolt it elsewhere, or take it"
                                + " out before the engine",
                        bar.named(),
                        inTheWay.map(Other::label).orElse(""),
                        inTheWay.map(Other::id).orElse("")),
                Place.of(Subject.tube(bar.id()), seating.node(bar.first()).towards(seating.node(bar.last()), 0.5)),
                why());
    }

    private static Why why() {
        return new Why(
                "the bar swept straight along 26 directions against all that stands",
                List.of(input("way", Quantity.length(OUT))),
                Source.derived("swept distance of convex bodies"));
    }

    private Optional<Other> blocked(List<Solid> pieces, Vec3 direction, List<Other> others) {
        for (Solid piece : pieces) {
            Sweep sweep = Sweep.of(piece, List.of(new Motion.Slide(direction, 0, OUT)));
            for (Other other : others) {
                if (sweep.bounds().distanceTo(other.solid().bounds()) <= 0 && sweep.meets(other.solid())) {
                    return Optional.of(other);
                }
            }
        }
        return Optional.empty();
    }

    /** Square to the bar first; along it it would have to go through what it is bolted to. */
    private List<Vec3> directions(Member bar) {
        Vec3 along = seating.node(bar.last()).minus(seating.node(bar.first()));
        List<Vec3> directions = new ArrayList<>();
        for (int x = -1; x <= 1; x++) {
            for (int y = -1; y <= 1; y++) {
                for (int z = -1; z <= 1; z++) {
                    if (x != 0 || y != 0 || z != 0) {
                        directions.add(new Vec3(x, y, z).unit());
                    }
                }
            }
        }
        directions.sort(Comparator.comparingDouble(each -> Math.abs(each.dot(along))));
        return directions;
    }

    private List<Other> others(Member bar, boolean engine) {
        List<Other> others = new ArrayList<>();
        for (Part part : engine ? job.donor().bodies() : List.<Part>of()) {
            part.solids()
                    .forEach(solid -> others.add(
                            new Other(part.id(), part.label(), PreparedSolid.of(solid.placed(seating.pose())))));
        }
        for (KeepOut keepOut : job.host().keepOuts()) {
            keepOut.solids()
                    .forEach(solid -> others.add(new Other(keepOut.id(), keepOut.label(), PreparedSolid.of(solid))));
        }
        Set<String> joined = new HashSet<>(List.of(bar.id()));
        for (String node : bar.nodes()) {
            seating.landing(node).ifPresent(host -> joined.add(host.id()));
            job.cradle().members().stream()
                    .filter(other -> other.nodes().contains(node))
                    .forEach(other -> joined.add(other.id()));
            job.host().members().stream()
                    .filter(other -> other.nodes().contains(node))
                    .forEach(other -> joined.add(other.id()));
        }
        List<Member> tubes = new ArrayList<>(job.cradle().members());
        tubes.addAll(job.host().members());
        for (Member tube : tubes) {
            if (!joined.contains(tube.id())) {
                Bodies.pieces(tube, seating)
                        .forEach(piece -> others.add(new Other(tube.id(), tube.label(), PreparedSolid.of(piece))));
            }
        }
        return others;
    }
}
