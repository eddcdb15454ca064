package oddcradle.core.step.fit;

import java.util.List;
import java.util.Map;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Step;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.math.Vec3;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.report.StepReport;
import oddcradle.core.units.Quantity;

/** What to hold a tape to when it is built. */
public final class FitReport {
    private FitReport() {}

    /** Planned boss positions: what a tape must read once the cradle is tacked. */
    /** Everything that decides the report. */
    public record Input(List<Boss> bosses, Map<String, Vec3> places) {}

    /** @param input the bosses, and where they are planned, host axes, m */
    public static StepReport of(Input input) {
        ReportBuilder report = new ReportBuilder(Step.FIT);
        Why planned = new Why("R b + t of the seat", List.of(), Source.derived("pose of the donor"));
        List<Boss> bosses = input.bosses();
        for (Boss boss : bosses) {
            Vec3 at = input.places().get(boss.id());
            report.figure(boss.id() + " forward of datum", Quantity.length(at.x()), planned);
            report.figure(boss.id() + " left of datum", Quantity.length(at.y()), planned);
            report.figure(boss.id() + " above datum", Quantity.length(at.z()), planned);
        }
        for (int k = 0; k < bosses.size(); k++) {
            for (int j = k + 1; j < bosses.size(); j++) {
                report.figure(
                        bosses.get(k).id() + " to " + bosses.get(j).id(),
                        Quantity.length(bosses.get(k)
                                .position()
                                .distanceTo(bosses.get(j).position())),
                        new Why("|b1 - b2|, centre to centre", List.of(), Source.derived("boss positions")));
            }
        }
        report.say(
                FitFinding.UNMEASURED,
                Severity.NOT_CHECKED,
                Phrase.of("nothing is measured as built; with all tubes tacked, hold a tape to these distances"),
                Place.of(Subject.DONOR),
                new Why("weld pull moves tacked tubes; measure before and after", List.of(), Source.commonPractice()));
        return report.report();
    }
}
