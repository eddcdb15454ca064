package oddcradle.core.proof;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import oddcradle.core.control.Progress;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Outcome;
import oddcradle.core.frame.CaseResult;
import oddcradle.core.frame.FrameAnalysis;
import oddcradle.core.frame.FrameResult;
import oddcradle.core.frame.MemberResult;
import oddcradle.core.frame.input.ElasticMount;
import oddcradle.core.frame.input.FrameInput;
import oddcradle.core.frame.input.FrameMember;
import oddcradle.core.job.Job;
import oddcradle.core.job.load.Level;
import oddcradle.core.job.load.LoadCase;
import oddcradle.core.job.tube.Member;
import oddcradle.core.material.Material;
import oddcradle.core.structure.CaseVariants;
import oddcradle.core.structure.CradleFrame;

/**
 * One part that is gone, and what is left then under every load case that the machine is to outlive.
 *
 * @param part tube or mount, in words
 * @param id of the part
 * @param falls what comes loose; empty where the rest still holds together
 * @param worst tube of what is left, in words; empty where it comes loose
 * @param worstId id of that tube
 * @param overUltimate its stress over what breaks it, a ratio
 * @param load case of that
 */
public record Loss(
        String part,
        String id,
        Optional<String> falls,
        String worst,
        String worstId,
        double overUltimate,
        String load) {
    /** Whether the engine stays where it is. */
    public boolean staysAboard() {
        return falls.isEmpty() && overUltimate <= 1;
    }

    /** Every tube of the cradle and every mount, the worst loss first. */
    static List<Loss> all(Examination examination, Progress progress) {
        Job job = examination.job();
        FrameInput whole = examination.frame().input();
        List<Loss> losses = new ArrayList<>();
        List<Member> tubes = job.cradle().members();
        List<ElasticMount> mounts = whole.mounts();
        int all = Math.max(1, tubes.size() + mounts.size());
        for (Member tube : tubes) {
            List<FrameMember> left = whole.members().stream()
                    .filter(piece ->
                            !examination.frame().memberOfPiece().get(piece.id()).equals(tube.id()))
                    .toList();
            losses.add(of(examination, tube.named(), tube.id(), with(whole, left, mounts)));
            progress.report((double) losses.size() / all);
        }
        for (ElasticMount mount : mounts) {
            List<ElasticMount> left =
                    mounts.stream().filter(each -> each != mount).toList();
            losses.add(of(examination, "mount " + mount.id(), mount.id(), with(whole, whole.members(), left)));
            progress.report((double) losses.size() / all);
        }
        losses.sort(Comparator.comparing((Loss each) -> each.falls().isEmpty())
                .thenComparing(Comparator.comparingDouble(Loss::overUltimate).reversed()));
        return losses;
    }

    /** Nodes that nothing touches any more take no load with them. */
    private static FrameInput with(FrameInput whole, List<FrameMember> members, List<ElasticMount> mounts) {
        return new FrameInput(
                whole.theory(), whole.nodes(), members, whole.supports(), mounts, whole.masses(), whole.cases());
    }

    private static Loss of(Examination examination, String part, String id, FrameInput left) {
        Outcome<FrameResult> outcome = FrameAnalysis.solve(left);
        if (outcome.answer().isEmpty()) {
            return new Loss(part, id, Optional.of("the donor, or what was held by it, comes loose"), "", "", 0, "");
        }
        Job job = examination.job();
        Map<String, LoadCase> loads = new HashMap<>();
        CaseVariants.of(job).forEach(load -> loads.put(load.id(), load));
        FrameResult result = outcome.answer().get();
        CradleFrame.Built frame = examination.frame();
        Loss worst = new Loss(part, id, Optional.empty(), "", "", 0, "");
        for (CaseResult each : result.cases()) {
            LoadCase load = loads.get(each.id());
            if (load.level() == Level.ULTIMATE) {
                continue;
            }
            for (MemberResult piece : each.members()) {
                Member tube = job.member(frame.memberOfPiece().get(piece.id())).orElseThrow();
                Material metal = job.material(tube);
                double over = piece.vonMisesMax() / (metal.yieldBesideWeld() * metal.ultimateOverYield());
                if (over > worst.overUltimate()) {
                    worst = new Loss(part, id, Optional.empty(), tube.named(), tube.id(), over, load.label());
                }
            }
        }
        return worst;
    }
}
