package oddcradle.core.vibration;

import oddcradle.core.finding.FindingCode;

/** Why the modes have no answer. */
public enum VibrationFinding implements FindingCode {
    FREE_MOTION;

    @Override
    public String area() {
        return "shake";
    }
}
