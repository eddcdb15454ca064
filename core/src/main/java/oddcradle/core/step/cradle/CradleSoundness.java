package oddcradle.core.step.cradle;

import static oddcradle.core.finding.Why.input;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.distance.Separation;
import oddcradle.core.geometry.distance.SolidDistance;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.KeepOut;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.PathPoint;
import oddcradle.core.placement.Seating;
import oddcradle.core.placement.TubeBody;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.section.Section;
import oddcradle.core.units.Quantity;

/** Whether the tubes are a cradle: joined to the host, each in its own place, clear of what stands there, and from stock. */
public final class CradleSoundness {
    private static final Source MEETINGS = Source.derived("which tubes meet at which node");
    /** A bend that is no bend: more is bent, less is the straightness of a bar; common practice. */
    private static final double LEAST_KINK = Math.toRadians(0.5);

    private static final double MOST_KINK = Math.toRadians(10);
    /** Tubes closer to each other than this along their whole length lie in one place, of their radii. */
    private static final double SAME_PLACE = 0.5;

    private final Job job;
    private final Seating seating;
    private final ReportBuilder report;

    private CradleSoundness(ReportBuilder report, Job job, Seating seating) {
        this.report = report;
        this.job = job;
        this.seating = seating;
    }

    static void add(ReportBuilder report, Job job, Seating seating) {
        CradleSoundness soundness = new CradleSoundness(report, job, seating);
        soundness.floating();
        soundness.doubled();
        soundness.keepOuts();
        soundness.stock();
        soundness.kinks();
    }

    /** Tubes that hang together but reach the host nowhere. */
    private void floating() {
        Set<Member> left = new HashSet<>(job.cradle().members());
        for (Member start : job.cradle().members()) {
            if (!left.contains(start)) {
                continue;
            }
            List<Member> island = island(start, left);
            if (island.stream().noneMatch(this::landsOnHost)) {
                report.say(
                        CradleFinding.FLOATING,
                        Severity.STOP,
                        Phrase.of(
                                "{} hang in the air: no end of them lands on the host; pull one end onto a host tube",
                                String.join(
                                        ", ", island.stream().map(Member::id).toList())),
                        Place.of(Subject.tube(start.id()), seating.node(start.first())),
                        new Why("tubes that share nodes, none of them on the host", List.of(), MEETINGS));
            }
        }
    }

    private List<Member> island(Member start, Set<Member> left) {
        List<Member> island = new ArrayList<>();
        Deque<Member> open = new ArrayDeque<>(List.of(start));
        left.remove(start);
        while (!open.isEmpty()) {
            Member here = open.pop();
            island.add(here);
            for (Member other : job.cradle().members()) {
                if (left.contains(other) && other.nodes().stream().anyMatch(here.nodes()::contains)) {
                    left.remove(other);
                    open.push(other);
                }
            }
        }
        return island;
    }

    private boolean landsOnHost(Member member) {
        return member.nodes().stream()
                .anyMatch(node ->
                        seating.isHostNode(node) || seating.landing(node).isPresent());
    }

    /** Two tubes in one place. */
    private void doubled() {
        List<Member> members = job.cradle().members();
        for (int a = 0; a < members.size(); a++) {
            for (int b = a + 1; b < members.size(); b++) {
                if (isSamePlace(members.get(a), members.get(b))) {
                    report.say(
                            CradleFinding.DOUBLED,
                            Severity.STOP,
                            Phrase.of(
                                    "{} and {} lie in the same place: remove one of them",
                                    members.get(a).named(),
                                    members.get(b).named()),
                            new Place(
                                    List.of(
                                            Subject.tube(members.get(b).id()),
                                            Subject.tube(members.get(a).id())),
                                    List.of(seating.node(members.get(b).first()))),
                            new Why("distance of the ends of the shorter from the other", List.of(), MEETINGS));
                }
            }
        }
    }

    private boolean isSamePlace(Member a, Member b) {
        List<Vec3> first = seating.path(a);
        List<Vec3> second = seating.path(b);
        double near =
                SAME_PLACE * Math.min(a.section().outerRadius(), b.section().outerRadius());
        return liesOn(first, second, near) || liesOn(second, first, near);
    }

    private static boolean liesOn(List<Vec3> path, List<Vec3> other, double near) {
        return path.stream().allMatch(point -> PathPoint.nearest(other, point).distanceTo(point) < near)
                && path.get(0).distanceTo(path.get(path.size() - 1)) > near;
    }

