package oddcradle.core.structure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import oddcradle.core.frame.CaseResult;
import oddcradle.core.frame.FrameResult;
import oddcradle.core.frame.MemberResult;
import oddcradle.core.job.Job;
import oddcradle.core.job.load.Level;
import oddcradle.core.job.load.LoadCase;
import oddcradle.core.job.tube.Member;
import oddcradle.core.material.Material;
import oddcradle.core.math.Vec3;

/** How hard the cases work the tubes. */
public final class TubeStresses {
    private TubeStresses() {}

    /**
     * Everything that decides them.
     *
     * @param tubes of host and cradle
     * @param yieldFactor that stresses keep from yielding
     */
    public record Input(
            List<Member> tubes,
            List<LoadCase> cases,
            List<Material> materials,
            double yieldFactor,
            CradleFrame.Built frame,
            FrameResult result) {}

    public static Input input(Job job, CradleFrame.Built frame, FrameResult result) {
        List<Member> tubes = new ArrayList<>(job.host().members());
        tubes.addAll(job.cradle().members());
        return new Input(
                tubes, CaseVariants.of(job), job.materials(), job.build().yieldFactor(), frame, result);
    }

    private record Worst(LoadCase load, MemberResult piece, double allowed) {
        double utilisation() {
            return piece.vonMisesMax() / allowed;
        }
    }

    /** The worst of every tube over its pieces and the cases, the most used first. */
    public static List<TubeStress> of(Input input) {
        CradleFrame.Built built = input.frame();
        Map<String, Member> tubes = new HashMap<>();
        input.tubes().forEach(tube -> tubes.put(tube.id(), tube));
        Map<String, LoadCase> loads = new HashMap<>();
        input.cases().forEach(load -> loads.put(load.id(), load));
        Map<String, EnumMap<Level, Double>> allowed = new HashMap<>();
        input.materials().forEach(material -> allowed.put(material.name(), allowed(material, input.yieldFactor())));
        Map<String, Worst> worst = new LinkedHashMap<>();
        for (CaseResult each : input.result().cases()) {
            LoadCase load = loads.get(each.id());
            for (MemberResult piece : each.members()) {
                String tube = built.memberOfPiece().get(piece.id());
                double may = allowed.get(tubes.get(tube).material()).get(load.level());
                Worst before = worst.get(tube);
                if (before == null || piece.vonMisesMax() / may > before.utilisation()) {
                    worst.put(tube, new Worst(load, piece, may));
                }
            }
        }
        List<TubeStress> uses = new ArrayList<>();
        worst.forEach((id, each) -> {
            Vec3 at = built.pointOn(each.piece().id(), each.piece().worstAt());
            uses.add(new TubeStress(tubes.get(id), each.piece().id(), each.load(), each.piece(), each.allowed(), at));
        });
        uses.sort(Comparator.comparingDouble(TubeStress::utilisation).reversed());
        return uses;
    }

    private static EnumMap<Level, Double> allowed(Material material, double yieldFactor) {
        EnumMap<Level, Double> allowed = new EnumMap<>(Level.class);
        for (Level level : Level.values()) {
            allowed.put(level, material.yieldStrength() / level.onYield(yieldFactor, material.ultimateOverYield()));
        }
        return allowed;
    }
}
