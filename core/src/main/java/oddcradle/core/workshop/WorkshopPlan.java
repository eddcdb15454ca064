package oddcradle.core.workshop;

import java.util.List;
import java.util.Optional;
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
        Optional<CutPlan> cuts = Optional.empty();
        Optional<PlatePlan> sheets = Optional.empty();
        String problem = "";
        List<PlatePart> plates = PlatePart.of(examination);
        try {
            cuts = Optional.of(CutPlan.of(examination.cutList(), build));
            sheets = Optional.of(PlatePlan.of(plates, build.kerf(), build.shop()));
        } catch (InvalidValue shortOfStock) {
            problem = shortOfStock.field() + " " + shortOfStock.problem();
        }
        WeldMap welds = WeldMap.of(examination);
        return new WorkshopPlan(
                cuts,
                problem,
                plates,
                sheets,
                DrillPlan.of(examination),
                welds,
                HardwareTotals.of(examination),
                JigPlan.of(examination),
                BuildOrder.of(examination, welds));
    }
}
