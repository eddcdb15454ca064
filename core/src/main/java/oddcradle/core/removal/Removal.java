package oddcradle.core.removal;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Scan;
import oddcradle.core.job.cradle.Cradle;
import oddcradle.core.job.cradle.Detail;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.job.donor.Pack;
import oddcradle.core.job.host.Host;
import oddcradle.core.job.line.Datum;
import oddcradle.core.job.line.Line;
import oddcradle.core.job.tube.Anchor;
import oddcradle.core.job.tube.Member;
import oddcradle.core.job.tube.Node;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.placement.Seating;

/**
 * A job without one thing. What names the thing is changed so that it no longer does, or goes along; the readings behind it stay.
 *
 * @param job without it
 * @param along what else changes by it, a few words each
 */
public record Removal(Job job, List<String> along) {
    public Removal {
        along = List.copyOf(along);
    }

    /**
     * A node of the host: its tubes run on without it or go, what the machine stood on there goes. Where the cradle uses it, it stays as
     * a node of the cradle.
     *
     * @throws InvalidValue if there is no such node
     */
    public static Removal ofNode(Job job, String node) {
        requireThere(job.host().nodes().stream().anyMatch(each -> each.id().equals(node)), "node", node);
        Work work = new Work(job);
        for (Member tube : job.host().members()) {
            if (tube.nodes().contains(node)) {
                work.runWithout(tube, node);
            }
        }
        work.host(host -> host.withNodes(without(host.nodes(), each -> each.id().equals(node))));
        work.host(host -> host.withSupports(work.gone(
                        host.supports(), each -> each.node().equals(node), each -> "support at " + each.node()))
                .withHardPoints(work.gone(
                        host.hardPoints(), each -> each.node().equals(node), each -> "hard point " + each.label()))
                .withSquares(work.gone(
                        host.squares(), each -> each.corners().contains(node), each -> "square " + each.label()))
                .withMasses(host.masses().stream()
                        .map(each -> each.withNodes(without(each.nodes(), node::equals)))
                        .toList()));
        if (job.host().drivenEnd().bearings().contains(node)) {
            work.along("the axle's bearings stand on no node any more");
            work.host(host -> host.withDrivenEnd(host.drivenEnd().withBearings(List.of())));
        }
        if (isNamed(job.cradle(), node)) {
            work.becomesCradleNode(node);
        } else {
            job.line().shafts().stream()
                    .filter(shaft -> shaft.bearingNodes().contains(node))
                    .forEach(
                            shaft -> work.along("the bearings of the " + shaft.label() + " stand on no node any more"));
            work.line(line -> line.withStages(
                    line.stages(),
                    line.shafts().stream()
                            .map(shaft -> shaft.bearingNodes().contains(node) ? shaft.standingOn(List.of()) : shaft)
                            .toList()));
        }
        work.host(host -> host.withScan(withoutPick(host.scan(), node)));
        return work.done();
    }

    /**
     * A tube of the host; cradle nodes that lie on it stay where they stand.
     *
     * @throws InvalidValue if there is no such tube
     */
    public static Removal ofTube(Job job, String tube) {
        Work work = new Work(job);
        work.takeTube(job.host()
                .member(tube)
                .orElseThrow(() -> new InvalidValue("tube", "is \"" + tube + "\", which is no tube of the frame")));
        return work.done();
    }

    /**
     * A boss of the donor: its mount goes, cradle nodes that hang on it stay where they stand.
     *
     * @throws InvalidValue if there is no such boss
     */
    public static Removal ofBoss(Job job, String boss) {
        requireThere(job.donor().boss(boss).isPresent(), "boss", boss);
        Work work = new Work(job);
        work.fix(anchor -> anchor instanceof Anchor.FromBoss from && from.boss().equals(boss));
        work.mounts(each -> each.boss().equals(boss));
        work.details(detail -> detail instanceof Detail.LandingPad pad
                        && pad.boss().equals(boss)
                || detail instanceof Detail.ReusedHanger hanger && hanger.boss().equals(boss)
                || detail instanceof Detail.FoldedPlate plate && plate.boss().equals(boss));
        work.donor(donor -> Pack.pruned(
                donor.withBosses(without(donor.bosses(), each -> each.id().equals(boss)))
                        .withScan(withoutPick(donor.scan(), boss))));
        Datum datum = job.line().datum();
        if (datum.pivot().filter(pivot -> pivot.boss().equals(boss)).isPresent()) {
            work.along("the datum is open again");
            work.line(line -> line.withDatum(Datum.FREE));
        }
        return work.done();
    }

    /**
     * A part of the donor, and what was said of taking it off.
     *
     * @throws InvalidValue if there is no such part
     */
    public static Removal ofPart(Job job, String part) {
        requireThere(job.donor().parts().stream().anyMatch(each -> each.id().equals(part)), "part", part);
        Work work = new Work(job);
        work.donor(donor -> Pack.pruned(
                donor.withParts(without(donor.parts(), each -> each.id().equals(part)))
                        .withServices(work.gone(
                                donor.services(), each -> each.part().equals(part), each -> "room to take it off"))));
        return work.done();
    }

