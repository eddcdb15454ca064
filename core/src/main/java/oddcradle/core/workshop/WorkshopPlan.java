package oddcradle.core.workshop;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.make.Build;
import oddcradle.core.math.InvalidValue;

/**
 * Everything that the shop needs to make a cradle.
 *
 * @param cuts which bar gives which tube; empty where the stock does not do
 * @param stockProblem why not, in words; empty where it does
 * @param plates pieces cut to an outline
 * @param sheets which sheet gives which plate; empty where the stock does not do
 */
public record WorkshopPlan(
        Optional<CutPlan> cuts,
        String stockProblem,
        List<PlatePart> plates,
        Optional<PlatePlan> sheets,
        DrillPlan holes,
        WeldMap welds,
        HardwareTotals hardware,
        JigPlan jig,
        BuildOrder order) {
    public WorkshopPlan {
        plates = List.copyOf(plates);
    }

    public static WorkshopPlan of(Examination examination) {
        Build build = examination.job().build();
        List<PlatePart> plates = PlatePart.of(examination);
        List<String> problems = new ArrayList<>();
        Optional<CutPlan> cuts = tried(problems, () -> CutPlan.of(examination.cutList(), build));
        Optional<PlatePlan> sheets = tried(problems, () -> PlatePlan.of(plates, build.kerf(), build.shop()));
        WeldMap welds = WeldMap.of(examination);
        return new WorkshopPlan(
                cuts,
                String.join("; ", problems),
                plates,
                sheets,
                DrillPlan.of(examination),
                welds,
                HardwareTotals.of(examination),
                JigPlan.of(examination),
                BuildOrder.of(examination, welds));
    }

    /** Bars that do not do leave the plates as they are, and the other way round. */
    private static <T> Optional<T> tried(List<String> problems, Supplier<T> plan) {
        try {
            return Optional.of(plan.get());
        } catch (InvalidValue shortOfStock) {
            problems.add(shortOfStock.field() + " " + shortOfStock.problem());
            return Optional.empty();
        }
    }
}
