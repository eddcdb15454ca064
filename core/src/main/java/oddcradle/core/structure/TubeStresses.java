package oddcradle.core.structure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import oddcradle.core.frame.CaseResult;
import oddcradle.core.frame.FrameResult;
import oddcradle.core.frame.MemberResult;
import oddcradle.core.job.Job;
import oddcradle.core.job.load.LoadCase;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;

/** How hard the cases work the tubes. */
public final class TubeStresses {
    private TubeStresses() {}

    private record Worst(LoadCase load, MemberResult piece) {}

    /** The worst of every tube over its pieces and the cases, the most used first. */
    public static List<TubeStress> of(Job job, CradleFrame.Built built, FrameResult result) {
        Map<String, Member> tubes = new HashMap<>();
        job.host().members().forEach(tube -> tubes.put(tube.id(), tube));
        job.cradle().members().forEach(tube -> tubes.put(tube.id(), tube));
        Map<String, LoadCase> loads = new HashMap<>();
        job.cases().forEach(load -> loads.put(load.id(), load));
        Map<String, Double> allowed = new HashMap<>();
        job.materials()
                .forEach(material -> allowed.put(
                        material.name(), material.yieldStrength() / job.build().yieldFactor()));
        Map<String, Worst> worst = new LinkedHashMap<>();
        for (CaseResult each : result.cases()) {
            LoadCase load = loads.get(each.id());
            for (MemberResult piece : each.members()) {
                String tube = built.memberOfPiece().get(piece.id());
                Worst before = worst.get(tube);
                if (before == null || piece.vonMisesMax() > before.piece().vonMisesMax()) {
                    worst.put(tube, new Worst(load, piece));
                }
            }
        }
        List<TubeStress> uses = new ArrayList<>();
        worst.forEach((id, each) -> {
            Member tube = tubes.get(id);
            Vec3 at = built.pointOn(each.piece().id(), each.piece().worstAt());
            uses.add(new TubeStress(
                    tube, each.piece().id(), each.load(), each.piece(), allowed.get(tube.material()), at));
        });
        uses.sort(Comparator.comparingDouble(TubeStress::utilisation).reversed());
        return uses;
    }
}
