package oddcradle.core.search;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import oddcradle.core.control.Progress;
import oddcradle.core.examine.Examination;
import oddcradle.core.geometry.Aabb;
import oddcradle.core.geometry.Solid;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.body.KeepOut;
import oddcradle.core.job.body.Part;
import oddcradle.core.job.body.Pipe;
import oddcradle.core.job.donor.JoinedUnit;
import oddcradle.core.job.donor.Service;
import oddcradle.core.job.seat.Neighbour;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.placement.Bodies;
import oddcradle.core.placement.Seating;
import oddcradle.core.placement.Sides;
import oddcradle.core.seating.BodyShape;
import oddcradle.core.seating.GapFinder;
import oddcradle.core.seating.WayOut;

/**
 * How the donor comes out and goes in: the way, or the fewest things that have to come off for one, and whether they go back with
 * the donor in. The chain or belt is off, people have got out, wheels stand still.
 */
public final class WaysOut {
    private static final List<Vec3> SIDES =
            List.of(Vec3.Z, Vec3.X, Vec3.X.negated(), Vec3.Y, Vec3.Y.negated(), Vec3.Z.negated());
    private static final int BUDGET = 600;
    private static final int QUICK = 0;
    private static final int MOST_OFF = 4;

    private final Job job;
    private final Pose seat;
    private final List<BodyShape> parts = new ArrayList<>();
    /** Of each unit that is joined in the bay, in the order in which they go in. */
    private final Map<JoinedUnit, List<BodyShape>> alone = new LinkedHashMap<>();

    private final List<BodyShape> standing = new ArrayList<>();
    private final Aabb box;

    private WaysOut(Examination examination) {
        this.job = examination.job();
        Seating seating = examination.seating();
        this.seat = seating.pose();
        for (Part part : job.donor().bodies()) {
            partsOf(part.id()).add(BodyShape.still(part.id(), part.label(), part.solids()));
        }
        for (KeepOut keepOut : job.host().keepOuts()) {
            if (keepOut.category() != Category.PEOPLE) {
                standing.add(BodyShape.still(keepOut.id(), keepOut.label(), keepOut.solids()));
            }
        }
        job.host().members().forEach(member -> standing.add(tube(member, seating)));
        job.cradle().members().forEach(member -> standing.add(tube(member, seating)));
        this.box = standing.stream()
                .flatMap(each -> each.solids().stream())
                .map(Solid::bounds)
                .reduce(Aabb::joined)
                .orElse(new Aabb(Vec3.ZERO, Vec3.ZERO));
    }

    private List<BodyShape> partsOf(String part) {
        return job.donor().units().stream()
                .filter(unit -> unit.isJoinedInBay() && unit.parts().contains(part))
                .findFirst()
                .map(unit -> alone.computeIfAbsent(unit, one -> new ArrayList<>()))
                .orElse(parts);
    }

    private static BodyShape tube(Member member, Seating seating) {
        return BodyShape.still(member.id(), member.label(), Bodies.pieces(member, seating));
    }

    /**
     * Something that comes off first.
     *
     * @param back the way it goes back with the donor in; empty if none was found
     */
    public record Off(String id, String label, Optional<WayOut.Way> back) {}

    /**
     * A unit of the donor that comes out by itself, before those that went in before it.
     *
     * @param way empty if none was found
     */
    public record Alone(String unit, String label, Optional<WayOut.Way> way) {}

    /**
     * @param alone units that are joined in the bay, in the order in which they come out; all else goes by the way
     * @param way empty if none was found, whatever came off
     * @param off the fewest things that have to come off first
     * @param middle of the donor, its own axes, about which the way turns, m
     * @param blockers what ends each straight way, by side
     */
    public record Result(
            List<Alone> alone, Optional<WayOut.Way> way, List<Off> off, Vec3 middle, Map<String, String> blockers) {
        public Result {
            alone = List.copyOf(alone);
            off = List.copyOf(off);
            blockers = Map.copyOf(blockers);
        }
    }

    /** @throws oddcradle.core.math.InvalidValue if the seat itself is in a clash */
    public static Result find(Examination examination, Progress progress) {
        return new WaysOut(examination).search(progress);
    }

    /** What may come off, without what comes out with its own unit: what the plan names; else the cradle's bolted tubes, pipes, and parts that come off for service. */
    private List<String> removable() {
        Set<String> gone = new HashSet<>();
        alone.keySet().forEach(unit -> gone.addAll(unit.parts()));
        return allRemovable().stream().filter(id -> !gone.contains(id)).toList();
    }

    private List<String> allRemovable() {
        if (!job.plan().way().removable().isEmpty()) {
            return job.plan().way().removable();
        }
        Set<String> found = new HashSet<>();
        List<String> ids = new ArrayList<>();
        job.donor().services().stream().map(Service::part).filter(found::add).forEach(ids::add);
        job.donor().pipes().stream().map(Pipe::id).filter(found::add).forEach(ids::add);
        job.donor().bodies().stream()
                .filter(part -> part.category() == Category.HOT)
                .map(Part::id)
                .filter(found::add)
                .forEach(ids::add);
        job.cradle().members().stream()
                .filter(job.cradle()::isBoltedIn)
                .map(Member::id)
                .filter(found::add)
                .forEach(ids::add);
        return ids;
    }

