package oddcradle.core.cure;

import java.util.List;
import java.util.Map;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Severity;
import oddcradle.core.report.Cure;
import oddcradle.core.step.cradle.CradleFinding;
import oddcradle.core.step.donor.DonorFinding;
import oddcradle.core.step.fit.FitFinding;
import oddcradle.core.step.line.LineFinding;
import oddcradle.core.step.load.LoadFinding;
import oddcradle.core.step.measured.SurveyFinding;
import oddcradle.core.step.run.RunFinding;
import oddcradle.core.step.seat.SeatFinding;
import oddcradle.core.step.shake.ShakeFinding;

/**
 * What would mend a finding, by the kind of finding and what it is about. Every cure is tried on the job before it is offered,
 * so that applying it makes its own finding good; what it does to others shows when it is applied.
 */
public final class Cures {
    private interface Remedy {
        List<Cure> of(Examination examination, Finding finding);
    }

    private static final Map<Class<?>, Remedy> BY_KIND = Map.of(
            DonorFinding.class, DonorCures::of,
            SurveyFinding.class, SurveyCures::of,
            LineFinding.class, LineCures::of,
            SeatFinding.class, SeatCures::of,
            CradleFinding.class, CradleCures::of,
            ShakeFinding.class, ShakeCures::of,
            LoadFinding.class, LoadCures::of,
            FitFinding.class, FitCures::of,
            RunFinding.class, RunCures::of);

    private static final Remedy NONE = (examination, finding) -> List.of();

    private Cures() {}

    /** @return cures for one finding, the smallest change first; empty if it is good already or none is known */
    public static List<Cure> of(Examination examination, Finding finding) {
        return finding.severity().isWorseThan(Severity.NOT_CHECKED)
                ? BY_KIND.getOrDefault(finding.code().getClass(), NONE).of(examination, finding)
                : List.of();
    }
}
