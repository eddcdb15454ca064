package oddcradle.core.step.load;

import oddcradle.core.finding.FindingCode;

/** What may be found of the loaded frame. */
public enum LoadFinding implements FindingCode {
    MOVEMENT,
    STRESS;

    @Override
    public String area() {
        return "load";
    }
}
