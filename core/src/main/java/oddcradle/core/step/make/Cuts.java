package oddcradle.core.step.make;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import oddcradle.core.geometry.RoundedPath;
import oddcradle.core.job.cradle.Detail;
import oddcradle.core.job.cradle.TubeJoint;
import oddcradle.core.job.make.Shop;
import oddcradle.core.job.tube.Member;
import oddcradle.core.material.Material;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.Seating;
import oddcradle.core.shop.BendPlan;
import oddcradle.core.shop.Cope;
import oddcradle.core.shop.CopeBranch;
import oddcradle.core.shop.CopeHeader;
import oddcradle.core.shop.CopeResult;

/**
 * True lengths, copes and bends of the cradle's tubes. A tube that runs through a node, or is listed before the others that end
 * there, runs on; the others are coped to it, and all are coped to the host tube they land on, or to the pad that is clamped round it.
 */
public final class Cuts {
    /** A change of direction below this is none, rad. */
    private static final double STRAIGHT = 1e-3;

    /** A tube that goes on from another's end within 45 degrees of its way butts on that end, cosine. */
    private static final double SPLICED = Math.cos(Math.PI / 4);

    private final Input input;
    private final CopeBook book;
    private final Set<String> hosts;
    private final Map<String, List<Vec3>> runs = new HashMap<>();
    private final Map<String, List<Member>> hostsAt = new HashMap<>();
    /** By tube and node, m: asked for by the tube itself and by each that sits on it. */
    private final Map<String, Double> runsOn = new HashMap<>();

    private Cuts(Input input, CopeBook book) {
        this.input = input;
        this.book = book;
        this.hosts = input.hostTubes().stream().map(Member::id).collect(Collectors.toSet());
    }

    /**
     * Everything that decides the lengths and copes.
     *
     * @param tubes of the cradle, in the order in which they are cut
     * @param hostTubes that they may land on
     * @param joints of their ends, where they are not welded
     * @param pads clamped round host tubes
     * @param shop whose dies bend them
     */
    public record Input(
            List<Member> tubes,
            List<Member> hostTubes,
            List<TubeJoint> joints,
            List<Detail.ClampPad> pads,
            List<Material> materials,
            Shop shop,
            Seating seating) {}

    /** @param book copes of the same shape are taken from it */
    public static List<CutTube> of(Input input, CopeBook book) {
        Cuts cuts = new Cuts(input, book);
        return input.tubes().stream().map(cuts::cut).toList();
    }

    private CutTube cut(Member tube) {
        List<Vec3> path = input.seating().path(tube);
        TubeEnd first = end(tube, tube.first(), run(tube));
        TubeEnd last = end(tube, tube.last(), JoinedTubes.reversed(run(tube)));
        double length = length(path);
        double corner = 0;
        for (int k = 1; k < path.size() - 1; k++) {
            corner = tube.bend() > 0 ? corner : Math.max(corner, RoundedPath.turn(path, k));
        }
        Optional<BendPlan> bends = bends(tube, path);
        double cut = bends.map(BendPlan::developedLength).orElse(length) + first.reach() + last.reach();
        double mass =
                cut * tube.section().area() * tube.madeOf(input.materials()).density();
        return new CutTube(tube, length, cut, corner, mass, bends, first, last);
    }

    private static double length(List<Vec3> path) {
        double length = 0;
        for (int k = 1; k < path.size(); k++) {
            length += path.get(k).distanceTo(path.get(k - 1));
        }
        return length;
    }

