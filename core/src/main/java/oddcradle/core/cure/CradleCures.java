package oddcradle.core.cure;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Step;
import oddcradle.core.finding.Subject;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Detail;
import oddcradle.core.job.cradle.MountChoices;
import oddcradle.core.job.cradle.TubeJoint;
import oddcradle.core.job.edit.CradleEdit;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.PathPoint;
import oddcradle.core.placement.Seating;
import oddcradle.core.report.Cure;
import oddcradle.core.search.NodePull;
import oddcradle.core.section.Tube;
import oddcradle.core.step.cradle.CradleFinding;
import oddcradle.core.step.cradle.CradleSoundness;

/** What would mend a finding of the Cradle step. */
final class CradleCures {
    private static final double STEP = 0.0005;

    private CradleCures() {}

    /** Only those after which there is less of the same to be found. */
    static List<Cure> of(Examination examination, Finding finding) {
        if (finding.code() == CradleFinding.LOOSE_END) {
            return landing(examination.job(), examination.seating(), finding);
        }
        long before = alike(examination, finding);
        return proposed(examination, finding).stream()
                .filter(cure ->
                        alike(Examination.of(cure.edit().applyTo(examination.job()), examination), finding) < before)
                .toList();
    }

    private static long alike(Examination examination, Finding finding) {
        return examination.report(Step.CRADLE).findings().stream()
                .filter(each -> each.code().equals(finding.code()))
                .count();
    }

    private static List<Cure> proposed(Examination examination, Finding finding) {
        Job job = examination.job();
        String id = finding.where().subjects().get(0).id();
        return switch ((CradleFinding) finding.code()) {
            case STOCK ->
                job.cradle()
                        .member(id)
                        .flatMap(member -> CradleSoundness.nearestInStock(job, member.section())
                                .map(stock -> List.of(Cure.of(new JobEdit.SetSection(member.id(), stock)))))
                        .orElse(List.of());
            case DOUBLED -> List.of(Cure.of(new CradleEdit.RemoveTube(id)));
            case ALLOY -> clamped(examination, id);
            case THIN_TAB -> decided(job, id, MountChoices.Item.TAB);
            case COMPRESSION, WASHER_OVERLAP ->
                decided(
                        job,
                        id,
                        finding.code().equals(CradleFinding.COMPRESSION)
                                ? MountChoices.Item.SLEEVE
                                : MountChoices.Item.LARGE_WASHER);
            case BOLT_LENGTH, BOTTOMS, SHANK -> decided(job, id, MountChoices.Item.BOLT);
            case STACK ->
                lowered(examination, id, -finding.measured().orElseThrow().si());
            case CRUSH -> sleeved(job, id);
            case KINK -> straightened(examination, finding);
            default -> List.of();
        };
    }

    /** A split pad bolted round the alloy, wherever this tube lands on it. */
    private static List<Cure> clamped(Examination examination, String tube) {
        Job job = examination.job();
        Member member = job.cradle().member(tube).orElseThrow();
        return Stream.of(member.first(), member.last())
                .filter(node -> examination
                        .seating()
                        .landing(node)
                        .filter(host -> job.material(host).isLightAlloy())
                        .isPresent())
                .filter(node -> job.cradle().details(Detail.ClampPad.class).noneMatch(pad -> pad.node()
                        .equals(node)))
                .limit(1)
                .map(node -> Cure.of(new CradleEdit.SetDetail(
                        new Detail.ClampPad(CradleEdit.freeName(job, "K"), node, 0.09, 0.005, "M8", 4, true))))
                .toList();
    }

    /** What the program would take if it were left to decide; nothing where that is no better. */
    private static List<Cure> decided(Job job, String mount, MountChoices.Item item) {
        return job.cradle().isolators().stream()
                .filter(each ->
                        each.id().equals(mount) && each.choices().size(item).isPresent())
                .map(each ->
                        Cure.of(new CradleEdit.SetChoices(mount, each.choices().with(item, Optional.empty()))))
                .toList();
    }

    /** The node that carries the mount moved away along the bolt. */
    private static List<Cure> lowered(Examination examination, String mount, double by) {
        double whole = Math.ceil(by / STEP) * STEP;
        return examination.mountDesigns().stream()
                .filter(design -> design.isolator().id().equals(mount))
                .map(design -> {
                    String node = design.isolator().node();
                    Vec3 to = examination.seating().node(node).along(design.axis(), whole);
                    return Cure.of(NodePull.to(examination, node, to, false));
                })
                .toList();
    }

    /** The node onto the straight line of its tube's ends; the mount's spacer is worked out anew. */
    private static List<Cure> straightened(Examination examination, Finding finding) {
        String node = finding.where().first(Subject.Kind.NODE).orElseThrow();
        Member tube = examination
                .job()
                .cradle()
                .member(finding.where().first(Subject.Kind.TUBE).orElseThrow())
                .orElseThrow();
        Vec3 to = CradleSoundness.straightened(
                examination.seating().path(tube), tube.nodes().indexOf(node));
        return List.of(Cure.of(NodePull.to(examination, node, to, false)));
    }

    /** A tube inside that fits, a little longer than an inch. */
    private static List<Cure> sleeved(Job job, String tube) {
        return job.cradle().joints().stream()
                .filter(joint -> joint.member().equals(tube) && joint.kind().isBolted())
                .filter(joint -> joint.sleeve().isEmpty())
                .limit(1)
                .flatMap(joint -> job.cradle().member(tube).stream()
                        .filter(member -> member.section() instanceof Tube)
                        .map(member -> (Tube) member.section())
                        .map(round -> Cure.of(new CradleEdit.SetJoint(joint.withSleeve(Optional.of(
                                new TubeJoint.InnerSleeve(round.od() - 2 * round.wall() - 0.0003, 0.032)))))))
                .toList();
    }

    /** Onto the host tube that is nearest to the loose end. */
    private static List<Cure> landing(Job job, Seating seating, Finding finding) {
        String tubeId = finding.where().first(Subject.Kind.TUBE).orElseThrow();
        String node = finding.where().first(Subject.Kind.NODE).orElseThrow();
        Member tube = job.cradle().member(tubeId).orElseThrow();
        String other = node.equals(tube.first()) ? tube.last() : tube.first();
        boolean ownNode =
                job.cradle().nodes().stream().anyMatch(each -> each.id().equals(node));
        if (!ownNode) {
            return List.of();
        }
        return job.host().members().stream()
                .min(Comparator.comparingDouble(member -> distance(seating, member, seating.node(node))))
                .map(member -> List.of(Cure.of(new JobEdit.LandNode(node, member.id(), other))))
                .orElse(List.of());
    }

    private static double distance(Seating seating, Member member, Vec3 point) {
        return PathPoint.nearest(seating.path(member), point).distanceTo(point);
    }
}
