package oddcradle.core.proof;

import static oddcradle.core.finding.Why.input;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import oddcradle.core.catalog.ScrewThread;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Why;
import oddcradle.core.frame.CaseResult;
import oddcradle.core.frame.EndForces;
import oddcradle.core.frame.MemberResult;
import oddcradle.core.frame.input.FrameMember;
import oddcradle.core.frame.input.MemberAxes;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Detail;
import oddcradle.core.job.load.LoadCase;
import oddcradle.core.job.tube.Member;
import oddcradle.core.joint.HubGrip;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.Seating;
import oddcradle.core.section.Tube;
import oddcradle.core.structure.CaseVariants;
import oddcradle.core.structure.CradleFrame;
import oddcradle.core.units.Quantity;

/**
 * Shells bolted round a tube: what slides and spins them is held by friction on two lines, what tilts them by the pressure along them, up to where one
 * edge lifts, a sixth of their length. Common practice.
 */
final class ClampJoints {
    private static final double KERN = 1.0 / 6;

    private final Job job;
    private final Seating seating;
    private final CradleFrame.Built frame;

    private ClampJoints(Job job, Seating seating, CradleFrame.Built frame) {
        this.job = job;
        this.seating = seating;
        this.frame = frame;
    }

    /** Every clamp on a tube of the host, in its worst case. */
    static List<JointUse> of(Examination examination, List<CaseResult> results) {
        ClampJoints joints = new ClampJoints(examination.job(), examination.seating(), examination.frame());
        List<JointUse> uses = new ArrayList<>();
        examination.job().cradle().details(Detail.ClampPad.class).forEach(pad -> joints.worst(pad, results)
                .ifPresent(uses::add));
        return uses;
    }

    private Optional<JointUse> worst(Detail.ClampPad pad, List<CaseResult> results) {
        Optional<Member> host = seating.landing(pad.node());
        if (host.isEmpty()) {
            return Optional.empty();
        }
        Map<String, LoadCase> loads = new HashMap<>();
        CaseVariants.of(job).forEach(load -> loads.put(load.id(), load));
        return results.stream()
                .map(each -> under(pad, host.get(), each, loads.get(each.id())))
                .flatMap(Optional::stream)
                .reduce(JointUse::orWorse);
    }

    private Optional<JointUse> under(Detail.ClampPad pad, Member host, CaseResult result, LoadCase load) {
        Vec3 at = seating.node(pad.node());
        Vec3 force = Vec3.ZERO;
        Vec3 moment = Vec3.ZERO;
        Member carried = null;
        for (int k = 0; k < frame.input().members().size(); k++) {
            FrameMember piece = frame.input().members().get(k);
            Optional<Member> tube = job.cradle().member(frame.memberOfPiece().get(piece.id()));
            boolean first = piece.i().equals(pad.node());
            if (tube.isPresent() && (first || piece.j().equals(pad.node()))) {
                carried = tube.get();
                MemberResult worked = result.members().get(k);
                EndForces end = first ? worked.endI() : worked.endJ();
                MemberAxes axes = MemberAxes.of(frame.wayOf(piece.id()));
                force = force.plus(axes.global(end.force()));
                moment = moment.plus(axes.global(end.moment()));
            }
        }
        return carried == null
                ? Optional.empty()
                : Optional.of(use(pad, carried, host, at, wayOf(host, at), force, moment, load));
    }

    /** Of the host tube where the clamp sits, unit. */
    private Vec3 wayOf(Member host, Vec3 at) {
        List<Vec3> path = seating.path(host);
        Vec3 way = path.get(path.size() - 1).minus(path.get(0)).unit();
        double least = Double.POSITIVE_INFINITY;
        for (int k = 1; k < path.size(); k++) {
            double round = path.get(k - 1).distanceTo(at) + path.get(k).distanceTo(at);
            double apart = round - path.get(k - 1).distanceTo(path.get(k));
            if (apart < least) {
                least = apart;
                way = path.get(k).minus(path.get(k - 1)).unit();
            }
        }
        return way;
    }

    private JointUse use(
            Detail.ClampPad pad,
            Member carried,
            Member host,
            Vec3 at,
            Vec3 way,
            Vec3 force,
            Vec3 moment,
            LoadCase load) {
        double pressed = HubGrip.screws(pad.bolts(), ScrewThread.of("thread", pad.thread()));
        double slides = 2 * HubGrip.FRICTION * pressed;
        // A box cannot spin in its shells.
        double spins = host.remaining() instanceof Tube tube ? slides * tube.od() / 2 : Double.POSITIVE_INFINITY;
        double tilts = pressed * pad.length() * KERN;
        double along = Math.abs(force.dot(way));
        double round = Math.abs(moment.dot(way));
        double tilted = moment.withoutPartAlong(way).length();
        double kept = load.level().onYield(job.build().yieldFactor(), 1);
        double utilisation = kept * (Math.hypot(along / slides, round / spins) + tilted / tilts);
        return new JointUse(
                "clamp " + pad.id(),
                "clamp " + pad.id() + " round " + host.named(),
                "clamp " + pad.id(),
                carried,
                Optional.of(host.id()),
                at,
                load,
                JointUse.Limit.GRIP,
                utilisation,
                0,
                true,
                new Why(
                        "factor · (√((F/2μN)² + (T/μNd)²) + 6M/(N·L)) of the shells on the tube",
                        List.of(
                                input("F, along the tube", Quantity.force(along)),
                                input("T, about it", Quantity.torque(round)),
                                input("M, tilting", Quantity.torque(tilted)),
                                input("N, all bolts at three quarters of proof", Quantity.force(pressed)),
                                input("μ", Quantity.ratio(HubGrip.FRICTION)),
                                input("L", Quantity.length(pad.length())),
                                input("factor", Quantity.ratio(kept))),
                        Source.commonPractice()));
    }
}