    /** Nodes that lie on a straight run are no corners. */
    private Optional<BendPlan> bends(Member tube, List<Vec3> path) {
        if (tube.bend() == 0 || length(path) == 0) {
            return Optional.empty();
        }
        List<Vec3> corners = new ArrayList<>(List.of(path.get(0)));
        for (int k = 1; k < path.size() - 1; k++) {
            boolean apart =
                    path.get(k).distanceTo(path.get(k - 1)) > 0 && path.get(k).distanceTo(path.get(k + 1)) > 0;
            if (apart && RoundedPath.turn(path, k) > STRAIGHT) {
                corners.add(path.get(k));
            }
        }
        corners.add(path.get(path.size() - 1));
        int bends = corners.size() - 2;
        if (bends == 0 || !hasRoom(corners, tube.bend())) {
            return Optional.empty();
        }
        double springback = input.shop()
                .die(tube.section(), tube.bend())
                .map(die -> 1 - die.springback())
                .orElse(1.0);
        return Optional.of(BendPlan.of(
                corners,
                Collections.nCopies(bends, tube.bend()),
                2 * tube.section().halfSize(false),
                springback));
    }

    /** Bends that run into each other, or turn right back, are told at Cradle; there is no plan to make them by. */
    private static boolean hasRoom(List<Vec3> corners, double radius) {
        for (int k = 1; k < corners.size(); k++) {
            if (RoundedPath.straight(corners, k, radius) < 0) {
                return false;
            }
        }
        return true;
    }

    private TubeEnd end(Member tube, String node, List<Vec3> fromEnd) {
        Vec3 at = fromEnd.get(0);
        boolean bolted = input.joints().stream()
                .anyMatch(joint -> joint.member().equals(tube.id())
                        && joint.node().equals(node)
                        && joint.kind().isBolted());
        Optional<CopeBranch> branch = JoinedTubes.branch(tube, fromEnd);
        if (branch.isEmpty()) {
            return new TubeEnd(node, at, List.of(), List.of(), branch, Optional.empty(), bolted, 0, 0, "");
        }
        List<String> landsOn = new ArrayList<>();
        List<CopeHeader> headers = new ArrayList<>();
        for (Member host : hostTubesAt(node)) {
            JoinedTubes.header(host, run(host), at, pad(node)).ifPresent(header -> {
                headers.add(header(branch.get(), host, node, header));
                landsOn.add(host.id());
            });
        }
        boolean before = true;
        for (Member other : input.tubes()) {
            if (other == tube) {
                before = false;
            } else if (other.nodes().contains(node)) {
                Optional<CopeHeader> mitre = mitre(tube, other, node, branch.get());
                if (mitre.isPresent()) {
                    headers.add(mitre.get());
                    landsOn.add(other.id());
                } else if (before || !endsAt(other, node)) {
                    JoinedTubes.header(other, run(other), at, 0).ifPresent(header -> {
                        headers.add(header(branch.get(), other, node, header));
                        landsOn.add(other.id());
                    });
                }
            }
        }
        double extension = headers.isEmpty() ? runsOn(tube, node, fromEnd) : 0;
        String marks = JoinedTubes.marks(tube, fromEnd);
        if (headers.isEmpty()) {
            return new TubeEnd(node, at, landsOn, headers, branch, Optional.empty(), bolted, extension, 0, marks);
        }
        CopeResult cope = book.cope(branch.get(), headers);
        if (bolted) {
            double meets = cope.fit().stream()
                    .filter(OptionalDouble::isPresent)
                    .mapToDouble(OptionalDouble::getAsDouble)
                    .max()
                    .orElse(0);
            return new TubeEnd(node, at, landsOn, headers, branch, Optional.empty(), true, -meets, 0, marks);
        }
        if (cope.deepest().isEmpty()) {
            return new TubeEnd(node, at, landsOn, headers, branch, Optional.empty(), false, extension, 0, marks);
        }
        List<String> touched = cope.touched().stream().map(landsOn::get).toList();
        List<CopeHeader> shaping = cope.touched().stream().map(headers::get).toList();
        return new TubeEnd(
                node,
                at,
                touched,
                shaping,
                branch,
                Optional.of(cope),
                false,
                0,
                input.shop().tools().rootGap(),
                marks);
    }

