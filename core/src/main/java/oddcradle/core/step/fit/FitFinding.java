package oddcradle.core.step.fit;

import oddcradle.core.finding.FindingCode;

/** What may be found of the fit. */
public enum FitFinding implements FindingCode {
    UNMEASURED,
    SOME_UNMEASURED,
    MIRRORED,
    WRONG_UNIT,
    BOLTS,
    ALONG,
    FORCED,
    PULLED,
    SHAFTS,
    DIAL,
    SOFT_FOOT,
    RUN_OUT,
    BACK_LASH,
    THRUST,
    MOVES,
    PANEL;

    @Override
    public String area() {
        return "fit";
    }
}
