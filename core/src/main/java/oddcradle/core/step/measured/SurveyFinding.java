package oddcradle.core.step.measured;

import oddcradle.core.finding.FindingCode;

/** What may be found of readings. */
public enum SurveyFinding implements FindingCode {
    AGREEMENT,
    CHECKED,
    MOVED,
    PATTERN,
    SLIP,
    UNCHECKED,
    UNFIXED,
    UNSETTLED;

    @Override
    public String area() {
        return "survey";
    }
}
