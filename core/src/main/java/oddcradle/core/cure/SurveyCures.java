package oddcradle.core.cure;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Subject;
import oddcradle.core.job.edit.Side;
import oddcradle.core.job.edit.SurveyEdit;
import oddcradle.core.report.Cure;
import oddcradle.core.step.measured.SurveyFinding;

/** What would mend a finding of the readings of donor or host. */
final class SurveyCures {
    private SurveyCures() {}

    static List<Cure> of(Examination examination, Finding finding) {
        return switch ((SurveyFinding) finding.code()) {
            case SLIP -> mendedReading(examination, finding);
            case MOVED -> List.of(Cure.of(new SurveyEdit.TakeSurvey(side(finding))));
            default -> List.of();
        };
    }

    private static Side side(Finding finding) {
        return switch (finding.step()) {
            case DONOR -> Side.DONOR;
            case FIT -> Side.MOUNT;
            default -> Side.HOST;
        };
    }

    /** What was probably meant; and always the tape once more. */
    private static List<Cure> mendedReading(Examination examination, Finding finding) {
        String reading = finding.where().first(Subject.Kind.READING).orElseThrow();
        List<Cure> cures = new ArrayList<>();
        examination.survey(side(finding)).suspects().stream()
                .filter(suspect -> suspect.reading().id().equals(reading))
                .flatMap(suspect -> suspect.cures().stream().limit(1))
                .forEach(slip -> cures.add(Cure.of(new SurveyEdit.SetReading(side(finding), slip.mended()))));
        cures.add(Cure.of(new SurveyEdit.DropReading(side(finding), reading)));
        return cures;
    }
}