    /**
     * A keep-out, and the neighbours that are in it.
     *
     * @throws InvalidValue if there is no such keep-out
     */
    public static Removal ofKeepOut(Job job, String keepOut) {
        requireThere(job.host().keepOuts().stream().anyMatch(each -> each.id().equals(keepOut)), "keep-out", keepOut);
        Work work = new Work(job);
        work.host(host ->
                host.withKeepOuts(without(host.keepOuts(), each -> each.id().equals(keepOut))));
        return work.done();
    }

    private static boolean isNamed(Cradle cradle, String node) {
        return cradle.members().stream().anyMatch(each -> each.nodes().contains(node))
                || cradle.isolators().stream().anyMatch(each -> each.node().equals(node))
                || cradle.lone().contains(node)
                || cradle.nodes().stream()
                        .anyMatch(each -> each.anchor() instanceof Anchor.OnMember on
                                && on.near().equals(node))
                || cradle.details().stream()
                        .anyMatch(each -> each instanceof Detail.ClampPad pad
                                        && pad.node().equals(node)
                                || each instanceof Detail.Gusset gusset
                                        && gusset.node().equals(node)
                                || each instanceof Detail.Slide slide
                                        && slide.nodes().contains(node));
    }

    private static void requireThere(boolean there, String what, String id) {
        if (!there) {
            throw new InvalidValue(what, "is \"" + id + "\", which there is none of");
        }
    }

    private static <T> List<T> without(List<T> all, Predicate<T> which) {
        return all.stream().filter(which.negate()).toList();
    }

    private static Optional<Scan> withoutPick(Optional<Scan> scan, String point) {
        return scan.map(each -> new Scan(each.file(), each.metresPerUnit(), without(each.picks(), pick -> pick.point()
                .equals(point))));
    }

    /** A removal while it is worked out. Nothing is checked before the end: halfway, names may point at nothing. */
    private static final class Work {
        private final Job before;
        private final Seating seating;
        private final List<String> along = new ArrayList<>();
        private Donor donor;
        private Host host;
        private Line line;
        private Cradle cradle;

        Work(Job job) {
            before = job;
            seating = Seating.of(job);
            donor = job.donor();
            host = job.host();
            line = job.line();
            cradle = job.cradle();
        }

        void along(String words) {
            along.add(words);
        }

        void donor(Function<Donor, Donor> change) {
            donor = change.apply(donor);
        }

        void host(Function<Host, Host> change) {
            host = change.apply(host);
        }

        void line(Function<Line, Line> change) {
            line = change.apply(line);
        }

        void cradle(Function<Cradle, Cradle> change) {
            cradle = change.apply(cradle);
        }

        <T> List<T> gone(List<T> all, Predicate<T> which, Function<T, String> words) {
            all.stream().filter(which).map(words).forEach(along::add);
            return without(all, which);
        }

        /** Cradle nodes that would lose what they hang on become points where they stand. */
        void fix(Predicate<Anchor> which) {
            List<Node> nodes = new ArrayList<>();
            for (Node node : cradle.nodes()) {
                if (which.test(node.anchor())) {
                    along.add("cradle node " + node.id() + " stays where it stands");
                    nodes.add(new Node(node.id(), new Anchor.At(seating.node(node.id()))));
                } else {
                    nodes.add(node);
                }
            }
            cradle = cradle.withNodes(nodes);
        }

        void becomesCradleNode(String node) {
            along.add("node " + node + " stays, as one of the cradle's");
            List<Node> nodes = new ArrayList<>(cradle.nodes());
            nodes.add(new Node(node, new Anchor.At(seating.node(node))));
            cradle = cradle.withNodes(nodes);
        }

        void mounts(Predicate<Isolator> which) {
            cradle = cradle.withIsolators(gone(cradle.isolators(), which, each -> "mount " + each.id()));
        }

        void details(Predicate<Detail> which) {
            cradle = cradle.withDetails(gone(cradle.details(), which, each -> "detail " + each.id()));
        }

        /** A tube runs on past a node that goes, if two of its nodes are left. */
        void runWithout(Member tube, String node) {
            List<String> left = new ArrayList<>();
            for (String each : tube.nodes()) {
                boolean again = !left.isEmpty() && left.get(left.size() - 1).equals(each);
                if (!each.equals(node) && !again) {
                    left.add(each);
                }
            }
            if (left.size() < 2) {
                takeTube(tube);
                return;
            }
            along.add(tube.label() + " no longer runs through it");
            host = host.withMembers(host.members().stream()
                    .map(each -> each.id().equals(tube.id()) ? tube.through(left) : each)
                    .toList());
        }

        void takeTube(Member tube) {
            fix(anchor -> anchor instanceof Anchor.OnMember on && on.member().equals(tube.id()));
            along.add(tube.label());
            host = host.withMembers(without(host.members(), each -> each.id().equals(tube.id())));
        }

        Removal done() {
            Job job = new Job(
                    before.name(),
                    before.materials(),
                    donor,
                    host,
                    line,
                    before.seat(),
                    cradle,
                    before.cases(),
                    before.build(),
                    before.candidates(),
                    before.weights(),
                    before.plan().keptFor(donor, host, line, cradle),
                    before.asBuilt(),
                    before.around(),
                    before.book());
            return new Removal(job, along);
        }
    }
}
