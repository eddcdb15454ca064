package oddcradle.core.fitup;

import java.util.Optional;
import oddcradle.core.control.Progress;
import oddcradle.core.examine.Examination;
import oddcradle.core.odds.BoltUpChance;
import oddcradle.core.search.OddsOfFit;

/**
 * All that is told of the mount as it came out.
 *
 * @param plan the least work that makes it fit
 * @param again the machine as it came out beside what was planned; empty where nothing is measured
 * @param nextTry the chances that the engine goes on as the mount is now; empty where that cannot be told
 * @param learnt what this shop's welds pull
 * @param order how the engine goes on
 * @param tipOver whether the machine stands meanwhile; empty where that cannot be told
 * @param signOff what is looked at before it runs
 * @param log how often it went in
 */
public record FitUp(
        FitPlan plan,
        Optional<Again> again,
        Optional<BoltUpChance.Result> nextTry,
        PullLearnt learnt,
        FittingOrder order,
        Optional<TipOver> tipOver,
        SignOff signOff,
        FitLog log) {
    /** So that a chance is told to some two parts in a hundred. */
    private static final int DRAWS = 2_000;

    /** @throws Progress.Cancelled if the watcher ends it */
    public static FitUp of(Examination examination, Progress progress) {
        return new FitUp(
                FitPlan.of(examination, progress),
                Again.of(examination),
                OddsOfFit.nextTry(examination, DRAWS, Progress.UNWATCHED),
                PullLearnt.of(examination),
                FittingOrder.of(examination),
                TipOver.of(examination),
                SignOff.of(examination.job()),
                FitLog.of(examination.job().asBuilt()));
    }
}
