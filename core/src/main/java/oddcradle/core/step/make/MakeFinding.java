package oddcradle.core.step.make;

import oddcradle.core.finding.FindingCode;

/** What may be found of the parts to make. */
public enum MakeFinding implements FindingCode {
    BEND,
    CUT_THROUGH,
    READY,
    SHALLOW,
    SHORT,
    WIDER;

    @Override
    public String area() {
        return "make";
    }
}
