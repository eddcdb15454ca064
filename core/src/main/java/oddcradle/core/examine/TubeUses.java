package oddcradle.core.examine;

import static oddcradle.core.finding.Why.input;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import oddcradle.core.finding.Figure;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Outcome;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Stop;
import oddcradle.core.finding.Why;
import oddcradle.core.frame.CaseResult;
import oddcradle.core.frame.FrameResult;
import oddcradle.core.frame.MemberResult;
import oddcradle.core.frame.NodeMovement;
import oddcradle.core.frame.Reaction;
import oddcradle.core.job.Job;
import oddcradle.core.job.LoadCase;
import oddcradle.core.job.Member;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.Quantity;

/** How hard the cases work the tubes. */
public final class TubeUses {
    private TubeUses() {}

    private record Worst(LoadCase load, MemberResult piece) {}

    /** The worst of every tube over its pieces and the cases, the most used first. */
    static List<TubeUse> of(Job job, CradleFrame.Built built, FrameResult result) {
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
        List<TubeUse> uses = new ArrayList<>();
        worst.forEach((id, each) -> {
            Member tube = tubes.get(id);
            Vec3 at = built.pointOn(each.piece().id(), each.piece().worstAt());
            uses.add(new TubeUse(tube, each.piece().id(), each.load(), each.piece(), allowed.get(tube.material()), at));
        });
        uses.sort(Comparator.comparingDouble(TubeUse::share).reversed());
        return uses;
    }
}
