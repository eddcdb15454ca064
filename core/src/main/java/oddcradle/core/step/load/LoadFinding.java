package oddcradle.core.step.load;

import oddcradle.core.finding.FindingCode;

/** What may be found of the loaded frame. */
public enum LoadFinding implements FindingCode {
    AFLOAT,
    COLUMN,
    JOINT,
    LIFE,
    LOST,
    MEETS_NOTHING,
    MIXED_SETS,
    MOVEMENT,
    NO_CASES,
    NO_ULTIMATE,
    SNUBBER,
    STRESS,
    SWAY,
    WALL_NOT_CHECKED,
    WRONG_SET;

    @Override
    public String area() {
        return "load";
    }
}