    private Result search(Progress progress) {
        Map<String, String> blockers = new LinkedHashMap<>();
        for (Vec3 side : SIDES) {
            WayOut.Straight straight = WayOut.straight(question(Set.of()), seat, side);
            blockers.put(Sides.side(side), straight.out() ? "" : straight.end().obstacle());
        }
        Set<String> off = Set.of();
        Optional<WayOut.Way> way = WayOut.find(question(off), seat, BUDGET, progress.part(0, 0.6));
        if (way.isEmpty()) {
            List<Set<String>> enough = enoughForAStraightWay();
            if (!enough.isEmpty()) {
                off = enough.get(0);
                way = WayOut.find(question(off), seat, QUICK, progress.part(0.6, 0.7));
            }
        }
        if (way.isEmpty() && !removable().isEmpty()) {
            off = new LinkedHashSet<>(removable());
            way = WayOut.find(question(off), seat, BUDGET, progress.part(0.7, 0.8));
            if (way.isPresent()) {
                off = thinned(off, progress.part(0.8, 0.95));
                way = WayOut.find(question(off), seat, BUDGET, progress.part(0.95, 1));
            } else {
                off = Set.of();
            }
        }
        List<Off> comesOff = new ArrayList<>();
        for (String id : off) {
            comesOff.add(new Off(id, label(job, id), back(id)));
        }
        progress.report(1);
        return new Result(alone(), way, comesOff, middle(off), blockers);
    }

    /**
     * For each side the fewest removable things of which every pair against the straight way loses one, the smallest set first; no
     * set for a side where a pair can lose neither.
     */
    private List<Set<String>> enoughForAStraightWay() {
        WayOut.Question question = question(Set.of());
        List<String> may = removable();
        List<Set<String>> enough = new ArrayList<>();
        for (Vec3 side : SIDES) {
            List<Set<String>> pairs = new ArrayList<>();
            for (GapFinder.Pair pair : WayOut.against(question, seat, side)) {
                Set<String> either = new HashSet<>(Set.of(
                        question.finder().moved().get(pair.moved()).id(),
                        question.finder().standing().get(pair.standing()).id()));
                either.retainAll(may);
                pairs.add(either);
            }
            List<String> useful = may.stream()
                    .filter(id -> pairs.stream().anyMatch(pair -> pair.contains(id)))
                    .toList();
            fewest(useful, pairs).ifPresent(enough::add);
        }
        enough.sort(Comparator.comparingInt(Set::size));
        return enough;
    }

    private static Optional<Set<String>> fewest(List<String> useful, List<Set<String>> pairs) {
        for (int size = 0; size <= Math.min(MOST_OFF, useful.size()); size++) {
            for (Set<String> some : subsets(useful, size)) {
                if (pairs.stream().allMatch(pair -> pair.stream().anyMatch(some::contains))) {
                    return Optional.of(some);
                }
            }
        }
        return Optional.empty();
    }

    /** Puts back one thing after the other while there is still a way. */
    private Set<String> thinned(Set<String> off, Progress progress) {
        Set<String> needed = new LinkedHashSet<>(off);
        for (String id : List.copyOf(off)) {
            needed.remove(id);
            progress.report(0.5);
            if (WayOut.find(question(needed), seat, BUDGET / 4, Progress.UNWATCHED)
                    .isEmpty()) {
                needed.add(id);
            }
        }
        return needed;
    }

    private static List<Set<String>> subsets(List<String> ids, int size) {
        List<Set<String>> sets = new ArrayList<>();
        if (size == 0) {
            return List.of(Set.of());
        }
        for (int k = 0; k <= ids.size() - size; k++) {
            for (Set<String> rest : subsets(ids.subList(k + 1, ids.size()), size - 1)) {
                Set<String> set = new HashSet<>(rest);
                set.add(ids.get(k));
                sets.add(set);
            }
        }
        return sets;
    }

    private Vec3 middle(Set<String> off) {
        return middle(parts.stream().filter(part -> !off.contains(part.id())).toList());
    }

    private static Vec3 middle(List<BodyShape> bodies) {
        return bodies.stream()
                .flatMap(part -> part.solids().stream())
                .map(Solid::bounds)
                .reduce(Aabb::joined)
                .map(Aabb::centre)
                .orElse(Vec3.ZERO);
    }

    private WayOut.Question question(Set<String> off) {
        List<BodyShape> goes =
                parts.stream().filter(part -> !off.contains(part.id())).toList();
        List<BodyShape> stays =
                standing.stream().filter(each -> !off.contains(each.id())).toList();
        Vec3 middle = middle(off);
        return new WayOut.Question(
                new GapFinder(goes, stays, GapFinder.NONE),
                middle,
                reach(goes, middle),
                job.plan().way().room(),
                box.low(),
                box.high(),
                SIDES);
    }

