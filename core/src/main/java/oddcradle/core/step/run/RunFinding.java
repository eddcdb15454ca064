package oddcradle.core.step.run;

import oddcradle.core.finding.FindingCode;

/** What there is to say of running. */
public enum RunFinding implements FindingCode {
    FIRST_START,
    RECHECK;

    @Override
    public String area() {
        return "run";
    }
}