    /** Two alike that go on from each other's ends meet in the plane between them. */
    private Optional<CopeHeader> mitre(Member tube, Member other, String node, CopeBranch branch) {
        if (!endsAt(other, node) || !other.section().equals(tube.section())) {
            return Optional.empty();
        }
        return JoinedTubes.branch(other, fromEnd(other, node))
                .filter(there -> branch.direction().dot(there.direction()) < -SPLICED)
                .map(there ->
                        new CopeHeader.Face(branch.point(), branch.direction().minus(there.direction())));
    }

    /** A tube's nodes from its first, without those that lie on each other. */
    private List<Vec3> run(Member tube) {
        return runs.computeIfAbsent(
                tube.id(), any -> JoinedTubes.fromFirst(input.seating().path(tube)));
    }

    private List<Vec3> fromEnd(Member tube, String node) {
        return tube.first().equals(node) ? run(tube) : JoinedTubes.reversed(run(tube));
    }

    /** A tube that ends here too, of the host as its corners are usually made; one of the cradle runs on for what sits on it, unless it sits on something itself. */
    private CopeHeader header(CopeBranch branch, Member tube, String node, CopeHeader whole) {
        if (!endsAt(tube, node)) {
            return whole;
        }
        List<Vec3> fromEnd = fromEnd(tube, node);
        if (fromEnd.size() < 2) {
            return whole;
        }
        Vec3 outward = fromEnd.get(0).minus(fromEnd.get(1)).unit();
        if (hosts.contains(tube.id())) {
            double corner = tube.section().halfSize(false);
            return new CopeHeader.Ended(whole, fromEnd.get(0).along(outward, corner), outward);
        }
        Vec3 end = fromEnd.get(0).along(outward, runsOn(tube, node, fromEnd));
        return outward.dot(branch.direction()) > SPLICED
                ? new CopeHeader.Face(end, outward)
                : new CopeHeader.Ended(whole, end, outward);
    }

    /** How far a tube runs on past its end for those listed after it that end there too, m; 0 where it sits on something itself. */
    private double runsOn(Member tube, String node, List<Vec3> fromEnd) {
        return runsOn.computeIfAbsent(tube.id() + " " + node, any -> {
            double farthest = 0;
            boolean before = true;
            for (Member other : input.tubes()) {
                if (other == tube) {
                    before = false;
                } else if (other.nodes().contains(node)) {
                    if (before || !endsAt(other, node)) {
                        return 0.0;
                    }
                    farthest = Math.max(farthest, carried(tube, other, node, fromEnd));
                }
            }
            return hostTubesAt(node).isEmpty() ? farthest : 0.0;
        });
    }

    /** How far a tube runs on past its end so that the whole end of another lies on it, m. */
    private double carried(Member tube, Member other, String node, List<Vec3> fromEnd) {
        List<Vec3> otherEnd = fromEnd(other, node);
        Optional<CopeHeader> header = JoinedTubes.header(tube, run(tube), fromEnd.get(0), 0);
        Optional<CopeBranch> branch = JoinedTubes.branch(other, otherEnd);
        if (header.isEmpty() || branch.isEmpty()) {
            return 0;
        }
        Vec3 onward = fromEnd.get(0).minus(fromEnd.get(1)).unit();
        if (onward.dot(branch.get().direction()) > SPLICED) {
            return 0;
        }
        return Cope.reach(branch.get(), header.get(), onward);
    }

    private static boolean endsAt(Member tube, String node) {
        return tube.first().equals(node) || tube.last().equals(node);
    }

    private double pad(String node) {
        return input.pads().stream()
                .filter(pad -> pad.node().equals(node))
                .mapToDouble(Detail.ClampPad::thickness)
                .max()
                .orElse(0);
    }

    /** The host tube that a cradle node lands on, or all that meet at a host node. */
    private List<Member> hostTubesAt(String node) {
        return hostsAt.computeIfAbsent(
                node, any -> input.seating().landing(node).map(List::of).orElseGet(() -> input.hostTubes().stream()
                        .filter(tube -> tube.nodes().contains(node))
                        .toList()));
    }
}