    private static double reach(List<BodyShape> bodies, Vec3 middle) {
        double reach = 0;
        for (BodyShape body : bodies) {
            for (Solid solid : body.solids()) {
                reach = Math.max(
                        reach,
                        solid.centre().distanceTo(middle)
                                + solid.bounds().size().length() / 2);
            }
        }
        return reach;
    }

    /** The way of one part of the donor, or of one thing round it, with the donor in its place. */
    private Optional<WayOut.Way> back(String id) {
        boolean own = parts.stream().anyMatch(part -> part.id().equals(id));
        BodyShape body = (own ? parts : standing)
                .stream().filter(each -> each.id().equals(id)).findFirst().orElseThrow();
        return partWay(List.of(body), own ? seat : Pose.IDENTITY, parts, QUICK, Progress.UNWATCHED);
    }

    /** What went in last comes out first. */
    private List<Alone> alone() {
        List<JoinedUnit> units = new ArrayList<>(alone.keySet());
        List<Alone> ways = new ArrayList<>();
        for (int k = units.size() - 1; k >= 0; k--) {
            List<BodyShape> in = new ArrayList<>(parts);
            units.subList(0, k).forEach(before -> in.addAll(alone.get(before)));
            JoinedUnit unit = units.get(k);
            ways.add(new Alone(
                    unit.id(), unit.label(), partWay(alone.get(unit), seat, in, BUDGET / 4, Progress.UNWATCHED)));
        }
        return ways;
    }

    /**
     * The way off of some bodies together with everything else in its place; what they are joined to in their place does not count.
     *
     * @param in what of the donor is in
     */
    private Optional<WayOut.Way> partWay(
            List<BodyShape> bodies, Pose place, List<BodyShape> in, int budget, Progress progress) {
        Set<String> own = bodies.stream().map(BodyShape::id).collect(Collectors.toSet());
        List<BodyShape> others = new ArrayList<>();
        for (BodyShape each : standing) {
            if (!own.contains(each.id())) {
                others.add(each);
            }
        }
        for (BodyShape part : in) {
            if (!own.contains(part.id())) {
                others.add(BodyShape.still(
                        part.id(),
                        part.label(),
                        part.solids().stream().map(solid -> solid.placed(seat)).toList()));
            }
        }
        GapFinder all = new GapFinder(bodies, others, GapFinder.NONE);
        List<Integer> joined = new ArrayList<>();
        for (int s = 0; s < others.size(); s++) {
            List<Integer> rest = new ArrayList<>();
            for (int k = 0; k < others.size(); k++) {
                if (k != s) {
                    rest.add(k);
                }
            }
            if (all.without(List.of(), rest).probe().tightest(place, 0, 1).margin() <= 0) {
                joined.add(s);
            }
        }
        Vec3 middle = middle(bodies);
        return WayOut.find(
                new WayOut.Question(
                        all.without(List.of(), joined),
                        middle,
                        reach(bodies, middle),
                        job.plan().way().room(),
                        box.low(),
                        box.high(),
                        SIDES),
                place,
                budget,
                progress);
    }

    /** Something whose own way is asked for. */
    public record Thing(String id, String label) {}

    /** The donor's parts, and the pipes that are drawn to a silencer. */
    public static List<Thing> things(Job job) {
        List<Thing> things = new ArrayList<>();
        pipes(job).forEach(pipe -> things.add(new Thing(pipe.id(), pipe.label())));
        job.donor().bodies().forEach(part -> things.add(new Thing(part.id(), part.label())));
        return things;
    }

    private static Stream<Neighbour.PipeRun> pipes(Job job) {
        return job.plan().neighbours().stream()
                .filter(Neighbour.PipeRun.class::isInstance)
                .map(Neighbour.PipeRun.class::cast);
    }

    /** Whether a pipe or other part goes on and off with the donor in; what it is bolted to does not count. */
    public static Optional<WayOut.Way> ofPart(Examination examination, String part, Progress progress) {
        WaysOut ways = new WaysOut(examination);
        List<BodyShape> all = new ArrayList<>(ways.parts);
        ways.alone.values().forEach(all::addAll);
        Optional<Neighbour.PipeRun> pipe =
                pipes(examination.job()).filter(each -> each.id().equals(part)).findFirst();
        if (pipe.isPresent()) {
            return pipe.get()
                    .bent(ways.seat)
                    .map(bent -> BodyShape.still(part, bent.label(), bent.solids()))
                    .flatMap(bent -> ways.partWay(List.of(bent), Pose.IDENTITY, all, BUDGET / 4, progress));
        }
        BodyShape body =
                all.stream().filter(each -> each.id().equals(part)).findFirst().orElseThrow();
        return ways.partWay(List.of(body), ways.seat, all, BUDGET / 4, progress);
    }

    /** What a builder calls a body of the job; its id where it has no name. */
    public static String label(Job job, String id) {
        return Stream.of(
                        job.donor().bodies().stream()
                                .filter(each -> each.id().equals(id))
                                .map(Part::label),
                        job.host().keepOuts().stream()
                                .filter(each -> each.id().equals(id))
                                .map(KeepOut::label),
                        job.member(id).stream().map(Member::label))
                .flatMap(each -> each)
                .findFirst()
                .orElse(id);
    }
}
