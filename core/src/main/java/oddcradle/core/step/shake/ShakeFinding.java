package oddcradle.core.step.shake;

import oddcradle.core.finding.FindingCode;

/** What may be found of the mounts as springs. */
public enum ShakeFinding implements FindingCode {
    COLD,
    CRUISE,
    CRUISE_FORCE,
    HARD,
    IDLE,
    IDLE_FORCE,
    PROPELLER,
    STRAIN,
    TAKEN,
    TWO_STAGES;

    @Override
    public String area() {
        return "shake";
    }
}
