package oddcradle.core.cure;

import java.util.List;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Subject;
import oddcradle.core.job.Job;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.job.edit.PackEdit;
import oddcradle.core.mechanics.MassProperties;
import oddcradle.core.report.Cure;
import oddcradle.core.step.donor.DonorFinding;
import oddcradle.core.weigh.CombinedMass;

/** What would mend a finding of the donor. */
final class DonorCures {
    private DonorCures() {}

    static List<Cure> of(Examination examination, Finding finding) {
        return switch ((DonorFinding) finding.code()) {
            case WEIGHED, WEIGHED_CG -> weighedMass(examination.job(), examination.weighed());
            case UNIT_LINE ->
                List.of(Cure.of(new PackEdit.Straighten(
                        finding.where().first(Subject.Kind.UNIT).orElseThrow())));
            case UNIT_MASS -> List.of(Cure.of(new PackEdit.TakeUnitsMass()));
            default -> List.of();
        };
    }

    /** What was weighed; where only the mass is known, the rest is kept in proportion. */
    private static List<Cure> weighedMass(Job job, CombinedMass weighed) {
        MassProperties now = job.donor().mass();
        double mass = weighed.mass().map(CombinedMass.Measured::value).orElse(now.mass());
        MassProperties then = new MassProperties(
                mass,
                weighed.cg().orElse(now.cg()),
                weighed.inertia().orElse(now.inertia().times(mass / now.mass())));
        return List.of(Cure.of(new JobEdit.SetMass(then)));
    }
}