    /** Tubes that go through what must be kept clear of; parts of the donor are in the ledger. */
    private void keepOuts() {
        Map<Member, List<Solid>> tubes = new LinkedHashMap<>();
        job.cradle().members().forEach(member -> tubes.put(member, TubeBody.betweenJoints(job, seating, member)));
        for (KeepOut keepOut : job.host().keepOuts()) {
            tubes.forEach(
                    (member, pieces) -> deepest(pieces, keepOut).ifPresent(apart -> through(member, keepOut, apart)));
        }
    }

    private static Optional<Separation> deepest(List<Solid> pieces, KeepOut keepOut) {
        Optional<Separation> least = Optional.empty();
        for (Solid piece : pieces) {
            for (Solid kept : keepOut.solids()) {
                if (kept.bounds().distanceTo(piece.bounds()) > 0) {
                    continue;
                }
                Separation here = SolidDistance.between(piece, kept);
                if (here.distance() <= 0
                        && (least.isEmpty() || here.distance() < least.get().distance())) {
                    least = Optional.of(here);
                }
            }
        }
        return least;
    }

    private void through(Member member, KeepOut keepOut, Separation apart) {
        report.atLeast(
                CradleFinding.THROUGH,
                Severity.STOP,
                Phrase.of(
                        "{} ({}) goes {} into {}; pull one of its ends along, or bend it round",
                        member.label(),
                        member.named(),
                        Quantity.length(-apart.distance()),
                        keepOut.label()),
                Quantity.length(apart.distance()),
                Quantity.length(0),
                Place.between(Subject.tube(member.id()), apart.pointA(), Subject.keepOut(keepOut.id()), apart.pointB()),
                new Why("least distance of the two bodies", List.of(), Source.derived("distance of convex bodies")));
    }

    private void stock() {
        for (Member member : job.cradle().members()) {
            if (job.build().shop().has(member.section())) {
                continue;
            }
            Optional<Section> nearest = nearestInStock(job, member.section());
            report.say(
                    CradleFinding.STOCK,
                    Severity.WATCH,
                    Phrase.of(
                            nearest.isPresent()
                                    ? "{} of {} is not in stock; the nearest there is {}"
                                    : "{} of {} is not in stock, nor is any of its shape{}",
                            member.section(),
                            member.named(),
                            nearest.map(Section::designation).orElse("")),
                    Place.of(Subject.tube(member.id()), seating.node(member.first())),
                    new Why(
                            "sections of the shop",
                            List.of(input(
                                    "in stock",
                                    Quantity.count(job.build().shop().sections().size()))),
                            Source.measured()));
        }
    }

    /** Straight stock whose nodes lie a little beside one line: nobody bends that, a spacer takes it up. */
    private void kinks() {
        for (Member member : job.cradle().members()) {
            List<Vec3> path = seating.path(member);
            for (int k = 1; k < path.size() - 1 && member.bend() == 0; k++) {
                Vec3 in = path.get(k).minus(path.get(k - 1));
                Vec3 out = path.get(k + 1).minus(path.get(k));
                double angle = Math.atan2(in.cross(out).length(), in.dot(out));
                if (angle > LEAST_KINK && angle < MOST_KINK) {
                    kink(member, k, path, angle);
                }
            }
        }
    }

    private void kink(Member member, int at, List<Vec3> path, double angle) {
        Vec3 straight = straightened(path, at);
        String node = member.nodes().get(at);
        double off = straight.distanceTo(path.get(at));
        report.say(
                CradleFinding.KINK,
                Severity.WATCH,
                Phrase.of(
                        "{} ({}) is drawn bent by {} at {}, and nobody bends that: pull {} onto its straight line, {} away, and put a"
                                + " spacer under the mount",
                        member.label(),
                        member.named(),
                        Quantity.angle(angle),
                        node,
                        node,
                        Quantity.length(off)),
                new Place(List.of(Subject.node(node), Subject.tube(member.id())), List.of(path.get(at))),
                new Why(
                        "angle between the pieces before and behind it; distance from the line of the tube's ends",
                        List.of(input("off the line", Quantity.length(off))),
                        Source.commonPractice()));
    }

    /** Where a node of a path would lie if the path ran straight from its first to its last; host axes, m. */
    public static Vec3 straightened(List<Vec3> path, int at) {
        Vec3 first = path.get(0);
        Vec3 along = path.get(path.size() - 1).minus(first);
        return first.along(along, path.get(at).minus(first).dot(along) / along.squaredLength());
    }

    /** Of the same shape, as near in weight as can be, rather heavier than lighter. */
    public static Optional<Section> nearestInStock(Job job, Section section) {
        return job.build().shop().sections().stream()
                .filter(each -> each.getClass() == section.getClass())
                .min(Comparator.comparingDouble(each -> each.area() >= section.area()
                        ? each.area() - section.area()
                        : 3 * (section.area() - each.area())));
    }
}
