package oddcradle.core.structure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BinaryOperator;
import oddcradle.core.frame.CaseResult;
import oddcradle.core.frame.FrameResult;
import oddcradle.core.frame.MemberResult;
import oddcradle.core.job.Job;
import oddcradle.core.job.load.Level;
import oddcradle.core.job.load.LoadCase;
import oddcradle.core.job.tube.Member;
import oddcradle.core.material.Material;
import oddcradle.core.strength.DentedTube;

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

    private record Worst(
            LoadCase load,
            MemberResult piece,
            TubeStress.Limit limit,
            double stress,
            double allowed,
            double utilisation,
            double place) {}

    /** What one material may be stressed to at a level, Pa, and what is kept from buckling. */
    private record Allowed(double metal, double besideWeld, double onBuckling) {
        Allowed dented(DentedTube dent) {
            return dent == DentedTube.SOUND
                    ? this
                    : new Allowed(dent.bent() * metal, dent.bent() * besideWeld, onBuckling / dent.asColumn());
        }

        static Allowed of(Material material, Level level, double yieldFactor) {
            double onYield = level.onYield(yieldFactor, material.ultimateOverYield());
            return new Allowed(
                    material.yieldStrength() / onYield,
                    material.yieldBesideWeld() / onYield,
                    level.onBuckling(yieldFactor));
        }
    }

    /** The worst of every tube over its pieces and the cases, the most used first. */
    public static List<TubeStress> of(Input input) {
        return of(input, (tube, load) -> tube);
    }

    /** Every tube in every case, over its pieces, the most used first. */
    public static List<TubeStress> byCase(Input input) {
        return of(input, (tube, load) -> tube + " " + load);
    }

    /** @param kept of ids of tube and case, what the worst is kept for */
    private static List<TubeStress> of(Input input, BinaryOperator<String> kept) {
        CradleFrame.Built built = input.frame();
        Map<String, Member> tubes = new HashMap<>();
        input.tubes().forEach(tube -> tubes.put(tube.id(), tube));
        Map<String, LoadCase> loads = new HashMap<>();
        input.cases().forEach(load -> loads.put(load.id(), load));
        Map<String, EnumMap<Level, Allowed>> allowed = allowed(input);
        Map<String, FreeTube> free = FreeTube.of(built);
        Map<String, Worst> worst = new LinkedHashMap<>();
        for (CaseResult each : input.result().cases()) {
            LoadCase load = loads.get(each.id());
            for (MemberResult piece : each.members()) {
                Member tube = tubes.get(built.memberOfPiece().get(piece.id()));
                Allowed may = allowed.get(tube.material()).get(load.level()).dented(dent(tube));
                Worst here = worst(load, piece, free.get(piece.id()), may);
                worst.merge(
                        kept.apply(tube.id(), load.id()),
                        here,
                        (before, now) -> now.utilisation() > before.utilisation() ? now : before);
            }
        }
        List<TubeStress> uses = new ArrayList<>();
        worst.values()
                .forEach(each -> uses.add(new TubeStress(
                        tubes.get(built.memberOfPiece().get(each.piece().id())),
                        each.piece().id(),
                        each.load(),
                        each.piece(),
                        each.limit(),
                        each.stress(),
                        each.allowed(),
                        free.get(each.piece().id()).column(),
                        each.utilisation(),
                        built.pointOn(each.piece().id(), each.place()))));
        uses.sort(Comparator.comparingDouble(TubeStress::utilisation).reversed());
        return uses;
    }

    private static DentedTube dent(Member tube) {
        return tube.condition()
                .map(condition -> DentedTube.of(condition.dentDepth(), condition.remainingWall()))
                .orElse(DentedTube.SOUND);
    }

    /** By material and level. */
    private static Map<String, EnumMap<Level, Allowed>> allowed(Input input) {
        Map<String, EnumMap<Level, Allowed>> allowed = new HashMap<>();
        for (Material material : input.materials()) {
            EnumMap<Level, Allowed> byLevel = new EnumMap<>(Level.class);
            for (Level level : Level.values()) {
                byLevel.put(level, Allowed.of(material, level, input.yieldFactor()));
            }
            allowed.put(material.name(), byLevel);
        }
        return allowed;
    }

    /** The most that presses a piece together, N; less than 0 where it is pulled all along. */
    public static double pressure(MemberResult piece) {
        return Math.max(piece.endI().force().x(), -piece.endJ().force().x());
    }

    private static Worst worst(LoadCase load, MemberResult piece, FreeTube free, Allowed may) {
        double mises = piece.vonMisesMax();
        Worst worst = new Worst(
                load, piece, TubeStress.Limit.METAL, mises, may.metal(), mises / may.metal(), piece.worstAt());
        if (may.besideWeld() < may.metal()) {
            for (double end : free.weldedEnds()) {
                double stress = free.misesAt(end == 0 ? piece.endI() : piece.endJ());
                if (stress / may.besideWeld() > worst.utilisation()) {
                    worst = new Worst(
                            load,
                            piece,
                            TubeStress.Limit.BESIDE_WELD,
                            stress,
                            may.besideWeld(),
                            stress / may.besideWeld(),
                            end);
                }
            }
        }
        double pressure = pressure(piece);
        double bending = Math.max(
                0, piece.stressMax() - Math.abs(pressure) / free.column().area());
        double asColumn = free.column().utilisation(pressure, bending, may.onBuckling(), may.metal());
        if (asColumn > worst.utilisation()) {
            worst = new Worst(
                    load,
                    piece,
                    TubeStress.Limit.COLUMN,
                    piece.stressMax(),
                    piece.stressMax() / asColumn,
                    asColumn,
                    piece.worstAt());
        }
        return worst;
    }
}
