package oddcradle.core.step.fit;

import oddcradle.core.finding.FindingCode;

/** What may be found of the fit. */
public enum FitFinding implements FindingCode {
    UNMEASURED;

    @Override
    public String area() {
        return "fit";
    }
}
